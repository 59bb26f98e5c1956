package yellowtally.server.standing;

import jakarta.persistence.EntityManager;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.hibernate.Session;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.diagnosis.FaultEvent;
import yellowtally.core.diagnosis.FaultEventKind;
import yellowtally.core.fitness.HoldEntry;
import yellowtally.core.fitness.MeasureEntry;
import yellowtally.core.fitness.PartLedger;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.oiling.Wet;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.server.usage.EndedOuting;
import yellowtally.server.worklog.VisitBook;

/**
 * Reads what the rules need of one saw over the session's own connection and not as entities: it is the one place that reads
 * thousands of rows, and the board waits for it.
 */
@Component
class RecordReader {

    private static final String CHECKS = """
            select t.fitting_id, t.at, t.occasion, t.outcome, t.provisional, t.turns, t.adjuster_lead_mm, t.joint_play_mm
            from tension_check t left join work_void v on v.record_id = t.id
            where v.record_id is null and t.chain_id = ?""";

    private static final String OUTING = """
            select o.id, o.saw_id, o.chain_id, o.bar_id, o.sprocket_id, o.fitting_id, o.out_at, o.back_at, o.tanks,
                   o.works, o.woods, o.rain, o.ground_struck, o.dust_seen, o.complaint is not null, o.oil_share
            from outing o where o.back_at is not null and\s""";

    private static final String WORK = """
            select r.id, r.seq, r.step, r.at, r.outcome, r.visit_id, r.saw_id, r.chain_id, r.bar_id, r.sprocket_id
            from work_record r left join work_void v on v.record_id = r.id
            where v.record_id is null and r.outcome <> 'SKIPPED' and\s""";

    private static final String ELSEWHERE = "select 1 from set_fitting f where f.%s = ? and f.saw_id <> ? limit 1";

    private static final String SHARPENINGS = WORK + "r.step = 'SHARPEN' and ";

    /** In the order of its index, from its end: the database reads one row of a step done a thousand times. */
    private static final String LATEST = WORK + """
            r.%1$s = ? and r.step = ? and r.outcome in (%2$s) order by r.%1$s desc, r.step desc, r.at desc, r.seq desc limit 1""";

    private static final String HOLDS = """
            select h.id, h.at, h.step, h.record_id, h.chain_id, h.bar_id, h.sprocket_id from saw_hold h
            left join saw_hold_release x on x.hold_id = h.id
            left join work_void v on v.record_id = h.record_id
            where x.hold_id is null and v.record_id is null and h.saw_id = ? order by h.at""";

    /** Loops that were out with the sprocket, and the one that hangs with it now: no others have worn it. */
    private static final String LOOPS = """
            select f.chain_id, f.at from set_fitting f where f.sprocket_id = ? and f.chain_id is not null
            and (f.chain_id = ? or exists (select 1 from outing o where o.sprocket_id = f.sprocket_id
                                           and o.chain_id = f.chain_id))
            order by f.at""";

    /** Another sprocket than the one before came onto the saw. */
    private static final String NEW_SPROCKET = """
            select max(f.at) from set_fitting f where f.saw_id = ? and f.sprocket_id = ?
            and (select g.sprocket_id from set_fitting g where g.saw_id = f.saw_id and g.at < f.at
                 and g.sprocket_id is not null order by g.at desc limit 1) <> f.sprocket_id""";

    private static final String MEASURES = """
            select r.seq, m.record_id, m.measure, r.at, m.figure from work_record r
            join work_measure m on m.record_id = r.id left join work_void v on v.record_id = r.id
            where v.record_id is null and r.step in (%s) and r.%s = ? order by r.at desc, r.seq desc
            limit 400""";

    private static final String TURNS = """
            select r.at from work_record r join work_finding f on f.record_id = r.id
            left join work_void v on v.record_id = r.id
            where v.record_id is null and r.bar_id = ? and r.step = 'REFIT' and f.finding = 'BAR_TURNED_OVER'""";

    private static final String DRESSINGS = """
            select r.at from work_record r left join work_void v on v.record_id = r.id
            where v.record_id is null and r.bar_id = ? and r.step = 'DRESS_RAILS'
            and r.outcome in ('FINE', 'ATTEND')""";

    private static final String BAR_LOOPS = """
            select count(distinct f.chain_id), max(case when f.new_chain then f.at end)
            from set_fitting f where f.bar_id = ?
            and (f.chain_id = ? or exists (select 1 from outing o where o.bar_id = f.bar_id
                                           and o.chain_id = f.chain_id))""";

    private static final String FAULTS = """
            select f.id, f.complaint, e.kind, e.at, e.check_code, e.answer, e.cause, e.wet, e.seq
            from fault f left join fault_event e on e.fault_id = f.id
            where f.saw_id = ?
            and not exists (select 1 from fault_event c where c.fault_id = f.id and c.kind = 'CLOSED')
            order by f.at, f.id, e.at, e.seq""";

    private static final String VISIT = "select v.id from visit v where v.open_saw_id = ?";

    private final EntityManager entities;
    private final VisitBook visits;

    RecordReader(EntityManager entities, VisitBook visits) {
        this.entities = entities;
        this.visits = visits;
    }

    /** Everything the rules look at; cost grows with the records of this saw and its parts alone. */
    SawRecords read(FittedSaw fitted, Instants days) {
        return entities.unwrap(Session.class)
                .doReturningWork(connection -> new OneSaw(connection, fitted, days, visits).read());
    }

    /** Which day a moment belongs to. */
    interface Instants {
        LocalDate day(Instant at);
    }

    private interface RowReader<T> {
        T read(ResultSet row) throws SQLException;
    }

    /** The reading of one saw. */
    private static final class OneSaw {
        private final Connection connection;
        private final FittedSaw fitted;
        private final Instants days;
        private final VisitBook visits;
        private final UUID saw;
        private final @Nullable UUID chain;
        private final @Nullable UUID bar;
        private final @Nullable UUID sprocket;

        OneSaw(Connection connection, FittedSaw fitted, Instants days, VisitBook visits) {
            this.connection = connection;
            this.fitted = fitted;
            this.days = days;
            this.visits = visits;
            this.saw = fitted.saw().id();
            this.chain = fitted.chain() == null ? null : fitted.chain().id();
            this.bar = fitted.bar() == null ? null : fitted.bar().id();
            this.sprocket = fitted.sprocket() == null ? null : fitted.sprocket().id();
        }

        SawRecords read() throws SQLException {
            return new SawRecords(
                    chain == null ? List.of() : rows(CHECKS, OneSaw::check, chain),
                    outings(),
                    log(),
                    holds(),
                    loops(),
                    newSprocketAt(),
                    parts(),
                    faults(),
                    rows(VISIT, row -> uuid(row, 1), saw).stream()
                            .map(visit -> new OpenVisit(visit, visits.story(visit)))
                            .findFirst()
                            .orElse(null));
        }

        private static CheckRow check(ResultSet row) throws SQLException {
            double play = row.getDouble(8);
            boolean measured = !row.wasNull();
            return new CheckRow(
                    uuid(row, 1),
                    instant(row, 2),
                    CheckOccasion.valueOf(row.getString(3)),
                    TensionOutcome.valueOf(row.getString(4)),
                    row.getBoolean(5),
                    row.getDouble(6),
                    row.getDouble(7),
                    measured ? play : null);
        }

        /** Own outings, and those that a part made on another saw; an outing of two parts counts once. */
        private List<EndedOuting> outings() throws SQLException {
            Map<UUID, EndedOuting> found = new LinkedHashMap<>();
            for (Map.Entry<String, Object[]> owner : owners("o").entrySet()) {
                rows(
                        OUTING + owner.getKey(),
                        row -> found.put(
                                uuid(row, 1),
                                new EndedOuting(
                                        uuid(row, 2),
                                        uuidOrNull(row, 3),
                                        uuidOrNull(row, 4),
                                        uuidOrNull(row, 5),
                                        uuidOrNull(row, 6),
                                        instant(row, 7),
                                        instant(row, 8),
                                        row.getDouble(9),
                                        row.getObject(16, Double.class),
                                        EndedOuting.conditions(
                                                row.getString(10), row.getString(11), row.getBoolean(12)),
                                        EndedOuting.events(
                                                row.getBoolean(12),
                                                row.getBoolean(13),
                                                row.getBoolean(14),
                                                row.getBoolean(15)))),
                        owner.getValue());
            }
            return List.copyOf(found.values());
        }

        /** Which rows belong to this saw, or were made on a part of it while it hung on another. */
        private Map<String, Object[]> owners(String alias) throws SQLException {
            Map<String, Object[]> owners = new LinkedHashMap<>();
            owners.put(alias + ".saw_id = ?", new Object[] {saw});
            for (Map.Entry<String, UUID> part : elsewhere().entrySet()) {
                owners.put(
                        alias + "." + part.getKey() + " = ? and " + alias + ".saw_id <> ?",
                        new Object[] {part.getValue(), saw});
            }
            return owners;
        }

        /** Parts that have hung on another saw, by column; few have, and the years of the others are not gone through for them. */
        private Map<String, UUID> elsewhere() throws SQLException {
            Map<String, UUID> elsewhere = new LinkedHashMap<>();
            addElsewhere(elsewhere, "chain_id", chain);
            addElsewhere(elsewhere, "bar_id", bar);
            addElsewhere(elsewhere, "sprocket_id", sprocket);
            return elsewhere;
        }

        private void addElsewhere(Map<String, UUID> elsewhere, String column, @Nullable UUID part) throws SQLException {
            if (part != null
                    && !rows(ELSEWHERE.formatted(column), row -> row.getInt(1), part, saw)
                            .isEmpty()) {
                elsewhere.put(column, part);
            }
        }

        /**
         * The few of many records that the rules look at: of each step the latest and the latest that passed, done on the saw
         * or on the part that it is about, and every sharpening. Reading no more keeps the first board after a start quick,
         * and a fleet of years in memory.
         */
        private SawLog log() throws SQLException {
            Map<UUID, WorkRow> found = new LinkedHashMap<>();
            for (Map.Entry<String, Object[]> owner : owners("r").entrySet()) {
                keep(found, rows(SHARPENINGS + owner.getKey(), OneSaw::work, owner.getValue()));
            }
            for (Step step : Step.values()) {
                List<WorkRow> latest = latest(step, EnumSet.allOf(StepOutcome.class));
                keep(found, latest);
                if (!latest.isEmpty() && !step.passing().contains(latest.get(0).outcome())) {
                    keep(found, latest(step, step.passing()));
                }
            }
            Map<UUID, Set<Finding>> findings =
                    findings("select record_id, finding from work_finding where record_id in ", found.keySet());
            return SawLog.of(found.values().stream()
                    .map(row -> new StepEntry(
                            row.seq(),
                            row.step(),
                            row.at(),
                            days.day(row.at()),
                            row.outcome(),
                            findings.getOrDefault(row.id(), Set.of()),
                            row.visitId(),
                            Subjects.of(fitted, row.sawId(), row.chainId(), row.barId(), row.sprocketId())))
                    .toList());
        }

        private static void keep(Map<UUID, WorkRow> found, List<WorkRow> rows) {
            rows.forEach(row -> found.put(row.id(), row));
        }

        private List<WorkRow> latest(Step step, Set<StepOutcome> outcomes) throws SQLException {
            UUID owner = switch (step.subject()) {
                case SAW -> saw;
                case CHAIN -> chain;
                case BAR -> bar;
                case SPROCKET -> sprocket;
            };
            String column = step.subject().name().toLowerCase(Locale.ROOT) + "_id";
            return owner == null
                    ? List.of()
                    : rows(LATEST.formatted(column, quoted(outcomes)), OneSaw::work, owner, step.name());
        }

        private static String quoted(Set<StepOutcome> outcomes) {
            return outcomes.stream().map(outcome -> "'" + outcome + "'").collect(Collectors.joining(", "));
        }

        private static WorkRow work(ResultSet row) throws SQLException {
            return new WorkRow(
                    uuid(row, 1),
                    row.getLong(2),
                    Step.valueOf(row.getString(3)),
                    instant(row, 4),
                    StepOutcome.valueOf(row.getString(5)),
                    uuidOrNull(row, 6),
                    uuid(row, 7),
                    uuidOrNull(row, 8),
                    uuidOrNull(row, 9),
                    uuidOrNull(row, 10));
        }

        private List<HoldEntry> holds() throws SQLException {
            List<HoldEntry> holds = rows(
                    HOLDS,
                    row -> new HoldEntry(
                            uuid(row, 1),
                            instant(row, 2),
                            Step.valueOf(row.getString(3)),
                            Set.of(),
                            uuidOrNull(row, 4) == null,
                            Subjects.of(fitted, saw, uuidOrNull(row, 5), uuidOrNull(row, 6), uuidOrNull(row, 7))),
                    saw);
            Map<UUID, Set<Finding>> findings = findings(
                    "select hold_id, finding from saw_hold_finding where hold_id in ",
                    holds.stream().map(h -> (UUID) h.id()).toList());
            return holds.stream()
                    .map(h -> new HoldEntry(
                            h.id(),
                            h.at(),
                            h.step(),
                            findings.getOrDefault((UUID) h.id(), Set.of()),
                            h.byPerson(),
                            h.subjects()))
                    .toList();
        }

        private List<FaultRow> faults() throws SQLException {
            Map<UUID, FaultRow> found = new LinkedHashMap<>();
            rows(
                    FAULTS,
                    row -> {
                        FaultRow fault = found.computeIfAbsent(
                                uuid(row, 1), id -> new FaultRow(id, complaint(row), new ArrayList<>()));
                        if (row.getString(3) != null) {
                            fault.events().add(faultEvent(row));
                        }
                        return fault.id();
                    },
                    saw);
            return List.copyOf(found.values());
        }

        private static String complaint(ResultSet row) {
            try {
                return row.getString(2);
            } catch (SQLException e) {
                throw new IllegalStateException(e);
            }
        }

        private static FaultEvent faultEvent(ResultSet row) throws SQLException {
            String wet = row.getString(8);
            return new FaultEvent(
                    row.getLong(9),
                    FaultEventKind.valueOf(row.getString(3)),
                    instant(row, 4),
                    row.getString(5),
                    row.getString(6),
                    row.getString(7),
                    wet == null ? null : Wet.valueOf(wet));
        }

        private Map<UUID, Set<Finding>> findings(String query, Collection<UUID> ids) throws SQLException {
            Map<UUID, Set<Finding>> found = new HashMap<>();
            if (!ids.isEmpty()) {
                String marks = ids.stream().map(id -> "?").collect(Collectors.joining(", ", "(", ")"));
                rows(
                        query + marks,
                        row -> found.computeIfAbsent(uuid(row, 1), id -> EnumSet.noneOf(Finding.class))
                                .add(Finding.valueOf(row.getString(2))),
                        ids.toArray());
            }
            return found;
        }

        /** When another loop came onto the sprocket; the first one came with it. */
        private List<Instant> loops() throws SQLException {
            List<Instant> fittedAt = new ArrayList<>();
            Set<UUID> known = new HashSet<>();
            if (sprocket != null) {
                rows(
                        LOOPS,
                        row -> known.add(uuid(row, 1)) && known.size() > 1 && fittedAt.add(instant(row, 2)),
                        sprocket,
                        chain);
            }
            return fittedAt;
        }

        private @Nullable Instant newSprocketAt() throws SQLException {
            return sprocket == null
                    ? null
                    : rows(NEW_SPROCKET, row -> Optional.ofNullable(instantOrNull(row, 1)), saw, sprocket)
                            .get(0)
                            .orElse(null);
        }

        private PartLedger parts() throws SQLException {
            List<MeasureEntry> measures = new ArrayList<>();
            addMeasures(measures, chain, "chain_id", "'CHAIN_LOOK', 'SHARPEN', 'EQUALISE'");
            addMeasures(measures, bar, "bar_id", "'GROOVE'");
            addMeasures(measures, sprocket, "sprocket_id", "'SPROCKET'");
            if (bar == null) {
                return new PartLedger(measures, List.of(), List.of(), 0, null);
            }
            record Loops(int count, @Nullable Instant newChainAt) {}
            Loops loops = rows(BAR_LOOPS, row -> new Loops(row.getInt(1), instantOrNull(row, 2)), bar, chain)
                    .get(0);
            return new PartLedger(
                    measures,
                    rows(DRESSINGS, row -> instant(row, 1), bar),
                    rows(TURNS, row -> instant(row, 1), bar),
                    loops.count(),
                    loops.newChainAt());
        }

        private void addMeasures(List<MeasureEntry> measures, @Nullable UUID part, String column, String steps)
                throws SQLException {
            if (part != null) {
                measures.addAll(rows(
                        MEASURES.formatted(steps, column),
                        row -> new MeasureEntry(
                                row.getLong(1),
                                uuid(row, 2),
                                Measure.valueOf(row.getString(3)),
                                instant(row, 4),
                                row.getDouble(5)),
                        part));
            }
        }

        private static @Nullable Instant instantOrNull(ResultSet row, int column) throws SQLException {
            OffsetDateTime at = row.getObject(column, OffsetDateTime.class);
            return at == null ? null : at.toInstant();
        }

        private <T> List<T> rows(String query, RowReader<T> reader, @Nullable Object... values) throws SQLException {
            List<T> found = new ArrayList<>();
            try (PreparedStatement statement = connection.prepareStatement(query)) {
                for (int i = 0; i < values.length; i++) {
                    statement.setObject(i + 1, values[i]);
                }
                try (ResultSet rows = statement.executeQuery()) {
                    while (rows.next()) {
                        found.add(reader.read(rows));
                    }
                }
            }
            return found;
        }

        private static UUID uuid(ResultSet row, int column) throws SQLException {
            return row.getObject(column, UUID.class);
        }

        private static @Nullable UUID uuidOrNull(ResultSet row, int column) throws SQLException {
            return row.getObject(column, UUID.class);
        }

        /** The database's own form of a moment first: asking it for an Instant converts twice. */
        private static Instant instant(ResultSet row, int column) throws SQLException {
            return row.getObject(column, OffsetDateTime.class).toInstant();
        }
    }
}
