package yellowtally.benchmark;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** Writes a large fleet straight into the database of a stopped application. */
final class LargeFleet {

    static final int SAWS = 200;
    private static final int CHAINS_EACH = 8;
    private static final int CHECKS_A_CHAIN = 31;
    private static final int DAYS_A_CHECK = 3;

    private LargeFleet() {}

    private static Connection open(Path data) throws SQLException {
        return DriverManager.getConnection("jdbc:h2:file:" + data.resolve("yellow-tally"), "sa", "");
    }

    /** Adds a fleet with five years of records; answers how many records of work the database holds then. */
    static long write(Path data) throws SQLException {
        return write(data, CHAINS_EACH);
    }

    /** Adds a fleet that has worn out so many chains each. */
    static long write(Path data, int chainsEach) throws SQLException {
        try (Connection db = open(data)) {
            db.setAutoCommit(false);
            UUID person = one(db, "select id from person where role = 'OFFICER' limit 1");
            UUID crew = one(db, "select id from crew limit 1");
            for (int saw = 0; saw < SAWS; saw++) {
                writeSaw(db, saw, person, crew, chainsEach);
            }
            db.commit();
            try (Statement count = db.createStatement();
                    ResultSet rows = count.executeQuery(
                            "select (select count(*) from tension_check) + (select count(*) from outing)"
                                    + " + (select count(*) from work_record where step <> 'TENSION')")) {
                rows.next();
                return rows.getLong(1);
            }
        }
    }

    private static void writeSaw(Connection db, int number, UUID person, UUID crew, int chainsEach)
            throws SQLException {
        UUID saw = UUID.randomUUID();
        UUID bar = UUID.randomUUID();
        UUID sprocket = UUID.randomUUID();
        String tag = "L" + number;
        run(
                db,
                "insert into saw (id, version, tag, model_id, power, handle, in_service, oiler, brake_seat, adjuster,"
                        + " adjuster_lead_mm, adjuster_travel_mm, captive_nuts, spark_arrestor, usual_work) values"
                        + " (?, 0, ?, (select id from model order by make, name fetch first row only), 'PETROL', 'REAR', date '2020-01-01', 'AUTOMATIC_FIXED', 'COVER', 'SIDE',"
                        + " 0.8, 20, true, true, 'FELLING')",
                saw,
                tag);
        part(db, bar, "BAR", "B" + tag, saw);
        run(
                db,
                "insert into bar (id, length_mm, pitch, gauge, drive_links, nose) values"
                        + " (?, 457.2, 'P_325', 'G_050', 68, 'SOLID')",
                bar);
        part(db, sprocket, "SPROCKET", "S" + tag, saw);
        run(db, "insert into sprocket (id, kind, teeth, pitch) values (?, 'RIM', 7, 'P_325')", sprocket);
        int day = chainsEach * CHECKS_A_CHAIN * DAYS_A_CHECK;
        for (int c = 0; c < chainsEach; c++) {
            UUID chain = UUID.randomUUID();
            UUID fitting = UUID.randomUUID();
            boolean fitted = c == chainsEach - 1;
            part(db, chain, "CHAIN", "C" + c + tag, fitted ? saw : null);
            run(
                    db,
                    "insert into chain (id, pitch, gauge, drive_links, sequence, cutter_profile, top_plate_angle,"
                            + " down_tilt) values (?, 'P_325', 'G_050', 68, 'STANDARD', 'SEMI_CHISEL', 30, 0)",
                    chain);
            run(
                    db,
                    "insert into set_fitting values (?, ?, ?, ?, ?, true, 12, null, ?, ?, ?, 'benchmark')",
                    fitting,
                    saw,
                    chain,
                    bar,
                    sprocket,
                    ago(day + 1),
                    ago(day + 1),
                    person);
            if (fitted) {
                run(db, "update saw set fitting_id = ? where id = ?", fitting, saw);
            }
            day = writeLife(db, new Parts(saw, chain, bar, sprocket, fitting), person, crew, day);
        }
    }

    private static void part(Connection db, UUID id, String kind, String tag, UUID saw) throws SQLException {
        run(db, "insert into part (id, version, kind, tag, saw_id) values (?, 0, ?, ?, ?)", id, kind, tag, saw);
    }

    /** What a record names. */
    private record Parts(UUID saw, UUID chain, UUID bar, UUID sprocket, UUID fitting) {}

    /** Steps of an ordinary visit, one of them in turn a sharpening. */
    private static final List<String> STEPS = List.of(
            "OUTSIDE_LOOK",
            "BRAKE_LEVER",
            "CLEAN_COVER",
            "GROOVE",
            "SHARPEN",
            "AIR_FILTER",
            "BRAKE_RUNNING",
            "OIL_CARD");

    private static int writeLife(Connection db, Parts of, UUID person, UUID crew, int from) throws SQLException {
        int day = from;
        try (PreparedStatement check = db.prepareStatement(
                        "insert into tension_check (id, occasion, work, outcome, provisional, turns,"
                                + " adjuster_lead_mm, bar_length_mm, tang_depth_mm, target_mm) values"
                                + " (?, 'ROUTINE', 'FELLING', 'RIGHT', false, 0.125, 0.8, 457.2, 5.5, 5.88)");
                PreparedStatement outing =
                        db.prepareStatement("insert into outing (id, version, saw_id, crew_id, chain_id,"
                                + " fitting_id, out_at, out_person_id, back_at, back_person_id, tanks, bar_id, sprocket_id)"
                                + " values (?, 0, ?, ?, ?, ?, ?, ?, ?, ?, 1.5, ?, ?)");
                PreparedStatement work = db.prepareStatement(
                        "insert into work_record (id, seq, saw_id, step, outcome, at, recorded_at, person_id, device, chain_id,"
                                + " bar_id, sprocket_id, fitting_id) values"
                                + " (?, (select max(seq) + 1 from work_record), ?, ?, 'FINE', ?, ?, ?, 'benchmark', ?, ?, ?, ?)")) {
            for (int i = 0; i < CHECKS_A_CHAIN; i++, day -= DAYS_A_CHECK) {
                set(
                        outing,
                        UUID.randomUUID(),
                        of.saw(),
                        crew,
                        of.chain(),
                        of.fitting(),
                        ago(day + 1),
                        person,
                        ago(day + 1),
                        person,
                        of.bar(),
                        of.sprocket());
                outing.addBatch();
                UUID id = UUID.randomUUID();
                set(check, id);
                check.addBatch();
                addWork(work, id, "TENSION", of, day, person);
                for (String step : STEPS) {
                    addWork(work, UUID.randomUUID(), step, of, day, person);
                }
            }
            outing.executeBatch();
            work.executeBatch();
            check.executeBatch();
        }
        return day;
    }

    private static void addWork(PreparedStatement work, UUID id, String step, Parts of, int day, UUID person)
            throws SQLException {
        set(work, id, of.saw(), step, ago(day), ago(day), person, of.chain(), of.bar(), of.sprocket(), of.fitting());
        work.addBatch();
    }

    private static Timestamp ago(int days) {
        return Timestamp.from(Instant.now().minusSeconds(days * 86_400L));
    }

    private static UUID one(Connection db, String query) throws SQLException {
        try (Statement statement = db.createStatement();
                ResultSet rows = statement.executeQuery(query)) {
            rows.next();
            return rows.getObject(1, UUID.class);
        }
    }

    private static void run(Connection db, String sql, Object... values) throws SQLException {
        try (PreparedStatement statement = db.prepareStatement(sql)) {
            set(statement, values);
            statement.executeUpdate();
        }
    }

    private static void set(PreparedStatement statement, Object... values) throws SQLException {
        for (int i = 0; i < values.length; i++) {
            statement.setObject(i + 1, values[i]);
        }
    }
}
