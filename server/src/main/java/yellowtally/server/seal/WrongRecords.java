package yellowtally.server.seal;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Says of a record that is not as it was sealed what a person needs to find it. */
final class WrongRecords {

    private final Connection database;
    private final Set<String> ofSaws;

    WrongRecords(Connection database) throws SQLException {
        this.database = database;
        this.ofSaws = SealedTables.withColumn(database, "saw_id");
    }

    /** The tag of the saw that a record is about; {@code null} when it is about none, or is not there any more. */
    @Nullable
    String tag(@Nullable String table, @Nullable UUID id) throws SQLException {
        if (table == null || id == null || !(ofSaws.contains(table) || table.equals("saw"))) {
            return null;
        }
        String saw = table.equals("saw") ? "r.id" : "r.saw_id";
        String query = "select s.tag from saw s join " + table + " r on s.id = " + saw + " where r.id = ?";
        try (PreparedStatement statement = database.prepareStatement(query)) {
            statement.setObject(1, id);
            try (ResultSet rows = statement.executeQuery()) {
                return rows.next() ? rows.getString("tag") : null;
            }
        }
    }

    /** When a line was written; {@code null} where there is none. */
    @Nullable
    Instant sealedAt(@Nullable Long n) throws SQLException {
        return n == null ? null : SealBook.line(database, n).map(Seal::at).orElse(null);
    }
}
