package yellowtally.server.exchange;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import tools.jackson.core.JsonEncoding;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.core.json.JsonFactory;

/**
 * Writes all records as one fleet file, row after row as they are read: however many there are, none is kept. A row is a line, so that a
 * sentence about it can name the line.
 */
final class FleetFileWriter {

    private static final String LINE = "\n";

    private FleetFileWriter() {}

    /** Writes the file, and leaves the stream open. */
    static void write(Connection database, FleetFile.Head head, OutputStream out) throws SQLException, IOException {
        JsonFactory factory = JsonFactory.builder()
                // What breaks off must not be closed as if it were whole.
                .disable(StreamWriteFeature.AUTO_CLOSE_CONTENT)
                .build();
        try (JsonGenerator json =
                factory.createGenerator(ObjectWriteContext.empty(), new Kept(out), JsonEncoding.UTF8)) {
            json.writeStartObject();
            json.writeStringProperty(FleetFile.FIELD_FORMAT, FleetFile.FORMAT);
            json.writeNumberProperty(FleetFile.FIELD_FORM, head.form());
            json.writeStringProperty(FleetFile.FIELD_TAKEN, head.taken());
            json.writeStringProperty(FleetFile.FIELD_FLEET, head.fleet());
            json.writeStringProperty(FleetFile.FIELD_ZONE, head.zone());
            json.writeStringProperty(FleetFile.FIELD_SEAL, head.seal());
            json.writeArrayPropertyStart(FleetFile.FIELD_TABLES);
            for (FleetTable table : FleetTables.of(database).all()) {
                table(database, table, json);
            }
            json.writeEndArray();
            json.writeEndObject();
            json.writeRaw(LINE);
        }
    }

    private static void table(Connection database, FleetTable table, JsonGenerator json) throws SQLException {
        json.writeRaw(LINE);
        json.writeStartObject();
        json.writeStringProperty(FleetFile.FIELD_TABLE, table.name());
        json.writeArrayPropertyStart(FleetFile.FIELD_ROWS);
        long count = 0;
        try (Statement statement = database.createStatement()) {
            // Else the database would gather all rows before the first one is told.
            statement.execute("set lazy_query_execution true");
            try (ResultSet rows = statement.executeQuery(table.query())) {
                while (rows.next()) {
                    json.writeRaw(LINE);
                    row(table.columns(), rows, json);
                    count++;
                }
            } finally {
                statement.execute("set lazy_query_execution false");
            }
        }
        json.writeEndArray();
        // Behind the rows: a file that ends too soon, or lost some, is known by it.
        json.writeNumberProperty(FleetFile.FIELD_COUNT, count);
        json.writeEndObject();
    }

    private static void row(List<FleetTable.Column> columns, ResultSet row, JsonGenerator json) throws SQLException {
        json.writeStartObject();
        for (int i = 0; i < columns.size(); i++) {
            FleetTable.Column column = columns.get(i);
            Object value = column.kind().read(row, i + 1);
            if (value != null) {
                json.writeName(column.name());
                column.kind().write(json, value);
            }
        }
        json.writeEndObject();
    }

    /** Is not closed with what writes to it: a broken answer must not look like a whole one. */
    private static final class Kept extends FilterOutputStream {
        Kept(OutputStream out) {
            super(out);
        }

        @Override
        public void write(byte[] bytes, int from, int length) throws IOException {
            out.write(bytes, from, length);
        }

        @Override
        public void close() throws IOException {
            flush();
        }
    }
}
