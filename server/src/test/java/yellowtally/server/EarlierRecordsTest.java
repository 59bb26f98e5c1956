package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

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
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import yellowtally.server.RunningServer.Api;
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

    @Test
    void everyPageSaysWhatItSaidBefore() throws IOException, SQLException {
        JsonNode before;
        try (InputStream pages = resource("pages.json.gz")) {
            before = JsonMapper.builder().build().readTree(pages);
        }
        try (Connection db = DriverManager.getConnection("jdbc:h2:mem:before", "sa", "")) {

            restore(db);
            SpringApplication application = new SpringApplication(YellowTallyApplication.class, StoppedClock.class);
            try (ConfigurableApplicationContext running = application.run(
                    "--server.port=0",
                    "--yellowtally.store=mem:before",
                    "--yellowtally.zone=UTC",
                    "--stopped.at=" + before.path("at").asString())) {
                Api api = new Api(
                        ((WebServerApplicationContext) running).getWebServer().getPort());
                if (Boolean.getBoolean("yellowtally.write-pages")) {
                    writeAnew(before, api);
                    return;
                }
                List<String> differences = new ArrayList<>();
                for (Map.Entry<String, JsonNode> page : before.path("pages").properties()) {
                    compare(
                            page.getKey(),
                            "",
                            page.getValue(),
                            api.get(page.getKey()).body(),
                            differences);
                }
                assertThat(differences).isEmpty();
                assertThat(before.path("pages").size()).isGreaterThan(200);
            }
        }
    }
}
