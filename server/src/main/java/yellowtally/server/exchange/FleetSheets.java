package yellowtally.server.exchange;

import java.io.IOException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowtally.server.sheets.Heading;
import yellowtally.server.sheets.SheetBook;
import yellowtally.server.sheets.Words;

/**
 * All records as sheets for reading and reckoning: one for each table, with tags and names where the records have ids, days and
 * hours of the fleet, and one that says what every column is.
 */
final class FleetSheets {

    /** Means nothing without the records as they are stored. */
    private static final String SEALS = "seal";

    /** What rows are known by: tables, and what is said for the id of a row. */
    private static final Map<String, String> NAMES = Map.of(
            "saw", "tag",
            "part", "tag",
            "person", "name",
            "crew", "name",
            "model", "make || ' ' || name",
            "stock_item", "name");

    /** What only the program needs. */
    private static final Set<String> LEFT_OUT = Set.of("version", "open_saw_id", "open_chain_id");

    /** What only one kind of part has; its id is the part's. */
    private static final List<String> KINDS_OF_PART = List.of("chain", "bar", "sprocket");

    private final Connection database;
    private final ZoneId zone;
    private final SheetBook book;
    private final FleetTables tables;
    private final Words words = Words.ofScreens();
    private final Dictionary dictionary = Dictionary.shipped();
    private final Map<String, Map<Object, String>> names = new HashMap<>();

    private FleetSheets(Connection database, ZoneId zone, SheetBook book) throws SQLException {
        this.database = database;
        this.zone = zone;
        this.book = book;
        this.tables = FleetTables.of(database);
    }

    /** A column of a sheet: where it is read from, and what its values are. */
    private record SheetColumn(String from, String heading, FleetTable.Column column) {}

    /** Writes all sheets. */
    static void write(Connection database, ZoneId zone, SheetBook book) throws SQLException, IOException {
        FleetSheets sheets = new FleetSheets(database, zone, book);
        sheets.readNames();
        sheets.explain();
        for (FleetTable table : sheets.tables.all()) {
            if (!table.name().equals(SEALS)) {
                sheets.sheet(table);
            }
        }
    }

    private void readNames() throws SQLException {
        try (Statement statement = database.createStatement()) {
            for (Map.Entry<String, String> named : NAMES.entrySet()) {
                Map<Object, String> found = new HashMap<>();
                try (ResultSet rows =
                        statement.executeQuery("select id, " + named.getValue() + " from " + named.getKey())) {
                    while (rows.next()) {
                        found.put(rows.getObject(1), rows.getString(2));
                    }
                }
                names.put(named.getKey(), found);
            }
        }
        KINDS_OF_PART.forEach(kind -> names.put(kind, names.get("part")));
    }

    /** The first sheet says what stands in the others. */
    private void explain() throws IOException {
        book.sheet("Columns", List.of("Sheet", "Column", "What it is"));
        for (FleetTable table : tables.all()) {
            if (!table.name().equals(SEALS)) {
                String sheet = Words.sentence(table.name());
                book.row(List.of(sheet, "", dictionary.of(table.name()).says()));
                for (SheetColumn column : own(table).toList()) {
                    String says =
                            dictionary.of(table.name(), column.column().name()).orElse("");
                    book.row(List.of(sheet, column.heading(), says));
                }
            }
        }
    }

    private void sheet(FleetTable table) throws SQLException, IOException {
        List<SheetColumn> columns = Stream.concat(beside(table), own(table)).toList();
        book.sheet(
                Words.sentence(table.name()),
                columns.stream().map(SheetColumn::heading).toList());
        String query = "select " + columns.stream().map(SheetColumn::from).collect(Collectors.joining(", ")) + " from "
                + table.name() + " t" + join(table);
        try (Statement statement = database.createStatement()) {
            statement.execute("set lazy_query_execution true");
            try (ResultSet rows = statement.executeQuery(query)) {
                while (rows.next()) {
                    book.row(cells(columns, rows));
                }
            } finally {
                statement.execute("set lazy_query_execution false");
            }
        }
    }

    private static Stream<SheetColumn> own(FleetTable table) {
        return table.columns().stream()
                .filter(column -> !LEFT_OUT.contains(column.name()))
                .map(column -> new SheetColumn("t." + column.name(), Heading.of(column.name()), column));
    }

    /** What the record that a row belongs to says, so that a row is understood without looking for it. */
    private Stream<SheetColumn> beside(FleetTable table) {
        return dictionary.of(table.name()).beside().stream()
                .map(name -> owner(table).column(name).orElseThrow())
                .map(column -> new SheetColumn("o." + column.name(), Heading.of(column.name()), column));
    }

    private String join(FleetTable table) {
        if (dictionary.of(table.name()).beside().isEmpty()) {
            return "";
        }
        FleetTable owner = owner(table);
        return " join " + owner.name() + " o on o." + owner.key().get(0) + " = t."
                + ownerColumn(table).name();
    }

    private FleetTable owner(FleetTable table) {
        return tables.find(String.valueOf(ownerColumn(table).refersTo())).orElseThrow();
    }

    /** The first column that names a record with more to say than its name. */
    private static FleetTable.Column ownerColumn(FleetTable table) {
        return table.columns().stream()
                .filter(column -> column.refersTo() != null
                        && !NAMES.containsKey(column.refersTo())
                        && !KINDS_OF_PART.contains(column.refersTo()))
                .findFirst()
                .orElseThrow();
    }

    private List<@Nullable Object> cells(List<SheetColumn> columns, ResultSet row) throws SQLException {
        List<@Nullable Object> cells = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
            FleetTable.Column column = columns.get(i).column();
            cells.add(cell(column, column.kind().read(row, i + 1)));
        }
        return cells;
    }

    private @Nullable Object cell(FleetTable.Column column, @Nullable Object value) {
        if (value == null) {
            return null;
        }
        Map<Object, String> named = column.refersTo() == null ? null : names.get(column.refersTo());
        return switch (column.kind()) {
            case ID -> named == null ? value.toString() : named.getOrDefault(value, value.toString());
            case MOMENT -> LocalDateTime.ofInstant((Instant) value, zone);
            case YES_NO -> (boolean) value ? "yes" : "no";
            case TEXT -> dictionary.isCode(column.name()) ? words.of(column.name(), value.toString()) : value;
            default -> value;
        };
    }
}
