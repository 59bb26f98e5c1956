package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import yellowtally.server.RunningServer.Api;

/**
 * The description in {@code docs/openapi.json}, from which the web's types are made, is what the server says of itself. Run
 * with {@code -Dyellowtally.write-openapi=true} to write it anew.
 */
@ExtendWith(RunningServer.class)
class OpenApiTest {

    private static final Path DESCRIPTION = Path.of("..", "docs", "openapi.json");
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT, SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();

    @Test
    void theWrittenDescriptionIsTheServersOwn(Api api) throws IOException {
        ObjectNode served = (ObjectNode) api.get("/api/openapi").body();
        served.remove("servers");
        // As plain maps, so that keys can be sorted and the file does not change with the order of a scan.
        Object sorted = JSON.convertValue(served, Object.class);
        String text = JSON.writeValueAsString(sorted).replace("\r\n", "\n") + "\n";
        if (Boolean.getBoolean("yellowtally.write-openapi")) {
            Files.writeString(DESCRIPTION, text);
        }
        JsonNode written = JSON.readTree(Files.readString(DESCRIPTION));
        assertThat(written).isEqualTo(JSON.readTree(text));
    }
}
