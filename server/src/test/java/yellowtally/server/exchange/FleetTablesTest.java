package yellowtally.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;

/** What goes into a fleet file follows the schema, and every column of it has its words. */
class FleetTablesTest {

    private static final String STORE = "jdbc:h2:mem:fleet-tables;DB_CLOSE_DELAY=-1";

    private static FleetTables tables() throws SQLException {
        Flyway.configure().dataSource(STORE, "sa", "").load().migrate();
        try (Connection database = DriverManager.getConnection(STORE, "sa", "")) {
            return FleetTables.of(database);
        }
    }

    @Test
    void everyTableAndColumnHasItsWordsAndNoneIsLeftOver() throws SQLException {
        Dictionary words = Dictionary.shipped();
        List<String> without = new ArrayList<>();
        Set<String> said = new HashSet<>();
        for (FleetTable table : tables().all()) {
            for (FleetTable.Column column : table.columns()) {
                if (words.of(table.name(), column.name()).isEmpty()) {
                    without.add(table.name() + "." + column.name());
                }
                said.add(table.name() + "." + column.name());
            }
        }
        assertThat(without).isEmpty();
        assertThat(words.tables())
                .isEqualTo(tables().all().stream().map(FleetTable::name).collect(Collectors.toSet()));
        words.tables()
                .forEach(table -> words.of(table)
                        .columns()
                        .keySet()
                        .forEach(column -> assertThat(said).contains(table + "." + column)));
    }

    @Test
    void aRowNamesOnlyWhatStandsBeforeItOrIsFilledInLater() throws SQLException {
        Set<String> before = new HashSet<>();
        for (FleetTable table : tables().all()) {
            for (FleetTable.Column column : table.columns()) {
                boolean known = column.refersTo() == null
                        || column.refersTo().equals(table.name())
                        || before.contains(column.refersTo());
                assertThat(known).as(table.name() + "." + column.name()).isEqualTo(!column.later());
                assertThat(column.later() && column.needed()).isFalse();
            }
            before.add(table.name());
        }
    }

    @Test
    void secretsStayHere() throws SQLException {
        assertThat(tables().all()).extracting(FleetTable::name).doesNotContain("credential", "device", "applied_write");
        assertThat(tables().form()).isGreaterThanOrEqualTo(FleetFile.OLDEST_FORM);
    }
}
