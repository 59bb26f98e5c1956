package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceLock;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

@ExtendWith(RunningServer.class)
@ResourceLock(RunningServer.FLEET_SETTINGS)
class SettingsHttpTest {

    private final Api api;

    SettingsHttpTest(Api api) {
        this.api = api;
    }

    private Answer set(String key, String value, String reason) {
        String member = value == null ? "" : ",\"value\":\"" + value + "\"";
        return api.post(
                "/api/settings/changes",
                "{\"id\":\"%s\",\"key\":\"%s\",\"reason\":\"%s\"%s}"
                        .formatted(RunningServer.id(), key, reason, member));
    }

    private JsonNode number(String key) {
        for (JsonNode number : api.get("/api/settings").body().path("numbers")) {
            if (number.path("key").asString().equals(key)) {
                return number;
            }
        }
        throw new AssertionError("no setting " + key);
    }

    @Test
    void aChangedValueIsUsedKeepsItsReasonAndGoesBackToStandard() {
        String key = "tension.growth.watch";
        assertThat(set(key, "1.2", "Our loops crack early").status()).isEqualTo(200);
        assertThat(number(key).path("value").asDouble()).isEqualTo(1.2);
        assertThat(number(key).path("changed").path("reason").asString()).isEqualTo("Our loops crack early");
        assertThat(set(key, null, "Back to the book").status()).isEqualTo(200);
        assertThat(number(key).path("value").asDouble()).isEqualTo(1.5);
        assertThat(number(key).has("changed")).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "tension.growth.watch,     abc,   value,  Give a number from",
        "tension.growth.watch,     99,    value,  Give a number from",
        "tension.ratio.firm-under, 0.2,   value,  This would put",
        "house.length-unit,        YARD,  value,  not one of the choices",
        "no.such.setting,          1,     key,    no such setting",
    })
    void badValuesAreRefusedInWords(String key, String value, String field, String sentence) {
        Answer refused = set(key, value, "A reason");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.sentenceAt(field)).contains(sentence);
    }

    @Test
    void aChangeNeedsAReason() {
        assertThat(set("tension.growth.watch", "1.2", " ").sentenceAt("reason")).isEqualTo("Say why.");
    }

    @Test
    void twoMethodsOnOneSawCalibrateTheScale() {
        Answer calibrated = api.post(
                "/api/calibrations",
                "{\"id\":\"%s\",\"sawTag\":\"06\",\"method\":\"RAIL_TOUCH\",\"figure\":\"0\",\"pullDown\":\"2.94\",\"work\":\"FELLING\"}"
                        .formatted(RunningServer.id()));
        assertThat(calibrated.body().path("share").asDouble()).isCloseTo(0.5, within(0.001));
        assertThat(number("tension.scale.rail-touch").path("value").asDouble()).isCloseTo(0.5, within(0.001));
        assertThat(number("tension.scale.rail-touch")
                        .path("changed")
                        .path("reason")
                        .asString())
                .isEqualTo("Calibrated on saw 06 by one pair of readings");
        set("tension.scale.rail-touch", null, "End of test");
    }
}
