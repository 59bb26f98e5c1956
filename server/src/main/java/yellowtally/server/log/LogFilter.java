package yellowtally.server.log;

import jakarta.persistence.EntityManager;
import jakarta.persistence.TypedQuery;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What part of the log is asked for; absent means all.
 *
 * @param from earliest moment, inclusive
 * @param before latest moment, exclusive
 * @param window which of them
 */
record LogFilter(
        @Nullable UUID saw,
        @Nullable UUID person,
        @Nullable Instant from,
        @Nullable Instant before,
        Window window) {

    /** Which of the rows that fit are read: so many from the one of this number on. */
    record Window(int first, int most) {

        /** One more than a page. */
        static final Window PAGE = new Window(0, LogPage.MOST + 1);
    }

    /** The same, and nothing from before a moment. */
    LogFilter notBefore(Instant moment) {
        Instant later = from == null || from.isBefore(moment) ? moment : from;
        return new LogFilter(saw, person, later, before, window);
    }

    /** The same, and of each question one row alone. */
    LogFilter only(int row) {
        return new LogFilter(saw, person, from, before, new Window(row, 1));
    }

    /** Asks for the rows that fit. */
    <T> List<T> rows(EntityManager records, Class<T> type, String query) {
        TypedQuery<T> typed =
                records.createQuery(query, type).setFirstResult(window.first()).setMaxResults(window.most());
        values().forEach(typed::setParameter);
        return typed.getResultList();
    }

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
    private Map<String, Object> values() {
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
