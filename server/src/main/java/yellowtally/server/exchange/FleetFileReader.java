package yellowtally.server.exchange;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.sql.BatchUpdateException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Types;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.exc.UnexpectedEndOfInputException;
import tools.jackson.core.json.JsonFactory;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Utf8Check;

/**
 * Reads a fleet file into an empty database of the same form, row after row: however many there are, none is kept but those that name one
 * that comes later. Whatever is wrong is refused with its line; the transaction is for the caller to take back.
 */
final class FleetFileReader {

    private static final int AT_ONCE = 500;

    private final Connection database;
    private final FleetTables tables;
    private final JsonParser json;
    private final Progress progress;
    private final List<Later> later = new ArrayList<>();
    private final List<String> read = new ArrayList<>();
    private long rows;

    private FleetFileReader(Connection database, FleetTables tables, JsonParser json, Progress progress) {
        this.database = database;
        this.tables = tables;
        this.json = json;
        this.progress = progress;
    }

    /** Hears how far it is. */
    interface Progress {
        /** So many rows are read; what it throws ends the whole. */
        void rows(long read);
    }

    /** What was read. */
    record Read(FleetFile.Head head, long rows) {}

    /** A cell whose row has to be there first: the row it stands in, by its key. */
    private record Later(FleetTable table, FleetTable.Column column, String value, List<String> key, int line) {}

    /**
     * Reads.
     *
     * @throws Refusal with a sentence that names line and column
     */
    static Read read(Connection database, InputStream file, Progress progress) throws SQLException {
        JsonFactory factory = JsonFactory.builder()
                .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                .disable(StreamReadFeature.AUTO_CLOSE_SOURCE)
                .build();
        Counted counted = new Counted(file);
        try (JsonParser json = factory.createParser(ObjectReadContext.empty(), counted)) {
            return new FleetFileReader(database, FleetTables.of(database), json, progress).file();
        } catch (UnexpectedEndOfInputException e) {
            throw Refusal.unfit("", "fleetFile.ends", e.getLocation().getLineNr());
        } catch (JacksonException e) {
            TokenStreamLocation at = Objects.requireNonNullElse(e.getLocation(), TokenStreamLocation.NA);
            // Cut off between two signs it is no JSON either; what is missing then is the rest.
            if (counted.ended && at.getByteOffset() >= counted.bytes) {
                throw Refusal.unfit("", "fleetFile.ends", at.getLineNr());
            }
            throw Refusal.unfit("", "fleetFile.json", at.getLineNr(), at.getColumnNr());
        }
    }

    /** Knows how long the file was, once its end was met. */
    private static final class Counted extends FilterInputStream {

        private long bytes;
        private boolean ended;

        Counted(InputStream file) {
            super(file);
        }

        @Override
        public int read() throws IOException {
            int one = super.read();
            count(one < 0 ? -1 : 1);
            return one;
        }

        @Override
        public int read(byte[] into, int from, int most) throws IOException {
            return count(super.read(into, from, most));
        }

        private int count(int read) {
            bytes += Math.max(0, read);
            ended |= read < 0;
            return read;
        }
    }

    private Read file() throws SQLException {
        if (json.nextToken() != JsonToken.START_OBJECT) {
            throw Refusal.unfit("", "fleetFile.none");
        }
        FleetFile.Head head = head();
        need(JsonToken.START_ARRAY);
        while (json.nextToken() != JsonToken.END_ARRAY) {
            table();
        }
        need(json.nextToken() == JsonToken.END_OBJECT);
        fillIn();
        for (FleetTable table : tables.all()) {
            // An older form may not have had it.
            if (head.form() == tables.form() && !read.contains(table.name())) {
                throw Refusal.unfit("", "fleetFile.missing", table.name());
            }
        }
        return new Read(head, rows);
    }

    /** What stands before the tables, in any order; stops at their beginning. */
    private FleetFile.Head head() {
        String format = "";
        int form = 0;
        String taken = "";
        String fleet = "";
        String zone = "";
        String seal = "";
        while (true) {
            String field = json.nextName();
            if (field == null) {
                throw Refusal.unfit("", "fleetFile.none");
            }
            json.nextToken();
            switch (field) {
                case FleetFile.FIELD_FORMAT -> format = json.getValueAsString("");
                case FleetFile.FIELD_FORM -> form = json.getValueAsInt(0);
                case FleetFile.FIELD_TAKEN -> taken = json.getValueAsString("");
                case FleetFile.FIELD_FLEET -> fleet = json.getValueAsString("");
                case FleetFile.FIELD_ZONE -> zone = json.getValueAsString("");
                case FleetFile.FIELD_SEAL -> seal = json.getValueAsString("");
                case FleetFile.FIELD_TABLES -> {
                    refuseOther(format, form);
                    return new FleetFile.Head(form, taken, fleet, zone, seal);
                }
                default -> throw wrong("fleetFile.field", field);
            }
        }
    }

    private void refuseOther(String format, int form) {
        if (!format.equals(FleetFile.FORMAT)) {
            throw Refusal.unfit("", "fleetFile.none");
        }
        if (form > tables.form()) {
            throw Refusal.unfit("", "fleetFile.newer", form, tables.form());
        }
        if (form < FleetFile.OLDEST_FORM) {
            throw Refusal.unfit("", "fleetFile.older", form, FleetFile.OLDEST_FORM);
        }
    }

    /** A table: its name, its rows, and how many they should be. */
    private void table() throws SQLException {
        need(JsonToken.START_OBJECT);
        need(FleetFile.FIELD_TABLE.equals(json.nextName()));
        String name = Objects.requireNonNullElse(json.nextStringValue(), "");
        FleetTable table = tables.find(name).orElseThrow(() -> wrong("fleetFile.table", name));
        for (FleetTable.Column column : table.columns()) {
            String named = column.refersTo();
            if (named != null && !column.later() && !named.equals(name) && !read.contains(named)) {
                throw wrong("fleetFile.order", name, named);
            }
        }
        if (read.contains(name)) {
            throw wrong("fleetFile.twice", name);
        }
        need(FleetFile.FIELD_ROWS.equals(json.nextName()));
        need(json.nextToken() == JsonToken.START_ARRAY);
        long before = rows;
        rows(table);
        read.add(name);
        need(FleetFile.FIELD_COUNT.equals(json.nextName()));
        json.nextToken();
        long count = json.getValueAsLong(-1);
        if (count != rows - before) {
            throw wrong("fleetFile.count", name, count, rows - before);
        }
        need(json.nextToken() == JsonToken.END_OBJECT);
    }

    /** A row as it was read, and where it stood. */
    private record Row(List<@Nullable String> cells, int line) {}

    private void rows(FleetTable table) throws SQLException {
        List<FleetTable.Column> columns = table.columns();
        String insert = "insert into " + table.name() + " ("
                + columns.stream().map(FleetTable.Column::name).collect(Collectors.joining(", ")) + ") values ("
                + String.join(", ", Collections.nCopies(columns.size(), "?")) + ")";
        Map<List<String>, Row> waiting = new LinkedHashMap<>();
        try (PreparedStatement statement = database.prepareStatement(insert)) {
            List<Integer> lines = new ArrayList<>();
            while (json.nextToken() != JsonToken.END_ARRAY) {
                need(JsonToken.START_OBJECT);
                Row row = row(table);
                rows++;
                if (named(table, row).isEmpty()) {
                    add(table, row, statement, lines);
                } else {
                    waiting.put(key(table, row.cells()), row);
                }
            }
            store(table, statement, lines);
            while (!waiting.isEmpty()) {
                // First those that name none which waits itself; where all do, the first of them is refused by the
                // database.
                List<String> next = waiting.keySet().stream()
                        .filter(key -> named(table, Objects.requireNonNull(waiting.get(key))).stream()
                                .noneMatch(other -> waiting.containsKey(List.of(other))))
                        .findFirst()
                        .orElse(waiting.keySet().iterator().next());
                add(table, Objects.requireNonNull(waiting.remove(next)), statement, lines);
                store(table, statement, lines);
            }
        }
    }

    /** The rows of the same table that a row names. */
    private static List<String> named(FleetTable table, Row row) {
        return table.ofItself().stream()
                .map(column -> row.cells().get(table.columns().indexOf(column)))
                .filter(Objects::nonNull)
                .toList();
    }

    private void add(FleetTable table, Row row, PreparedStatement statement, List<Integer> lines) throws SQLException {
        for (int i = 0; i < row.cells().size(); i++) {
            bind(table, i, row, statement);
        }
        statement.addBatch();
        lines.add(row.line());
        if (lines.size() == AT_ONCE) {
            store(table, statement, lines);
        }
    }

    private void store(FleetTable table, PreparedStatement statement, List<Integer> lines) throws SQLException {
        if (!lines.isEmpty()) {
            try {
                statement.executeBatch();
            } catch (BatchUpdateException e) {
                int[] done = e.getUpdateCounts();
                int failed = 0;
                while (failed < done.length && done[failed] != Statement.EXECUTE_FAILED) {
                    failed++;
                }
                int line = lines.get(Math.min(failed, lines.size() - 1));
                throw Refusal.unfit("", "fleetFile.row", line, table.name(), StoredRow.why(e));
            }
            lines.clear();
            progress.rows(rows);
        }
    }

    private Row row(FleetTable table) {
        @Nullable String[] cells = new @Nullable String[table.columns().size()];
        int line = json.currentTokenLocation().getLineNr();
        while (json.nextToken() != JsonToken.END_OBJECT) {
            String name = json.currentName();
            FleetTable.Column column =
                    table.column(name).orElseThrow(() -> wrong("fleetFile.column", table.name(), name));
            json.nextToken();
            if (json.currentToken() != JsonToken.VALUE_NULL) {
                if (!column.kind().fits(json) || !Utf8Check.canBeKept(json.getString())) {
                    throw wrong("fleetFile.cell", name, column.kind().said());
                }
                cells[table.columns().indexOf(column)] = json.getString();
            }
        }
        return new Row(Arrays.asList(cells), line);
    }

    private void bind(FleetTable table, int i, Row row, PreparedStatement statement) throws SQLException {
        FleetTable.Column column = table.columns().get(i);
        String text = row.cells().get(i);
        if (text == null) {
            if (column.needed()) {
                throw Refusal.unfit("", "fleetFile.empty", row.line(), table.name(), column.name());
            }
            statement.setNull(i + 1, Types.NULL);
        } else if (column.later()) {
            statement.setNull(i + 1, Types.NULL);
            later.add(new Later(table, column, text, key(table, row.cells()), row.line()));
        } else {
            set(column, statement, i + 1, text, row.line());
        }
    }

    private static List<String> key(FleetTable table, List<@Nullable String> cells) {
        List<String> key = new ArrayList<>();
        for (int i = 0; i < cells.size(); i++) {
            if (table.key().contains(table.columns().get(i).name())) {
                key.add(Objects.requireNonNullElse(cells.get(i), ""));
            }
        }
        return key;
    }

    private static void set(FleetTable.Column column, PreparedStatement statement, int place, String text, int line)
            throws SQLException {
        try {
            column.kind().bind(statement, place, text);
        } catch (RuntimeException e) {
            if (!CellKind.refuses(e)) {
                throw e;
            }
            throw Refusal.unfit(
                    "", "fleetFile.cellAt", line, column.name(), column.kind().said());
        }
    }

    /** What names a row that came later. */
    private void fillIn() throws SQLException {
        for (Later one : later) {
            List<FleetTable.Column> key = one.table().columns().stream()
                    .filter(column -> one.table().key().contains(column.name()))
                    .toList();
            String update =
                    "update " + one.table().name() + " set " + one.column().name() + " = ? where "
                            + key.stream().map(column -> column.name() + " = ?").collect(Collectors.joining(" and "));
            try (PreparedStatement statement = database.prepareStatement(update)) {
                set(one.column(), statement, 1, one.value(), one.line());
                for (int i = 0; i < key.size(); i++) {
                    set(key.get(i), statement, i + 2, one.key().get(i), one.line());
                }
                statement.executeUpdate();
            } catch (SQLException e) {
                throw Refusal.unfit("", "fleetFile.row", one.line(), one.table().name(), StoredRow.why(e));
            }
        }
    }

    private void need(JsonToken token) {
        need(json.currentToken() == token);
    }

    private void need(boolean asItShould) {
        if (!asItShould) {
            throw wrong("fleetFile.form");
        }
    }

    /** Something that is wrong where the parser stands: line and column come first among the figures. */
    private Refusal wrong(String code, Object... figures) {
        TokenStreamLocation at = json.currentTokenLocation();
        List<Object> all = new ArrayList<>(List.of(at.getLineNr(), at.getColumnNr()));
        all.addAll(List.of(figures));
        return Refusal.unfit("", code, all.toArray());
    }
}
