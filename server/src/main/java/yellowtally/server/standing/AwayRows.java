package yellowtally.server.standing;

import java.sql.SQLException;
import java.time.Instant;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Subject;

/** Whether a mechanic or dealer has a saw, and when one gave it back last. */
final class AwayRows {

    /** What was said last of when it comes back counts. */
    private static final String OPEN = """
            select a.id, a.who, a.since, w.expected_on, w.counted
            from away a join away_word w on w.away_id = a.id
            where a.open_saw_id = ? order by w.at desc, w.id limit 1""";

    private static final String LAST_BACK =
            "select a.back_at from away a where a.saw_id = ? and a.back_at is not null order by a.back_at desc limit 1";

    /** Of each part when it came back last, where nobody looked at it on the shelf before it was fitted. */
    private static final String PARTS_BACK = """
            select a.part_id, a.back_at from part_away a where a.part_id = any(?) and a.back_at is not null
            and not exists (select 1 from part_away b where b.part_id = a.part_id and b.back_at > a.back_at)
            and not exists (select 1 from part_look l where l.away_id = a.id and l.struck_at is null)""";

    private AwayRows() {}

    /** {@code null} when it is not away. */
    static @Nullable AwayMark open(Rows rows, Hanging on) throws SQLException {
        return rows
                .read(
                        OPEN,
                        row -> new AwayMark(
                                row.id("id"),
                                Objects.requireNonNull(row.text("who")),
                                row.day("since"),
                                row.dayOrNull("expected_on"),
                                row.is("counted")),
                        on.saw())
                .stream()
                .findFirst()
                .orElse(null);
    }

    /** When a part that hangs on the saw came back from somebody, unseen. */
    static Map<Subject, Instant> partsBack(Rows rows, Hanging on) throws SQLException {
        Map<UUID, Subject> parts = new HashMap<>();
        on.fitted().parts().forEach(part -> parts.put(part.id(), part.subject()));
        Map<Subject, Instant> back = new EnumMap<>(Subject.class);
        if (!parts.isEmpty()) {
            Object ids = parts.keySet().toArray();
            rows.read(PARTS_BACK, row -> Map.entry(row.id("part_id"), row.instant("back_at")), ids)
                    .forEach(found -> back.put(Objects.requireNonNull(parts.get(found.getKey())), found.getValue()));
        }
        return back;
    }

    /** {@code null} when it never was away, or is still. */
    static @Nullable Instant lastBack(Rows rows, Hanging on) throws SQLException {
        return rows.read(LAST_BACK, row -> row.instant("back_at"), on.saw()).stream()
                .findFirst()
                .orElse(null);
    }
}
