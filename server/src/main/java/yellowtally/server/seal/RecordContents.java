package yellowtally.server.seal;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;

/**
 * What records say, as the database holds it, to one sum each: over every row of the record, every column that is not empty, by
 * name. A column that is added later and is empty changes nothing.
 */
final class RecordContents {

    private static final String THESE = " = any(?)";
    private static final String FROM_TO = " between ? and ?";
    private static final int AT_ONCE = 1_000;

    private final SealedTables tables;

    RecordContents(SealedTables tables) {
        this.tables = tables;
    }

    /** The sums of these records; none for one that is not there. */
    Map<UUID, Sum> of(Connection database, String table, List<UUID> ids) throws SQLException {
        Map<UUID, Sum> sums = new HashMap<>();
        for (int from = 0; from < ids.size(); from += AT_ONCE) {
            Object[] some =
                    ids.subList(from, Math.min(ids.size(), from + AT_ONCE)).toArray();
            read(database, table, THESE, sums, new Object[] {some});
        }
        return sums;
    }

    /** The sums of all records of a table from one id to another, both included. */
    Map<UUID, Sum> between(Connection database, String table, UUID from, UUID to) throws SQLException {
        Map<UUID, Sum> sums = new HashMap<>();
        read(database, table, FROM_TO, sums, from, to);
        return sums;
    }

    private void read(Connection database, String record, String which, Map<UUID, Sum> sums, Object... values)
            throws SQLException {
        for (SealedTables.Table table : tables.with(record)) {
            String query = "select * from " + table.name() + " where "
                    + table.key().get(0) + which + " order by " + String.join(", ", table.key());
            try (PreparedStatement statement = database.prepareStatement(query)) {
                for (int i = 0; i < values.length; i++) {
                    statement.setObject(i + 1, values[i]);
                }
                try (ResultSet rows = statement.executeQuery()) {
                    add(table, rows, sums);
                }
            }
        }
    }

    private static void add(SealedTables.Table table, ResultSet rows, Map<UUID, Sum> sums) throws SQLException {
        TreeMap<String, Integer> columns = new TreeMap<>();
        ResultSetMetaData told = rows.getMetaData();
        for (int i = 1; i <= told.getColumnCount(); i++) {
            columns.put(told.getColumnLabel(i).toLowerCase(Locale.ROOT), i);
        }
        List<Map.Entry<String, Integer>> inOrder = new ArrayList<>(columns.entrySet());
        int key = rows.findColumn(table.key().get(0));
        while (rows.next()) {
            UUID id = rows.getObject(key, UUID.class);
            if (table.owner() != null && !sums.containsKey(id)) {
                // Left over from a record that somebody took away.
                continue;
            }
            Digest digest = new Digest().add(sums.getOrDefault(id, Sum.NONE)).add(table.name());
            for (Map.Entry<String, Integer> column : inOrder) {
                Object value = rows.getObject(column.getValue());
                if (value != null) {
                    digest.add(column.getKey()).add(text(value));
                }
            }
            sums.put(id, digest.sum());
        }
    }

    /** The same for the same value, whatever the database would make of it. */
    private static String text(Object value) {
        if (value instanceof OffsetDateTime moment) {
            return moment.toInstant().toString();
        }
        return value instanceof java.sql.Date day ? day.toLocalDate().toString() : value.toString();
    }
}
