package yellowtally.server.seal;

import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * Which tables hold records, read from the schema itself, so that none is forgotten: a record is a row that has an id of its own,
 * with all rows whose key begins with the id of that row.
 */
final class SealedTables {

    /** What is no record: the chain, what the schema has gone through, writes that may be forgotten, and what is told elsewhere. */
    private static final Set<String> NO_RECORDS = Set.of(
            "seal",
            "to_seal",
            "flyway_schema_history",
            "applied_write",
            "former_tag",
            "fleet",
            "credential",
            "device",
            "calendar_feed",
            "plan_before",
            "reminder_told");

    /** A table and its key, in order; {@code owner} is the table whose id the key begins with. */
    record Table(String name, List<String> key, @Nullable String owner) {}

    private final Map<String, Table> tables = new TreeMap<>();
    private final Map<String, List<Table>> withAll = new TreeMap<>();

    SealedTables(Connection database) throws SQLException {
        DatabaseMetaData schema = database.getMetaData();
        try (ResultSet rows = schema.getTables(null, "PUBLIC", null, new String[] {"BASE TABLE"})) {
            while (rows.next()) {
                String name = lower(rows.getString("TABLE_NAME"));
                if (!NO_RECORDS.contains(name)) {
                    List<String> key = key(schema, name);
                    tables.put(name, new Table(name, key, owner(schema, name, key.get(0))));
                }
            }
        }
        for (Table table : tables.values()) {
            List<Table> record =
                    withAll.computeIfAbsent(Objects.requireNonNull(recordOf(table.name())), name -> new ArrayList<>());
            record.add(table.owner() == null ? 0 : record.size(), table);
        }
    }

    /** Tables that have a column of this name. */
    static Set<String> withColumn(Connection database, String column) throws SQLException {
        Set<String> found = new HashSet<>();
        try (ResultSet rows = database.getMetaData().getColumns(null, "PUBLIC", null, upper(column))) {
            while (rows.next()) {
                found.add(lower(rows.getString("TABLE_NAME")));
            }
        }
        return found;
    }

    private static String lower(String name) {
        return name.toLowerCase(Locale.ROOT);
    }

    private static String upper(String name) {
        return name.toUpperCase(Locale.ROOT);
    }

    private static List<String> key(DatabaseMetaData schema, String table) throws SQLException {
        Map<Short, String> columns = new TreeMap<>();
        try (ResultSet rows = schema.getPrimaryKeys(null, "PUBLIC", upper(table))) {
            while (rows.next()) {
                columns.put(rows.getShort("KEY_SEQ"), lower(rows.getString("COLUMN_NAME")));
            }
        }
        if (columns.isEmpty()) {
            throw new IllegalStateException("no key: " + table);
        }
        return List.copyOf(columns.values());
    }

    private static @Nullable String owner(DatabaseMetaData schema, String table, String first) throws SQLException {
        try (ResultSet rows = schema.getImportedKeys(null, "PUBLIC", upper(table))) {
            while (rows.next()) {
                if (lower(rows.getString("FKCOLUMN_NAME")).equals(first)) {
                    return lower(rows.getString("PKTABLE_NAME"));
                }
            }
        }
        return null;
    }

    /** Tables of records, without those whose rows belong to a record of another. */
    List<String> ofRecords() {
        return tables.values().stream()
                .filter(table -> table.owner() == null)
                .map(Table::name)
                .toList();
    }

    /** The table of the record that a row of a table belongs to; {@code null} when it belongs to none. */
    @Nullable
    String recordOf(String table) {
        Table at = tables.get(lower(table));
        while (at != null && at.owner() != null) {
            at = tables.get(at.owner());
        }
        return at == null ? null : at.name();
    }

    /** A table of records, and after it all whose rows belong to its records. */
    List<Table> with(String recordTable) {
        return withAll.getOrDefault(recordTable, List.of());
    }
}
