package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** The mix for any amount, and cans whose age is counted. */
@ExtendWith(RunningServer.class)
class FuelHttpTest {

    private final Api api;

    FuelHttpTest(Api api) {
        this.api = api;
    }

    @ParameterizedTest
    @CsvSource({"5, LITRE, 50, 100", "2.5, US_GALLON, 50, 6.4", "0.7, LITRE, 25, 28"})
    void theOilForAnyAmount(String amount, String unit, int ratio, double oil) {
        JsonNode mix = api.get("/api/fuel/mix?amount=%s&unit=%s&ratio=%d".formatted(amount, unit, ratio))
                .body();
        assertThat(mix.path("oil").asDouble()).isCloseTo(oil, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "0,   LITRE,     50, amount, 'The amount must be over nought and at most 200.'",
        "60,  US_GALLON, 50, amount, 'The amount must be over nought and at most 52.'",
        "5,   LITRE,     5,  ratio,  'A mix is between 10:1 and 200:1.'",
    })
    void whatCannotBeMixedIsRefusedInWords(String amount, String unit, int ratio, String field, String sentence) {
        Answer refused = api.get("/api/fuel/mix?amount=%s&unit=%s&ratio=%d".formatted(amount, unit, ratio));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.sentenceAt(field)).isEqualTo(sentence);
    }

    private Answer mixed(String name, int daysAgo) {
        String day = LocalDate.now().minusDays(daysAgo).toString();
        return api.post("/api/fuel/cans", """
                {"id":"%s","name":"%s","ratio":50,"amount":5,"unit":"LITRE","mixedOn":"%s"}""".formatted(RunningServer.id(), name, day));
    }

    private JsonNode can(String name) {
        for (JsonNode can : api.get("/api/fuel/cans").body()) {
            if (can.path("name").asString().equals(name)) {
                return can;
            }
        }
        throw new AssertionError("no can " + name);
    }

    @Test
    void aCanHasADateAndItsAgeIsCounted() {
        assertThat(mixed("Red 7", 12).status()).isEqualTo(204);
        assertThat(mixed("Red 8", 31).status()).isEqualTo(204);
        JsonNode fresh = can("Red 7").path("age");
        assertThat(fresh.path("days").asInt()).isEqualTo(12);
        assertThat(fresh.path("old").asBoolean()).isFalse();
        assertThat(fresh.path("daysLeft").asInt()).isEqualTo(18);
        assertThat(can("Red 8").path("age").path("old").asBoolean()).isTrue();
        assertThat(can("Red 7").path("oilMl").asDouble()).isEqualTo(100);
        List<String> order = new ArrayList<>();
        api.get("/api/fuel/cans")
                .body()
                .forEach(can -> order.add(can.path("mixedOn").asString()));
        assertThat(order).as("the oldest first").isSorted();
    }

    @Test
    void aCanIsFilledOnceUntilItIsEmpty() {
        assertThat(mixed("Blue 1", 0).status()).isEqualTo(204);
        assertThat(mixed("Blue 1", 0).sentenceAt("name"))
                .isEqualTo(
                        "There is fuel in can Blue 1 already. Say that it is empty first, or give this one another name.");
        String empty = "/api/fuel/cans/" + can("Blue 1").path("id").asString() + "/empty";
        String body = "{\"id\":\"%s\"}".formatted(RunningServer.id());
        assertThat(api.post(empty, body).status()).isEqualTo(204);
        assertThat(api.post(empty, body).status())
                .as("a repeat changes nothing")
                .isEqualTo(204);
        String another = "{\"id\":\"%s\"}".formatted(RunningServer.id());
        assertThat(api.post(empty, another).body().path("detail").asString()).isEqualTo("Can Blue 1 is empty already.");
        assertThat(mixed("Blue 1", 1).status()).isEqualTo(204);
    }

    @Test
    void aDayThatCannotBeIsRefused() {
        assertThat(mixed("Green 1", -1).sentenceAt("mixedOn")).isNotEmpty();
        assertThat(mixed("Green 1", 2000).sentenceAt("mixedOn"))
                .isEqualTo("Nobody fills fuel that was mixed so long ago. Check the date.");
    }
}
