package yellowtally.server.standing;

import java.sql.SQLException;
import java.util.EnumSet;
import java.util.HashMap;
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

    private static final String OUTINGS = """
            select o.id, o.saw_id, o.chain_id, o.bar_id, o.sprocket_id, o.fitting_id, o.out_at, o.back_at, o.tanks,
                   o.rain, o.ground_struck, o.dust_seen, o.complaint is not null as complained, o.oil_share
            from outing o where o.back_at is not null and\s""";
    private static final String WOODS =
            "select w.outing_id, w.wood from outing_wood w join outing o on o.id = w.outing_id where ";
    private static final String WORKS =
            "select w.outing_id, w.work from outing_work w join outing o on o.id = w.outing_id where ";

    private OutingRows() {}

    static List<EndedOuting> read(Rows rows, Hanging on) throws SQLException {
        Map<UUID, EndedOuting> found = new LinkedHashMap<>();
        for (Map.Entry<String, Object[]> own : on.conditions("o").entrySet()) {
            Map<UUID, Set<Wood>> woods = words(rows, WOODS + own.getKey(), Wood.class, "wood", own.getValue());
            Map<UUID, Set<Work>> works = words(rows, WORKS + own.getKey(), Work.class, "work", own.getValue());
            rows.read(
                    OUTINGS + own.getKey(),
                    row -> found.put(
                            row.id("id"),
                            outing(
                                    row,
                                    woods.getOrDefault(row.id("id"), Set.of()),
                                    works.getOrDefault(row.id("id"), Set.of()))),
                    own.getValue());
        }
        return List.copyOf(found.values());
    }

    private static <E extends Enum<E>> Map<UUID, Set<E>> words(
            Rows rows, String query, Class<E> kind, String column, Object[] values) throws SQLException {
        Map<UUID, Set<E>> found = new HashMap<>();
        rows.read(
                query,
                row -> found.computeIfAbsent(row.id("outing_id"), id -> EnumSet.noneOf(kind))
                        .add(row.word(kind, column)),
                values);
        return found;
    }

    private static EndedOuting outing(Rows.Row row, Set<Wood> woods, Set<Work> works) throws SQLException {
        boolean rain = row.is("rain");
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
                Condition.of(woods, works, rain),
                DueEvent.of(rain, row.is("ground_struck"), row.is("dust_seen"), row.is("complained")));
    }
}
