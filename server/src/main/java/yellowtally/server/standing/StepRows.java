package yellowtally.server.standing;

import java.sql.SQLException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.log.Told;
import yellowtally.core.past.PastLine;
import yellowtally.core.past.ToldUse;
import yellowtally.core.schedule.UseUnit;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepKind;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;
import yellowtally.server.worklog.WorkOutcome;

/**
 * The few of many work records that the rules look at: of each step the latest and the latest that passed, done on the saw or
 * on the part that it is about, and every sharpening. Reading no more keeps the first board after a start quick, and a fleet
 * of years in memory.
 */
final class StepRows {

    private static final String COLUMNS = """
            select r.id, r.seq, r.step, r.at, r.outcome, r.visit_id, r.saw_id, r.chain_id, r.bar_id, r.sprocket_id,
                   r.told_on, r.told_since
            from\s""";
    private static final String DONE = Rows.STANDING + "r.outcome <> " + Rows.word(WorkOutcome.SKIPPED);
    private static final String WORK = COLUMNS + "work_record r" + DONE + " and ";
    private static final String SHARPENINGS = WORK + "r.step = " + Rows.word(Step.SHARPEN) + " and ";

    /** Small repairs are rare: all of them at once are fewer rows than questions about each. */
    private static final List<Step> REPAIRS = Arrays.stream(Step.values())
            .filter(step -> step.kind() == StepKind.REPAIR)
            .toList();

    /** All others, by what they are about. */
    private static final Map<Subject, Set<Step>> STEPS = EnumSet.complementOf(EnumSet.copyOf(REPAIRS)).stream()
            .collect(Collectors.groupingBy(
                    Step::subject, () -> new EnumMap<>(Subject.class), Collectors.toCollection(TreeSet::new)));

    /** Step by step: of a list of steps the database would read every record of the saw. */
    private static final String REPAIRED =
            COLUMNS + Rows.table(REPAIRS) + " s (step) join work_record r on r.saw_id = ? and r.step = s.step" + DONE;

    /**
     * Of many steps at once. In the order of the index, from its end: the database reads one row of a step done a thousand times.
     */
    private static final String LATEST = COLUMNS + """
            (select (select r.seq from work_record r""" + Rows.STANDING + """
            r.%1$s = ? and r.step = s.step and r.outcome in (%3$s)
            order by r.%1$s desc, r.step desc, r.at desc, r.seq desc limit 1) as seq from %2$s s (step)) l
            join work_record r on r.seq = l.seq""";

    private static final String USED =
            "select used_on, tanks from past_use where saw_id = ? and struck_at is null order by used_on";

    private static final Set<StepOutcome> ANY = EnumSet.allOf(StepOutcome.class);

    private static final String FINDINGS =
            "select record_id as owner_id, finding from work_finding where record_id = any(?)";

    private StepRows() {}

    static SawLog read(Rows rows, Hanging on, RecordReader.Days days) throws SQLException {
        Map<UUID, WorkRow> found = new LinkedHashMap<>();
        for (Map.Entry<String, Object[]> own : on.conditions("r").entrySet()) {
            keep(found, rows.read(SHARPENINGS + own.getKey(), StepRows::work, own.getValue()));
        }
        keep(found, rows.read(REPAIRED, StepRows::work, on.saw()));
        for (Map.Entry<Subject, Set<Step>> steps : STEPS.entrySet()) {
            Subject subject = steps.getKey();
            List<WorkRow> latest = latest(rows, on, subject, steps.getValue(), ANY);
            keep(found, latest);
            for (WorkRow row : latest) {
                Set<StepOutcome> passing = row.step().passing();
                if (!passing.contains(row.outcome())) {
                    keep(found, latest(rows, on, subject, Set.of(row.step()), passing));
                }
            }
        }
        Map<UUID, Set<Finding>> findings = findings(rows, FINDINGS, found.keySet());
        List<ToldUse> used = found.values().stream().anyMatch(StepRows::sinceUntold)
                ? rows.read(USED, row -> new ToldUse(row.day("used_on"), row.number("tanks")), on.saw())
                : List.of();
        return SawLog.of(found.values().stream()
                .map(row -> new StepEntry(
                        row.seq(),
                        row.step(),
                        row.at(),
                        days.day(row.at()),
                        row.outcome(),
                        findings.getOrDefault(row.id(), Set.of()),
                        row.visitId(),
                        Subjects.of(on.fitted(), row.sawId(), row.chainId(), row.barId(), row.sprocketId()),
                        told(row, days.day(row.at()), used)))
                .toList());
    }

    private static boolean sinceUntold(WorkRow row) {
        return row.told() != null && row.told().since() == null;
    }

    /** What nobody told with a service is said by what was told of the days since, as far as that reaches back. */
    private static @Nullable Told told(WorkRow row, LocalDate done, List<ToldUse> used) {
        Told told = row.told();
        if (told == null || !sinceUntold(row)) {
            return told;
        }
        UseUnit unit = PastLine.of(row.step()).map(PastLine::since).orElse(null);
        OptionalDouble since = ToldUse.since(used, done, unit);
        return since.isPresent() ? new Told(told.on(), since.getAsDouble()) : told;
    }

    private static void keep(Map<UUID, WorkRow> found, List<WorkRow> rows) {
        rows.forEach(row -> found.put(row.id(), row));
    }

    private static List<WorkRow> latest(
            Rows rows, Hanging on, Subject subject, Set<Step> steps, Set<StepOutcome> outcomes) throws SQLException {
        UUID owner = on.id(subject);
        return owner == null
                ? List.of()
                : rows.read(
                        LATEST.formatted(Hanging.column(subject), Rows.table(steps), Rows.words(outcomes)),
                        StepRows::work,
                        owner);
    }

    private static WorkRow work(Rows.Row row) throws SQLException {
        return new WorkRow(
                row.id("id"),
                row.whole("seq"),
                row.word(Step.class, "step"),
                row.instant("at"),
                row.word(StepOutcome.class, "outcome"),
                row.idOrNull("visit_id"),
                row.id("saw_id"),
                row.idOrNull("chain_id"),
                row.idOrNull("bar_id"),
                row.idOrNull("sprocket_id"),
                told(row));
    }

    private static @Nullable Told told(Rows.Row row) throws SQLException {
        LocalDate on = row.dayOrNull("told_on");
        return on == null ? null : new Told(on, row.numberOrNull("told_since"));
    }

    /** What was found, by the record or hold that it belongs to. */
    static Map<UUID, Set<Finding>> findings(Rows rows, String query, Collection<UUID> owners) throws SQLException {
        Map<UUID, Set<Finding>> found = new HashMap<>();
        if (!owners.isEmpty()) {
            rows.read(
                    query,
                    row -> found.computeIfAbsent(row.id("owner_id"), id -> EnumSet.noneOf(Finding.class))
                            .add(row.word(Finding.class, "finding")),
                    (Object) owners.toArray(UUID[]::new));
        }
        return found;
    }
}
