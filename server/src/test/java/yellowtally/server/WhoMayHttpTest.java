package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceLock;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;
import yellowtally.server.signin.WhoMay;
import yellowtally.server.signin.WhoMay.Rank;

/** Every address of the description has its rule, and the rule is kept: tried as everybody and as nobody. */
@ExtendWith(RunningServer.class)
@ResourceLock(RunningServer.ALL_RECORDS)
class WhoMayHttpTest {

    /** In a practice copy only. */
    private static final String PRACTICE = "PUT /api/practice/clock";

    private final Api api;

    WhoMayHttpTest(Api api) {
        this.api = api;
    }

    private Set<String> described() {
        Set<String> all = new TreeSet<>();
        for (Map.Entry<String, JsonNode> path :
                api.get("/api/openapi").body().path("paths").properties()) {
            path.getValue()
                    .propertyNames()
                    .forEach(method -> all.add(method.toUpperCase(java.util.Locale.ROOT) + " " + path.getKey()));
        }
        return all;
    }

    private static Set<String> ruled() {
        return WhoMay.rules()
                .map(rule -> rule.method() + " " + rule.path())
                .filter(rule -> !rule.equals(PRACTICE))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** In both directions: an address without a rule is there for nobody, a rule without an address is a slip. */
    @Test
    void noAddressIsForgotten() {
        Set<String> described = described();
        described.add("GET /api/openapi");
        assertThat(described).hasSizeGreaterThan(100);
        assertThat(ruled()).isEqualTo(described);
        assertThat(WhoMay.rules().map(rule -> rule.method() + " " + rule.path()))
                .doesNotHaveDuplicates();
    }

    /** An address that a rule names, of nothing that is on record. */
    static String address(String path) {
        return path.replace("{tag}", "nosuch")
                .replace("{step}", "PLUG")
                .replace("{code}", "none")
                .replace("{secret}", "none")
                .replace("{kind}", "SAWS")
                .replaceAll("\\{[a-zA-Z]*[iI]d}", RunningServer.id());
    }

    private HttpResponse<String> ask(Signed who, WhoMay.Rule rule) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(api.root() + address(rule.path())))
                .header("Content-Type", "application/json");
        return who.send(
                rule.method().equals("GET")
                        ? request.GET()
                        : request.method(rule.method(), HttpRequest.BodyPublishers.ofString("[]")));
    }

    private Signed as(Rank rank) {
        return switch (rank) {
            case NOBODY -> Signed.out();
            case ONE_TIME -> throw new AssertionError("no such account in the demo fleet");
            case READER -> Signed.in(api.root(), Signed.READER);
            case OPERATOR -> Signed.in(api.root(), Signed.OPERATOR);
            case OFFICER -> Signed.in(api.root(), Signed.OFFICER);
        };
    }

    /** What takes long, signs whoever asks out, or is there in a practice copy only. */
    private static boolean triedElsewhere(WhoMay.Rule rule) {
        return List.of("/api/caliper/stream", "/api/sign-out", "/api/practice/clock")
                .contains(rule.path());
    }

    /**
     * Tried by whoever may just so, and by all below. A body that is none is refused by whoever reads it: a rule that lets somebody
     * through is seen by that, and nothing is stored.
     */
    @ParameterizedTest
    @EnumSource(mode = EnumSource.Mode.EXCLUDE, names = "ONE_TIME")
    void eachAddressIsForWhomItsRuleSays(Rank rank) {
        Signed who = as(rank);
        Stream<WhoMay.Rule> rules = WhoMay.rules()
                .filter(rule -> !triedElsewhere(rule) && rule.least().compareTo(rank) >= 0);
        rules.forEach(rule -> {
            HttpResponse<String> answer = ask(who, rule);
            int refused = rank == Rank.NOBODY ? 401 : 403;
            if (rule.least() == rank) {
                assertThat(answer.statusCode()).as(rank + " " + rule).isNotIn(401, 403, 405, 500);
            } else {
                assertThat(answer.statusCode()).as(rank + " " + rule).isEqualTo(refused);
                assertThat(answer.body()).contains(rank == Rank.NOBODY ? "Sign in" : "You are signed in as");
                boolean writes = !rule.method().equals("GET");
                assertThat(answer.body().contains("Nothing was saved")).isEqualTo(writes);
            }
        });
    }

    @ParameterizedTest
    @CsvSource({"/api/saws/12/release", "/api/settings/changes", "/api/people", "/api/backups", "/api/stores/items"})
    void anOperatorWhoCallsTheOfficersAddressesByHandIsToldWhy(String path) {
        Answer refused = api.as(Signed.OPERATOR).post(path, "{\"id\":\"%s\"}".formatted(RunningServer.id()));
        assertThat(refused.status()).isEqualTo(403);
        assertThat(refused.body().path("detail").asString())
                .isEqualTo("Only an officer may do this. You are signed in as an operator. Nothing was saved.");
    }

    /** Whoever has a cookie has no mark for it: a page that makes the browser send one changes nothing. */
    @Test
    void aWriteWithoutTheMarkOfItsPageIsRefused() {
        Signed officer = as(Rank.OFFICER);
        for (String mark : List.of("", "made up")) {
            HttpRequest.Builder forged = HttpRequest.newBuilder(URI.create(api.root() + "/api/crews"))
                    .header("Content-Type", "application/json")
                    .POST(HttpRequest.BodyPublishers.ofString(
                            "{\"id\":\"%s\",\"name\":\"Forged gang\"}".formatted(RunningServer.id())));
            HttpResponse<String> answer = officer.sendMarked(forged, mark);
            assertThat(answer.statusCode()).as(answer.body()).isEqualTo(403);
            assertThat(answer.body()).contains("door.mark");
        }
        assertThat(api.get("/api/crews").body().toString()).doesNotContain("Forged gang");
    }

    @Test
    void whatIsNotThereIsNotThereForAnybody() {
        assertThat(api.get("/api/nowhere").status()).isEqualTo(404);
        assertThat(api.put("/api/board", "{}").status()).isEqualTo(405);
        Signed nobody = as(Rank.NOBODY);
        assertThat(nobody.send(HttpRequest.newBuilder(URI.create(api.root() + "/api/nowhere")))
                        .statusCode())
                .isEqualTo(401);
        assertThat(nobody.send(HttpRequest.newBuilder(URI.create(api.root() + "/")))
                        .statusCode())
                .as("the page that shows the sign-in")
                .isNotIn(401, 403);
    }
}
