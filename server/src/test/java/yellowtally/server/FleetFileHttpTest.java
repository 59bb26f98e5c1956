package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.ResourceLock;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** A whole fleet as one file: taken out as its schema says, refused in words when anything is wrong with it, brought in whole. */
@ExtendWith(RunningServer.class)
@ResourceLock(RunningServer.ALL_RECORDS)
class FleetFileHttpTest {

    private static final String ADDRESS = "/api/set-up/fleet-file?id=";
    private static final Path SCHEMA = Path.of("..", "docs", "formats", "fleet.schema.json");

    /** A file with something wrong in it, and what is said about it. */
    private record Wrong(String what, String file, String sentence) {}

    private static Stream<Wrong> wrong(String file) {
        String[] lines = file.split("\n");
        int person = line(lines, "\"table\":\"person\"") + 1;
        // In the middle of a row: at the end of one the line that is missing is the next.
        String half = file.substring(0, file.indexOf('{', file.length() / 2) + 1);
        String behindComma = file.substring(0, file.indexOf("\n,", file.length() / 2) + 2);
        return Stream.of(
                new Wrong("no JSON", "tag,make\n12,Fell", "Line 1, column"),
                new Wrong("a list", "[1,2]", "This is no fleet file"),
                new Wrong("another file", "{\"name\":\"package\"}", "there is no field name"),
                new Wrong("an empty object", "{}", "This is no fleet file"),
                new Wrong("half of it", half, "ends in the middle, at line " + grouped(half.split("\n").length)),
                new Wrong("cut off behind a comma", behindComma, "ends in the middle, at line "),
                new Wrong(
                        "a newer form", file.replaceFirst("\"form\":\\d+", "\"form\":900"), "newer release (form 900"),
                new Wrong("an older form", file.replaceFirst("\"form\":\\d+", "\"form\":3"), "of form 3"),
                new Wrong(
                        "an unknown table",
                        file.replaceFirst("\"table\":\"person\"", "\"table\":\"passenger\""),
                        "there is no table passenger"),
                new Wrong(
                        "an unknown column",
                        with(lines, person, "{\"nickname\":\"Odd\","),
                        "Line " + grouped(person + 1) + ", column 2: the table person has no column nickname"),
                new Wrong("a name that is none", with(lines, person, "{\"name\":7,"), "name has to be a text"),
                new Wrong("an id that is none", with(lines, person, "{\"id\":\"Ida\","), "id has to be an id"),
                new Wrong("a column twice", with(lines, person, "{\"role\":\"READER\","), "this is not JSON"),
                new Wrong(
                        "a row that lacks something",
                        lines(
                                lines,
                                person,
                                lines[person].replaceFirst("\"role\":\"\\w+\"", "\"left_on\":\"2026-01-01\"")),
                        "a row of person needs role"),
                new Wrong(
                        "a role that is none",
                        lines(lines, person, lines[person].replaceFirst("\"role\":\"\\w+\"", "\"role\":\"GUARD\"")),
                        "a row of person cannot be kept: it says something that cannot be"),
                new Wrong(
                        "a row that fits no saw",
                        file.replaceFirst("\"saw_id\":\"[^\"]+\"", "\"saw_id\":\"" + RunningServer.id() + "\""),
                        "it names a row that is not in the file"),
                new Wrong("a row too few", without(lines, person), "the table person says that it has"),
                new Wrong(
                        "a person of another name",
                        lines(lines, person, lines[person].replaceFirst("\"name\":\"\\w+", "\"name\":\"Somebody")),
                        "One record in this file is not as it was sealed: the file was altered"),
                new Wrong(
                        "a cut end",
                        file.replaceFirst("\"seal\":\"\\d+-", "\"seal\":\"999999-"),
                        "The file says that its seals end at 999999-"));
    }

    private static int line(String[] lines, String part) {
        for (int i = 0; i < lines.length; i++) {
            if (lines[i].contains(part)) {
                return i;
            }
        }
        throw new AssertionError("no " + part);
    }

    private static String grouped(int number) {
        return "%,d".formatted(number);
    }

    /** A row that begins otherwise. */
    private static String with(String[] lines, int at, String beginning) {
        String row = lines[at];
        int brace = row.indexOf('{');
        String field = beginning.substring(1, beginning.indexOf(':') + 1);
        boolean twice = row.contains(field) && beginning.contains("role");
        String rest =
                twice ? row.substring(brace + 1) : row.substring(brace + 1).replaceFirst(field + "\"[^\"]*\",?", "");
        return lines(lines, at, row.substring(0, brace) + beginning + rest);
    }

    private static String lines(String[] lines, int at, String other) {
        String[] changed = lines.clone();
        changed[at] = other;
        return String.join("\n", changed);
    }

    private static String without(String[] lines, int at) {
        List<String> left = new ArrayList<>(List.of(lines));
        left.remove(at);
        // The first row of its table has no comma before it.
        left.set(at, left.get(at).replaceFirst("^,", ""));
        return String.join("\n", left);
    }

    private static ConfigurableApplicationContext empty(Path folder) {
        return Applications.start(
                "--server.port=0",
                "--yellowtally.demo=false",
                "--yellowtally.data=" + folder,
                "--yellowtally.store=mem:" + folder.getFileName());
    }

    private static Api at(ConfigurableApplicationContext running) {
        int port = ((WebServerApplicationContext) running).getWebServer().getPort();
        return new Api("http://127.0.0.1:" + port, Signed.out());
    }

    @Test
    void whatIsWrongIsSaidWithItsLineAndNothingIsHalfStored(Api api, @TempDir Path folder) {
        String file = api.get("/api/fleet-file").raw().body();
        ConfigurableApplicationContext running = empty(folder);
        try {
            Api first = at(running);
            wrong(file).forEach(wrong -> {
                Answer refused = first.post(ADDRESS + RunningServer.id(), wrong.file());
                assertThat(refused.status()).as(wrong.what()).isEqualTo(422);
                assertThat(refused.body().path("detail").asString())
                        .as(wrong.what())
                        .contains(wrong.sentence())
                        .endsWith("Nothing was brought in.");
            });
            assertThat(folder.resolve("incoming")).isEmptyDirectory();

            // Nothing of all that stands in the way of the right one.
            Answer done = first.post(ADDRESS + RunningServer.id(), file);
            assertThat(done.status()).as(done.raw().body()).isEqualTo(200);
            assertThat(done.body().path("rows").asLong()).isGreaterThan(5_000);
            assertThat(first.post(ADDRESS + RunningServer.id(), file)
                            .body()
                            .path("detail")
                            .asString())
                    .startsWith("There are records here already.");
            JsonNode beginning = first.get("/api/sign-in").body().path("beginning");
            assertThat(done.body().path("fleet").asString())
                    .isEqualTo(api.get("/api/sign-in").body().path("fleet").asString());
            assertThat(beginning.path("officers").toString()).contains("Ida Marsh");
        } finally {
            running.close();
        }
    }

    @Test
    void afterTheSetUpAndFromElsewhereNothingIsTaken(Api api) {
        Answer done = api.post(ADDRESS + RunningServer.id(), "{}");
        assertThat(done.status()).isEqualTo(409);
        assertThat(done.body().path("detail").asString()).contains("is set up already");
        Answer large = api.post(ADDRESS + RunningServer.id(), "{\"format\":\"" + "x".repeat(2 << 20) + "\"}");
        assertThat(large.status()).isEqualTo(413);
    }

    @Test
    void itIsAsItsPublishedSchemaSays(Api api) throws IOException {
        String schema = api.get("/api/fleet-file/schema").body().toPrettyString() + "\n";
        if (Boolean.getBoolean("yellowtally.write-schema")) {
            Files.createDirectories(SCHEMA.getParent());
            Files.writeString(SCHEMA, schema);
        }
        assertThat(Files.readString(SCHEMA)).isEqualTo(schema);
        Schema published = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(schema, InputFormat.JSON);
        Answer taken = api.get("/api/fleet-file");
        String file = thinned(taken.body());
        List<Error> found = published.validate(
                file,
                InputFormat.JSON,
                context -> context.executionConfig(config -> config.formatAssertionsEnabled(true)));
        assertThat(found).isEmpty();
        assertThat(published.validate(file.replaceFirst("\"role\":", "\"rank\":"), InputFormat.JSON))
                .isNotEmpty();
        // Nothing by which somebody could sign in.
        assertThat(taken.raw().body()).doesNotContain("bcrypt", "credential", "sign_in_name");
    }

    /** The file with one row of each shape: of rows that differ in their letters and digits alone the schema says the same. */
    private static String thinned(JsonNode file) {
        for (JsonNode table : file.path("tables")) {
            Set<String> shapes = new HashSet<>();
            ArrayNode rows = (ArrayNode) table.path("rows");
            List<JsonNode> kept =
                    rows.valueStream().filter(row -> shapes.add(shape(row))).toList();
            rows.removeAll().addAll(kept);
        }
        return file.toString();
    }

    private static String shape(JsonNode row) {
        StringBuilder shape = new StringBuilder();
        row.properties()
                .forEach(field -> shape.append(field.getKey())
                        .append('=')
                        .append(field.getValue()
                                .toString()
                                .replaceAll("[\\p{L}\\p{M}]+", "x")
                                .replaceAll("\\d+", "9")
                                .replaceAll("[x9 ]+", "x")));
        return shape.toString();
    }

    /** It was taken out by an earlier release, as all files will have been one day. */
    @Test
    void theSampleFleetComesIn(@TempDir Path folder) throws IOException {
        String file = Files.readString(Path.of("..", "docs", "samples", "harrow-bank.json"));
        ConfigurableApplicationContext running = empty(folder);
        try {
            Answer done = at(running).post(ADDRESS + RunningServer.id(), file);
            assertThat(done.status()).as(done.raw().body()).isEqualTo(200);
            assertThat(done.body().path("rows").asLong()).isGreaterThan(50);
        } finally {
            running.close();
        }
    }
}
