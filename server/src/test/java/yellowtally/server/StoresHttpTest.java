package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** Stores and parts over HTTP: taken at the bench, counted, ordered, retired. */
@ExtendWith(RunningServer.class)
class StoresHttpTest {

    private final Api api;
    private String tag;

    StoresHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aSaw() {
        tag = "P" + RunningServer.id().substring(0, 6);
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68));
    }

    private Answer write(String path, String more) {
        return api.post(path, "{\"id\":\"%s\"%s}".formatted(RunningServer.id(), more));
    }

    private JsonNode item(String name) {
        for (JsonNode item : api.get("/api/stores").body().path("items")) {
            if (item.path("card").path("name").asString().equals(name)) {
                return item;
            }
        }
        throw new AssertionError("no item " + name);
    }

    private String newItem(String name, String kind, double least, double shelf) {
        assertThat(write(
                                "/api/stores/items",
                                ",\"kind\":\"%s\",\"card\":{\"name\":\"%s\",\"least\":%s,\"pack\":1}"
                                        .formatted(kind, name, least))
                        .status())
                .isEqualTo(204);
        String id = item(name).path("id").asString();
        if (shelf > 0) {
            assertThat(write("/api/stores/items/" + id + "/received", ",\"amount\":" + shelf)
                            .status())
                    .isEqualTo(204);
        }
        return id;
    }

    private Answer take(String step, String item, double amount) {
        return api.post(
                "/api/saws/" + tag + "/records",
                Checks.step(
                        api,
                        step,
                        "FINE",
                        "",
                        ",\"takes\":[{\"itemId\":\"%s\",\"amount\":%s}]".formatted(item, amount)));
    }

    /** Ordered, it is not asked for again; come in, it lies on the shelf and is awaited no more. */
    @Test
    void whatIsOrderedIsAwaitedUntilItComesIn() {
        String name = "Mount " + tag;
        String item = newItem(name, "MOUNT", 4, 1);
        assertThat(item(name).path("order").path("quantity").asDouble()).isEqualTo(3);
        assertThat(write("/api/stores/items/" + item + "/orders", ",\"amount\":0")
                        .sentenceAt("amount"))
                .isEqualTo("Enter an amount above zero.");
        assertThat(write(
                                "/api/stores/items/" + item + "/orders",
                                ",\"amount\":3,\"supplier\":\"Lineside Supplies\",\"expectedOn\":\"2030-01-04\"")
                        .status())
                .isEqualTo(204);
        JsonNode ordered = item(name);
        assertThat(ordered.has("order")).isFalse();
        JsonNode awaited = ordered.path("onOrder").get(0);
        assertThat(awaited.path("supplier").asString()).isEqualTo("Lineside Supplies");
        assertThat(awaited.path("expectedOn").asString()).isEqualTo("2030-01-04");
        String byIt = ",\"amount\":2,\"orderId\":\"" + awaited.path("id").asString() + "\"";
        assertThat(write("/api/stores/items/" + item + "/received", byIt).status())
                .isEqualTo(204);
        JsonNode come = item(name);
        assertThat(come.path("shelf").asDouble()).isEqualTo(3);
        assertThat(come.path("onOrder")).isEmpty();
        assertThat(come.path("order").path("quantity").asDouble())
                .as("what did not come is missing still")
                .isEqualTo(1);
        assertThat(write("/api/stores/items/" + item + "/received", byIt).status())
                .isEqualTo(409);
    }

    @Test
    void anOrderIsCalledOffAndAskedForAnew() {
        String name = "Rope " + tag;
        String item = newItem(name, "STARTER_ROPE", 2, 1);
        write("/api/stores/items/" + item + "/orders", ",\"amount\":1");
        assertThat(item(name).has("order")).isFalse();
        String order = item(name).path("onOrder").get(0).path("id").asString();
        assertThat(write("/api/stores/orders/" + order + "/called-off", "").status())
                .isEqualTo(204);
        assertThat(item(name).path("order").path("quantity").asDouble()).isEqualTo(1);
        assertThat(write("/api/stores/orders/" + order + "/called-off", "").status())
                .isEqualTo(409);
        assertThat(write("/api/stores/orders/" + RunningServer.id() + "/called-off", "")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aStepTakesFromTheShelfUntilTheOrderListSpeaks() {
        String item = newItem("Filter " + tag, "AIR_FILTER", 1, 2);
        assertThat(item("Filter " + tag).has("order")).isFalse();
        assertThat(take("AIR_FILTER", item, 1).status()).isEqualTo(204);
        assertThat(item("Filter " + tag).has("order")).isFalse();
        assertThat(take("AIR_FILTER", item, 1).status()).isEqualTo(204);
        JsonNode empty = item("Filter " + tag);
        assertThat(empty.path("shelf").asDouble()).isZero();
        assertThat(empty.path("order").path("quantity").asDouble()).isEqualTo(1);
        assertThat(empty.path("order").path("reasons").toString()).contains("BELOW_LEAST");

        Answer below = take("AIR_FILTER", item, 1);
        assertThat(below.status()).isEqualTo(409);
        assertThat(below.sentenceAt("takes"))
                .isEqualTo("Filter " + tag
                        + ": the book says 0 on the shelf, so 1 cannot be taken. Count the shelf first.");
        assertThat(api.get("/api/stores/items/" + item + "/moves").body().size())
                .isEqualTo(3);
    }

    @Test
    void whatAStepDoesNotUseIsNotTakenAtIt() {
        String item = newItem("Oil " + tag, "BAR_OIL", 1, 5);
        assertThat(take("AIR_FILTER", item, 1).sentenceAt("takes"))
                .isEqualTo("Oil " + tag + " is not used at this step.");
        String pieces = newItem("Plug " + tag, "PLUG", 1, 5);
        assertThat(take("PLUG", pieces, 0.5).sentenceAt("takes"))
                .isEqualTo("Plug " + tag + " is counted in whole pieces.");
        assertThat(take("PLUG", pieces, 0).sentenceAt("takes")).isEqualTo("Enter an amount above zero.");
        assertThat(item("Plug " + tag).path("shelf").asDouble()).isEqualTo(5);
    }

    @Test
    void aCountSetsTheBookRightWithAReason() {
        String item = newItem("Guard " + tag, "BAR_GUARD", 1, 5);
        String counted = "/api/stores/items/" + item + "/counted";
        assertThat(write(counted, ",\"amount\":3,\"reason\":\"\"").sentenceAt("reason"))
                .isEqualTo("Say why.");
        assertThat(write(counted, ",\"amount\":-1,\"reason\":\"x\"").sentenceAt("amount"))
                .isEqualTo("A count cannot be below zero.");
        assertThat(write(counted, ",\"amount\":5,\"reason\":\"x\"").sentenceAt("amount"))
                .isEqualTo("Guard " + tag + ": that is what the book says already.");
        assertThat(write(counted, ",\"amount\":3,\"reason\":\"Two lent out\"").status())
                .isEqualTo(204);
        assertThat(item("Guard " + tag).path("shelf").asDouble()).isEqualTo(3);
        JsonNode last = api.get("/api/stores/items/" + item + "/moves").body().path(0);
        assertThat(last.path("amount").asDouble()).isEqualTo(-2);
        assertThat(last.path("reason").asString()).isEqualTo("Two lent out");
    }

    @Test
    void twoPeopleAtOneItemAreTold() {
        String item = newItem("File " + tag, "FILE", 1, 5);
        String card =
                ",\"itemId\":\"%s\",\"version\":0,\"kind\":\"FILE\",\"card\":{\"name\":\"File %s\",\"least\":3,\"pack\":1}"
                        .formatted(item, tag);
        assertThat(write("/api/stores/items", card).status()).isEqualTo(204);
        assertThat(write("/api/stores/items", card).status()).isEqualTo(409);
        assertThat(write(
                                "/api/stores/items",
                                ",\"kind\":\"FILE\",\"card\":{\"name\":\"File %s\",\"least\":3,\"pack\":1}"
                                        .formatted(tag))
                        .sentenceAt("card.name"))
                .isEqualTo("File " + tag + " is in the book already.");
    }

    private void shelve(String part) {
        assertThat(write(
                                "/api/parts",
                                ",\"costCents\":2600,\"chain\":{\"tag\":\"%s\",\"create\":true,\"pitch\":\"P_325\",\"gauge\":\"G_050\",\"driveLinks\":68,\"newCutter\":\"9.5 mm\"}"
                                        .formatted(part))
                        .status())
                .isEqualTo(204);
    }

    /** Only a loop that was out has worn its sprocket. */
    private void aDayOut() {
        Checks.testBrake(api, tag);
        api.post("/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id(), Checks.reading("6")));
        assertThat(api.post("/api/outings/issue", Checks.issue(api, tag)).status())
                .isEqualTo(204);
        assertThat(api.post("/api/outings/return", Checks.back(api, Checks.backSaw(tag, 1, "")))
                        .status())
                .isEqualTo(204);
    }

    @Test
    void aLoopIsReplacedRetiredAndKeepsItsLineage() {
        String next = "N" + tag.substring(1);
        shelve(next);
        aDayOut();
        Answer replaced = api.post(
                "/api/saws/" + tag + "/records",
                Checks.step(
                        api,
                        "REPLACE_CHAIN",
                        "FINE",
                        "",
                        ",\"part\":{\"tag\":\"%s\",\"newChain\":true,\"soakHours\":12,\"retireReason\":\"Rivet stood proud\"}"
                                .formatted(next)));
        assertThat(replaced.status()).isEqualTo(204);
        JsonNode old = api.get("/api/parts/C-" + tag).body();
        assertThat(old.path("retiredReason").asString()).isEqualTo("Rivet stood proud");
        assertThat(old.path("stays").path(0).path("until").isMissingNode()).isFalse();
        JsonNode fitted = api.get("/api/parts/" + next).body();
        assertThat(fitted.path("stays").path(0).path("loop").asInt()).isEqualTo(2);
        assertThat(fitted.path("stays").path(0).path("loops").asInt()).isEqualTo(2);
        assertThat(fitted.path("costCents").asInt()).isEqualTo(2600);

        Answer twice = write("/api/parts/C-" + tag + "/retire", ",\"reason\":\"Again\"");
        assertThat(twice.body().path("detail").asString()).isEqualTo("C-" + tag + " is retired already.");
        assertThat(write("/api/parts/" + next + "/retire", ",\"reason\":\"Worn\"")
                        .body()
                        .path("detail")
                        .asString())
                .isEqualTo(next + " is fitted to a saw. Take it off first.");
        Answer back = api.post(
                "/api/saws/" + tag + "/records",
                Checks.step(api, "REPLACE_CHAIN", "FINE", "", ",\"part\":{\"tag\":\"C-" + tag + "\"}"));
        assertThat(back.body().toString()).contains("C-" + tag + " is retired.");
    }

    @Test
    void aNewSprocketMakesTheBearingDue() {
        String part = "S2" + tag.substring(1);
        write(
                "/api/parts",
                ",\"sprocket\":{\"tag\":\"%s\",\"create\":true,\"kind\":\"RIM\",\"teeth\":7,\"pitch\":\"P_325\"}"
                        .formatted(part));
        api.post(
                "/api/saws/" + tag + "/records",
                Checks.step(api, "REPLACE_SPROCKET", "FINE", "", ",\"part\":{\"tag\":\"" + part + "\"}"));
        JsonNode schedule = api.get("/api/saws/" + tag + "/schedule").body();
        assertThat(schedule.toString()).contains("NEW_SPROCKET");
    }

    @Test
    void onePartIsNeverOnTwoSaws() {
        String other = "Q" + tag.substring(1);
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), other, 68));
        Answer refused = api.post(
                "/api/saws/" + tag + "/records",
                Checks.step(api, "REPLACE_CHAIN", "FINE", "", ",\"part\":{\"tag\":\"C-" + other + "\"}"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().toString()).contains("C-" + other);
        assertThat(api.get("/api/saws/" + other)
                        .body()
                        .path("chain")
                        .path("tag")
                        .asString())
                .isEqualTo("C-" + other);
    }

    @Test
    void aGaugeAboveItsCutterIsRefused() {
        Answer refused = api.post(
                "/api/saws/" + tag + "/records",
                Checks.step(api, "DEPTH_GAUGES", "FINE", "", "")
                        .replace("\"figures\":{}", "\"figures\":{\"GAUGE_SETTING\":\"-0.2\"}"));
        assertThat(refused.body().toString()).contains("The gauge would stand above its cutter");
    }

    @Test
    void theDemoFleetSpeaksOfWearCostAndWhatStandsOut() {
        JsonNode wear = api.get("/api/saws/15/wear").body();
        assertThat(wear.path("wear").size()).isEqualTo(4);
        assertThat(wear.path("edge").path("sharpeningsLeft").path("likely").asDouble())
                .isPositive();
        String insights = api.get("/api/insights").body().toString();
        assertThat(insights)
                .contains("EATS_EDGES")
                .contains("GROWS_FAST")
                .contains("SHORTER_SIDE")
                .contains("COSTLY_OUTING");
        JsonNode costs = api.get("/api/stores/costs").body();
        assertThat(costs.path("saws").path(0).path("cost").path("cents").asDouble())
                .isPositive();
        assertThat(api.get("/api/stores").body().path("parts").toString()).contains("PARTS_WEAR_OUT");
        assertThat(api.get("/api/parts/YC-39").body().path("retiredReason").asString())
                .contains("rivet stood proud");
    }
}
