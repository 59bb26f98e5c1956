package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import yellowtally.server.RunningServer.Api;
import yellowtally.server.backup.Restore;
import yellowtally.server.support.StoppedClock;

/**
 * A database of an earlier release, with a demo fleet and a morning's work in it, is carried over and every page says what it
 * said before. The pages were taken from that release; the clock stands at their moment.
 */
class EarlierRecordsTest {

    /** What a page of that release says and one of today says otherwise, by the name of the field. */
    private static final Set<String> SAID_OTHERWISE = Set.of(
            // The moment of asking.
            "at@board",
            // Told with the queue of the day.
            "benchMinutes@board",
            // Work that waits has figures with names of their own, and none that mean nothing.
            "figure",
            "events",
            "step");

    private static InputStream resource(String name) throws IOException {
        return new GZIPInputStream(
                Objects.requireNonNull(EarlierRecordsTest.class.getResourceAsStream("/before/" + name)));
    }

    private static void restore(Connection db) throws SQLException {
        try (Statement statement = db.createStatement()) {
            statement.execute("runscript from 'classpath:/before/records.sql.gz' compression gzip");
        }
    }

    /** Everything that was said is still said, wherever it stands; what is said besides does not matter. */
    private static void compare(String page, String path, JsonNode before, JsonNode now, List<String> differences) {
        if (before.isObject()) {
            for (Map.Entry<String, JsonNode> field : before.properties()) {
                String name = field.getKey();
                boolean known = before.has("what") && SAID_OTHERWISE.contains(name)
                        || path.isEmpty() && SAID_OTHERWISE.contains(name + "@" + page.substring("/api/".length()));
                if (!known || now.has(name) && !name.equals("at")) {
                    compare(page, path + "/" + name, field.getValue(), now.path(name), differences);
                }
            }
        } else if (before.isArray()) {
            if (before.size() > 0 && before.get(0).isString()) {
                compareSets(page + path, before, now, differences);
                return;
            }
            String key = path.endsWith("/entries") ? "id" : "key";
            if (before.size() > 0 && before.get(0).has(key)) {
                compareByKey(page + path, key, before, now, differences);
                return;
            }
            if (before.size() != now.size()) {
                differences.add(page + path + ": " + before.size() + " are " + now.size());
            }
            for (int i = 0; i < Math.min(before.size(), now.size()); i++) {
                compare(page, path + "/" + i, before.get(i), now.get(i), differences);
            }
        } else if (before.isNumber() && now.isNumber()) {
            double apart = Math.abs(before.asDouble() - now.asDouble());
            if (apart > 1e-6 * Math.max(1, Math.abs(before.asDouble()))) {
                differences.add(page + path + ": " + before + " is " + now);
            }
        } else if (!before.equals(now)) {
            differences.add(page + path + ": " + before + " is " + now);
        }
    }

    /** A set has no order. */
    private static void compareSets(String path, JsonNode before, JsonNode now, List<String> differences) {
        Set<String> then = new TreeSet<>();
        before.forEach(one -> then.add(one.asString()));
        Set<String> today = new TreeSet<>();
        now.forEach(one -> today.add(one.asString()));
        if (!then.equals(today)) {
            differences.add(path + ": " + then + " are " + today);
        }
    }

    /** Settings may have become more, and stand in another order, as may lines of the log of one moment. */
    private static void compareByKey(String path, String key, JsonNode before, JsonNode now, List<String> differences) {
        Map<String, JsonNode> byKey = new HashMap<>();
        now.forEach(
                one -> byKey.put(one.path("kind").asString("") + one.path(key).asString(), one));
        for (JsonNode one : before) {
            String name = one.path("kind").asString("") + one.path(key).asString();
            JsonNode found = byKey.get(name);
            if (found == null) {
                differences.add(path + "/" + name + " is gone");
            } else {
                compare(path, "/" + name, one, found, differences);
            }
        }
    }

    /** Where the rules say otherwise on purpose: what was read is looked over, and is what has to be said from then on. */
    private static void writeAnew(JsonNode before, Api api) throws IOException {
        ObjectNode pages = JsonMapper.builder().build().createObjectNode();
        before.path("pages")
                .properties()
                .forEach(page -> pages.set(page.getKey(), api.get(page.getKey()).body()));
        ObjectNode all = JsonMapper.builder().build().createObjectNode();
        all.set("at", before.path("at"));
        all.set("pages", pages);
        try (OutputStream out =
                new GZIPOutputStream(Files.newOutputStream(Path.of("src/test/resources/before/pages.json.gz")))) {
            out.write(all.toString().getBytes(StandardCharsets.UTF_8));
        }
    }

    private static Api start(Path folder, JsonNode before, List<ConfigurableApplicationContext> running) {
        return new Api(port(folder, true, before, running));
    }

    private static int port(Path folder, boolean demo, JsonNode before, List<ConfigurableApplicationContext> running) {
        ConfigurableApplicationContext application = Applications.start(
                new SpringApplication(YellowTallyApplication.class, StoppedClock.class),
                "--server.port=0",
                "--yellowtally.data=" + folder,
                "--yellowtally.demo=" + demo,
                "--yellowtally.zone=UTC",
                "--stopped.at=" + before.path("at").asString());
        running.add(application);
        return ((WebServerApplicationContext) application).getWebServer().getPort();
    }

    /** What was taken out, brought in where there is nothing, and the set-up done by an officer of its records. */
    private static Api broughtIn(
            String file, Path folder, JsonNode before, List<ConfigurableApplicationContext> running) {
        String root = "http://127.0.0.1:" + port(folder, false, before, running);
        Api somebody = new Api(root, Signed.out());
        RunningServer.Answer done = somebody.post("/api/set-up/fleet-file?id=" + UUID.randomUUID(), file);
        assertThat(done.status()).as(done.raw().body()).isEqualTo(200);
        String officer = somebody.get("/api/sign-in")
                .body()
                .path("beginning")
                .path("officers")
                .get(0)
                .asString();
        String setUp = """
                {"id":"%s","fleet":"Hollin Bridge tramway","zone":"UTC","lengthUnit":"MM","volumeUnit":"LITRE",
                 "currency":"NONE","officer":"%s","signInName":"first","password":"three wet sleepers"}""";
        assertThat(somebody.post("/api/set-up", setUp.formatted(UUID.randomUUID(), officer))
                        .status())
                .isEqualTo(204);
        return somebody;
    }

    private static Path backup(Api api, Path folder) throws IOException {
        api.post("/api/backups", "{\"id\":\"" + UUID.randomUUID() + "\"}");
        await().atMost(Duration.ofMinutes(1))
                .until(() -> !api.get("/api/backups").body().path("underWay").asBoolean());
        // The other is from before the form was changed.
        JsonNode made = api.get("/api/backups")
                .body()
                .path("list")
                .valueStream()
                .filter(one -> one.path("why").asString().isEmpty())
                .findFirst()
                .orElseThrow();
        return folder.resolve("backups").resolve(made.path("file").asString());
    }

    @Test
    void everyPageSaysWhatItSaidBeforeAndSaysItAgainFromABackupAndFromAFleetFile(@TempDir Path place)
            throws IOException, SQLException, Restore.Refused {
        JsonNode before;
        try (InputStream pages = resource("pages.json.gz")) {
            before = JsonMapper.builder().build().readTree(pages);
        }
        Path folder = Files.createDirectory(place.resolve("data"));
        try (Connection db = DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("yellow-tally"), "sa", "")) {
            restore(db);
        }
        List<ConfigurableApplicationContext> running = new ArrayList<>();
        try {
            Api api = start(folder, before, running);
            if (Boolean.getBoolean("yellowtally.write-pages")) {
                writeAnew(before, api);
                return;
            }
            List<String> differences = new ArrayList<>();
            Map<String, JsonNode> now = new HashMap<>();
            before.path("pages").properties().forEach(page -> {
                JsonNode says = api.get(page.getKey()).body();
                compare(page.getKey(), "", page.getValue(), says, differences);
                now.put(page.getKey(), says);
            });
            assertThat(differences).isEmpty();
            assertThat(now).hasSizeGreaterThan(200);

            Path fresh = place.resolve("fresh");
            assertThat(Restore.restore(backup(api, folder), fresh, false).found())
                    .isZero();
            Api again = start(fresh, before, running);
            now.forEach((page, says) -> {
                if (!again.get(page).body().equals(says)) {
                    differences.add(page);
                }
            });
            assertThat(differences).isEmpty();

            String file = again.get("/api/fleet-file").raw().body();
            Api brought = broughtIn(file, place.resolve("brought"), before, running);
            now.forEach((page, says) -> {
                if (!brought.get(page).body().equals(says)) {
                    differences.add(page);
                }
            });
            assertThat(differences).isEmpty();
        } finally {
            running.forEach(ConfigurableApplicationContext::close);
        }
    }
}
