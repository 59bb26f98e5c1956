package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Records made by an earlier release are still there, and mean the same, after a migration. */
class MigrationTest {

    private static final UUID SAW = UUID.randomUUID();
    private static final UUID CHAIN = UUID.randomUUID();
    private static final UUID BAR = UUID.randomUUID();
    private static final UUID SPROCKET = UUID.randomUUID();
    private static final UUID FITTING = UUID.randomUUID();
    private static final UUID PERSON = UUID.randomUUID();
    private static final UUID CREW = UUID.randomUUID();
    private static final UUID THROWN = UUID.randomUUID();
    private static final UUID RIGHT = UUID.randomUUID();
    private static final UUID HOT = UUID.randomUUID();
    private static final UUID AMENDED = UUID.randomUUID();

    private static void migrate(String url, String to) {
        Flyway.configure().dataSource(url, "sa", "").target(to).load().migrate();
    }

    private static String one(Connection db, String query) throws SQLException {
        try (Statement statement = db.createStatement();
                ResultSet rows = statement.executeQuery(query)) {
            return rows.next() ? String.valueOf(rows.getObject(1)) : "none";
        }
    }

    private static void run(Connection db, String sql) throws SQLException {
        try (Statement statement = db.createStatement()) {
            statement.execute(sql);
        }
    }

    private static void check(Connection db, UUID id, int hour, String outcome, boolean hot, UUID amends)
            throws SQLException {
        String at = "timestamp with time zone '2026-05-01 %02d:00:00+00'".formatted(hour);
        run(
                db,
                "insert into tension_check (id, saw_id, chain_id, fitting_id, at, recorded_at, person_id, device, occasion, work,"
                        + " outcome, provisional, turns, adjuster_lead_mm, bar_length_mm, tang_depth_mm, target_mm, amends_id,"
                        + " amend_reason) values ('" + id + "', '" + SAW + "', '" + CHAIN + "', '" + FITTING + "', "
                        + at
                        + ", " + at + ", '" + PERSON + "', 'd', 'ROUTINE', 'FELLING', '" + outcome + "', " + hot
                        + ", 0, 0.8, 400, 5.5, 5.5, " + (amends == null ? "null, null" : "'" + amends + "', 'Slip'")
                        + ")");
    }

    private static void firstRelease(Connection db) throws SQLException {
        run(db, "insert into person values ('" + PERSON + "', 'Ida Marsh', 'OFFICER')");
        run(db, "insert into crew values ('" + CREW + "', 'Cutting gang')");
        run(
                db,
                "insert into saw (id, version, tag, make, model, power, handle, in_service, oiler, brake_seat, adjuster,"
                        + " adjuster_lead_mm, captive_nuts, spark_arrestor, usual_work) values ('" + SAW
                        + "', 0, '06', 'Kestrup', 'K50', 'PETROL', 'REAR', date '2024-01-01', 'AUTOMATIC_FIXED', 'COVER',"
                        + " 'SIDE', 0.8, true, true, 'FELLING')");
        run(
                db,
                "insert into chain values ('" + CHAIN
                        + "', 0, 'C', 'P_325', 'G_050', 68, 'STANDARD', 'SEMI_CHISEL', 30, 0," + " null, '" + SAW
                        + "')");
        run(db, "insert into bar values ('" + BAR + "', 0, 'B', 457, 'P_325', 'G_050', 68, 'SOLID', '" + SAW + "')");
        run(db, "insert into sprocket values ('" + SPROCKET + "', 0, 'S', 'RIM', 7, 'P_325', '" + SAW + "')");
        run(
                db,
                "insert into set_fitting values ('" + FITTING + "', '" + SAW + "', '" + CHAIN + "', '" + BAR + "', '"
                        + SPROCKET + "', true, 12, null, timestamp with time zone '2026-04-01 08:00:00+00',"
                        + " timestamp with time zone '2026-04-01 08:00:00+00', '" + PERSON + "', 'd')");
        check(db, AMENDED, 6, "LOOSE", false, null);
        check(db, RIGHT, 7, "RIGHT", false, AMENDED);
        check(db, HOT, 8, "RIGHT", true, null);
        check(db, THROWN, 9, "THROW_RISK", false, null);
        run(
                db,
                "insert into hold values ('" + UUID.randomUUID() + "', '" + SAW + "', 'THROW_RISK', '" + THROWN
                        + "', timestamp with time zone '2026-05-01 09:00:00+00', '" + PERSON + "')");
        run(
                db,
                "insert into outing (id, version, saw_id, crew_id, chain_id, fitting_id, out_at, out_person_id, back_at,"
                        + " back_person_id, tanks) values ('" + UUID.randomUUID() + "', 0, '" + SAW + "', '" + CREW
                        + "', '"
                        + CHAIN + "', '" + FITTING + "', timestamp with time zone '2026-05-02 07:00:00+00', '" + PERSON
                        + "', timestamp with time zone '2026-05-02 15:00:00+00', '" + PERSON + "', 2.5)");
        run(
                db,
                "insert into setting_change values ('" + UUID.randomUUID()
                        + "', 'tension.coin-gap.coin', '2.0', 'Our coin',"
                        + " timestamp with time zone '2026-05-01 09:00:00+00', '" + PERSON + "')");
    }

    @Test
    void theRecordsOfTheFirstReleaseMeanTheSame(@TempDir Path folder) throws SQLException {
        String url = "jdbc:h2:file:" + folder.resolve("old");
        migrate(url, "1");
        try (Connection db = DriverManager.getConnection(url, "sa", "")) {
            firstRelease(db);
        }
        migrate(url, "2");
        try (Connection db = DriverManager.getConnection(url, "sa", "")) {
            String outcome = "select outcome from work_record where id = ";
            assertThat(one(db, outcome + "'" + RIGHT + "'")).isEqualTo("FINE");
            assertThat(one(db, outcome + "'" + HOT + "'"))
                    .as("provisional is no pass")
                    .isEqualTo("ATTEND");
            assertThat(one(db, outcome + "'" + THROWN + "'")).isEqualTo("FAIL");
            assertThat(one(db, "select bar_id from work_record where id = '" + RIGHT + "'"))
                    .isEqualTo(BAR.toString());
            assertThat(one(db, "select reason from work_void where record_id = '" + AMENDED + "'"))
                    .isEqualTo("Slip");
            assertThat(one(db, "select count(*) from work_void")).isEqualTo("1");
            assertThat(one(db, "select record_id from saw_hold where saw_id = '" + SAW + "'"))
                    .isEqualTo(THROWN.toString());
            assertThat(one(db, "select count(*) from saw_hold_release")).isEqualTo("0");
            assertThat(one(db, "select sprocket_id from outing")).isEqualTo(SPROCKET.toString());
            assertThat(one(db, "select tanks from outing where works = '' and not rain"))
                    .isEqualTo("2.5");
            assertThat(one(db, "select scope from setting_change")).isEqualTo("FLEET");
        }
    }

    private static void step(Connection db, UUID visit, String step, String why, String finding, String since)
            throws SQLException {
        run(
                db,
                "insert into visit_step values ('" + visit + "', '" + step + "', '" + why + "', null, " + finding
                        + ", timestamp with time zone '2026-05-03 " + since + "+00')");
    }

    private static void work(Connection db, UUID id, UUID visit, String step, String at) throws SQLException {
        String moment = "timestamp with time zone '2026-05-03 " + at + "+00'";
        run(
                db,
                "insert into work_record (id, saw_id, visit_id, step, outcome, at, recorded_at, person_id, device) values ('"
                        + id + "', '" + SAW + "', '" + visit + "', '" + step + "', 'FINE', " + moment + ", " + moment
                        + ", '" + PERSON + "', 'd')");
    }

    /** A visit under way: rails dressed, then a burr found on them, so that they are to be dressed again. */
    @Test
    void aVisitUnderWayGoesOnAsItWas(@TempDir Path folder) throws SQLException {
        String url = "jdbc:h2:file:" + folder.resolve("old");
        UUID visit = UUID.randomUUID();
        UUID dressed = UUID.randomUUID();
        UUID rails = UUID.randomUUID();
        migrate(url, "1");
        try (Connection db = DriverManager.getConnection(url, "sa", "")) {
            firstRelease(db);
        }
        migrate(url, "6");
        try (Connection db = DriverManager.getConnection(url, "sa", "")) {
            run(
                    db,
                    "insert into visit values ('" + visit + "', 0, '" + SAW
                            + "', timestamp with time zone '2026-05-03 08:00:00+00', '" + PERSON
                            + "', null, null, null, null, '" + SAW + "')");
            step(db, visit, "RAILS", "DUE", "null", "08:00:00");
            work(db, dressed, visit, "DRESS_RAILS", "08:10:00");
            work(db, rails, visit, "RAILS", "08:20:00");
            step(db, visit, "DRESS_RAILS", "FINDING", "'BURR'", "08:20:00.000001");
            step(db, visit, "REFIT", "CLOSES", "null", "08:20:00.000001");
        }
        migrate(url, "7");
        try (Connection db = DriverManager.getConnection(url, "sa", "")) {
            assertThat(one(
                            db,
                            "select listagg(step, ' ') within group (order by seq) from (select step, seq from visit_event"
                                    + " where visit_id = '" + visit + "' union all select step, seq from work_record"
                                    + " where visit_id = '" + visit + "')"))
                    .as("what was put in, what was done and what it called for, in their order")
                    .isIn("RAILS DRESS_RAILS RAILS DRESS_RAILS REFIT", "RAILS DRESS_RAILS RAILS REFIT DRESS_RAILS");
            assertThat(one(db, "select by_record from visit_event where step = 'DRESS_RAILS'"))
                    .isEqualTo(rails.toString());
            assertThat(one(db, "select by_record from visit_event where step = 'RAILS'"))
                    .isEqualTo("null");
            assertThat(one(db, "select count(*) from work_record where seq is null"))
                    .isEqualTo("0");
            assertThat(one(db, "select id from work_record where step = 'TENSION' order by seq limit 1"))
                    .as("what was written before is numbered by its time")
                    .isEqualTo(AMENDED.toString());
        }
    }

    private static void setting(Connection db, String scope, String of) throws SQLException {
        run(
                db,
                "insert into setting_change (id, setting_key, setting_value, reason, at, person_id, scope, scope_key)"
                        + " values ('" + UUID.randomUUID() + "', 'brake.overdue', '3', '" + of
                        + "', timestamp with time zone '2026-05-03 09:00:00+00', '" + PERSON + "', '" + scope + "', '"
                        + of + "')");
    }

    /** What held for the name of a model or saw holds for it. */
    @Test
    void whatHeldForANameHoldsForWhatItNamed(@TempDir Path folder) throws SQLException {
        String url = "jdbc:h2:file:" + folder.resolve("old");
        migrate(url, "1");
        try (Connection db = DriverManager.getConnection(url, "sa", "")) {
            firstRelease(db);
        }
        migrate(url, "2");
        try (Connection db = DriverManager.getConnection(url, "sa", "")) {
            setting(db, "MODEL", "Kestrup K50");
            setting(db, "MODEL", "Harrowgill Old Sixty");
            setting(db, "SAW", "06");
        }
        migrate(url, "9");
        try (Connection db = DriverManager.getConnection(url, "sa", "")) {
            assertThat(one(db, "select m.make || '/' || m.name from saw s join model m on m.id = s.model_id"))
                    .isEqualTo("Kestrup/K50");
            String held = "select m.make || '/' || m.name from setting_change c join model m on m.id = c.model_id"
                    + " where c.reason = ";
            assertThat(one(db, held + "'Kestrup K50'")).isEqualTo("Kestrup/K50");
            assertThat(one(db, held + "'Harrowgill Old Sixty'"))
                    .as("no saw has this model any more; the record stays")
                    .isEqualTo("Harrowgill/Old Sixty");
            assertThat(one(db, "select s.tag from setting_change c join saw s on s.id = c.saw_id"))
                    .isEqualTo("06");
        }
    }
}
