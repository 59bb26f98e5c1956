package yellowtally.server.visit;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import yellowtally.core.bar.BarFlip;
import yellowtally.core.bar.Bluing;
import yellowtally.core.bar.NoseGrease;
import yellowtally.core.drive.Pairing;
import yellowtally.core.edge.EdgeLife;
import yellowtally.core.edge.GaugeTarget;
import yellowtally.core.engine.EngineSetting;
import yellowtally.core.engine.FuelMix;
import yellowtally.core.fitness.BluingSuspects;
import yellowtally.core.holds.Need;
import yellowtally.core.schedule.Task;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepGroup;
import yellowtally.core.steps.StepKind;
import yellowtally.core.visit.PlannedStep;
import yellowtally.core.visit.RideAlong;
import yellowtally.core.visit.VisitStep;
import yellowtally.core.visit.VisitStory;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.StillNeeded;
import yellowtally.core.waiting.Waiting;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.people.People;
import yellowtally.server.standing.FittedSaw;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.Refusal;
import yellowtally.server.usage.Outing;
import yellowtally.server.usage.Outings;
import yellowtally.server.usage.Use;
import yellowtally.server.worklog.BenchTimes;
import yellowtally.server.worklog.Visit;
import yellowtally.server.worklog.VisitBook;
import yellowtally.server.worklog.VisitTook;
import yellowtally.server.worklog.WorkOutcome;
import yellowtally.server.worklog.WorkRecord;
import yellowtally.server.worklog.Worklog;

/** All that the bench screen shows of one visit. */
@Service
class VisitPages {

    private final VisitBook visits;
    private final Fleet fleet;
    private final People people;
    private final Standings standings;
    private final Worklog worklog;
    private final Outings outings;
    private final BenchTimes bench;

    VisitPages(
            VisitBook visits,
            Fleet fleet,
            People people,
            Standings standings,
            Worklog worklog,
            Outings outings,
            BenchTimes bench) {
        this.visits = visits;
        this.fleet = fleet;
        this.people = people;
        this.standings = standings;
        this.worklog = worklog;
        this.outings = outings;
        this.bench = bench;
    }

    /**
     * A visit.
     *
     * @param minutesDone minutes of the steps that are done
     * @param minutes minutes of the whole visit, opening and closing included (est.)
     * @param others who else has it open just now
     * @param complaint what the crew said when the saw last came back; absent when nothing
     * @param state what the rules make of the saw as it lies here
     * @param needs what is missing until it may go out, in the order of the hands
     * @param mayRelease whether every hold is cleared, so that an officer may lift them
     * @param ended absent while it is open
     * @param struck absent while it counts
     */
    record VisitPage(
            UUID id,
            String tag,
            Instant startedAt,
            String startedBy,
            SawLine saw,
            List<StepView> steps,
            double minutesDone,
            double minutes,
            List<RideAlong> rideAlongs,
            List<String> others,
            @Nullable String complaint,
            FitState state,
            List<Waiting> work,
            List<Need> needs,
            boolean mayRelease,
            Hints hints,
            @Nullable Ended ended,
            @Nullable StruckVisit struck) {}

    /** Who struck the whole visit out, and the one in its place where it was moved to another saw. */
    record StruckVisit(
            String by, Instant at, String reason, @Nullable UUID instead) {}

    /**
     * What the records know beforehand of what the hand will meet.
     *
     * @param nose missed shots of grease; absent where the nose gets none
     * @param bluing what would most likely have blued the bar, strongest first
     * @param flip which way up the bar lies, and whether it is to be turned over; absent without a bar
     * @param gaugeTargetMm depth-gauge setting to aim at; absent without a chain
     * @param dressingMm groove depth that a dressing costs
     * @param pairing what speaks against running this loop on this sprocket
     */
    record Hints(
            @Nullable NoseGrease nose,
            List<Bluing.BluedBy> bluing,
            @Nullable BarFlip flip,
            @Nullable Double gaugeTargetMm,
            double dressingMm,
            Set<Pairing.PairingNote> pairing,
            @Nullable EdgeLife edge) {}

    /** What the head of the screen says of the saw. */
    record SawLine(
            SawProfile profile,
            String make,
            String model,
            @Nullable Double barLengthMm,
            @Nullable Double gaugeMm,
            @Nullable Integer driveLinks,
            @Nullable String chain,
            @Nullable String bar,
            @Nullable String sprocket,
            @Nullable Mix mix,
            @Nullable Double adjusterTravelLeftPercent) {}

    /** The oil for a can of fuel. */
    record Mix(int ratio, double fuelMl, double oilMl) {}

    /** How it ended, and what it took. */
    record Ended(
            Instant at,
            String by,
            FitState decision,
            @Nullable String leftOpenReason,
            VisitTook took) {}

    /**
     * A step.
     *
     * @param optional may be left without a reason
     * @param findings what can be found here on this saw, measured ones left out
     * @param record how it stands; absent while open
     */
    record StepView(
            Step step,
            StepGroup group,
            StepKind kind,
            PlannedStep.Why why,
            @Nullable Task task,
            @Nullable Finding finding,
            boolean optional,
            List<StepChoices.FindingView> findings,
            List<StepChoices.MeasureView> measures,
            @Nullable RecordView record) {}

    /** What was recorded. */
    record RecordView(
            UUID id,
            Instant at,
            String by,
            WorkOutcome outcome,
            Set<Finding> findings,
            Map<Measure, Double> figures,
            @Nullable String note) {}

    @Transactional(readOnly = true)
    VisitPage of(UUID visitId, List<UUID> others) {
        Visit visit = visits.find(visitId).orElseThrow(() -> Refusal.gone("visit.unknown"));
        String tag = fleet.tag(visit.sawId());
        Standing standing = standings.of(fleet.saw(tag));
        Map<UUID, String> names = people.names();
        VisitStory story = visits.story(visitId);
        Map<UUID, WorkRecord> records = new HashMap<>();
        worklog.ofVisit(visitId).forEach(record -> records.put(record.id(), record));
        List<StepView> views = story.steps().stream()
                .map(step -> view(step, records, standing.profile(), names))
                .toList();
        return new VisitPage(
                visit.id(),
                tag,
                visit.startedAt(),
                names.getOrDefault(visit.startedBy(), ""),
                line(standing),
                views,
                story.minutesDone(standing.numbers()),
                story.bill(standing.numbers()).totalMinutes(),
                standing.plan().rideAlongs(),
                others.stream().map(id -> names.getOrDefault(id, "")).toList(),
                complaint(visit.sawId()),
                standing.account().state(),
                standing.account().work(),
                StillNeeded.of(standing.account().work()),
                standing.account().holds().mayRelease(),
                hints(standing),
                ended(visit, standing, names),
                struck(visit, names));
    }

    private @Nullable StruckVisit struck(Visit visit, Map<UUID, String> names) {
        return visit.struckAt() == null || visit.struckBy() == null || visit.struckReason() == null
                ? null
                : new StruckVisit(
                        names.getOrDefault(visit.struckBy(), ""),
                        visit.struckAt(),
                        visit.struckReason(),
                        visits.insteadOf(visit.id()).orElse(null));
    }

    private static Hints hints(Standing standing) {
        SawProfile saw = standing.profile();
        NoseGrease nose = standing.account().tasks().stream()
                .filter(due -> due.task() == Task.NOSE_GREASE)
                .map(due -> NoseGrease.of((int) Math.round(due.binding().raw()), standing.numbers()))
                .findFirst()
                .orElse(null);
        return new Hints(
                nose,
                BluingSuspects.of(standing.account()),
                standing.wear().flip(),
                saw.pitch() == null || saw.cutters() == null
                        ? null
                        : GaugeTarget.of(
                                saw.pitch(), saw.schools(), saw.cutters().wearMm(), standing.numbers()),
                standing.wear().dressing().mm(),
                standing.wear().pairing(),
                standing.wear().edge());
    }

    private @Nullable String complaint(UUID sawId) {
        return outings.findFirstBySawIdAndBackAtNotNullAndStruckAtNullOrderByBackAtDesc(sawId)
                .map(Outing::use)
                .map(Use::complaint)
                .orElse(null);
    }

    private static StepView view(
            VisitStep step, Map<UUID, WorkRecord> records, SawProfile saw, Map<UUID, String> names) {
        WorkRecord record = step.record() == null ? null : records.get((UUID) step.record());
        return new StepView(
                step.step(),
                step.step().group(),
                step.step().kind(),
                step.planned().why(),
                step.planned().task(),
                step.planned().finding(),
                step.optional(),
                StepChoices.findings(step.step(), saw),
                StepChoices.measures(step.step(), saw),
                record == null
                        ? null
                        : new RecordView(
                                record.id(),
                                record.at(),
                                names.getOrDefault(record.personId(), ""),
                                record.outcome(),
                                record.findings(),
                                record.figures(),
                                record.note()));
    }

    private static SawLine line(Standing standing) {
        FittedSaw fitted = standing.fitted();
        var growth = standing.tension().growth();
        return new SawLine(
                standing.profile(),
                fitted.saw().details().model().make(),
                fitted.saw().details().model().name(),
                fitted.bar() == null ? null : fitted.bar().spec().lengthMm(),
                fitted.bar() == null ? null : fitted.bar().spec().gauge().mm(),
                fitted.chain() == null ? null : fitted.chain().spec().spec().driveLinks(),
                fitted.chain() == null ? null : fitted.chain().tag(),
                fitted.bar() == null ? null : fitted.bar().tag(),
                fitted.sprocket() == null ? null : fitted.sprocket().tag(),
                mix(fitted.saw().details().fuelRatio(), standing.numbers()),
                growth == null ? null : growth.travelLeftPercent());
    }

    private static @Nullable Mix mix(@Nullable Integer ratio, Numbers numbers) {
        double can = numbers.of(EngineSetting.CAN);
        return ratio == null ? null : new Mix(ratio, can, FuelMix.oilMl(can, ratio));
    }

    private @Nullable Ended ended(Visit visit, Standing standing, Map<UUID, String> names) {
        return visit.endedAt() == null || visit.decision() == null || visit.endedBy() == null
                ? null
                : new Ended(
                        visit.endedAt(),
                        names.getOrDefault(visit.endedBy(), ""),
                        visit.decision(),
                        visit.leftOpenReason(),
                        VisitTook.of(bench.of(visit).times(standing.numbers())));
    }
}
