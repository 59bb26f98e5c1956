package yellowtally.benchmark;

import java.io.File;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.h2.Driver;
import yellowtally.browser.Application;
import yellowtally.core.steps.Step;

/**
 * The rows that a page stands on, read with nothing but JDBC: the least that any page could cost. In a process of its own with
 * the options of the application, so that the two differ in their code and not in their compiler.
 */
final class BareJdbc {

    private static final String SAW = "(select id from saw where tag = 'L5')";
    private static final String CHAIN =
            "(select c.id from part c join saw s on s.id = c.saw_id where c.kind = 'CHAIN' and s.tag = 'L5')";
    private static final String STEPS =
            "select r.id, r.seq, r.step, r.at, r.outcome, r.visit_id, r.saw_id, r.chain_id, r.bar_id, r.sprocket_id"
                    + " from work_record r left join work_void v on v.record_id = r.id where v.record_id is null and ";
    private static final String PART = "select id from part where saw_id = ? and kind = ?";
    private static final int PAGE = 201;

    private BareJdbc() {}

    /** Which rows. */
    enum Page {
        /** Those of every saw in service, as after a start. */
        BOARD,
        /** Those of one saw: its standing, its tension, its log. */
        SAW,
        /** The latest page of the log. */
        LOG
    }

    /**
     * Rows read in one run, the time of the first run in ms, and the median time of the later half.
     *
     * @param slowness how slow the machine was meanwhile
     */
    record Reading(long rows, double firstMillis, double medianMillis, double slowness) {

        /** The median time as it would be on the nominal machine, ms. */
        double adjustedMillis() {
            return medianMillis / slowness;
        }
    }

    /** Reads {@code times} times in a process of its own, nothing answered from an earlier result. */
    static Reading of(Path data, Page page, int times) throws IOException {
        List<String> command = new ArrayList<>();
        command.add(Application.java());
        command.addAll(Application.JVM_OPTIONS);
        command.addAll(List.of(
                "-cp",
                String.join(File.pathSeparator, place(BareJdbc.class), place(Driver.class), place(Step.class)),
                BareJdbc.class.getName(),
                data.toString(),
                page.name(),
                Integer.toString(times)));
        double before = Reference.slowness();
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        String[] figures = said.split(" ");
        if (figures.length != 3) {
            throw new AssertionError(said);
        }
        return new Reading(
                Long.parseLong(figures[0]),
                Double.parseDouble(figures[1]),
                Double.parseDouble(figures[2]),
                (before + Reference.slowness()) / 2);
    }

    private static String place(Class<?> type) {
        return Path.of(URI.create(
                        type.getProtectionDomain().getCodeSource().getLocation().toString()))
                .toString();
    }

    public static void main(String[] args) throws SQLException {
        Page page = Page.valueOf(args[1]);
        double[] millis = new double[Integer.parseInt(args[2])];
        long rows = 0;
        try (Connection db = DriverManager.getConnection(
                "jdbc:h2:file:" + Path.of(args[0]).resolve("yellow-tally")
                        + ";OPTIMIZE_REUSE_RESULTS=0;QUERY_CACHE_SIZE=100",
                "sa",
                "")) {
            for (int run = 0; run < millis.length; run++) {
                long start = System.nanoTime();
                rows = read(db, page);
                millis[run] = (System.nanoTime() - start) / 1e6;
            }
        }
        double first = millis[0];
        double[] later = Arrays.copyOfRange(millis, millis.length / 2, millis.length);
        Arrays.sort(later);
        System.out.println(rows + " " + first + " " + later[later.length / 2]);
    }

    private static long read(Connection db, Page page) throws SQLException {
        return switch (page) {
            case BOARD -> board(db);
            case SAW -> saw(db);
            case LOG -> log(db, "");
        };
    }

    private static long board(Connection db) throws SQLException {
        List<Object> saws = ids(db, "select id from saw where retired_at is null order by tag");
        long rows = rows(db, "select * from setting_change order by at")
                + rows(
                        db,
                        "select s.*, f.* from saw s left join set_fitting f on f.id = s.fitting_id"
                                + " where s.retired_at is null")
                + rows(
                        db,
                        "select p.*, c.*, b.*, d.* from part p left join chain c on c.id = p.id"
                                + " left join bar b on b.id = p.id left join sprocket d on d.id = p.id"
                                + " where p.saw_id is not null")
                + rows(db, "select * from crew")
                + rows(db, "select * from outing where open_saw_id is not null");
        for (Object saw : saws) {
            rows += ofSaw(db, saw);
            for (Object chain : ids(db, PART, saw, "CHAIN")) {
                rows += ofPart(db, "chain_id", chain)
                        + rows(
                                db,
                                "select r.fitting_id, r.at, t.occasion, t.outcome, t.provisional, t.turns,"
                                        + " t.adjuster_lead_mm, t.joint_play_mm from work_record r join tension_check t"
                                        + " on t.id = r.id where r.chain_id = ? and r.step = 'TENSION'",
                                chain);
            }
            for (Object bar : ids(db, PART, saw, "BAR")) {
                rows += ofPart(db, "bar_id", bar);
            }
            for (Object sprocket : ids(db, PART, saw, "SPROCKET")) {
                rows += ofPart(db, "sprocket_id", sprocket);
            }
        }
        return rows;
    }

    private static long ofSaw(Connection db, Object saw) throws SQLException {
        return rows(db, "select * from outing where back_at is not null and saw_id = ?", saw)
                + rows(db, STEPS + "r.step = 'SHARPEN' and r.saw_id = ?", saw)
                + rows(db, "select * from saw_hold where saw_id = ?", saw)
                + rows(db, "select * from fault where saw_id = ?", saw)
                + latest(db, "saw_id", saw);
    }

    private static long ofPart(Connection db, String column, Object part) throws SQLException {
        return latest(db, column, part)
                + rows(db, "select * from set_fitting where " + column + " = ?", part)
                + rows(
                        db,
                        "select m.record_id, m.measure, r.at, m.figure from work_record r join work_measure m"
                                + " on m.record_id = r.id where r.step in ('GROOVE', 'SPROCKET', 'SHARPEN') and r."
                                + column + " = ?",
                        part);
    }

    /** Of each step the latest. */
    private static long latest(Connection db, String column, Object owner) throws SQLException {
        long rows = 0;
        for (Step step : Step.values()) {
            if (column.equals(step.subject().name().toLowerCase(java.util.Locale.ROOT) + "_id")) {
                rows += rows(
                        db,
                        STEPS + "r." + column + " = ? and r.step = ? order by r." + column
                                + " desc, r.step desc, r.at desc, r.seq desc limit 1",
                        owner,
                        step.name());
            }
        }
        return rows;
    }

    private static long saw(Connection db) throws SQLException {
        return rows(db, "select * from saw where tag = 'L5'")
                + rows(
                        db,
                        "select * from work_record r join tension_check t on t.id = r.id where r.chain_id = " + CHAIN
                                + " and r.step = 'TENSION' order by r.at desc")
                + ofSaw(db, ids(db, "select id from saw where tag = 'L5'").get(0))
                + log(db, " where saw_id = " + SAW);
    }

    private static long log(Connection db, String only) throws SQLException {
        long rows = rows(db, "select * from person");
        for (Object record : ids(db, "select id from work_record" + only + " order by at desc limit " + PAGE)) {
            rows += 1
                    + rows(db, "select * from work_finding where record_id = ?", record)
                    + rows(db, "select * from work_measure where record_id = ?", record);
        }
        for (String[] kind : new String[][] {{"outing", "back_at"}, {"set_fitting", "at"}, {"saw_hold", "at"}}) {
            rows += rows(db, "select * from " + kind[0] + only + " order by " + kind[1] + " desc limit " + PAGE);
        }
        return rows;
    }

    private static List<Object> ids(Connection db, String query, Object... values) throws SQLException {
        List<Object> ids = new ArrayList<>();
        try (PreparedStatement statement = prepared(db, query, values);
                ResultSet rows = statement.executeQuery()) {
            while (rows.next()) {
                ids.add(rows.getObject(1));
            }
        }
        return ids;
    }

    private static long rows(Connection db, String query, Object... values) throws SQLException {
        long rows = 0;
        try (PreparedStatement statement = prepared(db, query, values);
                ResultSet result = statement.executeQuery()) {
            int columns = result.getMetaData().getColumnCount();
            while (result.next()) {
                rows++;
                for (int column = 1; column <= columns; column++) {
                    result.getObject(column);
                }
            }
        }
        return rows;
    }

    private static PreparedStatement prepared(Connection db, String query, Object... values) throws SQLException {
        PreparedStatement statement = db.prepareStatement(query);
        for (int i = 0; i < values.length; i++) {
            statement.setObject(i + 1, values[i]);
        }
        return statement;
    }
}
