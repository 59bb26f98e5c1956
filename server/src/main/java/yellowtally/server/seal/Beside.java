package yellowtally.server.seal;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Holds every record beside its newest line of the chain; some at a time, by their ids, so that any number fits into memory. */
final class Beside {

    private static final int AT_ONCE = 50_000;

    private static final String NEWEST =
            "select n, record_id, content from seal where record_table = ? and record_id between ? and ? order by n";

    private final Connection database;
    private final RecordContents contents;
    private final Runnable between;

    Beside(Connection database, RecordContents contents, Runnable between) {
        this.database = database;
        this.contents = contents;
        this.between = between;
    }

    /** What the newest line of a record says; {@code content} is absent when the record was taken away. */
    record Newest(long n, @Nullable Sum content) {}

    /** What is done with a record that does not say what it was sealed with. */
    interface Differing {

        /**
         * Told of each.
         *
         * @param newest its newest line; {@code null} for a record that was never sealed
         * @param now what it says now; {@code null} for one that is not there
         */
        void found(Seal.Subject record, @Nullable Newest newest, @Nullable Sum now) throws SQLException;
    }

    /** Looks at all records of a table; returns how many there are. */
    long look(String table, Differing differing) throws SQLException {
        long all = count(table);
        long parts = 1 + all / AT_ONCE;
        long step = Long.divideUnsigned(-1L, parts);
        for (long part = 0; part < parts; part++) {
            between.run();
            UUID from = new UUID(part * step, 0);
            UUID to = part == parts - 1 ? new UUID(-1L, -1L) : new UUID((part + 1) * step - 1, -1L);
            compare(table, newest(table, from, to), contents.between(database, table, from, to), differing);
        }
        return all;
    }

    private long count(String table) throws SQLException {
        try (Statement statement = database.createStatement();
                ResultSet rows = statement.executeQuery("select count(*) n from " + table)) {
            rows.next();
            return rows.getLong("n");
        }
    }

    private Map<UUID, Newest> newest(String table, UUID from, UUID to) throws SQLException {
        Map<UUID, Newest> newest = new HashMap<>();
        try (PreparedStatement statement = database.prepareStatement(NEWEST)) {
            statement.setString(1, table);
            statement.setObject(2, from);
            statement.setObject(3, to);
            try (ResultSet rows = statement.executeQuery()) {
                while (rows.next()) {
                    newest.put(
                            rows.getObject("record_id", UUID.class),
                            new Newest(rows.getLong("n"), SealBook.sum(rows, "content")));
                }
            }
        }
        return newest;
    }

    private static void compare(String table, Map<UUID, Newest> newest, Map<UUID, Sum> now, Differing differing)
            throws SQLException {
        for (Map.Entry<UUID, Newest> line : newest.entrySet()) {
            Sum says = now.remove(line.getKey());
            if (!Objects.equals(says, line.getValue().content())) {
                differing.found(new Seal.Subject(table, line.getKey()), line.getValue(), says);
            }
        }
        for (Map.Entry<UUID, Sum> record : now.entrySet()) {
            differing.found(new Seal.Subject(table, record.getKey()), null, record.getValue());
        }
    }
}
