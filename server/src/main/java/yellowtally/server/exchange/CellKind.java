package yellowtally.server.exchange;

import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.HexFormat;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;

/** What stands in a column: how it is read from the database, and how it is written in a fleet file. */
enum CellKind {
    TEXT("a text", "string", null) {
        @Override
        @Nullable
        Object read(ResultSet row, int column) throws SQLException {
            return row.getString(column);
        }

        @Override
        void bind(PreparedStatement statement, int place, String text) throws SQLException {
            statement.setString(place, text);
        }
    },
    ID("an id", "string", "uuid") {
        @Override
        @Nullable
        Object read(ResultSet row, int column) throws SQLException {
            return row.getObject(column, UUID.class);
        }

        @Override
        void bind(PreparedStatement statement, int place, String text) throws SQLException {
            statement.setObject(place, UUID.fromString(text));
        }
    },
    WHOLE("a whole number", "integer", null) {
        @Override
        @Nullable
        Object read(ResultSet row, int column) throws SQLException {
            return row.getObject(column, Long.class);
        }

        @Override
        void bind(PreparedStatement statement, int place, String text) throws SQLException {
            statement.setLong(place, Long.parseLong(text));
        }
    },
    NUMBER("a number", "number", null) {
        @Override
        @Nullable
        Object read(ResultSet row, int column) throws SQLException {
            return row.getObject(column, Double.class);
        }

        @Override
        void bind(PreparedStatement statement, int place, String text) throws SQLException {
            statement.setDouble(place, Double.parseDouble(text));
        }
    },
    YES_NO("true or false", "boolean", null) {
        @Override
        @Nullable
        Object read(ResultSet row, int column) throws SQLException {
            return row.getObject(column, Boolean.class);
        }

        @Override
        void bind(PreparedStatement statement, int place, String text) throws SQLException {
            statement.setBoolean(place, text.equals("true"));
        }
    },
    DAY("a day such as 2026-05-01", "string", "date") {
        @Override
        @Nullable
        Object read(ResultSet row, int column) throws SQLException {
            return row.getObject(column, LocalDate.class);
        }

        @Override
        void bind(PreparedStatement statement, int place, String text) throws SQLException {
            statement.setObject(place, LocalDate.parse(text));
        }
    },
    MOMENT("a moment such as 2026-05-01T07:00:00Z", "string", "date-time") {
        @Override
        @Nullable
        Object read(ResultSet row, int column) throws SQLException {
            OffsetDateTime at = row.getObject(column, OffsetDateTime.class);
            return at == null ? null : at.toInstant();
        }

        @Override
        void bind(PreparedStatement statement, int place, String text) throws SQLException {
            // The kind of the database, in UTC: a moment has no place.
            statement.setObject(place, OffsetDateTime.parse(text).withOffsetSameInstant(ZoneOffset.UTC));
        }
    },
    BYTES("hexadecimal", "string", null) {
        @Override
        @Nullable
        Object read(ResultSet row, int column) throws SQLException {
            byte[] bytes = row.getBytes(column);
            return bytes == null ? null : HexFormat.of().formatHex(bytes);
        }

        @Override
        void bind(PreparedStatement statement, int place, String text) throws SQLException {
            statement.setBytes(place, HexFormat.of().parseHex(text));
        }
    };

    private final String said;
    private final String type;
    private final @Nullable String format;

    CellKind(String said, String type, @Nullable String format) {
        this.said = said;
        this.type = type;
        this.format = format;
    }

    /** What it has to be, in words. */
    String said() {
        return said;
    }

    /** Its type in a JSON Schema. */
    String type() {
        return type;
    }

    /** Its format in a JSON Schema; {@code null} for none. */
    @Nullable
    String format() {
        return format;
    }

    /** What stands there; {@code null} for nothing. */
    @Nullable
    abstract Object read(ResultSet row, int column) throws SQLException;

    /** Puts text into a statement. Throws what {@link #refuses} knows where it is none of this kind. */
    abstract void bind(PreparedStatement statement, int place, String text) throws SQLException;

    /** Whether something was thrown because a text is none of the kind that it should be. */
    static boolean refuses(RuntimeException thrown) {
        return thrown instanceof DateTimeException || thrown instanceof IllegalArgumentException;
    }

    /** Writes it as the value of a field. */
    void write(JsonGenerator json, Object value) {
        switch (this) {
            case WHOLE -> json.writeNumber((long) value);
            case NUMBER -> json.writeNumber((double) value);
            case YES_NO -> json.writeBoolean((boolean) value);
            default -> json.writeString(value.toString());
        }
    }

    /** Whether what the parser stands at can be of this kind. */
    boolean fits(JsonParser json) {
        JsonToken token = json.currentToken();
        return switch (type) {
            case "integer" -> token == JsonToken.VALUE_NUMBER_INT;
            case "number" -> token == JsonToken.VALUE_NUMBER_INT || token == JsonToken.VALUE_NUMBER_FLOAT;
            case "boolean" -> token == JsonToken.VALUE_TRUE || token == JsonToken.VALUE_FALSE;
            default -> token == JsonToken.VALUE_STRING;
        };
    }

    /** The kind of a column, by the number that JDBC has for its type. */
    static CellKind of(int jdbcType) {
        return switch (jdbcType) {
            case Types.VARCHAR, Types.CHAR -> TEXT;
            case Types.BINARY -> ID;
            case Types.SMALLINT, Types.INTEGER, Types.BIGINT -> WHOLE;
            case Types.DOUBLE -> NUMBER;
            case Types.BOOLEAN -> YES_NO;
            case Types.DATE -> DAY;
            case Types.TIMESTAMP_WITH_TIMEZONE -> MOMENT;
            case Types.VARBINARY -> BYTES;
            default -> throw new IllegalStateException("no kind of cell for type " + jdbcType);
        };
    }
}
