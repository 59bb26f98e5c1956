package yellowtally.server.log;

import jakarta.persistence.EntityManager;
import jakarta.persistence.TypedQuery;
import java.time.Instant;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What part of the log is asked for; absent means all.
 *
 * @param from earliest moment, inclusive
 * @param before latest moment, exclusive
 * @param part a part that was on the saw, or was fitted to it; absent for all
 * @param struck only what was struck out, and {@code person} is who did that
 * @param window which of them
 */
record LogFilter(
        @Nullable UUID saw,
        @Nullable UUID person,
        @Nullable Instant from,
        @Nullable Instant before,
        @Nullable UUID part,
        boolean struck,
        Window window) {

    /** Which of the rows that fit are read: so many from the one of this number on. */
    record Window(int first, int most) {

        static final Window PAGE = page(LogPage.MOST);

        /** One more than a page of so many lines. */
        static Window page(int lines) {
            return new Window(0, lines + 1);
        }

        int lines() {
            return most - 1;
        }
    }

    /** The same, and nothing from before a moment. */
    LogFilter notBefore(Instant moment) {
        Instant later = from == null || from.isBefore(moment) ? moment : from;
        return new LogFilter(saw, person, later, before, part, struck, window);
    }

    /** The same, and nothing from a moment on. */
    LogFilter endsBefore(Instant moment) {
        return new LogFilter(saw, person, from, moment, part, struck, window);
    }

    /** The same, and of each question one row alone. */
    LogFilter only(int row) {
        return new LogFilter(saw, person, from, before, part, struck, new Window(row, 1));
    }

    /** Asks for the rows that fit. */
    <T> List<T> rows(EntityManager records, Class<T> type, String query) {
        TypedQuery<T> typed =
                records.createQuery(query, type).setFirstResult(window.first()).setMaxResults(window.most());
        values(query).forEach(typed::setParameter);
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

    /** The condition on where a record names its parts, to be added to {@link #where}. */
    String wherePart(String chain, String bar, String sprocket) {
        return part == null ? "" : " and (" + chain + " = :part or " + bar + " = :part or " + sprocket + " = :part)";
    }

    /** The condition on what tells that a record was struck out, to be added to {@link #where}. */
    String whereStruck(String told) {
        return struck ? " and " + told + " is not null" : "";
    }

    /** The kinds among {@code wanted} that this filter can find at all. */
    Set<LogKind> kinds(Set<LogKind> wanted) {
        EnumSet<LogKind> found = EnumSet.copyOf(wanted);
        if (part != null) {
            found.retainAll(EnumSet.of(LogKind.STEP, LogKind.FITTED));
        }
        if (struck) {
            found.retainAll(EnumSet.of(LogKind.STEP, LogKind.OUT, LogKind.BACK, LogKind.VISIT_ENDED));
        }
        return found;
    }

    /** The values of those conditions by name, for a question that names parts. */
    private Map<String, Object> values(String query) {
        Map<String, Object> values = values();
        if (part != null && query.contains(":part")) {
            values.put("part", part);
        }
        return values;
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
