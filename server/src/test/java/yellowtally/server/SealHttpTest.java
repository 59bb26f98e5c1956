package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** The chain of a running application is whole while others write, and tells what a paper is worth. */
@ExtendWith(RunningServer.class)
class SealHttpTest {

    private static JsonNode checked(Api api) {
        String before = api.get("/api/seal").body().path("last").path("at").asString("");
        api.post("/api/seal/check", "{\"id\":\"" + UUID.randomUUID() + "\"}");
        return await().atMost(Duration.ofMinutes(1))
                .until(
                        () -> api.get("/api/seal").body(),
                        seal -> !seal.path("checking").asBoolean()
                                && !seal.path("last").path("at").asString("").equals(before))
                .path("last");
    }

    @Test
    void everythingIsAsItWasSealedWhileOthersWrite(Api api) {
        JsonNode found = checked(api);
        assertThat(found.path("wrong")).isEmpty();
        assertThat(found.path("found").asLong(-1)).isZero();
        assertThat(found.path("records").asLong()).isGreaterThan(5_000);
    }

    @Test
    void aPaperOfNowStands(Api api) {
        String code = api.get("/api/seal").body().path("code").asString();
        Answer paper = api.get("/api/seal/papers/" + code);
        assertThat(paper.body().path("kind").asString()).isEqualTo("STANDS");
        assertThat(api.get("/api/seal/papers/" + code.toUpperCase(java.util.Locale.ROOT))
                        .body()
                        .path("kind")
                        .asString())
                .isEqualTo("STANDS");
    }

    @Test
    void aPaperThatSaysOtherwiseOrMoreDoesNot(Api api) {
        assertThat(api.get("/api/seal/papers/5-0123456789abcdef")
                        .body()
                        .path("kind")
                        .asString())
                .isEqualTo("ALTERED");
        assertThat(api.get("/api/seal/papers/0-0123456789abcdef")
                        .body()
                        .path("kind")
                        .asString())
                .isEqualTo("ALTERED");
        assertThat(api.get("/api/seal/papers/999999999-0123456789abcdef")
                        .body()
                        .path("kind")
                        .asString())
                .isEqualTo("CUT_OFF");
        Answer nonsense = api.get("/api/seal/papers/five");
        assertThat(nonsense.status()).isEqualTo(422);
        assertThat(nonsense.sentenceAt("code")).contains("4812-9f3a77c1d20be456");
    }
}
