package yellowtally.server.standing;

import java.sql.SQLException;
import java.time.Instant;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Whether a mechanic or dealer has a saw, and when one gave it back last. */
final class AwayRows {

    /** What was said last of when it comes back counts. */
    private static final String OPEN = """
            select a.id, a.who, a.since, w.expected_on, w.counted
            from away a join away_word w on w.away_id = a.id
            where a.open_saw_id = ? order by w.at desc, w.id limit 1""";

    private static final String LAST_BACK =
            "select a.back_at from away a where a.saw_id = ? and a.back_at is not null order by a.back_at desc limit 1";

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

    /** {@code null} when it never was away, or is still. */
    static @Nullable Instant lastBack(Rows rows, Hanging on) throws SQLException {
        return rows.read(LAST_BACK, row -> row.instant("back_at"), on.saw()).stream()
                .findFirst()
                .orElse(null);
    }
}
