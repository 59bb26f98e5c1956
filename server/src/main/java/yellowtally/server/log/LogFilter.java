package yellowtally.server.log;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What part of the log is asked for; absent means all.
 *
 * @param from earliest moment, inclusive
 * @param before latest moment, exclusive
 */
record LogFilter(
        @Nullable UUID saw,
        @Nullable UUID person,
        @Nullable Instant from,
        @Nullable Instant before) {

    /** The conditions on a record's fields, as a clause that begins with {@code where}. */
    String where(String saw, String person, String at) {
        StringBuilder clause = new StringBuilder(" where 1 = 1");
        if (this.saw != null) {
            clause.append(" and ").append(saw).append(" = :saw");
        }
        if (this.person != null) {
            clause.append(" and ").append(person).append(" = :person");
        }
        if (from != null) {
            clause.append(" and ").append(at).append(" >= :from");
        }
        if (before != null) {
            clause.append(" and ").append(at).append(" < :before");
        }
        return clause.toString();
    }

    /** The values of those conditions by name. */
    Map<String, Object> values() {
        Map<String, Object> values = new HashMap<>();
        if (saw != null) {
            values.put("saw", saw);
        }
        if (person != null) {
            values.put("person", person);
        }
        if (from != null) {
            values.put("from", from);
        }
        if (before != null) {
            values.put("before", before);
        }
        return values;
    }
}
