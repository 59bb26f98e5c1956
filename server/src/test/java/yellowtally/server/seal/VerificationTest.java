package yellowtally.server.seal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import yellowtally.server.seal.Verification.Verdict;
import yellowtally.server.seal.Verification.WrongKind;

/** Rows of a database that was sealed are altered behind it, each in a transaction that is taken back. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class VerificationTest {

    private static final String SOME_RECORD =
            "(select id from work_record order by seq offset 100 rows fetch first row only)";

    private static final String INSERTED = "insert into refuel (id, outing_id, at, person_id) "
            + "select random_uuid(), id, back_at, out_person_id from outing where back_at is not null fetch first row only";

    private Connection database;

    @BeforeAll
    void fill() throws SQLException {
        JdbcDataSource source = new JdbcDataSource();
        source.setURL("jdbc:h2:mem:verified");
        source.setUser("sa");
        source.setPassword("");
        database = source.getConnection();
        try (Statement statement = database.createStatement()) {
            statement.execute("runscript from 'classpath:/before/records.sql.gz' compression gzip");
        }
        Flyway.configure()
                .dataSource(new SingleConnectionDataSource(database, true))
                .load()
                .migrate();
        assertThat(new SealsWhatIsDue(source, new Chain(source, Clock.systemUTC())))
                .isNotNull();
        database.setAutoCommit(false);
    }

    @AfterAll
    void close() throws SQLException {
        database.close();
    }

    private Verdict after(String... alterations) throws SQLException {
        try (Statement statement = database.createStatement()) {
            // As somebody would who has the file in their hands.
            statement.execute("set referential_integrity false");
            for (String alteration : alterations) {
                assertThat(statement.executeUpdate(alteration)).as(alteration).isPositive();
            }
            return Verification.of(database);
        } finally {
            database.rollback();
        }
    }

    @Test
    void whatWasSealedIsWhole() throws SQLException {
        Verdict verdict = Verification.of(database);
        assertThat(verdict.wrong()).isEmpty();
        assertThat(verdict.whole()).isTrue();
        assertThat(verdict.records()).isGreaterThan(1_000);
        assertThat(verdict.code()).startsWith(verdict.lines() + "-");
    }

    static Stream<Arguments> alterations() {
        return Stream.of(
                arguments("update work_record set outcome = 'SKIPPED' where id = " + SOME_RECORD, WrongKind.ALTERED),
                arguments("update work_record set note = 'Fine' where id = " + SOME_RECORD, WrongKind.ALTERED),
                arguments(
                        "update work_measure set figure = figure + 0.01 where record_id = "
                                + "(select min(record_id) from work_measure)",
                        WrongKind.ALTERED),
                arguments(
                        "delete from work_finding where record_id = (select min(record_id) from work_finding)",
                        WrongKind.ALTERED),
                arguments(
                        "insert into work_void (record_id, reason, at, person_id, seq) select id, 'Wrong', at, person_id, 1 "
                                + "from work_record where id = " + SOME_RECORD,
                        WrongKind.ALTERED),
                arguments("delete from work_record where id = " + SOME_RECORD, WrongKind.MISSING),
                arguments(
                        "update tension_reading set cold = not cold where check_id = (select min(check_id) from tension_reading)",
                        WrongKind.ALTERED),
                arguments("delete from saw_hold where id = (select min(id) from saw_hold)", WrongKind.MISSING),
                arguments(
                        "update outing set tanks = tanks + 1 where back_at = (select max(back_at) from outing)",
                        WrongKind.ALTERED),
                arguments("delete from fault_event where id = (select min(id) from fault_event)", WrongKind.MISSING),
                arguments(
                        "update person set name = 'Somebody' where id = (select min(id) from person)",
                        WrongKind.ALTERED),
                arguments(
                        "update chain set drive_links = drive_links + 1 where id = (select min(id) from chain)",
                        WrongKind.ALTERED),
                arguments(INSERTED, WrongKind.INSERTED),
                arguments("update seal set content = x'00' where n = 50", WrongKind.BROKEN),
                arguments("update seal set at = dateadd(second, 1, at) where n = 50", WrongKind.BROKEN),
                arguments("update seal set seal = x'00' where n = 50", WrongKind.BROKEN),
                arguments("delete from seal where n = 50", WrongKind.BROKEN),
                arguments(
                        "insert into seal (n, remark, at, seal) select max(n) + 1, 'Anew', max(at), x'00' from seal",
                        WrongKind.BROKEN));
    }

    @ParameterizedTest
    @MethodSource("alterations")
    void eachAlterationIsFound(String alteration, WrongKind kind) throws SQLException {
        Verdict verdict = after(alteration);
        assertThat(verdict.whole()).isFalse();
        assertThat(verdict.wrong()).extracting(Verification.Wrong::kind).contains(kind);
    }

    @Test
    void theFirstOfSeveralIsToldFirst() throws SQLException {
        Verdict verdict = after(
                "update seal set seal = x'00' where n = 700", "update seal set seal = x'00' where n = 30", INSERTED);
        assertThat(verdict.wrong().get(0).n()).isEqualTo(30);
        assertThat(verdict.wrong().get(verdict.wrong().size() - 1).kind()).isEqualTo(WrongKind.INSERTED);
    }

    @Test
    void ofVeryManyOnlySomeAreToldAndAllAreCounted() throws SQLException {
        Verdict verdict = after("update work_record set device = device || '.'");
        assertThat(verdict.found()).isGreaterThan(verdict.wrong().size());
        assertThat(verdict.wrong()).hasSizeLessThan(50);
    }

    @Test
    void everyTableIsSealedButThoseThatHoldNoRecords() throws SQLException {
        TreeSet<String> tables = new TreeSet<>();
        try (Statement statement = database.createStatement();
                ResultSet rows = statement.executeQuery("select lower(table_name) from information_schema.tables"
                        + " where table_schema = 'PUBLIC' and table_type = 'BASE TABLE'")) {
            while (rows.next()) {
                tables.add(rows.getString(1));
            }
        }
        List<String> sealed = new ArrayList<>();
        SealedTables known = new SealedTables(database);
        known.ofRecords().forEach(table -> known.with(table).forEach(with -> sealed.add(with.name())));
        assertThat(tables).containsAll(sealed);
        tables.removeAll(sealed);
        assertThat(tables)
                .containsExactly(
                        "applied_write",
                        "calendar_feed",
                        "credential",
                        "device",
                        "fleet",
                        "flyway_schema_history",
                        "former_tag",
                        "plan_before",
                        "reminder_told",
                        "seal",
                        "to_seal");
        assertThat(known.ofRecords()).contains("work_record", "outing", "saw_hold", "part", "setting_change");
    }
}
