package yellowtally.server.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import yellowtally.server.backup.BackupMaker.Made;
import yellowtally.server.disk.OrderedFilePath;
import yellowtally.server.disk.StoreGate;
import yellowtally.server.seal.SealedForTests;

/** A backup is made of records in use, taken to another folder, and looked through there. */
class RestoreTest {

    private static final LocalDateTime AT = LocalDateTime.parse("2026-11-27T07:00:12");

    @TempDir
    private Path place;

    private Path folder;
    private final ByteArrayOutputStream said = new ByteArrayOutputStream();

    @BeforeEach
    void records() throws SQLException, IOException {
        folder = Files.createDirectory(place.resolve("data"));
        JdbcDataSource source = new JdbcDataSource();
        source.setURL(url(folder));
        source.setUser("sa");
        source.setPassword("");
        try (Connection keepsOpen = source.getConnection()) {
            Flyway.configure().dataSource(source).load().migrate();
            try (Statement statement = keepsOpen.createStatement()) {
                statement.execute("insert into crew (id, name) values (random_uuid(), 'Hollin Bridge gang')");
                statement.execute("insert into crew (id, name) values (random_uuid(), 'Quarry gang')");
            }
            SealedForTests.all(source, Clock.systemUTC());
        }
    }

    private static String url(Path folder) {
        return "jdbc:h2:file:" + folder.resolve("yellow-tally");
    }

    private Made backup() throws IOException, SQLException {
        try (Connection database = DriverManager.getConnection(url(folder), "sa", "")) {
            return new BackupMaker(folder, place.resolve("backups"), StoreGate.alone()).make(database, AT, "");
        }
    }

    private int tool(String... args) {
        said.reset();
        return new RecordTools(new PrintStream(said, true, StandardCharsets.UTF_8)).run(List.of(args));
    }

    private String said() {
        return said.toString(StandardCharsets.UTF_8);
    }

    @Test
    void whatWasRecordedIsThereAgain() throws IOException, SQLException {
        Files.createDirectory(folder.resolve("knowledge"));
        Files.writeString(folder.resolve("knowledge/own.yaml"), "causes: []");
        Files.createDirectory(folder.resolve("photos"));
        Files.writeString(folder.resolve("photos/0a.jpg"), "a picture");
        Made made = backup();
        assertThat(made.file().getFileName())
                .hasToString(new BackupName(AT, made.content().code(), "").file());
        Path fresh = place.resolve("fresh");
        assertThat(tool("restore", made.file().toString(), fresh.toString())).isZero();
        assertThat(said())
                .contains(made.content().records() + " records")
                .contains(made.content().code());
        assertThat(fresh.resolve("knowledge/own.yaml")).hasContent("causes: []");
        assertThat(fresh.resolve("photos/0a.jpg")).hasContent("a picture");
        assertThat(tool("verify", fresh.toString())).isZero();
        assertThat(said())
                .contains("as they were sealed")
                .contains(made.content().code());
        assertThat(tool("verify", fresh.toString(), made.content().code())).isZero();
        assertThat(tool("verify", fresh.toString(), "2-0123456789abcdef")).isEqualTo(1);
        assertThat(tool("verify", fresh.toString(), "900-0123456789abcdef")).isEqualTo(1);
        assertThat(said()).contains("the end are missing");
    }

    @Test
    void nothingIsLeftOfTheMaking() throws IOException, SQLException {
        backup();
        try (Stream<Path> left = Files.list(place.resolve("backups"))) {
            assertThat(left).hasSize(1);
        }
    }

    /** At whichever step: neither a half backup nor what it was made of. */
    @Test
    void nothingIsLeftOfOneThatWasGivenUp() throws IOException, SQLException {
        AtomicInteger steps = new AtomicInteger(Integer.MAX_VALUE);
        Runnable between = () -> {
            if (steps.decrementAndGet() < 0) {
                throw new CancellationException();
            }
        };
        BackupMaker maker = new BackupMaker(folder, place.resolve("backups"), StoreGate.alone());
        int given = 0;
        try (Connection database = DriverManager.getConnection(url(folder), "sa", "")) {
            for (boolean made = false; !made; given++) {
                steps.set(given);
                try {
                    maker.make(database, AT, "", between);
                    made = true;
                } catch (CancellationException e) {
                    assertThat(place.resolve("backups")).isEmptyDirectory();
                }
            }
        }
        assertThat(given).as("steps at which it could be given up").isGreaterThan(5);
        assertThat(tool("verify", folder.toString())).isZero();
    }

    private Path taken(Path backup, int n) throws IOException {
        Path target = place.resolve("taken" + n + ".mv.db");
        BackupFile.takeOut(backup, target);
        return target;
    }

    @Test
    void itIsWholeWhileOthersWrite() throws Exception {
        try (Connection writer = DriverManager.getConnection(url(folder), "sa", "");
                Connection reader = DriverManager.getConnection(url(folder), "sa", "");
                Statement statement = writer.createStatement()) {
            statement.execute("create table noise (id uuid primary key, text varchar(2000))");
            statement.execute("insert into noise select random_uuid(), '' from system_range(1, 200)");
            AtomicBoolean enough = new AtomicBoolean();
            Thread writing = new Thread(() -> {
                try {
                    for (int i = 0; !enough.get(); i++) {
                        statement.execute("update noise set text = space(" + i % 2_000 + ")");
                    }
                } catch (SQLException e) {
                    throw new AssertionError(e);
                }
            });
            writing.start();
            for (int i = 0; i < 8; i++) {
                Made made = new BackupMaker(folder, place.resolve("backups"), StoreGate.alone())
                        .make(reader, AT.plusSeconds(i), "");
                assertThat(made.content().records()).isEqualTo(202);
                assertThat(Opened.forReading(taken(made.file(), i))).isEqualTo(made.content());
            }
            enough.set(true);
            writing.join();
        }
    }

    @Test
    void recordsThatAreThereAreMovedAsideOnlyWhenThatIsSaid() throws IOException, SQLException {
        String backup = backup().file().toString();
        assertThat(tool("restore", backup, folder.toString())).isEqualTo(2);
        assertThat(said()).contains("--replace");
        assertThat(tool("restore", backup, folder.toString(), "replace")).isZero();
        assertThat(tool("restore", backup, folder.toString(), "replace")).isZero();
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files.map(file -> file.getFileName().toString()))
                    .contains(
                            "yellow-tally.mv.db",
                            "yellow-tally.mv.db.before-restore",
                            "yellow-tally.mv.db.before-restore-2");
        }
    }

    @Test
    void aDamagedBackupIsRefusedAndNothingIsTouched() throws IOException, SQLException {
        Path backup = backup().file();
        byte[] bytes = Files.readAllBytes(backup);
        for (int at = 200; at < 260; at++) {
            bytes[at] ^= 0x55;
        }
        Files.write(backup, bytes);
        assertThat(tool("restore", backup.toString(), place.resolve("fresh").toString()))
                .isEqualTo(2);
        assertThat(said()).contains("damaged");
        try (Stream<Path> left = Files.list(place.resolve("fresh"))) {
            assertThat(left).isEmpty();
        }
        assertThat(tool("restore", place.resolve("nowhere.zip").toString(), folder.toString()))
                .isEqualTo(2);
    }

    @Test
    void aBackupWithAnotherEndThanItsNameSaysIsRefused() throws IOException, SQLException {
        Path backup = backup().file();
        Path renamed = backup.resolveSibling(new BackupName(AT, "7-0123456789abcdef", "").file());
        Files.move(backup, renamed);
        assertThat(tool("restore", renamed.toString(), place.resolve("fresh").toString()))
                .isEqualTo(2);
        assertThat(said()).contains("altered since it was made");
    }

    @Test
    void whatWasAlteredIsNamed() throws SQLException, IOException {
        Path backup = backup().file();
        OrderedFilePath.register();
        String asTheApplication = url(folder).replace("file:", "ordered:");
        try (Connection database = DriverManager.getConnection(asTheApplication, "sa", "");
                Statement statement = database.createStatement()) {
            statement.execute("update crew set name = 'Another gang' where name = 'Quarry gang'");
            statement.execute("insert into crew (id, name) values (random_uuid(), 'Third gang')");
            assertThat(tool("verify", folder.toString())).isEqualTo(2);
            assertThat(said()).contains("is running");
            assertThat(tool("restore", backup.toString(), folder.toString(), "replace"))
                    .isEqualTo(2);
            assertThat(said()).contains("End it first");
        }
        assertThat(tool("verify", folder.toString())).isEqualTo(1);
        assertThat(said())
                .contains("Altered: crew ")
                .contains("Inserted: crew ")
                .contains("2 seals and records");
    }

    @Test
    void whatIsAskedForOtherwiseIsSaid() {
        assertThat(tool("verify")).isEqualTo(2);
        assertThat(tool("verify", place.resolve("nowhere").toString())).isEqualTo(2);
        assertThat(said()).contains("no records");
    }
}
