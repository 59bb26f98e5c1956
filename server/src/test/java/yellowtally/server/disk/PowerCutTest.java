package yellowtally.server.disk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.h2.jdbcx.JdbcConnectionPool;
import org.h2.store.fs.FilePath;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.yaml.snakeyaml.Yaml;

/**
 * The power goes at a moment of its own choice while three people write, two hundred times: what was acknowledged is there, no
 * write is there by half, and the database opens.
 */
class PowerCutTest {

    private static final int CUTS = 200;
    private static final int WRITERS = 3;
    private static final int WRITES = 400;

    /** A write has so many rows, in two tables; all of them or none. */
    private static final int ROWS = 4;

    private static List<Integer> open;

    @BeforeAll
    static void write() throws Exception {
        OrderedFilePath.register();
        DiskWithMemory.forget();
        JdbcConnectionPool database = JdbcConnectionPool.create(asItIsOpened("ordered:memory:nioMemFS:/cut"), "sa", "");
        StoreGate gate = StoreGate.alone();
        OnDisk disk = new OnDisk(new StoreFile(database, gate), mock(StoreWatch.class));
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("create table record (id uuid primary key, one int, part int, note varchar(500))");
            statement.execute("create table event (id uuid primary key, one int, part int, note varchar(500))");
            statement.execute("create index record_by_one on record (one, part, id)");
            disk.await();
            DiskWithMemory.said(-1);
        }
        AtomicInteger next = new AtomicInteger();
        ExecutorService hands = Executors.newFixedThreadPool(WRITERS);
        List<Future<?>> writing = new ArrayList<>();
        for (int i = 0; i < WRITERS; i++) {
            writing.add(hands.submit(() -> {
                for (int one = next.getAndIncrement(); one < WRITES; one = next.getAndIncrement()) {
                    gate.enter();
                    try {
                        insert(database, one);
                    } finally {
                        gate.leave();
                    }
                    disk.await();
                    DiskWithMemory.said(one);
                }
                return null;
            }));
        }
        for (Future<?> hand : writing) {
            hand.get();
        }
        hands.shutdown();
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("shutdown");
        }
        database.dispose();
        open = DiskWithMemory.openMoments();
    }

    /** The address of the database with the settings of the application. */
    private static String asItIsOpened(String store) throws IOException {
        try (InputStream settings = PowerCutTest.class.getResourceAsStream("/application.yaml")) {
            Map<?, ?> spring = (Map<?, ?>) new Yaml().<Map<?, ?>>load(settings).get("spring");
            return String.valueOf(((Map<?, ?>) spring.get("datasource")).get("url"))
                    .replace("${yellowtally.store}", store);
        }
    }

    private static void insert(JdbcConnectionPool database, int one) {
        try (Connection connection = database.getConnection()) {
            connection.setAutoCommit(false);
            for (int part = 0; part < ROWS; part++) {
                try (PreparedStatement row = connection.prepareStatement(
                        "insert into " + (part % 2 == 0 ? "record" : "event") + " values (?, ?, ?, ?)")) {
                    row.setObject(1, UUID.randomUUID());
                    row.setInt(2, one);
                    row.setInt(3, part);
                    row.setString(4, "written at the bench ".repeat(5));
                    row.executeUpdate();
                }
            }
            connection.commit();
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    @RepeatedTest(CUTS)
    void whatWasAcknowledgedIsThere(RepetitionInfo cut) throws Exception {
        Random luck = new Random(cut.getCurrentRepetition());
        // What was not forced is lost, half of it is, or little of it is.
        double stays = List.of(0.0, 0.5, 0.9).get(cut.getCurrentRepetition() % 3);
        DiskWithMemory.Left left = DiskWithMemory.after(open.get(luck.nextInt(open.size())), luck, stays);
        if (!left.said().isEmpty()) {
            Map<Integer, Integer> rows = rowsOf(left.file(), "cut" + cut.getCurrentRepetition());
            assertThat(rows.keySet())
                    .containsAll(left.said().stream().filter(one -> one >= 0).toList());
            assertThat(rows.values()).allMatch(found -> found == ROWS);
        }
    }

    /** How many rows each write has in a file that is opened again. */
    private static Map<Integer, Integer> rowsOf(byte[] file, String name) throws Exception {
        FilePath path = FilePath.get("nioMemFS:/" + name + ".mv.db");
        try (OutputStream out = path.newOutputStream(false)) {
            out.write(file);
        }
        Map<Integer, Integer> rows = new HashMap<>();
        try (Connection connection = DriverManager.getConnection("jdbc:h2:ordered:nioMemFS:/" + name, "sa", "");
                Statement statement = connection.createStatement()) {
            for (String table : List.of("record", "event")) {
                try (ResultSet found = statement.executeQuery("select one, note from " + table)) {
                    while (found.next()) {
                        assertThat(found.getString(2)).startsWith("written at the bench");
                        rows.merge(found.getInt(1), 1, Integer::sum);
                    }
                }
            }
            try (ResultSet found = statement.executeQuery(
                    "select count(*) from record where one >= 0 and part >= 0 and id is not null")) {
                found.next();
            }
        } finally {
            path.delete();
        }
        return rows;
    }
}
