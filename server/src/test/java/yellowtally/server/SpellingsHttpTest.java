package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import yellowtally.server.RunningServer.Api;
import yellowtally.server.signin.WhoMay;
import yellowtally.server.signin.WhoMay.Rank;
import yellowtally.server.signin.WhoMay.Rule;

/**
 * However an address is written and asked for, it is for nobody whom its rule does not name; what is not written in its one form is
 * refused before anybody is asked who they are.
 */
@ExtendWith(RunningServer.class)
class SpellingsHttpTest {

    /** Not there, not for you, not in this way. */
    private static final Set<Integer> REFUSED = Set.of(400, 401, 403, 404, 405, 415, 421, 501);

    /** How many spellings of each address whoever has a cookie tries. */
    private static final int WAYS = 20;

    private static final Map<String, Rank> RULES =
            WhoMay.rules().collect(Collectors.toMap(rule -> rule.method() + " " + rule.path(), Rule::least));

    private static final String FIRST = "three wet sleepers";

    private final Api api;
    private final String host;

    SpellingsHttpTest(Api api) {
        this.api = api;
        this.host = Wire.host(api);
    }

    /** Who asks, and as what they count. */
    enum Who {
        NOBODY(Rank.NOBODY),
        ENDED_SESSION(Rank.NOBODY),
        LEFT(Rank.NOBODY),
        ONE_TIME(Rank.ONE_TIME),
        READER(Rank.READER),
        OPERATOR(Rank.OPERATOR);

        private final Rank rank;

        Who(Rank rank) {
            this.rank = rank;
        }
    }

    private String headers(Who who) {
        Api asks = switch (who) {
            case NOBODY -> markOnly();
            case ENDED_SESSION -> somebodyWho("sign-out");
            case LEFT -> somebodyWho("leave");
            case ONE_TIME -> somebodyWho("waits");
            case READER -> api.as(Signed.READER);
            case OPERATOR -> api.as(Signed.OPERATOR);
        };
        return Wire.signed(asks);
    }

    /** Whoever opened the page and did not sign in. */
    private Api markOnly() {
        Api nobody = new Api(api.root(), Signed.out());
        nobody.get("/api/sign-in");
        return nobody;
    }

    private Api somebodyWho(String does) {
        String signIn = UUID.randomUUID().toString().substring(0, 8);
        String id = RunningServer.id();
        assertThat(api.post("/api/people", """
                        {"id":"%s","name":"Nell %s","role":"OFFICER","signInName":"%s","password":"%s"}""".formatted(id, signIn, signIn, FIRST))
                        .status())
                .isEqualTo(204);
        Api somebody = new Api(api.root(), signIn, FIRST);
        String write = "{\"id\":\"%s\"}".formatted(RunningServer.id());
        if (does.equals("sign-out")) {
            assertThat(somebody.post("/api/sign-out", write).status()).isEqualTo(204);
        } else if (does.equals("leave")) {
            String person = api.get("/api/people")
                    .body()
                    .valueStream()
                    .filter(one -> one.path("name").asString().endsWith(signIn))
                    .findFirst()
                    .orElseThrow()
                    .path("id")
                    .asString();
            assertThat(api.post("/api/people/" + person + "/leave", write).status())
                    .isEqualTo(204);
        }
        return somebody;
    }

    /** Whether somebody may ask so: of an address that takes several methods another may be for them. */
    private static boolean may(Who who, Rule rule, Spelling spelling) {
        String method = spelling.method().equals("HEAD") ? "GET" : spelling.method();
        Rank least = RULES.get(method + " " + rule.path());
        return least != null && least.compareTo(who.rank) <= 0;
    }

    /** Nobody tries all spellings of every address; whoever has a cookie tries others of each. */
    @ParameterizedTest
    @EnumSource(Who.class)
    void noSpellingOpensAnAddress(Who who) throws IOException {
        String signed = headers(who);
        List<String> wrong = new ArrayList<>();
        int turn = who.ordinal();
        for (Rule rule : WhoMay.rules().toList()) {
            String path = WhoMayHttpTest.address(rule.path());
            List<Spelling> spellings = Spelling.of(rule, path, host).stream()
                    .filter(spelling -> spelling.malformed() || !may(who, rule, spelling))
                    .collect(Collectors.toCollection(ArrayList::new));
            if (who != Who.NOBODY) {
                Collections.rotate(spellings, turn * WAYS);
                spellings.subList(WAYS, spellings.size()).clear();
            }
            spellings.add(Spelling.encodedLetter(rule, path, turn));
            for (Spelling spelling : spellings) {
                int status = Wire.statusOf(api, spelling.request(host, signed));
                if (spelling.malformed() ? status != 400 : !REFUSED.contains(status)) {
                    wrong.add(status + " " + spelling);
                }
            }
            turn++;
        }
        assertThat(wrong).isEmpty();
    }

    /** An officer's cookies, sent under another name, by the page of another site, or by one that cannot show the mark. */
    @Test
    void noSpellingGetsRoundNameSiteAndMark() throws IOException {
        String signed = Wire.signed(api);
        String cookies = signed.substring(0, signed.indexOf("\r\n") + 2);
        List<String> wrong = new ArrayList<>();
        int turn = 0;
        for (Rule rule : WhoMay.rules().toList()) {
            String path = WhoMayHttpTest.address(rule.path());
            boolean marked = !rule.method().equals("GET") && rule.least() != Rank.NOBODY;
            for (Spelling spelling : List.of(
                    new Spelling("plain", rule.method(), path, "", false),
                    Spelling.encodedLetter(rule, path, turn++))) {
                List<String> requests = new ArrayList<>(List.of(
                        spelling.request("evil.example", signed),
                        spelling.request(host, signed + "Origin: http://evil.example\r\n"),
                        spelling.request(host, signed + "Sec-Fetch-Site: cross-site\r\n")));
                if (marked) {
                    requests.add(spelling.request(host, cookies));
                    requests.add(spelling.request(host, cookies + "X-Mark: made up\r\n"));
                }
                for (String request : requests) {
                    int status = Wire.statusOf(api, request);
                    boolean refused = spelling.malformed() ? status == 400 : status == 403 || status == 421;
                    if (!refused) {
                        wrong.add(status + " " + request);
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
    }
}
