package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** A fleet that writes in inches and US units: a bare figure means that everywhere, and refusals are told in it. */
class InchFleetHttpTest {

    private static ConfigurableApplicationContext running;
    private static Api api;

    @BeforeAll
    static void begin() {
        running = Applications.start(
                "--server.port=0",
                "--yellowtally.store=mem:inch-fleet",
                "--yellowtally.data=target/inch-fleet",
                "--yellowtally.demo=true",
                "--yellowtally.zone=Pacific/Auckland");
        api = new Api(((WebServerApplicationContext) running).getWebServer().getPort());
        set("house.length-unit", "INCH");
        set("house.volume-unit", "US_GALLON");
    }

    @AfterAll
    static void end() {
        running.close();
    }

    private static Answer set(String key, String value) {
        return api.post(
                "/api/settings/changes",
                "{\"id\":\"%s\",\"key\":\"%s\",\"value\":\"%s\",\"reason\":\"Our rules are in inches\"}"
                        .formatted(RunningServer.id(), key, value));
    }

    private double number(String key) {
        return setting(key).path("value").asDouble();
    }

    private JsonNode setting(String key) {
        for (JsonNode number : api.get("/api/settings").body().path("numbers")) {
            if (number.path("key").asString().equals(key)) {
                return number;
            }
        }
        throw new AssertionError("no setting " + key);
    }

    private static Answer previewed(String tag, String step, String figures) {
        return api.post(
                "/api/saws/" + tag + "/records/preview",
                "{\"step\":\"%s\",\"noted\":true,\"input\":{\"said\":\"FINE\",\"findings\":[],\"figures\":%s}}"
                        .formatted(step, figures));
    }

    @Test
    void theHouseSaysHowItWrites() {
        JsonNode house = api.get("/api/house").body();
        assertThat(house.path("lengthUnit").asString()).isEqualTo("INCH");
        assertThat(house.path("volumeUnit").asString()).isEqualTo("US_GALLON");
        assertThat(house.path("zone").asString()).isEqualTo("Pacific/Auckland");
    }

    /** 0.1 in of one rail over the other is 2.54 mm: that condemns the bar; 0.1 mm would be nothing. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"RAIL_DIFFERENCE\":\"0.1\"}    | FAIL",
                "{\"RAIL_DIFFERENCE\":\"1/10\"}   | FAIL",
                "{\"RAIL_DIFFERENCE\":\"0.1 mm\"} | FINE",
                "{\"RAIL_DIFFERENCE\":\"0.004\"}  | FINE",
            })
    void aBareFigureAtTheBenchIsInInches(String figures, String outcome) {
        assertThat(previewed("06", "RAILS", figures)
                        .body()
                        .path("verdict")
                        .path("outcome")
                        .asString())
                .isEqualTo(outcome);
    }

    @Test
    void aFigureThatCannotBeIsRefusedInInches() {
        assertThat(previewed("06", "GROOVE", "{\"GROOVE_DEPTH\":\"7.1\"}")
                        .body()
                        .path("wrong")
                        .get(0)
                        .path("sentence")
                        .asString())
                .contains("between 0.0394 in and 0.5905 in");
        Answer reading = api.post(
                "/api/saws/06/tension/preview", "{\"work\":\"FELLING\",\"reading\":" + Checks.reading("6") + "}");
        assertThat(reading.body().path("refusals").get(0).path("sentence").asString())
                .startsWith("6 in is not possible: a chain on this bar shows at most ")
                .contains(" in.");
    }

    @Test
    void theViceAndTheLoopReadInches() {
        String id = RunningServer.id();
        api.post("/api/saws/06/sharpening", "{\"id\":\"%s\"}".formatted(id));
        api.post(
                "/api/sharpenings/" + id + "/deal",
                "{\"id\":\"%s\",\"dull\":false,\"leaveOut\":[],\"damage\":\"0.02\"}".formatted(RunningServer.id()));
        JsonNode open = api.get("/api/saws/06/sharpening").body().path("open");
        assertThat(open.path("damageMm").asDouble()).isCloseTo(0.508, within(1e-9));
        Answer longer = api.post(
                "/api/sharpenings/" + id + "/cutters",
                "{\"id\":\"%s\",\"place\":0,\"length\":\"0.5\",\"after\":false}".formatted(RunningServer.id()));
        assertThat(longer.sentenceAt("length")).contains("longer than new").contains(" in at most");
        Answer mark = api.post(
                "/api/parts/YC-10/figures",
                "{\"id\":\"%s\",\"reason\":\"Read again\",\"wearMark\":\"5/32\",\"file\":\"9\"}"
                        .formatted(RunningServer.id()));
        assertThat(mark.sentenceAt("file")).isEqualTo("Give a length from 0.1182 in to 0.3149 in.");
        assertThat(mark.sentenceAt("wearMark")).isEmpty();
    }

    @Test
    void aCardIsWrittenInTheUnitsOfTheFleet() {
        String tag = "I" + RunningServer.id().substring(0, 6);
        String saw = Checks.newSaw(api, RunningServer.id(), tag, 68)
                .replace("\"0.8\"", "\"1/32\"")
                .replace(
                        "\"adjusterTravel\":\"20\"",
                        "\"adjusterTravel\":\"0.8\",\"fuelTank\":\"15.2\",\"oilTank\":\"270 mL\"");
        assertThat(api.post("/api/saws", saw).status()).isEqualTo(200);
        JsonNode card = api.get("/api/saws/" + tag).body().path("card");
        assertThat(card.path("adjusterLeadMm").asDouble()).isCloseTo(0.794, within(0.001));
        assertThat(card.path("adjusterTravelMm").asDouble()).isCloseTo(20.32, within(1e-9));
        assertThat(card.path("fuelTankMl").asDouble()).isCloseTo(449.5, within(0.1));
        assertThat(card.path("oilTankMl").asDouble()).isEqualTo(270);
        Answer wrong = api.post(
                "/api/saws",
                Checks.newSaw(api, RunningServer.id(), tag + "x", 68)
                        .replace("\"0.8\"", "\"1/32\",\"fuelTank\":\"450\",\"oilTank\":\"a cup\""));
        assertThat(wrong.sentenceAt("saw.fuelTank")).isEqualTo("Give a volume from 1.7 fl oz to 101.4 fl oz.");
        assertThat(wrong.sentenceAt("saw.oilTank")).startsWith("This is not a volume");
    }

    @Test
    void aSettingThatIsALengthIsTypedAndRefusedInInches() {
        assertThat(set("drive.sprocket.replace-from", "0.02").status()).isEqualTo(200);
        assertThat(number("drive.sprocket.replace-from")).isCloseTo(0.508, within(1e-9));
        assertThat(set("drive.sprocket.replace-from", "0.5 mm").status()).isEqualTo(200);
        assertThat(number("drive.sprocket.replace-from")).isEqualTo(0.5);
        assertThat(set("drive.sprocket.replace-from", "5").sentenceAt("value"))
                .isEqualTo("Give a number from 0.004 in to 0.0787 in.");
        assertThat(setting("drive.sprocket.replace-from").path("allowed").asString())
                .isEqualTo("0.004 in to 0.0787 in");
        assertThat(setting("schedule.bench.minutes").path("allowed").asString()).isEqualTo("10 to 1440");
        assertThat(set("tension.growth.watch", "99").sentenceAt("value"))
                .startsWith("Give a number from")
                .doesNotContain(" in");
    }

    @Test
    void twoReadingsInInchesCalibrateTheScale() {
        Answer calibrated = api.post(
                "/api/calibrations",
                "{\"id\":\"%s\",\"sawTag\":\"06\",\"method\":\"RAIL_TOUCH\",\"figure\":\"0\",\"pullDown\":\"0.1157\",\"work\":\"FELLING\"}"
                        .formatted(RunningServer.id()));
        assertThat(calibrated.body().path("share").asDouble()).isCloseTo(0.5, within(0.001));
    }

    @Test
    void theDaySheetHasWhatThePlanHasToday() throws IOException {
        JsonNode days = api.get("/api/plan").body().path("days");
        String text = PaperHttpTest.text(api, "day.pdf");
        assertThat(text).contains("Nothing goes out by this sheet");
        Set<String> today = new HashSet<>();
        days.path(0).path("visits").forEach(visit -> today.add(visit.path("tag").asString()));
        assertThat(today).isNotEmpty();
        for (JsonNode saw : api.get("/api/saws").body()) {
            String tag = saw.path("tag").asString();
            assertThat(text.contains("Saw " + tag + ", ")).as(tag).isEqualTo(today.contains(tag));
        }
        assertThat(days.path(1).path("visits")).isNotEmpty();
        assertThat(text).contains("On other days: ");
        assertThat(text)
                .contains("Make safe", "Engine cold, no smoking.", "fine / needs work / fail")
                .containsPattern("aim (\\d+ )?\\d+/\\d+ in");
    }

    @Test
    void theOrderListHasWhatTheStoresSay() throws IOException {
        JsonNode stores = api.get("/api/stores").body();
        String text = PaperHttpTest.text(api, "orders.pdf");
        int lines = 0;
        for (JsonNode item : stores.path("items")) {
            boolean wanted = item.has("order");
            lines += wanted ? 1 : 0;
            if (wanted) {
                assertThat(text).contains(item.path("card").path("name").asString());
            }
        }
        assertThat(lines).isPositive();
        for (JsonNode group : stores.path("parts")) {
            if (group.has("order")) {
                assertThat(text).contains(group.path("spec").asString());
            }
        }
    }
}
