package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Api;

/** What presses on the demo fleet, and the mail that says so, each once. */
class ReminderHttpTest {

    private static final Duration SOON = Duration.ofSeconds(60);

    @TempDir
    private static Path data;

    private static ConfigurableApplicationContext running;
    private static Api api;

    @BeforeAll
    static void begin() {
        running = Applications.start(
                "--server.port=0",
                "--yellowtally.store=mem:reminders",
                "--yellowtally.data=" + data,
                "--yellowtally.look-every=PT0.3S");
        api = new Api(((WebServerApplicationContext) running).getWebServer().getPort());
    }

    @AfterAll
    static void end() {
        running.close();
    }

    private static JsonNode page() {
        return api.get("/api/reminders").body();
    }

    private static List<JsonNode> shortOnes() {
        List<JsonNode> found = new ArrayList<>();
        page().path("reminders").forEach(one -> {
            if (one.path("kind").asString().equals("BOOKING_SHORT")) {
                found.add(one);
            }
        });
        return found;
    }

    private static void keep(String bookings, String calledOff) {
        assertThat(api.post("/api/plan/changes", """
                {"id":"%s","change":{"bookings":[%s],"calledOff":[%s],"minutes":[],"wishes":[]}}""".formatted(RunningServer.id(), bookings, calledOff))
                        .status())
                .isEqualTo(204);
    }

    @Test
    void aBookingThatIsShortIsToldOnceAndAnotherByItself() throws IOException {
        await().atMost(SOON).until(() -> page().path("mails").size() == 1);
        JsonNode mail = page().path("mails").path(0);
        assertThat(mail.path("subject").asString()).startsWith("Viaduct gang, ").contains("1 of 1 saws short");
        List<JsonNode> before = shortOnes();
        assertThat(before).hasSize(1);
        assertThat(before.get(0).path("missing").asInt()).isEqualTo(1);
        assertThat(before.get(0).path("booking").path("crew").asString()).isEqualTo("Viaduct gang");
        assertThat(before.get(0).path("toldAt").asString()).isNotEmpty();

        keep("", "\"" + before.get(0).path("about").asString() + "\"");
        assertThat(shortOnes()).isEmpty();

        String crew = api.get("/api/crews").body().path(2).path("id").asString();
        LocalDate leaves = LocalDate.now().plusDays(5);
        keep("""
                {"id":"%s","crewId":"%s","leaves":"%s","at":"07:00:00","until":"%s","saws":2,"handle":"TOP"}""".formatted(RunningServer.id(), crew, leaves, leaves), "");
        await().atMost(SOON).until(() -> page().path("mails").size() == 2);
        assertThat(page().path("mails").path(0).path("text").asString())
                .contains("2 of 2 saws short")
                .doesNotContain("1 of 1");
        try (Stream<Path> files = Files.list(data.resolve("outbox"))) {
            List<Path> all = files.toList();
            assertThat(all).hasSize(2).allMatch(file -> file.toString().endsWith(".eml"));
            assertThat(Files.readString(all.get(0))).contains("To: ").contains("Subject: ");
        }
    }
}
