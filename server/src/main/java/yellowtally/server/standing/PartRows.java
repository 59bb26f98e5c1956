package yellowtally.server.standing;

import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowtally.core.drive.LoopsRun;
import yellowtally.core.fitness.PartLedger;
import yellowtally.core.log.MeasureEntry;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;
import yellowtally.server.usage.EndedOuting;

/** What was measured on the chain, bar and sprocket of a saw, and which loops ran on bar and sprocket. */
final class PartRows {

    /** Loops that were out with the sprocket, and the one that hangs with it now: no others have worn it. */
    private static final String LOOPS = """
            select f.chain_id, f.at from set_fitting f where f.sprocket_id = ? and f.chain_id is not null
            and (f.chain_id = ? or exists (select 1 from outing o where o.sprocket_id = f.sprocket_id
                                           and o.chain_id = f.chain_id and o.struck_at is null))
            order by f.at""";

    /** Another sprocket than the one before came onto the saw. */
    private static final String NEW_SPROCKET = """
            select max(f.at) as at from set_fitting f where f.saw_id = ? and f.sprocket_id = ?
            and (select g.sprocket_id from set_fitting g where g.saw_id = f.saw_id and g.at < f.at
                 and g.sprocket_id is not null order by g.at desc limit 1) <> f.sprocket_id""";

    /** Of one step: of a list of steps the database would read every record of the part. */
    private static final String MEASURES = """
            select r.seq, m.record_id, m.measure, r.at, m.figure, r.told_on is not null as told from work_record r
            join work_measure m on m.record_id = r.id""" + Rows.STANDING + "r.%1$s = ? and r.step = %2$s";

    private static final String LAST_MEASURES = " order by at desc, seq desc limit 400";
    /** The step is told as well: by its index a few of a bar's thousand records are looked at. */
    private static final String TURNS =
            """
            select r.at from work_record r join work_finding f on f.record_id = r.id""" + Rows.STANDING + """
            r.bar_id = ? and r.step =""" + Rows.word(Finding.BAR_TURNED_OVER.step()) + " and f.finding = "
                    + Rows.word(Finding.BAR_TURNED_OVER);

    private static final String DRESSINGS =
            """
            select r.at from work_record r""" + Rows.STANDING + """
            r.bar_id = ? and r.step =""" + Rows.word(Step.DRESS_RAILS) + " and r.outcome in ("
                    + Rows.words(Step.DRESS_RAILS.passing()) + ")";
    private static final String NEW_CHAIN =
            "select max(f.at) as at from set_fitting f where f.bar_id = ? and f.new_chain";

    private PartRows() {}

    static PartLedger read(Rows rows, Hanging on, List<EndedOuting> outings, SawLog log) throws SQLException {
        List<MeasureEntry> measures = new ArrayList<>();
        for (Subject part : Subject.values()) {
            measures.addAll(measures(rows, on, part));
        }
        Set<Object> shortLeftOut = shortLeftOut(log, measures);
        UUID bar = on.id(Subject.BAR);
        LoopsRun loops = loopsRun(on, outings);
        if (bar == null) {
            return PartLedger.of(measures, shortLeftOut, List.of(), List.of(), loops, null);
        }
        return PartLedger.of(
                measures,
                shortLeftOut,
                rows.read(DRESSINGS, row -> row.instant("at"), bar),
                rows.read(TURNS, row -> row.instant("at"), bar),
                loops,
                rows.read(NEW_CHAIN, row -> Optional.ofNullable(row.instantOrNull("at")), bar)
                        .get(0)
                        .orElse(null));
    }

    /** Sharpenings that left their shortest cutter out, as their figures name them. */
    private static Set<Object> shortLeftOut(SawLog log, List<MeasureEntry> measures) {
        Set<Long> numbers = log.entries().stream()
                .filter(done -> done.findings().contains(Finding.SHORT_ONE_LEFT_OUT))
                .map(StepEntry::seq)
                .collect(Collectors.toSet());
        return numbers.isEmpty()
                ? Set.of()
                : measures.stream()
                        .filter(measure -> numbers.contains(measure.seq()))
                        .map(MeasureEntry::record)
                        .collect(Collectors.toSet());
    }

    /** Tanks of each loop that ran with the sprocket and with the bar that hang on the saw now. */
    private static LoopsRun loopsRun(Hanging on, List<EndedOuting> outings) {
        Map<UUID, Double> onSprocket = new HashMap<>();
        Map<UUID, Double> onBar = new HashMap<>();
        UUID sprocket = on.id(Subject.SPROCKET);
        UUID bar = on.id(Subject.BAR);
        for (EndedOuting outing : outings) {
            UUID chain = outing.chainId();
            if (chain != null && sprocket != null && sprocket.equals(outing.sprocketId())) {
                onSprocket.merge(chain, outing.tanks(), Double::sum);
            }
            if (chain != null && bar != null && bar.equals(outing.barId())) {
                onBar.merge(chain, outing.tanks(), Double::sum);
            }
        }
        return new LoopsRun(List.copyOf(onSprocket.values()), List.copyOf(onBar.values()));
    }

    private static List<MeasureEntry> measures(Rows rows, Hanging on, Subject part) throws SQLException {
        UUID id = on.id(part);
        String query = PartLedger.steps(part).stream()
                .map(step -> MEASURES.formatted(Hanging.column(part), Rows.word(step)))
                .collect(Collectors.joining(" union all ", "", LAST_MEASURES));
        return id == null
                ? List.of()
                : rows.read(
                        query,
                        row -> new MeasureEntry(
                                row.whole("seq"),
                                row.id("record_id"),
                                row.word(Measure.class, "measure"),
                                row.instant("at"),
                                row.number("figure"),
                                row.is("told")),
                        Collections.nCopies(PartLedger.steps(part).size(), id).toArray());
    }

    /** When another loop came onto the sprocket; the first one came with it. */
    static List<Instant> loops(Rows rows, Hanging on) throws SQLException {
        List<Instant> fittedAt = new ArrayList<>();
        Set<UUID> known = new HashSet<>();
        UUID sprocket = on.id(Subject.SPROCKET);
        if (sprocket != null) {
            rows.read(
                    LOOPS,
                    row -> known.add(row.id("chain_id")) && known.size() > 1 && fittedAt.add(row.instant("at")),
                    sprocket,
                    on.id(Subject.CHAIN));
        }
        return fittedAt;
    }

    static @Nullable Instant newSprocketAt(Rows rows, Hanging on) throws SQLException {
        UUID sprocket = on.id(Subject.SPROCKET);
        return sprocket == null
                ? null
                : rows.read(NEW_SPROCKET, row -> Optional.ofNullable(row.instantOrNull("at")), on.saw(), sprocket)
                        .get(0)
                        .orElse(null);
    }
}
