package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** Signing in and out, passwords, PINs on a shared device, people who come and go: each with people of its own. */
@ExtendWith(RunningServer.class)
class SignInHttpTest {

    private static final String FIRST = "three wet sleepers";
    private static final String OWN = "eleven dry wedges";

    private final Api api;

    SignInHttpTest(Api api) {
        this.api = api;
    }

    private static String unique(String begin) {
        return begin + UUID.randomUUID().toString().substring(0, 8);
    }

    private String body(String more, Object... values) {
        return "{\"id\":\"%s\"%s}".formatted(RunningServer.id(), more.formatted(values));
    }

    /** Somebody new who has chosen a password; signs in by the name in small letters. */
    private String somebody(String role) {
        String name = unique("Nell ");
        String signIn = name.substring(5);
        Answer added = api.post(
                "/api/people",
                body(
                        ",\"name\":\"%s\",\"role\":\"%s\",\"signInName\":\"%s\",\"password\":\"%s\"",
                        name, role, signIn, FIRST));
        assertThat(added.status()).as(added.raw().body()).isEqualTo(204);
        Api once = new Api(api.root(), signIn, FIRST);
        assertThat(once.post("/api/account/password", body(",\"now\":\"%s\",\"password\":\"%s\"", FIRST, OWN))
                        .status())
                .isEqualTo(204);
        return signIn;
    }

    private JsonNode person(String signIn) {
        for (JsonNode one : api.get("/api/people").body()) {
            if (one.path("name").asString().endsWith(signIn)) {
                return one;
            }
        }
        throw new AssertionError(signIn);
    }

    private static Answer asked(Api who) {
        return who.get("/api/people");
    }

    @Test
    void aFirstPasswordOpensNothingButItsOwnChange() {
        String name = unique("Nell ");
        String signIn = name.substring(5);
        api.post(
                "/api/people",
                body(
                        ",\"name\":\"%s\",\"role\":\"OFFICER\",\"signInName\":\"%s\",\"password\":\"%s\"",
                        name, signIn, FIRST));
        Api once = new Api(api.root(), signIn, FIRST);
        assertThat(asked(once).status()).isEqualTo(403);
        assertThat(asked(once).body().path("detail").asString()).isEqualTo("Choose a password of your own first.");
        assertThat(once.get("/api/sign-in").body().path("me").path("oneTime").asBoolean())
                .isTrue();
        Answer same = once.post("/api/account/password", body(",\"now\":\"%s\",\"password\":\"%s\"", FIRST, FIRST));
        assertThat(same.sentenceAt("password")).isEqualTo("This is the password that you have now.");
        assertThat(once.post("/api/account/password", body(",\"now\":\"%s\",\"password\":\"%s\"", FIRST, OWN))
                        .status())
                .isEqualTo(204);
        assertThat(asked(once).status()).isEqualTo(200);
        assertThat(Signed.out().signIn(api.root(), signIn, FIRST).statusCode()).isEqualTo(401);
    }

    @ParameterizedTest
    @CsvSource({
        "tooshort,              Use at least 10 characters",
        "aaaaaaaaaaaa,          too easy",
        "my NAME HERE and more, too easy",
        "' ',                   Use at least"
    })
    void aPasswordThatIsGuessedIsRefusedAtItsField(String password, String sentence) {
        String signIn = unique("q");
        Answer refused = api.post(
                "/api/people",
                body(
                        ",\"name\":\"%s\",\"role\":\"READER\",\"signInName\":\"%s\",\"password\":\"%s\"",
                        unique("Nell "), signIn, password.replace("NAME HERE", signIn)));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.sentenceAt("password")).contains(sentence);
    }

    /** The same words and the same status, whether the name or the password is wrong: nobody learns who is here. */
    @Test
    void aWrongPasswordSaysNoMoreThanAWrongName() {
        String known = somebody("OPERATOR");
        HttpResponse<String> password = Signed.out().signIn(api.root(), known, "not the one at all");
        HttpResponse<String> name = Signed.out().signIn(api.root(), unique("nobody"), OWN);
        assertThat(password.statusCode()).isEqualTo(401);
        assertThat(password.body()).isEqualTo(name.body()).contains("The name or the password is wrong.");
    }

    @Test
    void whoeverGuessesOnHasToWait() {
        String known = somebody("OPERATOR");
        Signed guesser = Signed.out();
        int refused = 0;
        for (int i = 0; i < 8 && refused != 429; i++) {
            refused = guesser.signIn(api.root(), known, "guess number " + i).statusCode();
        }
        assertThat(refused).isEqualTo(429);
        HttpResponse<String> right = guesser.signIn(api.root(), known, OWN);
        assertThat(right.statusCode()).as("the right one tells nothing either").isEqualTo(429);
        assertThat(right.body()).contains("too many wrong tries");
    }

    /** Whoever copied the cookies of a session has nothing when its owner has signed out. */
    @Test
    void aStolenCookieIsWorthNothingAfterSigningOut() {
        Api owner = new Api(api.root(), somebody("OFFICER"), OWN);
        String cookies = owner.signed().cookies();
        assertThat(stolen(cookies)).isEqualTo(200);
        assertThat(owner.post("/api/sign-out", "{}").status()).isEqualTo(204);
        assertThat(stolen(cookies)).isEqualTo(401);
    }

    private int stolen(String cookies) {
        return Signed.out()
                .send(HttpRequest.newBuilder(URI.create(api.root() + "/api/board"))
                        .header("Cookie", cookies))
                .statusCode();
    }

    @Test
    void anotherPasswordEndsAllSessionsButItsOwn() {
        String name = somebody("OPERATOR");
        Api here = new Api(api.root(), name, OWN);
        Api elsewhere = new Api(api.root(), name, OWN);
        Answer wrong = here.post(
                "/api/account/password", body(",\"now\":\"not mine at all\",\"password\":\"%s\"", "nine tall posts"));
        assertThat(wrong.sentenceAt("now")).isEqualTo("This is not your password.");
        assertThat(asked(elsewhere).status()).isEqualTo(200);
        here.post("/api/account/password", body(",\"now\":\"%s\",\"password\":\"nine tall posts\"", OWN));
        assertThat(asked(here).status()).isEqualTo(200);
        assertThat(asked(elsewhere).status()).isEqualTo(401);
    }

    @Test
    void whoLeavesIsOutAtOnceAndStaysInTheRecords() {
        String name = somebody("OPERATOR");
        Api leaving = new Api(api.root(), name, OWN);
        String id = person(name).path("id").asString();
        assertThat(leaving.post("/api/saws/12/holds", body(",\"step\":\"TANKS\",\"note\":\"Smells of %s\"", name))
                        .status())
                .isEqualTo(204);
        assertThat(api.post("/api/people/" + id + "/leave", body("")).status()).isEqualTo(204);
        assertThat(asked(leaving).status()).isEqualTo(401);
        assertThat(Signed.out().signIn(api.root(), name, OWN).statusCode()).isEqualTo(401);
        assertThat(person(name).path("leftOn").asString()).isNotEmpty();
        JsonNode log = api.get("/api/log?saw=12&person=" + id).body();
        assertThat(log.toString()).contains("Smells of " + name);
        assertThat(api.post("/api/people/" + id + "/back", body("")).status()).isEqualTo(204);
        assertThat(Signed.out().signIn(api.root(), name, OWN).statusCode())
                .as("comes in by a password given anew")
                .isEqualTo(401);
    }

    @Test
    void anotherRoleHoldsFromTheNextRequestOn() {
        String name = somebody("OFFICER");
        Api was = new Api(api.root(), name, OWN);
        JsonNode person = person(name);
        String change = ",\"name\":\"%s\",\"role\":\"READER\",\"nameBefore\":\"%s\",\"roleBefore\":\"%s\"";
        String full = person.path("name").asString();
        String path = "/api/people/" + person.path("id").asString();
        Answer stale = api.put(path, body(change, full, full, "OPERATOR"));
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.body().path("current").path("role").asString()).isEqualTo("OFFICER");
        assertThat(api.put(path, body(change, full, full, "OFFICER")).status()).isEqualTo(204);
        assertThat(asked(was).status()).isEqualTo(401);
        Api now = new Api(api.root(), name, OWN);
        assertThat(now.get("/api/sign-in").body().path("me").path("role").asString())
                .isEqualTo("READER");
    }

    @Test
    void aNameIsTakenOnce() {
        String name = somebody("READER");
        Answer sameName = api.post("/api/people", body(",\"name\":\"nell %s\",\"role\":\"READER\"", name));
        assertThat(sameName.sentenceAt("name")).contains("is on the list already");
        Answer sameSignIn = api.post(
                "/api/people",
                body(
                        ",\"name\":\"%s\",\"role\":\"READER\",\"signInName\":\"%s\",\"password\":\"%s\"",
                        unique("Nell "), name.toUpperCase(java.util.Locale.ROOT), FIRST));
        assertThat(sameSignIn.sentenceAt("signInName")).contains("Somebody else signs in");
    }

    /** A device that an officer has made shared, with whoever signed in there. */
    private Api shared(String signIn) {
        Api tablet = new Api(api.root(), signIn, OWN);
        String device =
                tablet.get("/api/sign-in").body().path("device").path("id").asString();
        Answer made =
                api.put("/api/devices/" + device, body(",\"name\":\"%s\",\"shared\":true", unique("Bench tablet ")));
        assertThat(made.status()).as(made.raw().body()).isEqualTo(204);
        return tablet;
    }

    private String withPin(String role, String pin) {
        String name = somebody(role);
        Api own = new Api(api.root(), name, OWN);
        assertThat(own.post("/api/account/pin", body(",\"now\":\"%s\",\"pin\":\"%s\"", OWN, pin))
                        .status())
                .isEqualTo(204);
        return name;
    }

    private Answer byPin(Api device, String name, String pin) {
        return device.post(
                "/api/sign-in/pin",
                "{\"personId\":\"%s\",\"pin\":\"%s\"}"
                        .formatted(person(name).path("id").asString(), pin));
    }

    @Test
    void aSharedTabletChangesHandsByPinAndRecordsSayWhoAndWhere() {
        String first = withPin("OPERATOR", "7301");
        String second = withPin("OFFICER", "9182");
        Api tablet = shared(first);
        assertThat(tablet.get("/api/sign-in").body().path("pins").toString()).contains(first, second);
        assertThat(byPin(tablet, second, "9182").status()).isEqualTo(200);
        JsonNode now = tablet.get("/api/sign-in").body();
        assertThat(now.path("me").path("signInName").asString()).isEqualTo(second);
        assertThat(now.path("device").path("shared").asBoolean()).isTrue();
        String crew = unique("Gang ");
        assertThat(tablet.post("/api/crews", body(",\"name\":\"%s\"", crew)).status())
                .isEqualTo(204);
        JsonNode changes = api.get("/api/people/changes").body();
        JsonNode added = changes.valueStream()
                .filter(one -> one.path("about").asString("").equals(crew))
                .findFirst()
                .orElseThrow();
        assertThat(added.path("by").asString()).endsWith(second);
        assertThat(added.path("device").asString()).startsWith("Bench tablet ");
    }

    @Test
    void aPinOpensNothingOnADeviceThatIsNobodysToShare() {
        String name = withPin("OFFICER", "7301");
        Api own = new Api(api.root(), somebody("OPERATOR"), OWN);
        assertThat(byPin(own, name, "7301").body().path("detail").asString())
                .contains("an officer has not made this one shared");
        assertThat(own.get("/api/sign-in").body().path("pins").size()).isZero();
    }

    /** Tried a hundred times: it waits, and in the end it is locked until the password has been given once. */
    @Test
    void aPinThatIsGuessedIsSlowedDown() {
        String name = withPin("OFFICER", "7301");
        Api tablet = shared(somebody("OPERATOR"));
        int slow = 0;
        for (int i = 0; i < 100; i++) {
            int status = byPin(tablet, name, "%04d".formatted(i)).status();
            assertThat(status).isIn(401, 429);
            slow += status == 429 ? 1 : 0;
        }
        assertThat(slow).as("all but the first few were not even looked at").isGreaterThan(85);
        assertThat(byPin(tablet, name, "7301").status()).isEqualTo(429);
    }

    @ParameterizedTest
    @CsvSource({"12, digits", "12a4, digits", "1111, easy", "1234, easy", "987654321, digits"})
    void aPinIsNotToBeGuessedAtOnce(String pin, String sentence) {
        Api own = new Api(api.root(), somebody("OPERATOR"), OWN);
        assertThat(own.post("/api/account/pin", body(",\"now\":\"%s\",\"pin\":\"%s\"", OWN, pin))
                        .sentenceAt("pin"))
                .contains(sentence);
    }

    @Test
    void aForgottenDeviceIsSignedOut() {
        Api lost = new Api(api.root(), somebody("OPERATOR"), OWN);
        String device =
                lost.get("/api/sign-in").body().path("device").path("id").asString();
        assertThat(asked(lost).status()).isEqualTo(200);
        assertThat(api.post("/api/devices/" + device + "/forget", body("")).status())
                .isEqualTo(204);
        assertThat(asked(lost).status()).isEqualTo(401);
        assertThat(api.get("/api/devices").body().toString()).doesNotContain(device);
    }

    @Test
    void aCrewThatHasSawsOutStaysAndOneThatLeftDrawsNone() {
        String name = unique("Gang ");
        api.post("/api/crews", body(",\"name\":\"%s\"", name));
        String crew = "";
        for (JsonNode one : api.get("/api/crews").body()) {
            crew = one.path("name").asString().equals(name) ? one.path("id").asString() : crew;
        }
        String tag = Checks.fitSaw(api, "U");
        String issue = body(",\"crewId\":\"%s\",\"saws\":[\"%s\"]", crew, tag);
        assertThat(api.post("/api/outings/issue", issue).status()).isEqualTo(204);
        Answer early = api.post("/api/crews/" + crew + "/leave", body(""));
        assertThat(early.body().path("detail").asString()).contains("still has saws out");
        api.post("/api/outings/return", Checks.back(api, Checks.backSaw(tag, 0, "")));
        assertThat(api.post("/api/crews/" + crew + "/leave", body("")).status()).isEqualTo(204);
        assertThat(api.get("/api/board").body().toString()).doesNotContain(name);
        assertThat(api.post("/api/outings/issue", body(",\"crewId\":\"%s\",\"saws\":[\"%s\"]", crew, tag))
                        .sentenceAt("crewId"))
                .isEqualTo(name + " does not draw saws any more.");
        Answer renamed =
                api.put("/api/crews/" + crew, body(",\"name\":\"%s\",\"nameBefore\":\"another\"", unique("Gang ")));
        assertThat(renamed.status()).isEqualTo(409);
    }

    @Test
    void demoAccountsAreOfferedAndSaidToBe() {
        JsonNode state = new Api(api.root(), Signed.out()).get("/api/sign-in").body();
        assertThat(state.path("stage").asString()).isEqualTo("SIGN_IN");
        assertThat(state.path("me").isMissingNode()).isTrue();
        assertThat(state.path("demo").findValuesAsString("role"))
                .contains("OFFICER", "OPERATOR", "READER")
                .startsWith("OFFICER", "OFFICER");
        assertThat(state.path("demo").get(0).path("password").asString()).isEqualTo(Signed.PASSWORD);
    }
}
