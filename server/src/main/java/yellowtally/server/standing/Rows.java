package yellowtally.server.standing;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Asks the database over the session's own connection; rows are read by the names of their columns. */
final class Rows {

    private final Connection connection;

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
                    found.add(reader.read(row));
                }
            }
        }
        return found;
    }

    /** A query for some of many ids: {@code (?, ?, ?)}. */
    static String marks(Collection<?> values) {
        return values.stream().map(value -> "?").collect(Collectors.joining(", ", "(", ")"));
    }

    /** Words of an enum for a query: {@code 'FINE', 'ATTEND'}. */
    static String words(Collection<? extends Enum<?>> words) {
        return words.stream().map(word -> "'" + word.name() + "'").collect(Collectors.joining(", "));
    }

    /** One row. */
    static final class Row {

        private final ResultSet at;

        private Row(ResultSet at) {
            this.at = at;
        }

        UUID id(String column) throws SQLException {
            return at.getObject(column, UUID.class);
        }

        @Nullable
        UUID idOrNull(String column) throws SQLException {
            return at.getObject(column, UUID.class);
        }

        /** The database's own form of a moment first: asking it for an Instant converts twice. */
        Instant instant(String column) throws SQLException {
            return at.getObject(column, OffsetDateTime.class).toInstant();
        }

        @Nullable
        Instant instantOrNull(String column) throws SQLException {
            OffsetDateTime moment = at.getObject(column, OffsetDateTime.class);
            return moment == null ? null : moment.toInstant();
        }

        long whole(String column) throws SQLException {
            return at.getLong(column);
        }

        double number(String column) throws SQLException {
            return at.getDouble(column);
        }

        @Nullable
        Double numberOrNull(String column) throws SQLException {
            return at.getObject(column, Double.class);
        }

        boolean is(String column) throws SQLException {
            return at.getBoolean(column);
        }

        @Nullable
        String text(String column) throws SQLException {
            return at.getString(column);
        }

        <E extends Enum<E>> E word(Class<E> kind, String column) throws SQLException {
            return Enum.valueOf(kind, at.getString(column));
        }

        <E extends Enum<E>> @Nullable E wordOrNull(Class<E> kind, String column) throws SQLException {
            String word = at.getString(column);
            return word == null ? null : Enum.valueOf(kind, word);
        }
    }
}
