package yellowtally.server.standing;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Asks the database over the session's own connection; rows are read by the names of their columns. */
final class Rows {

    /** Stands between the tables and what is asked of them: only records that nobody struck out, {@code r} by name. */
    static final String STANDING = """

            left join work_void v on v.record_id = r.id where v.record_id is null and\s""";

    private static final Logger LOG = LoggerFactory.getLogger(Rows.class);

    private final Connection connection;
    private int notUnderstood;

    Rows(Connection connection) {
        this.connection = connection;
    }

    /** What a row is made into. */
    interface Reader<T> {
        T read(Row row) throws SQLException;
    }

    /** All rows of a query. */
    <T> List<T> read(String query, Reader<T> reader, @Nullable Object... values) throws SQLException {
        List<T> found = new ArrayList<>();
        try (PreparedStatement statement = connection.prepareStatement(query)) {
            for (int i = 0; i < values.length; i++) {
                statement.setObject(i + 1, values[i]);
            }
            try (ResultSet rows = statement.executeQuery()) {
                Row row = new Row(rows);
                while (rows.next()) {
                    try {
                        found.add(reader.read(row));
                    } catch (IllegalArgumentException | NullPointerException e) {
                        // It costs this row, and its saw stays in: what it says is not known.
                        notUnderstood++;
                        LOG.error(
                                "A record cannot be understood ({}): {}",
                                e.getMessage(),
                                query.lines().findFirst().orElse(""));
                    }
                }
            }
        }
        return found;
    }

    /** How many of the rows that were read so far could not be understood. */
    int notUnderstood() {
        return notUnderstood;
    }

    /** A word of an enum for a query: {@code 'FINE'}. */
    static String word(Enum<?> word) {
        return "'" + word.name() + "'";
    }

    /** Words of an enum for a query: {@code 'FINE', 'ATTEND'}. */
    static String words(Collection<? extends Enum<?>> words) {
        return words.stream().map(Rows::word).collect(Collectors.joining(", "));
    }

    /** Words of an enum as a table of one column, to look each up by an index: {@code (values ('FINE'), ('ATTEND'))}. */
    static String table(Collection<? extends Enum<?>> words) {
        return words.stream().map(word -> "(" + word(word) + ")").collect(Collectors.joining(", ", "(values ", ")"));
    }

    /** One row. */
    static final class Row {

        private final ResultSet at;
        /** Asked for once a query: the driver would look a name up anew for each row. */
        private final Map<String, Integer> columns = new HashMap<>();

        private Row(ResultSet at) {
            this.at = at;
        }

        private int column(String name) throws SQLException {
            Integer known = columns.get(name);
            if (known == null) {
                known = at.findColumn(name);
                columns.put(name, known);
            }
            return known;
        }

        UUID id(String name) throws SQLException {
            return at.getObject(column(name), UUID.class);
        }

        @Nullable
        UUID idOrNull(String name) throws SQLException {
            return at.getObject(column(name), UUID.class);
        }

        /** The database's own form of a moment first: asking it for an Instant converts twice. */
        Instant instant(String name) throws SQLException {
            return at.getObject(column(name), OffsetDateTime.class).toInstant();
        }

        @Nullable
        Instant instantOrNull(String name) throws SQLException {
            OffsetDateTime moment = at.getObject(column(name), OffsetDateTime.class);
            return moment == null ? null : moment.toInstant();
        }

        LocalDate day(String name) throws SQLException {
            return at.getObject(column(name), LocalDate.class);
        }

        @Nullable
        LocalDate dayOrNull(String name) throws SQLException {
            return at.getObject(column(name), LocalDate.class);
        }

        long whole(String name) throws SQLException {
            return at.getLong(column(name));
        }

        @Nullable
        Long wholeOrNull(String name) throws SQLException {
            return at.getObject(column(name), Long.class);
        }

        double number(String name) throws SQLException {
            return at.getDouble(column(name));
        }

        @Nullable
        Double numberOrNull(String name) throws SQLException {
            return at.getObject(column(name), Double.class);
        }

        boolean is(String name) throws SQLException {
            return at.getBoolean(column(name));
        }

        @Nullable
        String text(String name) throws SQLException {
            return at.getString(column(name));
        }

        <E extends Enum<E>> E word(Class<E> kind, String name) throws SQLException {
            return Enum.valueOf(kind, at.getString(column(name)));
        }

        <E extends Enum<E>> @Nullable E wordOrNull(Class<E> kind, String name) throws SQLException {
            String word = at.getString(column(name));
            return word == null ? null : Enum.valueOf(kind, word);
        }
    }
}
