package yellowtally.server.seal;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Types;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** The lines of the chain, as a database holds them. */
final class SealBook {

    private static final String LINES =
            "select n, record_table, record_id, remark, content, at, seal from seal where n > ? order by n";
    private static final String APPEND =
            "insert into seal (n, record_table, record_id, remark, content, at, seal) values (?, ?, ?, ?, ?, ?, ?)";
    private static final int PAGE = 2_000;

    private SealBook() {}

    /** What is done with a line. */
    interface Reader {
        /** Returns whether it wants the next one. */
        boolean read(Seal line) throws SQLException;
    }

    /** The end of the chain. */
    static Seal.Head head(Connection database) throws SQLException {
        try (Statement statement = database.createStatement();
                ResultSet rows = statement.executeQuery("select coalesce(max(n), 0) n from seal")) {
            rows.next();
            return line(database, rows.getLong("n")).map(Seal::head).orElse(Seal.NONE);
        }
    }

    /** One line, if there is one of this number. */
    static Optional<Seal> line(Connection database, long n) throws SQLException {
        List<Seal> found = new ArrayList<>();
        read(database, n - 1, line -> {
            found.add(line);
            return false;
        });
        return found.stream().filter(line -> line.n() == n).findFirst();
    }

    /** Reads the lines after one, some at a time. */
    static void read(Connection database, long after, Reader reader) throws SQLException {
        long last = after;
        try (PreparedStatement statement = database.prepareStatement(LINES + " limit " + PAGE)) {
            for (int read = PAGE; read == PAGE; ) {
                read = 0;
                statement.setLong(1, last);
                try (ResultSet rows = statement.executeQuery()) {
                    while (rows.next()) {
                        Seal line = line(rows);
                        last = line.n();
                        read++;
                        if (!reader.read(line)) {
                            return;
                        }
                    }
                }
            }
        }
    }

    private static Seal line(ResultSet row) throws SQLException {
        String table = row.getString("record_table");
        return new Seal(
                row.getLong("n"),
                table == null ? null : new Seal.Subject(table, row.getObject("record_id", UUID.class)),
                row.getString("remark"),
                sum(row, "content"),
                row.getObject("at", OffsetDateTime.class).toInstant(),
                Objects.requireNonNull(sum(row, "seal")));
    }

    static @Nullable Sum sum(ResultSet row, String column) throws SQLException {
        byte[] bytes = row.getBytes(column);
        return bytes == null ? null : Sum.of(bytes);
    }

    static void append(Connection database, Collection<Seal> lines) throws SQLException {
        try (PreparedStatement statement = database.prepareStatement(APPEND)) {
            for (Seal line : lines) {
                Seal.Subject subject = line.subject();
                statement.setLong(1, line.n());
                statement.setString(2, subject == null ? null : subject.table());
                statement.setObject(3, subject == null ? null : subject.id(), Types.OTHER);
                statement.setString(4, line.remark());
                statement.setBytes(
                        5, line.content() == null ? null : line.content().bytes());
                statement.setObject(6, OffsetDateTime.ofInstant(line.at(), ZoneOffset.UTC));
                statement.setBytes(7, line.hash().bytes());
                statement.addBatch();
            }
            statement.executeBatch();
        }
    }
}
