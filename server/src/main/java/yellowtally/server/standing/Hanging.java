package yellowtally.server.standing;

import java.sql.SQLException;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Subject;
import yellowtally.server.standing.FittedSaw.Hung;

/**
 * A saw with the parts that hang on it, and which of these have hung on another saw: only what those did elsewhere is looked
 * for, so that the years of all others are not gone through.
 */
final class Hanging {

    private static final String ELSEWHERE = "select 1 from set_fitting f where f.%s = ? and f.saw_id <> ? limit 1";

    private final FittedSaw fitted;
    private final Map<Subject, UUID> ids = new EnumMap<>(Subject.class);
    private final Map<Subject, UUID> elsewhere = new EnumMap<>(Subject.class);

    Hanging(FittedSaw fitted, Rows rows) throws SQLException {
        this.fitted = fitted;
        ids.put(Subject.SAW, fitted.saw().id());
        for (Hung<?> part : fitted.parts()) {
            put(part, rows);
        }
    }

    private void put(Hung<?> part, Rows rows) throws SQLException {
        ids.put(part.subject(), part.id());
        if (!rows.read(ELSEWHERE.formatted(column(part.subject())), row -> 1, part.id(), saw())
                .isEmpty()) {
            elsewhere.put(part.subject(), part.id());
        }
    }

    FittedSaw fitted() {
        return fitted;
    }

    UUID saw() {
        return fitted.saw().id();
    }

    /** The saw itself, or the part that hangs on it; {@code null} when none does. */
    @Nullable
    UUID id(Subject subject) {
        return ids.get(subject);
    }

    /** The column that names it. */
    static String column(Subject subject) {
        return subject.name().toLowerCase(Locale.ROOT) + "_id";
    }

    /** Which rows belong to this saw, or were made on a part of it while it hung on another: a condition and its values. */
    Map<String, Object[]> conditions(String alias) {
        Map<String, Object[]> conditions = new LinkedHashMap<>();
        conditions.put(alias + ".saw_id = ?", new Object[] {saw()});
        elsewhere.forEach((subject, part) -> conditions.put(
                alias + "." + column(subject) + " = ? and " + alias + ".saw_id <> ?", new Object[] {part, saw()}));
        return conditions;
    }
}
