package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceAccessMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import yellowtally.server.RunningServer.Api;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.OnceOnly;

/** What is kept between writes never differs from what the records say when they are read from the beginning. */
@ExtendWith(RunningServer.class)
@ResourceLock(value = RunningServer.FLEET_SETTINGS, mode = ResourceAccessMode.READ)
class RebuildTest {

    private final Api api;
    private final Set<String> mine = new HashSet<>();

    RebuildTest(Api api) {
        this.api = api;
    }

    /** All that is said of the saws of this test, not the state alone: wear, plan, parts, visit, and their records. */
    private void assertRebuilt(String after) {
        Standings standings = RunningServer.bean(Standings.class);
        Fleet fleet = RunningServer.bean(Fleet.class);
        for (String tag : mine) {
            Saw saw = fleet.saw(tag);
            assertThat(standings.rebuilt(saw))
                    .as("%s, saw %s", after, tag)
                    .usingRecursiveComparison()
                    // Tests beside this one give its loop sisters.
                    .ignoringFieldsMatchingRegexes(".*sistersMmPerTank")
                    .isEqualTo(standings.of(saw));
        }
    }

    private void wrote(String path, String json) {
        assertThat(api.post(path, json).status()).as(path).isBetween(200, 204);
        assertRebuilt(path);
    }

    private void did(String tag, String step, String said, String findings, String extra) {
        wrote("/api/saws/" + tag + "/records", Checks.step(api, step, said, findings, extra));
    }

    private String by(String more) {
        return "{\"id\":\"%s\"%s}".formatted(RunningServer.id(), more);
    }

    private String aSaw() {
        String tag = "R" + RunningServer.id().substring(0, 6);
        mine.add(tag);
        wrote("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68));
        Checks.serve(api, tag);
        assertRebuilt("served");
        wrote("/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id(), Checks.reading("6")));
        return tag;
    }

    @Test
    void useHoldsAndReleases() {
        String tag = aSaw();
        wrote("/api/outings/issue", Checks.issue(api, tag));
        wrote("/api/outings/return", Checks.back(api, Checks.backSaw(tag, 3, "")));
        did(tag, "OIL_CARD", "FAIL", "\"OIL_NONE\"", "");
        did(tag, "OIL_CARD", "FINE", "", "");
        wrote("/api/saws/" + tag + "/release", Checks.release());
        wrote("/api/saws/" + tag + "/holds", by(",\"step\":\"TANKS\",\"note\":\"Smells\""));
        String wrong = RunningServer.id();
        wrote(
                "/api/saws/" + tag + "/records",
                Checks.stepOf(api, wrong, "GROOVE", "FINE", "", "{\"GROOVE_DEPTH\":\"6.9\"}", ""));
        wrote("/api/records/" + wrong + "/strike", by(",\"reason\":\"Wrong saw\""));
        String often = by(",\"key\":\"schedule.plug.days\",\"value\":\"60\",\"reason\":\"Dusty line\","
                + "\"scope\":\"SAW\",\"scopeSaw\":\"" + tag + "\"");
        wrote("/api/settings/changes", often);
    }

    @Test
    void partsThatChangePlaces() {
        String tag = aSaw();
        String next = "N" + tag.substring(1);
        wrote(
                "/api/parts",
                by(",\"chain\":{\"tag\":\"" + next
                        + "\",\"create\":true,\"pitch\":\"P_325\",\"gauge\":\"G_050\",\"driveLinks\":68}"));
        did(tag, "REPLACE_CHAIN", "FINE", "", ",\"part\":{\"tag\":\"" + next + "\"}");
        String other = aSaw();
        Checks.takeChainOff(api, other);
        assertRebuilt("chain off");
        did(other, "REPLACE_CHAIN", "FINE", "", ",\"part\":{\"tag\":\"C-" + tag + "\"}");
        did(other, "CHAIN_LOOK", "FINE", "", "");
    }

    @Test
    void visitsAndFaults() {
        String tag = aSaw();
        String visit = RunningServer.id();
        wrote("/api/saws/" + tag + "/visits", "{\"id\":\"%s\"}".formatted(visit));
        did(tag, "MAKE_SAFE", "FINE", "", ",\"visitId\":\"" + visit + "\"");
        wrote("/api/visits/" + visit + "/steps", by(",\"step\":\"RAILS\""));
        did(tag, "RAILS", "ATTEND", "\"BURR\"", ",\"visitId\":\"" + visit + "\"");
        wrote("/api/visits/" + visit + "/undo", by(""));
        wrote("/api/visits/" + visit + "/skip", by(",\"step\":\"RAILS\",\"reason\":\"No light\""));
        wrote("/api/visits/" + visit + "/end", by(",\"leftOpenReason\":\"Bell rang\""));
    }

    @Test
    void writesOfLongAgoAreForgotten() {
        OnceOnly writes = RunningServer.bean(OnceOnly.class);
        assertThat(writes.forgetBefore(Instant.EPOCH.plusSeconds(1))).isZero();
    }
}
