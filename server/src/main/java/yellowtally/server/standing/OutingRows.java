package yellowtally.server.standing;

import java.sql.SQLException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import yellowtally.core.schedule.Condition;
import yellowtally.core.schedule.DueEvent;
import yellowtally.core.schedule.Wood;
import yellowtally.core.tension.Work;
import yellowtally.server.usage.EndedOuting;

/** Outings that ended: those of the saw, and those that a part of it made on another; an outing of two parts counts once. */
final class OutingRows {

    /** One row for each work in each wood of an outing, so that one query tells all. */
    private static final String OUTINGS = """
            select o.id, o.saw_id, o.chain_id, o.bar_id, o.sprocket_id, o.fitting_id, o.out_at, o.back_at, o.tanks,
                   o.rain, o.ground_struck, o.dust_seen, o.chain_slack, o.complaint is not null as complained, o.oil_share, o.days_run, w.wood, k.work
            from outing o left join outing_wood w on w.outing_id = o.id left join outing_work k on k.outing_id = o.id
            where o.back_at is not null and o.struck_at is null and\s""";

    private OutingRows() {}

    static List<EndedOuting> read(Rows rows, Hanging on) throws SQLException {
        Map<UUID, EndedOuting> found = new LinkedHashMap<>();
        for (Map.Entry<String, Object[]> own : on.conditions("o").entrySet()) {
            rows.read(
                    OUTINGS + own.getKey(),
                    row -> {
                        UUID id = row.id("id");
                        EndedOuting told = found.get(id);
                        EndedOuting now = told == null ? outing(row, conditions(row)) : told.with(conditions(row));
                        return found.put(id, now);
                    },
                    own.getValue());
        }
        return List.copyOf(found.values());
    }

    private static Set<Condition> conditions(Rows.Row row) throws SQLException {
        Wood wood = row.wordOrNull(Wood.class, "wood");
        Work work = row.wordOrNull(Work.class, "work");
        return Condition.of(
                wood == null ? Set.of() : Set.of(wood), work == null ? Set.of() : Set.of(work), row.is("rain"));
    }

    private static EndedOuting outing(Rows.Row row, Set<Condition> conditions) throws SQLException {
        Long daysRun = row.wholeOrNull("days_run");
        return new EndedOuting(
                row.id("saw_id"),
                row.idOrNull("chain_id"),
                row.idOrNull("bar_id"),
                row.idOrNull("sprocket_id"),
                row.idOrNull("fitting_id"),
                row.instant("out_at"),
                row.instant("back_at"),
                row.number("tanks"),
                row.numberOrNull("oil_share"),
                conditions,
                DueEvent.of(
                        row.is("rain"),
                        row.is("ground_struck"),
                        row.is("dust_seen"),
                        row.is("chain_slack"),
                        row.is("complained")),
                daysRun == null ? null : Integer.valueOf(daysRun.intValue()));
    }
}
