package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;
import yellowtally.server.support.StoppedClock;

/** What gangs of the demo fleet take along, ticked off at the gate; at eight in the evening, by a clock that stands. */
class PackHttpTest {

    private static final LocalDate TODAY = LocalDate.now(ZoneOffset.UTC);
    private static final String BATTERY_SAW = "14";

    private static ConfigurableApplicationContext running;
    private static Api api;

    @BeforeAll
    static void begin() {
        running = Applications.start(
                new SpringApplication(YellowTallyApplication.class, StoppedClock.class),
                "--server.port=0",
                "--yellowtally.store=mem:packs",
                "--yellowtally.data=target/packs",
                "--yellowtally.zone=UTC",
                "--stopped.at=" + TODAY.atTime(20, 0).toInstant(ZoneOffset.UTC));
        api = new Api(((WebServerApplicationContext) running).getWebServer().getPort());
    }

    @AfterAll
    static void end() {
        running.close();
    }

    private static JsonNode inShort(String crew, LocalDate leaves) {
        return api.get("/api/packs")
                .body()
                .valueStream()
                .filter(pack -> pack.path("crew").asString().equals(crew)
                        && pack.path("leaves").asString().equals(leaves.toString()))
                .findFirst()
                .orElseThrow();
    }

    private static String id(String crew, LocalDate leaves) {
        return inShort(crew, leaves).path("booking").asString();
    }

    private static JsonNode pack(String booking) {
        return api.get("/api/packs/" + booking).body();
    }

    private static JsonNode entry(JsonNode pack, String kind, String name) {
        return pack.path("lines")
                .valueStream()
                .filter(entry -> entry.path("line").path("kind").asString().equals(kind)
                        && entry.path("line").path("name").asString().equals(name))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + kind + " " + name + " in " + pack));
    }

    private static Answer tick(Api who, String booking, String kind, String name, double amount) {
        return who.post("/api/packs/" + booking + "/ticks", """
                {"id":"%s","kind":"%s","name":"%s","amount":%s}""".formatted(RunningServer.id(), kind, name, amount));
    }

    private static void keep(String bookings, String calledOff) {
        Answer kept = api.post("/api/plan/changes", """
                {"id":"%s","change":{"bookings":[%s],"calledOff":[%s],"minutes":[],"wishes":[]}}""".formatted(RunningServer.id(), bookings, calledOff));
        assertThat(kept.status()).as(kept.raw().body()).isEqualTo(204);
    }

    private static List<String> names(JsonNode pack, String kind) {
        return pack.path("lines")
                .valueStream()
                .map(entry -> entry.path("line"))
                .filter(line -> line.path("kind").asString().equals(kind))
                .map(line -> line.path("name").asString())
                .toList();
    }

    /** One after the other: they are all of one fleet. */
    @Test
    void aPackFromTheEveningBeforeToTheGate() throws IOException {
        aPackFollowsFromItsSawsAndDays();
        whatIsTickedOffIsOnRecordAndCanBeTakenOutAgain();
        whatIsNotForPackingIsRefusedInWords();
        aNewLoopIsToldWhereverItMatters();
        onItsDayWhatTheCrewHasCountsForItsBooking();
        whatIsNoLongerWantedIsTakenOutAgain();
    }

    private void aPackFollowsFromItsSawsAndDays() throws IOException {
        String tunnel = id("Tunnel gang", TODAY.plusDays(2));
        JsonNode pack = pack(tunnel);
        List<String> planned = api.get("/api/plan")
                .body()
                .path("bookings")
                .valueStream()
                .filter(booking -> booking.path("id").asString().equals(tunnel))
                .flatMap(booking -> booking.path("saws").valueStream())
                .map(saw -> saw.path("tag").asString())
                .toList();
        assertThat(names(pack, "SAW")).containsExactlyElementsOf(planned).hasSize(4);
        Map<String, Double> amounts = pack.path("lines")
                .valueStream()
                .map(entry -> entry.path("line"))
                .filter(line -> line.path("kind").asString().equals("FUEL_MIX"))
                .collect(Collectors.toMap(
                        line -> line.path("name").asString(),
                        line -> line.path("amount").asDouble()));
        assertThat(amounts)
                .isNotEmpty()
                .allSatisfy((ratio, ml) -> assertThat(ml % 500).isZero());
        for (JsonNode entry : pack.path("lines")) {
            if (entry.path("line").path("kind").asString().equals("LOOP")) {
                assertThat(entry.path("line").path("saws")).hasSize(1);
            }
        }
        assertThat(PaperHttpTest.text(api, "pack.pdf?booking=" + tunnel))
                .contains("Day pack, Tunnel gang", "Fuel mix 40:1", "Key for bar nuts 19 mm", "a held saw stays here");
        assertThat(PaperHttpTest.text(api, "day.pdf")).contains("Lay out", "Bar oil");
    }

    private void whatIsTickedOffIsOnRecordAndCanBeTakenOutAgain() {
        String viaduct = id("Viaduct gang", TODAY.plusDays(1));
        Api operator = api.as(Signed.OPERATOR);
        assertThat(tick(operator, viaduct, "LOOP", "YC-36", 1).status()).isEqualTo(204);
        JsonNode loop = entry(pack(viaduct), "LOOP", "YC-36").path("ticked");
        assertThat(loop.path("enough").asBoolean()).isTrue();
        assertThat(loop.path("by").asString()).isEqualTo("Bram Otley");
        assertThat(inShort("Viaduct gang", TODAY.plusDays(1)).path("ticked").asInt())
                .isEqualTo(1);

        double oil = entry(pack(viaduct), "BAR_OIL", "BAR_OIL")
                .path("line")
                .path("amount")
                .asDouble();
        assertThat(tick(operator, viaduct, "BAR_OIL", "BAR_OIL", oil / 2).status())
                .isEqualTo(204);
        assertThat(entry(pack(viaduct), "BAR_OIL", "BAR_OIL")
                        .path("ticked")
                        .path("enough")
                        .asBoolean())
                .isFalse();
        assertThat(tick(operator, viaduct, "BAR_OIL", "BAR_OIL", 0).status()).isEqualTo(204);
        assertThat(entry(pack(viaduct), "BAR_OIL", "BAR_OIL").has("ticked")).isFalse();
    }

    private void whatIsNotForPackingIsRefusedInWords() {
        String viaduct = id("Viaduct gang", TODAY.plusDays(1));
        Answer unknown = tick(api, viaduct, "LOOP", "YC-99", 1);
        assertThat(unknown.status()).isEqualTo(409);
        assertThat(unknown.sentenceAt("")).contains("not on the list any more");
        assertThat(tick(api, viaduct, "LOOP", "YC-36", -1).status()).isEqualTo(422);
        assertThat(tick(api.as(Signed.READER), viaduct, "LOOP", "YC-36", 1).status())
                .isEqualTo(403);
        assertThat(tick(api, RunningServer.id(), "LOOP", "YC-36", 1).status()).isEqualTo(404);

        String tunnel = id("Tunnel gang", TODAY.plusDays(2));
        String held = names(pack(tunnel), "SAW").stream()
                .filter(tag -> api.plate(tag).path("state").asString().equals("HELD"))
                .findFirst()
                .orElseThrow();
        Answer refused = tick(api, tunnel, "SAW", held, 1);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.sentenceAt("")).contains("Saw " + held + " is held");
        assertThat(entry(pack(tunnel), "SAW", held).path("held").asBoolean()).isTrue();
    }

    private void aNewLoopIsToldWhereverItMatters() {
        assertThat(inShort("Viaduct gang", TODAY.plusDays(1)).path("soaks"))
                .extracting(line -> line.path("name").asString())
                .containsExactly("YC-36");
        assertThat(api.get("/api/reminders").body().path("reminders").valueStream())
                .anyMatch(one -> one.path("kind").asString().equals("SOAK_TONIGHT")
                        && one.path("about").asString().equals(BATTERY_SAW)
                        && one.path("what").asString().equals("YC-36 as a spare"));
        assertThat(api.get("/api/plan.ics").raw().body().replace("\r\n ", ""))
                .contains("Into the oil this evening: YC-36\\, a spare for saw " + BATTERY_SAW);
        JsonNode today = api.get("/api/lay-out").body().path(0);
        assertThat(today.path("day").asString()).isEqualTo(TODAY.toString());
        assertThat(today.path("lines").valueStream())
                .anyMatch(line -> line.path("kind").asString().equals("LOOP")
                        && line.path("name").asString().equals("YC-36")
                        && line.path("soaks").asBoolean());
    }

    /** At the gate, an hour before it leaves: the saw is given out, and the booking is not short for it. */
    private void onItsDayWhatTheCrewHasCountsForItsBooking() {
        String before = id("Viaduct gang", TODAY.plusDays(1));
        String crew = api.get("/api/plan")
                .body()
                .path("bookings")
                .valueStream()
                .filter(one -> one.path("id").asString().equals(before))
                .map(one -> one.path("crewId").asString())
                .findFirst()
                .orElseThrow();
        String booking = RunningServer.id();
        keep("""
                {"id":"%s","crewId":"%s","leaves":"%s","at":"%s","saws":1,"power":"BATTERY"}""".formatted(booking, crew, TODAY, LocalTime.of(21, 0)), "\"" + before + "\"");
        assertThat(names(pack(booking), "SAW")).containsExactly(BATTERY_SAW);
        assertThat(tick(api, booking, "SAW", BATTERY_SAW, 1).status()).isEqualTo(204);

        Answer issued = api.post("/api/outings/issue", """
                {"id":"%s","crewId":"%s","saws":["%s"]}""".formatted(RunningServer.id(), crew, BATTERY_SAW));
        assertThat(issued.status()).as(issued.raw().body()).isEqualTo(204);
        assertThat(api.get("/api/plan").body().path("bookings").valueStream())
                .noneMatch(one -> one.path("id").asString().equals(booking));
        JsonNode pack = pack(booking);
        assertThat(names(pack, "SAW")).containsExactly(BATTERY_SAW);
        assertThat(entry(pack, "SAW", BATTERY_SAW).path("ticked").path("enough").asBoolean())
                .isTrue();
        assertThat(names(pack, "LOOP")).containsExactly("YC-36");
    }

    /** What was packed for another saw stands apart until it is out. */
    private void whatIsNoLongerWantedIsTakenOutAgain() {
        String tunnel = id("Tunnel gang", TODAY.plusDays(2));
        String loop = names(pack(tunnel), "LOOP").stream()
                .filter(name -> name.startsWith("YC-"))
                .findFirst()
                .orElseThrow();
        String saw = entry(pack(tunnel), "LOOP", loop)
                .path("line")
                .path("saws")
                .path(0)
                .asString();
        assertThat(tick(api, tunnel, "LOOP", loop, 1).status()).isEqualTo(204);
        Answer left = api.post("/api/plan/changes", """
                {"id":"%s","change":{"bookings":[],"calledOff":[],"minutes":[],"wishes":[{"tag":"%s","kind":"LEFT_OUT"}]}}""".formatted(RunningServer.id(), saw));
        assertThat(left.status()).isEqualTo(204);
        JsonNode pack = pack(tunnel);
        assertThat(names(pack, "SAW")).doesNotContain(saw);
        JsonNode gone = pack.path("gone").path(0);
        assertThat(gone.path("name").asString()).isEqualTo(loop);
        assertThat(tick(api, tunnel, "LOOP", loop, 0).status()).isEqualTo(204);
        assertThat(pack(tunnel).path("gone")).isEmpty();
    }
}
