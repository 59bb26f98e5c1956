package yellowtally.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import yellowtally.stress.Fuzz;

/** Five thousand requests that nobody should send: none fails, and nothing is stored that no screen could have sent. */
class FuzzTest {

    private static final int ROUNDS = 5_000;
    private static final long SEED = 14;

    @Test
    void nonsenseIsRefusedInASentenceAndLeavesNothing(@TempDir Path data) throws Exception {
        Fuzz.Result result;
        try (Application application = Application.start(data)) {
            result = new Fuzz(application.address()).run(ROUNDS, SEED);
        }
        assertThat(result.wrong()).isEmpty();
        assertThat(result.taken()).as("some came through").isGreaterThan(500);
        assertThat(result.refused()).isGreaterThan(1_000);
        assertThat(Files.readString(data.resolve("application.log")))
                .doesNotContain("forged")
                .doesNotContain("Exception");
        try (Connection db = DriverManager.getConnection("jdbc:h2:file:" + data.resolve("yellow-tally"), "sa", "")) {
            assertThat(impossible(db)).isEmpty();
        }
    }

    /** Every column of every table with a value that no screen sends. */
    private static List<String> impossible(Connection db) throws SQLException {
        List<String> found = new ArrayList<>();
        for (List<String> column : columns(db)) {
            String wrong = switch (column.get(2)) {
                case "CHARACTER VARYING" ->
                    "regexp_like(%1$s, '[\\x00-\\x08\\x0b-\\x1f\\x7f\\u200b\\u202a-\\u202e]')"
                            + " or (%1$s is not null and trim(%1$s) = '')";
                case "DOUBLE PRECISION" -> "not (abs(%1$s) <= 1000000000)";
                case "TIMESTAMP WITH TIME ZONE", "DATE" -> "extract(year from %1$s) not between 1950 and 2099";
                default -> "false";
            };
            String where = wrong.formatted("\"" + column.get(1) + "\"");
            try (Statement statement = db.createStatement();
                    ResultSet rows =
                            statement.executeQuery("select count(*) from \"" + column.get(0) + "\" where " + where)) {
                rows.next();
                if (rows.getInt(1) > 0) {
                    found.add(column.get(0) + "." + column.get(1) + ": " + rows.getInt(1));
                }
            }
        }
        return found;
    }

    private static List<List<String>> columns(Connection db) throws SQLException {
        List<List<String>> columns = new ArrayList<>();
        try (Statement statement = db.createStatement();
                ResultSet rows = statement.executeQuery(
                        "select table_name, column_name, data_type from"
                                + " information_schema.columns where table_schema = 'PUBLIC' and table_name <> 'flyway_schema_history'")) {
            while (rows.next()) {
                columns.add(List.of(rows.getString(1), rows.getString(2), rows.getString(3)));
            }
        }
        return columns;
    }
}
