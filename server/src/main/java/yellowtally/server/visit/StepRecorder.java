package yellowtally.server.visit;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.judging.GaugeRule;
import yellowtally.core.judging.StepJudge;
import yellowtally.core.judging.StepVerdict;
import yellowtally.core.log.Figures;
import yellowtally.core.measure.Rounding;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.steps.FigureKind;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepGroup;
import yellowtally.core.steps.StepKind;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.StepRefusal;
import yellowtally.core.steps.StepReport;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.Acting;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.stores.Stock;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Said;
import yellowtally.server.support.Violations;
import yellowtally.server.usage.Outings;
import yellowtally.server.worklog.Visit;
import yellowtally.server.worklog.WorkOutcome;
import yellowtally.server.worklog.WorkRecord;
import yellowtally.server.worklog.Worklog;

/** Judges and records single steps, in a visit or outside one. Runs within the caller's transaction. */
@Service
public class StepRecorder {

    private static final String OUT_THERE = "Done out with the crew. ";
    private static final int MOST_NOTE = 500;

    private final Fleet fleet;
    private final FleetSettings settings;
    private final People people;
    private final Standings standings;
    private final Outings outings;
    private final Worklog worklog;
    private final VisitGate gate;
    private final Visits visits;
    private final PartSwap swap;
    private final Stock stock;
    private final KnowsFiling filing;
    private final List<SeesFindings> followedUp;
    private final Clock clock;

    StepRecorder(
            Fleet fleet,
            FleetSettings settings,
            People people,
            Standings standings,
            Outings outings,
            Worklog worklog,
            VisitGate gate,
            Visits visits,
            PartSwap swap,
            Stock stock,
            KnowsFiling filing,
            List<SeesFindings> followedUp,
            Clock clock) {
        this.fleet = fleet;
        this.settings = settings;
        this.people = people;
        this.standings = standings;
        this.outings = outings;
        this.worklog = worklog;
        this.gate = gate;
        this.visits = visits;
        this.swap = swap;
        this.stock = stock;
        this.filing = filing;
        this.followedUp = followedUp;
        this.clock = clock;
    }

    /** What a report would mean, and what of it cannot be believed yet; {@code verdict} is absent while something is wrong with it. */
    record Judged(StepReport report, @Nullable StepVerdict verdict, List<Figures.Doubt> doubts, Violations wrong) {}

    /** Judges without recording. */
    Judged judge(String tag, Step step, StepInput input, boolean noted) {
        Violations wrong = new Violations();
        StepReport report = input.report(settings.lengthUnit(), wrong);
        return judge(standings.of(fleet.sawInService(tag)), step, report, clock.instant(), noted, wrong);
    }

    private Judged judge(Standing standing, Step step, StepReport report, Instant at, boolean noted, Violations wrong) {
        StepJudge judge = judge(standing, step);
        if (!wrong.found()) {
            judge.refusal(step, report, noted).ifPresent(refusal -> add(refusal, wrong));
        }
        return new Judged(
                GaugeRule.complete(report),
                wrong.found() ? null : judge.verdict(step, report),
                standing.parts().figures().doubts(report.figures(), at),
                wrong);
    }

    /** Only where strokes are counted it matters what one takes off. */
    private StepJudge judge(Standing standing, Step step) {
        return step.group() == StepGroup.EDGE
                ? new StepJudge(standing.profile(), standing.numbers(), filing.removalMm(standing))
                : new StepJudge(standing.profile(), standing.numbers());
    }

    private static void add(StepRefusal refusal, Violations wrong) {
        String code = "step." + refusal.reason();
        if (refusal.measure() == null) {
            wrong.add("findings", code);
        } else {
            Measure measure = refusal.measure();
            wrong.add(
                    "figures." + measure,
                    code,
                    said(measure, measure.min(), Rounding.UP),
                    said(measure, measure.max(), Rounding.DOWN));
        }
    }

    private static Object said(Measure measure, double figure, Rounding rounding) {
        return measure.kind() == FigureKind.LENGTH ? new Said.Length(figure, rounding) : Double.valueOf(figure);
    }

    /** Judges and records a step; refused when somebody else has recorded it meanwhile. */
    public void save(String tag, NewRecord given) {
        Violations wrong = new Violations();
        StepReport report = given.input().report(settings.lengthUnit(), wrong);
        Saw saw = fleet.sawInService(tag);
        Visit visit = gate.openVisit(given.visitId(), saw);
        if (visit != null) {
            visits.refuseStale(visit, given);
        }
        record(saw, visit, given.read(report, people.acting().id()), wrong);
    }

    /** Judges and records a step, over whatever stands there: it was worked on elsewhere all the time. */
    public void saveOver(String tag, StepDone done) {
        Saw saw = fleet.sawInService(tag);
        record(saw, gate.openVisit(done.visitId(), saw), done, new Violations());
    }

    /** Records a step once more on the saw that it was done on in truth, in a visit of it that may have ended long ago. */
    public void repeat(Saw saw, Visit visit, StepDone done) {
        record(saw, visit, done, new Violations());
    }

    /** Records in one go, so that all that is wrong is told at once; {@code figures} are those that could not be read. */
    private void record(Saw saw, @Nullable Visit visit, StepDone given, Violations figures) {
        Person person = people.require(given.personId());
        if (given.step().kind() == StepKind.TENSION) {
            throw Refusal.unfit("step", "step.tension");
        }
        Instant now = clock.instant();
        Violations wrong = new Violations();
        Instant at = at(given, now, saw, wrong);
        boolean wasOut = given.step().ofTheSet() && outings.wasOut(saw.id(), given.id(), at, at);
        if (wasOut && !given.outThere()) {
            wrong.add("outThere", "record.outThere", saw.tag());
        }
        String typed = wrong.optionalText("note", given.note(), MOST_NOTE - (wasOut ? OUT_THERE.length() : 0));
        String note = wasOut ? OUT_THERE + (typed == null ? "" : typed) : typed;
        Standing standing = standings.of(saw);
        Judged judged = judge(standing, given.step(), given.report(), at, typed != null, figures);
        wrong.takeOver(judged.wrong());
        wrong.refuseIfAny();
        StepVerdict verdict = Objects.requireNonNull(judged.verdict());
        UUID replaced = given.step().kind() == StepKind.REPLACE && verdict.outcome() != StepOutcome.FAIL
                ? swap.swap(saw, given, person)
                : null;
        WorkRecord record = new WorkRecord(
                        new WorkRecord.Head(
                                given.id(),
                                saw.id(),
                                visit == null ? null : visit.id(),
                                given.step(),
                                at,
                                now,
                                person.id(),
                                Acting.deviceNow(),
                                Worklog.parts(given.step().replaces() == null ? fleet.setAt(saw, at) : fleet.set(saw))),
                        WorkOutcome.of(verdict.outcome()),
                        note,
                        replaced)
                .with(verdict.findings(), judged.report().figures());
        worklog.add(record, failed(verdict));
        followedUp.forEach(sees -> sees.found(saw, Set.copyOf(verdict.findings()), given));
        if (given.takes() != null && !given.takes().isEmpty()) {
            worklog.flush();
            stock.take(given.takes(), new Stock.ForWork(given.step(), saw.id(), record.id(), person.id()));
        }
        if (visit != null) {
            visits.opened(visit, standing.profile(), verdict, record);
        }
    }

    /** What must not go out, in this season or in another. */
    private static Set<Finding> failed(StepVerdict verdict) {
        Set<Finding> failed = EnumSet.noneOf(Finding.class);
        verdict.findings().stream().filter(Finding::mayFail).forEach(failed::add);
        return failed;
    }

    private Instant at(StepDone given, Instant now, Saw saw, Violations wrong) {
        Instant at = given.at() == null ? now : given.at();
        if (at.isAfter(now)) {
            wrong.add("at", "time.future");
        }
        if (at.isBefore(saw.details().inService().atStartOfDay(clock.getZone()).toInstant())) {
            wrong.add("at", "record.beforeService", saw.tag());
        }
        if (Duration.between(at, now).toMillis()
                        > 60_000 * settings.rules().numbers().of(ScheduleSetting.ON_THE_SPOT)
                && (given.note() == null || given.note().isBlank())) {
            wrong.add("note", "record.backdated");
        }
        return at;
    }
}
