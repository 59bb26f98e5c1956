package yellowtally.server.opening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.env.YamlPropertySourceLoader;
import org.springframework.context.support.GenericApplicationContext;
import org.springframework.core.env.MapPropertySource;
import org.springframework.core.io.ClassPathResource;

/** What is found where the records should be, and what is said of it. */
class StoreOpensTest {

    @TempDir
    private Path place;

    private Path folder;
    private Path file;

    @BeforeEach
    void aPlace() {
        folder = place.resolve("data");
        file = folder.resolve("yellow-tally.mv.db");
    }

    /** As the application begins, with its own settings. */
    private void open(String... more) {
        GenericApplicationContext context = new GenericApplicationContext();
        try {
            new YamlPropertySourceLoader()
                    .load("settings", new ClassPathResource("application.yaml"))
                    .forEach(source ->
                            context.getEnvironment().getPropertySources().addFirst(source));
        } catch (IOException e) {
            throw new AssertionError(e);
        }
        context.getEnvironment()
                .getPropertySources()
                .addFirst(new MapPropertySource("given", Map.of("yellowtally.data", folder.toString())));
        for (String one : more) {
            context.getEnvironment().getPropertySources().addFirst(new MapPropertySource(one, Map.of(one, true)));
        }
        new StoreOpens().initialize(context);
    }

    private StoreUnusable refused(String... more) {
        return catchThrowableOfType(StoreUnusable.class, () -> open(more));
    }

    private Connection database() throws SQLException {
        return DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("yellow-tally"), "sa", "");
    }

    private void run(String... statements) throws SQLException {
        try (Connection database = database();
                Statement statement = database.createStatement()) {
            for (String one : statements) {
                statement.execute(one);
            }
        }
    }

    private String one(String query) throws SQLException {
        try (Connection database = database();
                Statement statement = database.createStatement();
                ResultSet rows = statement.executeQuery(query)) {
            rows.next();
            return rows.getString(1);
        }
    }

    /** Records of a release from before they were sealed. */
    private void earlierRecords() throws SQLException, IOException {
        Files.createDirectories(folder);
        run("runscript from 'classpath:/before/records.sql.gz' compression gzip");
    }

    private List<String> names(Path in) throws IOException {
        try (Stream<Path> files = Files.list(in)) {
            return files.map(path -> path.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void theFirstTimeTheyAreBegunForTheirOwnerAlone() throws IOException {
        open();
        assertThat(Files.getPosixFilePermissions(folder)).isEqualTo(PosixFilePermissions.fromString("rwx------"));
        assertThat(Files.getPosixFilePermissions(file)).isEqualTo(PosixFilePermissions.fromString("rw-------"));
        open();
        assertThat(names(folder)).containsExactly(DataFolder.NOTE, "yellow-tally.mv.db");
    }

    @Test
    void recordsThatWereThereAndAreNotAreNotBegunAnew() throws IOException {
        open();
        Files.delete(file);
        assertThat(refused()).hasMessageContaining("are not there").hasMessageContaining(DataFolder.NOTE);
        assertThat(file).doesNotExist();
    }

    @Test
    void unlessSomebodyWantsToBeginAnew() throws IOException {
        open();
        Files.delete(file);
        open("yellowtally.begin-anew");
        assertThat(file).isNotEmptyFile();
        byte[] begun = Files.readAllBytes(file);
        // Where records are it means nothing.
        open("yellowtally.begin-anew");
        assertThat(Files.size(file)).isGreaterThanOrEqualTo(begun.length / 2);
        open();
    }

    @Test
    void norIsAnEmptyFileTakenForThem() throws IOException {
        open();
        Files.write(file, new byte[0]);
        assertThat(refused()).hasMessageContaining("are not there");
        assertThat(file).isEmptyFile();
    }

    @Test
    void norADatabaseWithNothingInIt() throws IOException, SQLException {
        open();
        Files.delete(file);
        run("create table something (id int)");
        assertThat(refused()).hasMessageContaining("are not there");
    }

    @Test
    void whoStartsItMayKnowThatRecordsWereThere() {
        assertThat(refused("yellowtally.expected")).hasMessageContaining("are not there");
        assertThat(file).doesNotExist();
    }

    @Test
    void aDamagedFileIsLeftAsItIs() throws IOException {
        open();
        try (RandomAccessFile bytes = new RandomAccessFile(file.toFile(), "rw")) {
            bytes.write(new byte[(int) bytes.length()]);
        }
        byte[] before = Files.readAllBytes(file);
        StoreUnusable refused = refused();
        assertThat(refused).hasMessageContaining("is damaged");
        assertThat(refused.whatToDo()).contains("--restore");
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
    }

    @Test
    void recordsOfANewerVersionAreNotTouched() throws SQLException {
        open();
        run("insert into \"flyway_schema_history\" select 99, '99', 'newer', \"type\", \"script\", 1, \"installed_by\","
                + " \"installed_on\", 1, true from \"flyway_schema_history\" where \"version\" = '1'");
        StoreUnusable refused = refused();
        assertThat(refused).hasMessageContaining("newer version").hasMessageContaining("form 99");
        assertThat(one("select count(*) from person")).isEqualTo("0");
    }

    @Test
    void whatAnotherHasOpenIsNotOpened() throws SQLException {
        open();
        try (Connection other = database()) {
            assertThat(other.isValid(1)).isTrue();
            assertThat(refused()).hasMessageContaining("Another Yellow Tally");
        }
    }

    @Test
    void aFolderThatCannotBeMadeIsSaid() throws IOException {
        folder = Files.writeString(place.resolve("file"), "no folder").resolve("data");
        assertThat(refused()).hasMessageContaining("cannot be made");
    }

    @Test
    void aCopyIsMadeBeforeTheFormChanges() throws SQLException, IOException {
        earlierRecords();
        String records = one("select count(*) from work_record");
        open();
        assertThat(one("select count(*) from work_record")).isEqualTo(records);
        assertThat(one("select count(*) from to_seal")).isEqualTo("1");
        assertThat(names(folder.resolve("backups")))
                .singleElement()
                .asString()
                .contains("-0-0000000000000000-before-form-")
                .endsWith(".zip");
        assertThat(folder.resolve(DataFolder.CHANGING)).doesNotExist();
        open();
        assertThat(names(folder.resolve("backups"))).hasSize(1);
    }

    @Test
    void aChangeOfFormThatFailsIsTakenBack() throws SQLException, IOException {
        earlierRecords();
        run("create table visit_event (id int)");
        String form = one("select max(\"installed_rank\") from \"flyway_schema_history\"");
        StoreUnusable refused = refused();
        assertThat(refused)
                .hasMessageContaining("could not be brought to the form")
                .hasMessageContaining("VISIT_EVENT");
        assertThat(refused.whatToDo()).contains("again as they were");
        assertThat(one("select max(\"installed_rank\") from \"flyway_schema_history\""))
                .isEqualTo(form);
        assertThat(names(folder)).contains("yellow-tally.mv.db", "yellow-tally.mv.db.failed");
    }

    @Test
    void aChangeOfFormThatWasCutOffIsBegunAgain() throws SQLException, IOException {
        earlierRecords();
        open();
        Path copy = folder.resolve("backups")
                .resolve(names(folder.resolve("backups")).get(0));
        run("drop table seal", "drop table work_measure");
        new DataFolder(file).formIsChanging(copy);
        open();
        assertThat(one("select count(*) from seal")).isEqualTo("0");
        assertThat(Integer.parseInt(one("select count(*) from work_measure"))).isPositive();
        assertThat(names(folder)).contains("yellow-tally.mv.db.cut-off").doesNotContain(DataFolder.CHANGING);
    }
}
