package yellowtally.server.exchange;

import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * The tables that are the records of a fleet, read from the schema itself, so that none is forgotten. Each stands after those that
 * its rows name, as far as they do not name each other.
 */
final class FleetTables {

    /** Secrets, what belongs to this installation alone, and what may be forgotten. */
    static final Set<String> STAY_HERE = Set.of(
            "credential",
            "device",
            "calendar_feed",
            "plan_before",
            "reminder_told",
            "fleet",
            "applied_write",
            "to_seal",
            "flyway_schema_history");

    private final Map<String, FleetTable> tables;
    private final int form;

    private FleetTables(Map<String, FleetTable> tables, int form) {
        this.tables = tables;
        this.form = form;
    }

    /** Of a database. */
    static FleetTables of(Connection database) throws SQLException {
        DatabaseMetaData schema = database.getMetaData();
        Map<String, FleetTable> found = new TreeMap<>();
        try (ResultSet rows = schema.getTables(null, "PUBLIC", null, new String[] {"BASE TABLE"})) {
            while (rows.next()) {
                String name = lower(rows.getString("TABLE_NAME"));
                if (!STAY_HERE.contains(name)) {
                    found.put(name, new FleetTable(name, columns(schema, name), key(schema, name)));
                }
            }
        }
        return new FleetTables(inOrder(found), form(database));
    }

    /** In the order in which they are written and read. */
    List<FleetTable> all() {
        return List.copyOf(tables.values());
    }

    Optional<FleetTable> find(String name) {
        return Optional.ofNullable(tables.get(name));
    }

    /** The number of the last change that the schema has gone through. */
    int form() {
        return form;
    }

    private static int form(Connection database) throws SQLException {
        try (Statement statement = database.createStatement();
                ResultSet rows = statement.executeQuery(
                        "select max(cast(\"version\" as integer)) from \"flyway_schema_history\" where \"success\"")) {
            rows.next();
            return rows.getInt(1);
        }
    }

    private static List<FleetTable.Column> columns(DatabaseMetaData schema, String table) throws SQLException {
        Map<String, String> refersTo = new TreeMap<>();
        try (ResultSet rows = schema.getImportedKeys(null, "PUBLIC", table.toUpperCase(Locale.ROOT))) {
            while (rows.next()) {
                refersTo.put(lower(rows.getString("FKCOLUMN_NAME")), lower(rows.getString("PKTABLE_NAME")));
            }
        }
        List<FleetTable.Column> columns = new ArrayList<>();
        try (ResultSet rows = schema.getColumns(null, "PUBLIC", table.toUpperCase(Locale.ROOT), null)) {
            while (rows.next()) {
                if (!"YES".equals(rows.getString("IS_GENERATEDCOLUMN"))) {
                    String name = lower(rows.getString("COLUMN_NAME"));
                    columns.add(new FleetTable.Column(
                            name,
                            CellKind.of(rows.getInt("DATA_TYPE")),
                            rows.getInt("NULLABLE") == DatabaseMetaData.columnNoNulls,
                            refersTo.get(name),
                            false));
                }
            }
        }
        return columns;
    }

    private static List<String> key(DatabaseMetaData schema, String table) throws SQLException {
        Map<Short, String> columns = new TreeMap<>();
        try (ResultSet rows = schema.getPrimaryKeys(null, "PUBLIC", table.toUpperCase(Locale.ROOT))) {
            while (rows.next()) {
                columns.put(rows.getShort("KEY_SEQ"), lower(rows.getString("COLUMN_NAME")));
            }
        }
        return List.copyOf(columns.values());
    }

    private static Map<String, FleetTable> inOrder(Map<String, FleetTable> all) {
        Map<String, FleetTable> placed = new LinkedHashMap<>();
        Map<String, FleetTable> left = new TreeMap<>(all);
        while (!left.isEmpty()) {
            FleetTable next = next(left, false);
            FleetTable any = next == null ? next(left, true) : next;
            if (any == null) {
                throw new IllegalStateException("tables that need each other: " + left.keySet());
            }
            left.remove(any.name());
            placed.put(any.name(), withLater(any, left));
        }
        return placed;
    }

    /** The first that names none of those left; or, of those that may be filled in later, only some. */
    private static @Nullable FleetTable next(Map<String, FleetTable> left, boolean fillsIn) {
        return left.values().stream()
                .filter(table -> table.columns().stream()
                        .noneMatch(column -> column.refersTo() != null
                                && !column.refersTo().equals(table.name())
                                && left.containsKey(column.refersTo())
                                && (column.needed() || !fillsIn)))
                .findFirst()
                .orElse(null);
    }

    private static FleetTable withLater(FleetTable table, Map<String, FleetTable> after) {
        List<FleetTable.Column> columns = table.columns().stream()
                .map(column -> new FleetTable.Column(
                        column.name(),
                        column.kind(),
                        column.needed(),
                        column.refersTo(),
                        column.refersTo() != null && after.containsKey(column.refersTo())))
                .toList();
        return new FleetTable(table.name(), columns, table.key());
    }

    private static String lower(String name) {
        return name.toLowerCase(Locale.ROOT);
    }
}
