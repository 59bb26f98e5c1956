package yellowtally.server.demo;

import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.log.Told;
import yellowtally.core.schedule.Condition;
import yellowtally.core.schedule.DueEvent;
import yellowtally.core.schedule.ScheduleLedger;
import yellowtally.core.schedule.Seasons;
import yellowtally.core.schedule.TaskDue;
import yellowtally.core.schedule.UseEntry;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.OilerKind;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepKind;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;
import yellowtally.core.visit.PlannedStep;
import yellowtally.core.visit.VisitPlan;
import yellowtally.core.waiting.FitState;
import yellowtally.server.fleet.FittedSet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.sharpening.SharpeningSeed;
import yellowtally.server.worklog.SawHold;
import yellowtally.server.worklog.VisitSeed;
import yellowtally.server.worklog.WorkOutcome;
import yellowtally.server.worklog.WorkRecord;
import yellowtally.server.worklog.Worklog;

/** The bench work of one demo saw: at each service all that the rules say is due, written down as the application would. */
final class DemoBench {

    private static final String MAPPED = "06";
    private static final Duration AT_ONCE = Duration.ofSeconds(20);
    private static final Set<Subject> ALL = EnumSet.allOf(Subject.class);

    private final EntityManager records;
    private final Saw saw;
    private final SawProfile profile;
    private final ZoneId zone;
    private final List<UUID> officers;
    private final Random random;
    private final List<UseEntry> uses = new ArrayList<>();
    private final List<StepEntry> done = new ArrayList<>();
    private final DemoWear wear;
    private final DemoHands hands;
    private FittedSet set;
    private double tanks;
    private double tanksSharpened;

    DemoBench(EntityManager records, Saw saw, SawProfile profile, FittedSet set, ZoneId zone, List<UUID> officers) {
        this.records = records;
        this.saw = saw;
        this.profile = profile;
        this.set = set;
        this.zone = zone;
        this.officers = officers;
        this.random = new Random(saw.tag().hashCode() * 17L);
        this.hands = new DemoHands(saw.tag());
        this.wear = new DemoWear(
                saw.tag(),
                profile.cutters() == null ? 9.5 : profile.cutters().newMm(),
                profile.tangMm() == null ? 6 : profile.tangMm());
    }

    /** Another set from now on. */
    void refitted(FittedSet next) {
        set = next;
        wear.newLoop();
    }

    /** Notes an outing. */
    void used(Instant out, Instant back, double tanksBurned, Set<Condition> conditions, Set<DueEvent> events) {
        tanks += tanksBurned;
        uses.add(new UseEntry(back, day(out), day(back), tanksBurned, conditions, events, null, ALL));
    }

    /** Some steps outside a visit, all of them fine. */
    void did(Instant at, Step... steps) {
        record(List.of(steps), at, null);
    }

    /** Everything there is, as before a saw goes out for the first time. */
    void serveAll(Instant at) {
        record(List.of(Step.values()), at, null);
    }

    /**
     * A visit that does all that is due and what rides along, begun and ended, each step written down when it was done.
     *
     * @param over when it should be over
     * @param from before which it does not begin
     * @return when it was over; {@code null} where the set was not apart for it
     */
    @Nullable
    Instant serve(Instant over, Instant from) {
        VisitPlan plan = plan(over);
        List<Duration> taken = hands.take(did(plan.steps()));
        Instant begun = over.minus(taken.stream().reduce(Duration.ZERO, Duration::plus));
        return served(begun.isBefore(from) ? from : begun, FitState.FIT, plan, taken);
    }

    /** The same, ended as it then stood, and written down in one go. */
    void serveAtOnce(Instant at, FitState decision) {
        VisitPlan plan = plan(at);
        served(at, decision, plan, Collections.nCopies(did(plan.steps()).size(), AT_ONCE));
    }

    private @Nullable Instant served(Instant at, FitState decision, VisitPlan plan, List<Duration> taken) {
        UUID visit = UUID.randomUUID();
        List<Step> steps = did(plan.steps());
        Instant over = at.plus(taken.stream().reduce(Duration.ofSeconds(60), Duration::plus));
        VisitSeed.ended(records, visit, saw.id(), at, over, officers.get(0), decision, plan.steps());
        record(steps, taken, at, visit);
        return steps.stream().anyMatch(Step::takesApart) ? over : null;
    }

    private List<Step> did(List<PlannedStep> planned) {
        return planned.stream().map(PlannedStep::step).filter(this::written).toList();
    }

    /** What stands in the records of the demo. */
    private boolean written(Step step) {
        return step.appliesTo(profile)
                && step != Step.TENSION
                && step.replaces() == null
                && step.kind() != StepKind.REPAIR
                && step != Step.BLUING_CAUSE;
    }

    /** What a visit begun at a moment would do. */
    VisitPlan plan(Instant at) {
        List<TaskDue> tasks = new ScheduleLedger(
                        profile, day(at).minusDays(400), uses, SawLog.of(done), List.of(), null)
                .assess(day(at), Seasons.STANDARD, Numbers.STANDARD);
        return VisitPlan.of(profile, tasks, List.of(), Numbers.STANDARD);
    }

    /** Sharpened without a caliper, one side more than the other. */
    void filed(Instant at, int left, int right, String note) {
        add(
                Step.SHARPEN,
                at,
                null,
                StepOutcome.ATTEND,
                Set.of(Finding.FOUND_DULL, Finding.STROKES_UNEQUAL),
                Map.of(Measure.STROKES_LEFT, (double) left, Measure.STROKES_RIGHT, (double) right),
                note);
    }

    /** Records steps as fine, in one go. */
    void record(List<Step> steps, Instant at, @Nullable UUID visit) {
        List<Step> did = steps.stream().filter(this::written).toList();
        record(did, Collections.nCopies(did.size(), AT_ONCE), at, visit);
    }

    /**
     * Records steps as fine, each when the hands are done with it.
     *
     * @return when the last was
     */
    Instant recordByHand(List<Step> steps, Instant at, UUID visit) {
        List<Step> did = steps.stream().filter(this::written).toList();
        return record(did, hands.take(did), at, visit);
    }

    private Instant record(List<Step> steps, List<Duration> taken, Instant at, @Nullable UUID visit) {
        Instant when = at;
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            when = when.plus(taken.get(i));
            WorkRecord record = add(
                    step,
                    when,
                    visit,
                    StepOutcome.FINE,
                    step == Step.REFIT && steps.contains(Step.SHARPEN) ? Set.of(Finding.BAR_TURNED_OVER) : Set.of(),
                    figures(step),
                    null);
            mapped(record);
        }
        return when;
    }

    /** Records one step as fine. */
    WorkRecord record(Step step, Instant at) {
        return add(step, at, null, StepOutcome.FINE, Set.of(), figures(step), null);
    }

    SawProfile profile() {
        return profile;
    }

    /** Records a step with what it found; a failure holds the saw. */
    WorkRecord found(Step step, Instant at, @Nullable UUID visit, StepOutcome outcome, Finding finding, String note) {
        WorkRecord record = add(step, at, visit, outcome, Set.of(finding), Map.of(), note);
        if (outcome == StepOutcome.FAIL) {
            records.persist(SawHold.of(UUID.randomUUID(), record, Set.of(finding)));
        }
        return record;
    }

    /** The step beside a tension check, under the same id. */
    void tension(UUID id, Instant at, WorkOutcome outcome, UUID person, @Nullable String note) {
        WorkRecord record = new WorkRecord(head(id, Step.TENSION, at, null, person), outcome, note, null);
        records.persist(record);
        if (outcome == WorkOutcome.FINE) {
            done.add(new StepEntry(record.seq(), Step.TENSION, at, day(at), StepOutcome.FINE, Set.of(), null, ALL));
        }
        if (outcome == WorkOutcome.FAIL) {
            records.persist(SawHold.of(UUID.randomUUID(), record, Set.of()));
        }
    }

    /** What the notebook that came with the saw tells of it, written down on the day it came. */
    void told(Step step, Instant at, Instant cameAt, @Nullable Double since, Map<Measure, Double> figures) {
        UUID person = officers.get(0);
        WorkRecord.Head head = new WorkRecord.Head(
                UUID.randomUUID(), saw.id(), null, step, at, cameAt, person, DemoFleet.DEVICE, Worklog.parts(set));
        records.persist(new WorkRecord(head, WorkOutcome.FINE, null, null)
                .with(Set.of(), figures)
                .told(new Told(day(cameAt), since)));
    }

    private WorkRecord add(
            Step step,
            Instant at,
            @Nullable UUID visit,
            StepOutcome outcome,
            Set<Finding> findings,
            Map<Measure, Double> figures,
            @Nullable String note) {
        UUID person = officers.get(random.nextInt(officers.size()));
        WorkRecord record = new WorkRecord(
                        head(UUID.randomUUID(), step, at, visit, person), WorkOutcome.of(outcome), note, null)
                .with(findings, figures);
        records.persist(record);
        done.add(new StepEntry(record.seq(), step, at, day(at), outcome, findings, visit, ALL));
        return record;
    }

    private WorkRecord.Head head(UUID id, Step step, Instant at, @Nullable UUID visit, UUID person) {
        return new WorkRecord.Head(id, saw.id(), visit, step, at, at, person, DemoFleet.DEVICE, Worklog.parts(set));
    }

    /** One loop of the fleet is mapped at every sharpening, so that its file is known. */
    private void mapped(WorkRecord record) {
        Double longest = record.figures().get(Measure.LEFT_LONGEST);
        if (record.step() == Step.SHARPEN && MAPPED.equals(saw.tag()) && set.chain() != null && longest != null) {
            SharpeningSeed.add(
                    records,
                    new SharpeningSeed.Mapped(
                            saw.id(),
                            set.chain().id(),
                            record.id(),
                            record.personId(),
                            record.at(),
                            set.chain().cutters(),
                            longest,
                            0.05 + 0.004 * random.nextInt(3)));
        }
    }

    /** Figures that wear with use, well inside their limits. */
    private Map<Measure, Double> figures(Step step) {
        return switch (step) {
            case SHARPEN -> {
                double since = tanks - tanksSharpened;
                tanksSharpened = tanks;
                yield wear.sharpen(since);
            }
            case GROOVE -> Map.of(Measure.GROOVE_DEPTH, wear.groove());
            case RAILS -> Map.of(Measure.RAIL_DIFFERENCE, 0.05 * random.nextInt(4));
            case DEPTH_GAUGES -> Map.of(Measure.GAUGE_SETTING, 0.65);
            case SPROCKET -> Map.of(Measure.SPROCKET_WEAR, wear.sprocket(tanks));
            case CHAIN_LOOK -> Map.of(Measure.SHORTEST_CUTTER, wear.cutter());
            case DRESS_RAILS -> {
                wear.dress();
                yield Map.of();
            }
            case NOSE_GREASE -> Map.of(Measure.GREASE_PUMPS, 2.0);
            case OIL_CARD -> card();
            default -> Map.of();
        };
    }

    /** The hand that turned an oiler, or counted the presses of a bulb. */
    private Map<Measure, Double> card() {
        if (profile.oiler() == OilerKind.HAND_BULB) {
            return Map.of(Measure.BULB_PRESSES, 4.0 + random.nextInt(3));
        }
        boolean turned = "11".equals(saw.tag()) && uses.size() % 4 == 1;
        return turned ? Map.of(Measure.OILER_TURNS, 0.25) : Map.of();
    }

    private LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, zone);
    }
}
