package yellowtally.server.backup;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import yellowtally.server.seal.Verification;

/**
 * A copy that was opened as a database of its own and looked through.
 *
 * @param records how many there are
 * @param code the end of the chain in it
 * @param found how many are not as they were sealed
 */
public record Opened(long records, String code, long found) {

    private static final String ENDING = ".mv.db";

    /** Opens, looks through, and writes it anew without what lies between the records. */
    static Opened andTidied(Path file, Runnable between) throws SQLException {
        try (Connection copy = open(file, "");
                Statement statement = copy.createStatement()) {
            Opened opened = look(copy, between);
            statement.execute("shutdown compact");
            return opened;
        }
    }

    /** Opens and looks through; nothing is written. */
    static Opened forReading(Path file) throws SQLException {
        try (Connection copy = open(file, ";ACCESS_MODE_DATA=r")) {
            return look(copy, () -> {});
        }
    }

    /**
     * Opens a file of a database that the application has not open. It is closed by whoever opened it, not by an end of the
     * application that comes between.
     */
    static Connection open(Path file, String how) throws SQLException {
        String name = file.toAbsolutePath().normalize().toString();
        String url = "jdbc:h2:file:" + name.substring(0, name.length() - ENDING.length());
        return DriverManager.getConnection(
                url + ";IFEXISTS=TRUE;CACHE_SIZE=8192;TRACE_LEVEL_FILE=0;DB_CLOSE_ON_EXIT=FALSE" + how, "sa", "");
    }

    private static Opened look(Connection copy, Runnable between) throws SQLException {
        if (!isSealed(copy)) {
            return new Opened(count(copy), BackupName.NOT_SEALED, 0);
        }
        Verification.Verdict verdict = Verification.of(copy, between);
        return new Opened(verdict.records(), verdict.code(), verdict.found());
    }

    /** Records of an earlier form are not. */
    static boolean isSealed(Connection database) throws SQLException {
        try (ResultSet tables = database.getMetaData().getTables(null, "PUBLIC", "SEAL", null)) {
            return tables.next();
        }
    }

    /** Every row of every table: what can be told of records that are not sealed. */
    static long count(Connection database) throws SQLException {
        List<String> tables = new ArrayList<>();
        try (ResultSet rows = database.getMetaData().getTables(null, "PUBLIC", null, new String[] {"BASE TABLE"})) {
            while (rows.next()) {
                tables.add(rows.getString("TABLE_NAME"));
            }
        }
        long all = 0;
        for (String table : tables) {
            try (Statement statement = database.createStatement();
                    ResultSet rows = statement.executeQuery("select count(*) n from \"" + table + "\"")) {
                rows.next();
                all += rows.getLong("n");
            }
        }
        return all;
    }
}
