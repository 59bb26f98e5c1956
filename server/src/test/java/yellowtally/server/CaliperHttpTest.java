package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** The stand-in caliper over its local stream: started, read, stopped; it measures the loop in the vice and nothing else. */
@ExtendWith(RunningServer.class)
class CaliperHttpTest {

    private final Api api;
    private String tag;
    private String vice;

    CaliperHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aLoopInTheVice() {
        tag = "K" + RunningServer.id().substring(0, 6);
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68));
        vice = RunningServer.id();
        assertThat(api.post("/api/saws/" + tag + "/sharpening", "{\"id\":\"%s\"}".formatted(vice))
                        .status())
                .isEqualTo(204);
    }

    private Answer start(int from) {
        return api.post(
                "/api/caliper/start", "{\"sharpeningId\":\"%s\",\"from\":%d,\"after\":false}".formatted(vice, from));
    }

    private BufferedReader stream() {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(api.root() + "/api/caliper/stream"))
                .timeout(Duration.ofSeconds(60)); // patience with a busy machine
        HttpResponse<InputStream> response = api.signed().send(request, HttpResponse.BodyHandlers.ofInputStream());
        assertThat(response.headers().firstValue("Content-Type").orElse("")).startsWith("text/event-stream");
        return new BufferedReader(new InputStreamReader(response.body(), StandardCharsets.UTF_8));
    }

    /** The data of the next event of a name. */
    private static String next(BufferedReader stream, String name) throws IOException {
        boolean named = false;
        for (String line = stream.readLine(); line != null; line = stream.readLine()) {
            if (line.startsWith("event:")) {
                named = line.substring(6).strip().equals(name);
            } else if (named && line.startsWith("data:")) {
                return line.substring(5);
            }
        }
        throw new AssertionError("the stream ended");
    }

    @Test
    @Timeout(90)
    void itSendsToWhoeverListensUntilItIsStopped() throws IOException, InterruptedException {
        try (BufferedReader stream = stream()) {
            next(stream, "ready");
            assertThat(start(0).body().path("running").asBoolean()).isTrue();
            assertThat(api.get("/api/caliper").body().path("running").asBoolean())
                    .isTrue();
            String first = next(stream, "reading");
            while (!first.contains("stand-in caliper")) {
                // Other tests send from calipers of their own.
                first = next(stream, "reading");
            }
            assertThat(first).contains("\"unit\":\"mm\"");
            assertThat(api.post("/api/caliper/stop", "{}")
                            .body()
                            .path("running")
                            .asBoolean())
                    .isFalse();
            assertThat(api.get("/api/caliper").body().path("running").asBoolean())
                    .isFalse();
        }
    }

    @Test
    @Timeout(90)
    void aCaliperOfAnotherMakeIsHeardOnTheSameStream() throws IOException, InterruptedException {
        try (BufferedReader stream = stream()) {
            next(stream, "ready");
            String message =
                    "{\"device\":\"Drawer caliper %s\",\"seq\":41,\"value\":0.287,\"unit\":\"in\"}".formatted(tag);
            assertThat(api.post("/api/caliper/readings", message).status()).isEqualTo(204);
            // Sent twice, as a bad line does it: taken once.
            api.post("/api/caliper/readings", message);
            api.post("/api/caliper/readings", message.replace("41", "42").replace("0.287", "0.291"));
            String first = next(stream, "reading");
            while (!first.contains(tag)) {
                first = next(stream, "reading");
            }
            assertThat(first).contains("0.287");
            assertThat(next(stream, "reading")).contains("0.291");
        }
    }

    @Test
    void anUnknownOrEndedSharpeningIsNotMeasured() {
        String known = vice;
        vice = RunningServer.id();
        assertThat(start(0).status()).isEqualTo(409);
        vice = known;
        api.post(
                "/api/sharpenings/" + vice + "/leave",
                "{\"id\":\"%s\",\"reason\":\"Wrong loop\"}".formatted(RunningServer.id()));
        assertThat(start(0).status()).isEqualTo(409);
        assertThat(api.get("/api/caliper").body().path("running").asBoolean()).isFalse();
    }
}
