package yellowtally.server.intake;

import jakarta.persistence.EntityManager;
import jakarta.persistence.FlushModeType;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.holds.Hold;
import yellowtally.core.judging.StepJudge;
import yellowtally.core.judging.StepVerdict;
import yellowtally.core.log.Told;
import yellowtally.core.measure.DayText;
import yellowtally.core.past.PastEntry;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.StepRefusal;
import yellowtally.core.steps.StepReport;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.Acting;
import yellowtally.server.people.Person;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.Violations;
import yellowtally.server.worklog.SawHold;
import yellowtally.server.worklog.WorkOutcome;
import yellowtally.server.worklog.WorkRecord;
import yellowtally.server.worklog.Worklog;

/**
 * Writes down what is told of a saw's past: as records that count from when it was done, that say they were told, and prove nothing
 * (handbook section 11, rule 10 and first sentence). A figure that fails holds the saw like any other. Runs within the caller's
 * transaction.
 */
@Service
public class Past {

    private final PastReader reader;
    private final Fleet fleet;
    private final Standings standings;
    private final Worklog worklog;
    private final EntityManager records;
    private final Clock clock;

    Past(PastReader reader, Fleet fleet, Standings standings, Worklog worklog, EntityManager records, Clock clock) {
        this.reader = reader;
        this.fleet = fleet;
        this.standings = standings;
        this.worklog = worklog;
        this.records = records;
        this.clock = clock;
    }

    /** When the saw's own records begin, or now where it has none: what is told was before. */
    private Instant begins(Saw saw) {
        return records.createQuery(
                        "select min(f.at) from SetFitting f where f.sawId = :saw"
                                + " union all select min(o.outAt) from Outing o where o.sawId = :saw"
                                + " union all select min(r.at) from WorkRecord r where r.sawId = :saw and r.toldOn is null",
                        Instant.class)
                .setParameter("saw", saw.id())
                .getResultStream()
                .flatMap(moment -> Optional.ofNullable(moment).stream())
                .min(Instant::compareTo)
                .orElseGet(clock::instant);
    }

    /** The last day that can be told of: its own records begin then. */
    LocalDate until(Saw saw) {
        return day(begins(saw));
    }

    /** What the reading of more lines needs to know of a saw. */
    PastReader.About about(Saw saw, Numbers numbers) {
        return new PastReader.About(
                saw.details().power(),
                saw.details().inService(),
                until(saw),
                LocalDate.now(clock),
                numbers,
                toldOf(saw).stream().map(this::entry).toList());
    }

    private PastEntry entry(WorkRecord record) {
        Told told = record.told();
        return new PastEntry(record.step(), day(record.at()), told == null ? null : told.since(), record.figures());
    }

    private LocalDate day(Instant moment) {
        return LocalDate.ofInstant(moment, clock.getZone());
    }

    /** What has been told of a saw and still stands, first told first. */
    List<WorkRecord> toldOf(Saw saw) {
        return records.createQuery(
                        "select r from WorkRecord r where r.sawId = :saw and r.toldOn is not null and not exists"
                                + " (select 1 from WorkVoid v where v.recordId = r.id) order by r.at, r.seq",
                        WorkRecord.class)
                .setParameter("saw", saw.id())
                .getResultList();
    }

    /** What is told, read and judged; nothing of it is stored yet. */
    public static final class Book {
        private final Saw saw;
        private final PastReader.About about;
        private final PastReader.Book lines;
        private final StepJudge judge;

        private Book(Saw saw, PastReader.About about, PastReader.Book lines, StepJudge judge) {
            this.saw = saw;
            this.about = about;
            this.lines = lines;
            this.judge = judge;
        }

        /** Each line that says something, and what its figures mean. */
        public List<Line> lines() {
            return lines.lines().stream()
                    .map(line -> new Line(
                            line.typed(),
                            line.entry(),
                            lines.since(line.entry()),
                            judge.verdict(line.entry().step(), report(line.entry()))))
                    .toList();
        }
    }

    /**
     * A line as it was read.
     *
     * @param since what counts as used since; absent while nobody knows
     */
    public record Line(
            PastReader.Typed typed,
            PastEntry entry,
            @Nullable Double since,
            StepVerdict verdict) {}

    /** Reads what is told of a saw in many lines, a step on as many days as there are; what is wrong is said at the fields of its line. */
    public Book read(Saw saw, List<PastReader.Typed> lines, DayText.Order order, Violations wrong) {
        Standing standing = standings.of(saw);
        PastReader.About about = about(saw, standing.numbers());
        return judged(saw, standing, about, reader.read(lines, about, order, wrong), wrong);
    }

    private static Book judged(
            Saw saw, Standing standing, PastReader.About about, PastReader.Book lines, Violations wrong) {
        StepJudge judge = new StepJudge(standing.profile(), standing.numbers());
        for (PastReader.Read line : lines.lines()) {
            refuse(judge, line, wrong);
        }
        return new Book(saw, about, lines, judge);
    }

    /** Stores what was read. */
    public void write(Book book, Person person) {
        Instant begins = begins(book.saw);
        WorkRecord.Parts parts = Worklog.parts(fleet.set(book.saw));
        // None of it is a tension check, and no line asks for what another has stored: it goes to the database in one
        // piece.
        records.setFlushMode(FlushModeType.COMMIT);
        for (Line line : book.lines()) {
            write(book, line, parts, begins, person);
        }
        records.flush();
        records.setFlushMode(FlushModeType.AUTO);
    }

    /** Stores what is told; all that is wrong with it is told at once, and nothing is stored then. */
    void tell(Saw saw, PastInput given, Person person) {
        records.flush();
        Standing standing = standings.of(saw);
        PastReader.About about = about(saw, standing.numbers());
        Violations wrong = new Violations();
        PastReader.Book lines = reader.notebook(given.lines(), about, wrong);
        String held = wrong.optionalText("past.held", given.held(), 300);
        Step clearedBy = given.heldUntil();
        if (clearedBy != null && !clearedBy.appliesTo(standing.profile())) {
            wrong.add("past.heldUntil", "step.STEP_DOES_NOT_APPLY");
        }
        Book book = judged(saw, standing, about, lines, wrong);
        wrong.refuseIfAny();
        write(book, person);
        if (held != null) {
            (clearedBy == null ? Hold.ALL_ROUND : List.of(clearedBy))
                    .forEach(step -> worklog.hold(
                            new SawHold(UUID.randomUUID(), saw.id(), step, held, clock.instant(), person.id())));
        }
    }

    /** Strokes and the rest that a notebook does not have are not asked for. */
    private static void refuse(StepJudge judge, PastReader.Read line, Violations wrong) {
        judge.refusal(line.entry().step(), report(line.entry()), true)
                .filter(refusal -> refusal.reason() != StepRefusal.Reason.FIGURE_MISSING)
                .ifPresent(refusal -> wrong.add(
                        refusal.measure() == null
                                ? line.typed().field("day")
                                : line.typed().field(refusal.measure()),
                        "step." + refusal.reason()));
    }

    private static StepReport report(PastEntry entry) {
        return new StepReport(StepOutcome.FINE, Set.of(), entry.figures());
    }

    private void write(Book book, Line line, WorkRecord.Parts parts, Instant begins, Person person) {
        PastEntry entry = line.entry();
        Instant noon = entry.day().atTime(12, 0).atZone(clock.getZone()).toInstant();
        Set<Finding> failed = EnumSet.noneOf(Finding.class);
        line.verdict().findings().stream().filter(Finding::mayFail).forEach(failed::add);
        worklog.add(
                new WorkRecord(
                                new WorkRecord.Head(
                                        UUID.randomUUID(),
                                        book.saw.id(),
                                        null,
                                        entry.step(),
                                        noon.isBefore(begins) ? noon : begins.minusSeconds(1),
                                        clock.instant(),
                                        person.id(),
                                        Acting.deviceNow(),
                                        parts),
                                WorkOutcome.of(line.verdict().outcome()),
                                null,
                                null)
                        .with(line.verdict().findings(), entry.figures())
                        .told(new Told(book.about.to(), line.since())),
                failed);
    }
}
