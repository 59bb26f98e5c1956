package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** Tagged parts that are ordered: the plan counts on them, and what comes lies on the shelf under its own tag. */
class PartOrderHttpTest {

    private static OwnFleet fleet;
    private static Api api;

    @BeforeAll
    static void begin() {
        fleet = OwnFleet.empty("part-orders");
        api = fleet.api();
    }

    @AfterAll
    static void end() {
        fleet.close();
    }

    private static Answer write(String path, String more) {
        return api.post(path, "{\"id\":\"%s\"%s}".formatted(RunningServer.id(), more));
    }

    private static Answer order(String like, String amount, String more) {
        return write("/api/stores/parts/" + like + "/orders", ",\"amount\":" + amount + more);
    }

    private static Answer came(String order, String tags) {
        return write("/api/stores/part-orders/" + order + "/came", ",\"costCents\":2450,\"tags\":[" + tags + "]");
    }

    /** A saw whose loops have so many drive links: a sort of its own. */
    private static void saw(String tag, int links) {
        String saw = Checks.newSaw(api, RunningServer.id(), tag, links)
                .replace("\"driveLinks\":68", "\"driveLinks\":" + links);
        assertThat(api.post("/api/saws", saw).status()).isLessThan(300);
    }

    private static JsonNode loopsLike(String tag) {
        for (JsonNode group : api.get("/api/stores").body().path("parts")) {
            if (group.path("like").asString().equals(tag)) {
                return group;
            }
        }
        throw new AssertionError("no parts like " + tag);
    }

    /** Tags that are proposed for what comes by the first order of a sort. */
    private static String nextTags(JsonNode group) {
        String order = group.path("onOrder").path(0).path("id").asString();
        return api.get("/api/stores").body().path("nextTags").path(order).toString();
    }

    private static JsonNode waits(String tag) {
        for (JsonNode left : api.get("/api/plan").body().path("left")) {
            if (left.path("tag").asString().equals(tag)) {
                return left.path("why");
            }
        }
        throw new AssertionError(tag + " waits for nothing");
    }

    @Test
    void aLoopThatIsOrderedIsCountedOnAndGetsItsTagWhenItComes() {
        saw("V1", 68);
        Answer cracked =
                api.post("/api/saws/V1/records", Checks.step(api, "CHAIN_LOOK", "FAIL", "\"STRAP_CRACKED\"", ""));
        assertThat(cracked.status()).as(cracked.body().toString()).isLessThan(300);
        JsonNode before = loopsLike("C-V1");
        assertThat(before.path("reserved").toString()).contains("V1");
        assertThat(before.path("order").path("quantity").asInt()).isEqualTo(1);
        assertThat(waits("V1").path("cause").asString()).isEqualTo("PART");

        LocalDate comes = LocalDate.parse(
                        api.get("/api/plan").body().path("today").asString())
                .plusDays(2);
        assertThat(order("C-V1", "1", ",\"supplier\":\"Lineside Supplies\",\"expectedOn\":\"" + comes + "\"")
                        .status())
                .isEqualTo(204);
        JsonNode awaited = loopsLike("C-V1");
        assertThat(awaited.has("order")).as("ordered already").isFalse();
        assertThat(nextTags(awaited)).isEqualTo("[\"C-V2\"]");
        int first = -1;
        JsonNode days = api.get("/api/plan").body().path("days");
        for (int day = 0; day < days.size() && first < 0; day++) {
            first = days.path(day).path("visits").findValuesAsString("tag").contains("V1") ? day : -1;
        }
        assertThat(first)
                .as("it comes, lies in the oil overnight, and is fitted")
                .isGreaterThanOrEqualTo(3);

        String order = awaited.path("onOrder").path(0).path("id").asString();
        assertThat(came(order, "").sentenceAt("tags")).isEqualTo("This is needed.");
        assertThat(came(order, "\"C-V1\"").sentenceAt("tags")).contains("C-V1");
        assertThat(came(order, "\"C-V9\",\"c-v9\"").sentenceAt("tags")).contains("c-v9");
        assertThat(came(order, "\"C-V2\"").status()).isEqualTo(204);
        JsonNode come = loopsLike("C-V1");
        assertThat(come.path("shelf").toString()).isEqualTo("[\"C-V2\"]");
        assertThat(come.path("onOrder").size()).isZero();
        JsonNode part = api.get("/api/parts/C-V2").body();
        assertThat(part.path("costCents").asInt()).isEqualTo(2450);
        assertThat(came(order, "\"C-V3\"").status()).as("it has come already").isEqualTo(409);
    }

    @Test
    void whatIsCalledOffIsOrderedAnewAndAnItemIsNoPart() {
        saw("W1", 72);
        assertThat(order("B-W1", "2", "").status()).isEqualTo(204);
        JsonNode bars = loopsLike("B-W1");
        assertThat(nextTags(bars)).isEqualTo("[\"B-W2\",\"B-W3\"]");
        String order = bars.path("onOrder").path(0).path("id").asString();
        assertThat(write("/api/stores/part-orders/" + order + "/called-off", "").status())
                .isEqualTo(204);
        assertThat(loopsLike("B-W1").path("onOrder").size()).isZero();
        assertThat(came(order, "\"B-W2\"").status()).isEqualTo(409);

        write("/api/stores/items", ",\"kind\":\"PLUG\",\"card\":{\"name\":\"Plug\",\"least\":1,\"pack\":1}");
        JsonNode item = api.get("/api/stores").body().path("items").path(0);
        write("/api/stores/items/" + item.path("id").asString() + "/orders", ",\"amount\":3");
        String plugs = api.get("/api/stores")
                .body()
                .path("items")
                .path(0)
                .path("onOrder")
                .path(0)
                .path("id")
                .asString();
        assertThat(came(plugs, "\"B-W2\"").body().path("detail").asString()).isEqualTo("There is no such order.");
    }

    @ParameterizedTest
    @CsvSource({"0", "51", "1.5"})
    void onlyWholePiecesAreOrdered(String amount) {
        saw("X" + amount.replace(".", ""), 74);
        Answer refused = order("S-X" + amount.replace(".", ""), amount, "");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.sentenceAt("amount")).isNotEmpty();
    }

    @Test
    void nothingIsOrderedLikeAPartThatNobodyKnows() {
        assertThat(order("Q-77", "1", "").status()).isEqualTo(404);
    }
}
