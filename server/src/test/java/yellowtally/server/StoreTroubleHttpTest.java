package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;
import yellowtally.server.disk.FaultyDisk;

/** What an application with its records on a disk says and does while something is wrong with the disk, and afterwards. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@Timeout(120)
class StoreTroubleHttpTest {

    private static final Duration SOON = Duration.ofSeconds(20);

    private Path folder;
    private Path file;
    private ConfigurableApplicationContext application;
    private Api api;

    @BeforeAll
    void start(@TempDir Path place) {
        folder = place;
        FaultyDisk.register();
        file = folder.resolve("yellow-tally.mv.db");
        application = Applications.start(
                "--server.port=0",
                "--yellowtally.data=" + folder,
                "--yellowtally.store=ordered:faulty:" + folder.resolve("yellow-tally"));
        api = new Api(((WebServerApplicationContext) application).getWebServer().getPort());
    }

    @AfterEach
    void allIsWell() {
        FaultyDisk.says(null);
        await().atMost(SOON)
                .until(() -> api.get("/api/state").body().path("writing").asBoolean());
        assertThat(record("well again " + UUID.randomUUID()).status()).isEqualTo(204);
    }

    @AfterAll
    void stop() {
        application.close();
    }

    private Answer record(String name) {
        return post(
                "/api/stores/items",
                ",\"kind\":\"FILE\",\"card\":{\"name\":\"%s\",\"least\":1,\"pack\":1}".formatted(name));
    }

    private Answer post(String path, String more) {
        return api.post(path, "{\"id\":\"%s\"%s}".formatted(UUID.randomUUID(), more));
    }

    private List<String> notices() {
        return api.get("/api/state")
                .body()
                .path("notices")
                .valueStream()
                .map(notice -> notice.path("code").asString())
                .toList();
    }

    @Test
    void aFullDiskIsSaidAndRecordingGoesOnByItselfWhenThereIsRoom() {
        FaultyDisk.says("No space left on device");
        String name = "files " + UUID.randomUUID();
        Answer unsure = record(name);
        assertThat(unsure.status()).isEqualTo(503);
        assertThat(unsure.body().path("detail").asString()).contains("not known");
        assertThat(notices()).containsExactly("state.FULL");
        Answer refused = record("more files");
        assertThat(refused.status()).isEqualTo(503);
        assertThat(refused.body().path("detail").asString()).contains("is full").contains("Nothing was saved");
        assertThat(api.get("/api/board").status()).isEqualTo(200);
        assertThat(api.get("/api/log").status()).isEqualTo(200);
        // Whoever comes now, on a browser that nobody knows, reads as well.
        Signed fresh = Signed.in(api.root(), Signed.READER);
        assertThat(new Api(api.root(), fresh).get("/api/board").status()).isEqualTo(200);
        assertThat(fresh.signIn(api.root(), Signed.OFFICER, Signed.PASSWORD).statusCode())
                .isEqualTo(200);
        assertThat(new Api(api.root(), fresh).get("/api/log").status()).isEqualTo(200);
        FaultyDisk.says(null);
        await().atMost(SOON).until(() -> notices().isEmpty());
    }

    @Test
    void aDiskThatTakesNothingForAnotherReasonIsSaid() {
        FaultyDisk.says("Input/output error");
        record("gauges " + UUID.randomUUID());
        assertThat(notices()).containsExactly("state.NOT_TAKEN");
        assertThat(api.get("/api/stores").status()).isEqualTo(200);
    }

    @Test
    void aFileThatIsTakenAwayIsSaid() throws IOException {
        Path elsewhere = folder.resolve("elsewhere");
        Files.move(file, elsewhere);
        assertThat(notices()).containsExactly("state.GONE");
        assertThat(record("rags").status()).isEqualTo(503);
        assertThat(api.get("/api/board").status()).isEqualTo(200);
        Files.move(elsewhere, file);
    }

    /** The connections that made the tables end some time; what the tables check must not end with them. */
    @Test
    void connectionsMayEnd() {
        application.getBean(HikariDataSource.class).getHikariPoolMXBean().softEvictConnections();
        assertThat(record("sockets " + UUID.randomUUID()).status()).isEqualTo(204);
    }

    private void behindTheApplication(String... alterations) throws SQLException {
        try (Connection database = application.getBean(DataSource.class).getConnection();
                Statement statement = database.createStatement()) {
            for (String alteration : alterations) {
                assertThat(statement.executeUpdate(alteration)).as(alteration).isPositive();
            }
        }
    }

    private String one(String query) throws SQLException {
        try (Connection database = application.getBean(DataSource.class).getConnection();
                Statement statement = database.createStatement();
                ResultSet rows = statement.executeQuery(query)) {
            rows.next();
            return rows.getString(1);
        }
    }

    private List<String> waitingOn(String tag) {
        return api.get("/api/board")
                .body()
                .path("work")
                .valueStream()
                .filter(row -> row.path("tag").asString().equals(tag))
                .flatMap(row -> row.path("work").valueStream())
                .map(work -> work.path("what").asString())
                .toList();
    }

    @Test
    void aRecordThatNobodyUnderstandsCostsThatRecordAndHoldsItsSaw() throws SQLException {
        assertThat(hold("07", "TANKS").status()).isEqualTo(204);
        int entries = api.get("/api/log?kinds=HELD").body().path("entries").size();
        behindTheApplication(
                "update saw_hold set step = 'POLISH' where saw_id = (select id from saw where tag = '07')");
        // Something is recorded on the saw, so that it is read anew.
        assertThat(hold("07", "FILL").status()).isEqualTo(204);
        assertThat(waitingOn("07")).contains("NOT_UNDERSTOOD");
        assertThat(api.plate("07").path("state").asString()).isEqualTo("HELD");
        assertThat(waitingOn("08")).doesNotContain("NOT_UNDERSTOOD");
        JsonNode log = api.get("/api/log?kinds=HELD").body();
        assertThat(log.path("notUnderstood").asInt()).isEqualTo(1);
        assertThat(log.path("entries").size()).isEqualTo(entries);
        assertThat(api.get("/api/log").body().path("entries").size()).isGreaterThan(100);
        behindTheApplication("update saw_hold set step = 'TANKS' where step = 'POLISH'");
    }

    private Answer hold(String tag, String step) {
        return post("/api/saws/" + tag + "/holds", ",\"step\":\"%s\",\"note\":\"Smells of fuel\"".formatted(step));
    }

    @Test
    void aSawThatNobodyUnderstandsCostsThatSaw() throws SQLException {
        String loop = " where id in (select id from part where saw_id = (select id from saw where tag = '09'))";
        String pitch = one("select pitch from chain" + loop);
        int all = api.get("/api/board")
                .body()
                .path("rails")
                .valueStream()
                .mapToInt(rail -> rail.path("plates").size())
                .sum();
        behindTheApplication("update chain set pitch = 'ODD'" + loop);
        assertThat(hold("09", "TANKS").status()).isNotEqualTo(200);
        assertThat(hold("12", "TANKS").status()).isEqualTo(204);
        assertThat(api.get("/api/board")
                        .body()
                        .path("rails")
                        .valueStream()
                        .mapToInt(rail -> rail.path("plates").size())
                        .sum())
                .isEqualTo(all - 1);
        assertThat(notices()).containsExactly("state.LEFT_OUT");
        behindTheApplication("update chain set pitch = '" + pitch + "'" + loop);
        assertThat(hold("12", "FILL").status()).isEqualTo(204);
        await().atMost(SOON).until(() -> {
            api.get("/api/board");
            return notices().isEmpty();
        });
    }
}
