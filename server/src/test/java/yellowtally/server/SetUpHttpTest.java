package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;

/** The first start without demo data: set up once, at the machine itself, and by one of two who are at it. */
class SetUpHttpTest {

    private static final String PASSWORD = "three wet sleepers";

    @TempDir
    private Path folder;

    private ConfigurableApplicationContext running;
    private String root;

    @BeforeEach
    void emptyFleet() {
        running = Applications.start(
                "--server.port=0",
                "--yellowtally.demo=false",
                "--yellowtally.data=" + folder,
                "--yellowtally.store=mem:" + folder.getFileName());
        root = "http://127.0.0.1:"
                + ((WebServerApplicationContext) running).getWebServer().getPort();
    }

    @AfterEach
    void stop() {
        running.close();
    }

    private static String fleet(String officer, String signIn, String password) {
        return """
                {"id":"%s","fleet":"Hollin Bridge tramway","zone":"Europe/Oslo","lengthUnit":"INCH","volumeUnit":"US_GALLON",
                 "currency":"NOK","officer":"%s","signInName":"%s","password":"%s"}""".formatted(RunningServer.id(), officer, signIn, password);
    }

    private Api nobody() {
        return new Api(root, Signed.out());
    }

    @Test
    void itBeginsWithItsFirstOfficerAndAsItWasToldToWrite() {
        Api first = nobody();
        assertThat(first.get("/api/sign-in").body().path("stage").asString()).isEqualTo("SET_UP");
        assertThat(first.get("/api/board").status()).isEqualTo(401);
        Answer done = first.post("/api/set-up", fleet("Nell Garth", "Nell", PASSWORD));
        assertThat(done.status()).as(done.raw().body()).isEqualTo(204);
        JsonNode now = first.get("/api/sign-in").body();
        assertThat(now.path("stage").asString()).isEqualTo("SIGNED_IN");
        assertThat(now.path("fleet").asString()).isEqualTo("Hollin Bridge tramway");
        assertThat(now.path("me").path("role").asString()).isEqualTo("OFFICER");
        assertThat(now.path("demo").size()).isZero();
        JsonNode house = first.get("/api/house").body();
        assertThat(house.path("lengthUnit").asString()).isEqualTo("INCH");
        assertThat(house.path("volumeUnit").asString()).isEqualTo("US_GALLON");
        assertThat(house.path("currency").asString()).isEqualTo("NOK");
        assertThat(house.path("zone").asString()).isEqualTo("Europe/Oslo");
        assertThat(first.get("/api/board").status()).isEqualTo(200);
        Api again = new Api(root, "nell", PASSWORD);
        assertThat(again.get("/api/people").body().size()).isEqualTo(1);
    }

    @Test
    void allThatIsWrongIsToldAtOnceAndNothingIsHalfStored() {
        Answer refused = nobody().post(
                        "/api/set-up",
                        fleet(" ", "two words", "short")
                                .replace("Europe/Oslo", "Nowhere")
                                .replace("NOK", "SHELLS")
                                .replace("Hollin Bridge tramway", " "));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(List.of("fleet", "officer", "signInName", "password", "zone", "currency"))
                .allSatisfy(
                        field -> assertThat(refused.sentenceAt(field)).as(field).isNotBlank());
        assertThat(nobody().get("/api/sign-in").body().path("stage").asString()).isEqualTo("SET_UP");
        assertThat(nobody().post("/api/set-up", fleet("Nell Garth", "nell", PASSWORD))
                        .status())
                .isEqualTo(204);
    }

    /** A fleet from before there was sign-in: an officer of its records goes on, and nobody is doubled. */
    @Test
    void anOfficerOfOlderRecordsGoesOn() {
        Person before = new Person(UUID.randomUUID(), "Equipment officer", Person.Role.OFFICER);
        new TransactionTemplate(running.getBean(PlatformTransactionManager.class))
                .executeWithoutResult(
                        status -> running.getBean(EntityManager.class).persist(before));
        JsonNode state = nobody().get("/api/sign-in").body();
        assertThat(state.path("beginning").path("officers").get(0).asString()).isEqualTo("Equipment officer");
        assertThat(nobody().post("/api/set-up", fleet("equipment officer", "nell", PASSWORD))
                        .status())
                .isEqualTo(204);
        JsonNode people = new Api(root, "nell", PASSWORD).get("/api/people").body();
        assertThat(people.size()).isEqualTo(1);
        assertThat(people.get(0).path("id").asString()).isEqualTo(before.id().toString());
    }

    /** Of two first officers at once one is, and the other is told so. */
    @Test
    void ofTwoAtOnceOneSetsItUp() {
        List<CompletableFuture<Answer>> both = List.of("Nell Garth", "Odd Fell", "Sig Vale").stream()
                .map(name -> CompletableFuture.supplyAsync(
                        () -> nobody().post("/api/set-up", fleet(name, name.substring(0, 3), PASSWORD))))
                .toList();
        List<Answer> answers = both.stream().map(CompletableFuture::join).toList();
        assertThat(answers).filteredOn(answer -> answer.status() == 204).hasSize(1);
        assertThat(answers).filteredOn(answer -> answer.status() != 204).allSatisfy(answer -> {
            assertThat(answer.status()).isEqualTo(409);
            assertThat(answer.body().path("detail").asString())
                    .isEqualTo("Hollin Bridge tramway is set up already. Reload the page and sign in.");
        });
        String officer = List.of("nel", "odd", "sig").stream()
                .filter(name -> Signed.out().signIn(root, name, PASSWORD).statusCode() == 200)
                .reduce("", String::concat);
        assertThat(new Api(root, officer, PASSWORD).get("/api/people").body().size())
                .isEqualTo(1);
    }

    /** Whoever comes through a proxy sits somewhere else. */
    @Test
    void itIsSetUpAtTheMachineItself() {
        for (String header : List.of("Forwarded", "X-Forwarded-For", "X-Real-IP", "Via")) {
            HttpResponse<String> refused = Signed.out()
                    .send(HttpRequest.newBuilder(URI.create(root + "/api/set-up"))
                            .header("Content-Type", "application/json")
                            .header(header, "10.1.2.3")
                            .POST(HttpRequest.BodyPublishers.ofString(fleet("Nell Garth", "nell", PASSWORD))));
            assertThat(refused.statusCode()).as(header).isEqualTo(403);
            assertThat(refused.body()).contains("That is done on the machine it runs on");
            HttpResponse<String> state = Signed.out()
                    .send(HttpRequest.newBuilder(URI.create(root + "/api/sign-in"))
                            .header(header, "10.1.2.3"));
            assertThat(state.body()).as(header).contains("SET_UP_ELSEWHERE");
        }
        // What a stranger writes into a header is neither an address nor a name of this machine.
        for (String from : List.of("localhost", "127.evil.example", "127.0.0.1, 10.1.2.3", "10.1.2.3, localhost")) {
            HttpResponse<String> state = Signed.out()
                    .send(HttpRequest.newBuilder(URI.create(root + "/api/sign-in"))
                            .header("X-Forwarded-For", from));
            assertThat(state.body()).as(from).contains("SET_UP_ELSEWHERE");
        }
    }

    @Test
    void theLastOfficerStays() {
        nobody().post("/api/set-up", fleet("Nell Garth", "nell", PASSWORD));
        Api nell = new Api(root, "nell", PASSWORD);
        String own = nell.get("/api/people").body().get(0).path("id").asString();
        String act = "{\"id\":\"%s\"}";
        Answer refused = nell.post("/api/people/" + own + "/leave", act.formatted(RunningServer.id()));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().path("detail").asString())
                .isEqualTo("Nell Garth is the only officer who can sign in. Make somebody else an officer first.");
        Answer demoted = nell.put(
                "/api/people/" + own,
                "{\"id\":\"%s\",\"name\":\"Nell Garth\",\"role\":\"READER\",\"nameBefore\":\"Nell Garth\",\"roleBefore\":\"OFFICER\"}"
                        .formatted(RunningServer.id()));
        assertThat(demoted.status()).isEqualTo(409);
        String other = RunningServer.id();
        assertThat(nell.post(
                                "/api/people",
                                "{\"id\":\"%s\",\"name\":\"Odd Fell\",\"role\":\"OFFICER\",\"signInName\":\"odd\",\"password\":\"%s\"}"
                                        .formatted(other, "eleven dry wedges"))
                        .status())
                .isEqualTo(204);
        // Both are to leave at once, again and again: one stays.
        for (int round = 0; round < 5; round++) {
            List<CompletableFuture<Answer>> both = List.of(own, other).stream()
                    .map(who -> CompletableFuture.supplyAsync(
                            () -> nell.post("/api/people/" + who + "/leave", act.formatted(RunningServer.id()))))
                    .toList();
            both.forEach(CompletableFuture::join);
            List<String> here = running.getBean(People.class).all().stream()
                    .filter(person -> person.leftOn() == null)
                    .map(Person::name)
                    .toList();
            assertThat(here).as("round " + round).hasSize(1);
            boolean nellIsHere = here.contains("Nell Garth");
            if (!nellIsHere) {
                break;
            }
            assertThat(nell.post("/api/people/" + other + "/back", act.formatted(RunningServer.id()))
                            .status())
                    .isEqualTo(204);
            assertThat(nell.post(
                                    "/api/people/" + other + "/access",
                                    "{\"id\":\"%s\",\"signInName\":\"odd\",\"password\":\"eleven dry wedges\"}"
                                            .formatted(RunningServer.id()))
                            .status())
                    .isEqualTo(204);
        }
    }
}
