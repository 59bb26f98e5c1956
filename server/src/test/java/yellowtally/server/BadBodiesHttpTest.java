package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** Whatever is sent to any write of the application: it is refused in a sentence, never a failure, and nothing is stored. */
@ExtendWith(RunningServer.class)
class BadBodiesHttpTest {

    private final Api api;
    private JsonNode description;

    BadBodiesHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void describe() {
        description = api.get("/api/openapi").body();
    }

    private record Write(String method, String path, JsonNode body) {}

    private List<Write> writes() {
        List<Write> writes = new ArrayList<>();
        for (Map.Entry<String, JsonNode> path : description.path("paths").properties()) {
            for (Map.Entry<String, JsonNode> operation : path.getValue().properties()) {
                JsonNode schema = operation
                        .getValue()
                        .path("requestBody")
                        .path("content")
                        .path("application/json")
                        .path("schema");
                if (!schema.isMissingNode()) {
                    writes.add(new Write(operation.getKey(), path.getKey(), schema));
                }
            }
        }
        return writes;
    }

    private Answer send(Write write, String body) {
        String path = write.path()
                .replace("{tag}", "12")
                .replace("{step}", "PLUG")
                .replaceAll("\\{[a-zA-Z]*[iI]d}", RunningServer.id());
        return write.method().equals("put") ? api.put(path, body) : api.post(path, body);
    }

    private static void refused(Answer answer, String body) {
        assertThat(answer.status()).as(body + " " + answer.body()).isBetween(400, 499);
        assertThat(answer.body().path("detail").asString())
                .as(body)
                .isNotBlank()
                .doesNotContain("Exception")
                .doesNotContain("null");
    }

    /** The fields of a body that it cannot do without, each left out in turn. */
    private JsonNode schemaOf(Write write) {
        String name = write.body().path("$ref").asString().replaceFirst(".*/", "");
        return description.path("components").path("schemas").path(name);
    }

    @TestFactory
    Stream<DynamicTest> bodiesThatAreNone() {
        return writes().stream()
                .flatMap(write -> Stream.of("", "{", "[]", "{}", "null", "{\"surprise\":1}", "\"text\"")
                        .map(body -> DynamicTest.dynamicTest(
                                write.method() + " " + write.path() + " " + body,
                                () -> refused(send(write, body), body))));
    }

    /** A body with an id and a known person, and nothing else that it needs. */
    @TestFactory
    Stream<DynamicTest> bodiesThatLackWhatTheyNeed() {
        return writes().stream()
                .filter(write -> schemaOf(write).path("properties").has("id")
                        && schemaOf(write).path("required").size() > 1)
                .map(write -> DynamicTest.dynamicTest(write.method() + " " + write.path(), () -> {
                    String body = "{\"id\":\"%s\"}".formatted(RunningServer.id());
                    refused(send(write, body), body);
                }));
    }

    @Test
    void thereAreWritesToTry() {
        assertThat(writes()).hasSizeGreaterThan(30);
    }
}
