package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Isolated;
import yellowtally.core.fitness.SawAccount;
import yellowtally.server.RunningServer.Api;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;

/** What is kept between writes never differs from what the records say when they are read from the beginning. */
@ExtendWith(RunningServer.class)
@Isolated("what is kept and what is rebuilt are compared for the whole fleet")
class RebuildTest {

    private final Api api;

    RebuildTest(Api api) {
        this.api = api;
    }

    private static List<SawAccount> accounts(List<Standing> standings) {
        return standings.stream().map(Standing::account).toList();
    }

    private static void assertRebuilt() {
        Standings standings = RunningServer.bean(Standings.class);
        assertThat(accounts(standings.rebuilt())).isEqualTo(accounts(standings.all()));
    }

    @Test
    void rebuildEqualsRunningState() {
        String tag = "R" + RunningServer.id().substring(0, 6);
        assertRebuilt();
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68));
        assertRebuilt();
        Checks.serve(api, tag);
        api.post("/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id(), Checks.reading("6")));
        assertRebuilt();
        api.post("/api/outings/issue", Checks.issue(api, tag));
        api.post("/api/outings/return", Checks.back(api, Checks.backSaw(tag, 3, "")));
        assertRebuilt();
        api.post("/api/saws/" + tag + "/records", Checks.step(api, "OIL_CARD", "FAIL", "\"OIL_NONE\"", ""));
        assertRebuilt();
        api.post("/api/saws/" + tag + "/records", Checks.step(api, "OIL_CARD", "FINE", "", ""));
        api.post("/api/saws/" + tag + "/release", Checks.release(api, api.officer()));
        assertRebuilt();
        String often =
                "{\"id\":\"%s\",\"personId\":\"%s\",\"key\":\"schedule.plug.days\",\"value\":\"60\",\"reason\":\"Dusty line\",\"scope\":\"SAW\",\"scopeSaw\":\"%s\"}"
                        .formatted(RunningServer.id(), api.officer(), tag);
        assertThat(api.post("/api/settings/changes", often).status()).isEqualTo(200);
        assertRebuilt();
    }
}
