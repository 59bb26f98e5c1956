package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import yellowtally.server.RunningServer.Api;
import yellowtally.server.standing.Standings;

/** Of many records the rules look at few: of each step the latest and the latest that passed, and every sharpening. */
@ExtendWith(RunningServer.class)
class LatestWorkTest {

    private final Api api;
    private String tag;

    LatestWorkTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aSaw() {
        tag = "W" + RunningServer.id().substring(0, 6);
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68));
    }

    private void did(String step, String said, String findings, String figures) {
        assertThat(api.post(
                                "/api/saws/" + tag + "/records",
                                Checks.stepOf(api, RunningServer.id(), step, said, findings, figures, ""))
                        .status())
                .isEqualTo(204);
    }

    private void sharpened(int strokes) {
        did("SHARPEN", "FINE", "", "{\"STROKES_LEFT\":\"%1$d\",\"STROKES_RIGHT\":\"%1$d\"}".formatted(strokes));
    }

    private void read(String mm) {
        api.post("/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id(), Checks.reading(mm)));
    }

    private List<String> kept() {
        return RunningServer.bean(Standings.class).all().stream()
                .filter(standing -> standing.fitted().saw().tag().equals(tag))
                .findFirst()
                .orElseThrow()
                .ledger()
                .schedule()
                .log()
                .entries()
                .stream()
                .map(entry -> entry.step() + " " + entry.outcome())
                .toList();
    }

    @Test
    void theLatestTheLatestThatPassedAndEverySharpeningAreRead() {
        did("OIL_CARD", "FINE", "", "{}");
        did("OIL_CARD", "FINE", "", "{}");
        did("OIL_CARD", "FAIL", "\"OIL_NONE\"", "{}");
        did("OIL_CARD", "FAIL", "\"OIL_NONE\"", "{}");
        sharpened(3);
        sharpened(4);
        read("6");
        read("11");
        assertThat(kept())
                .containsExactly(
                        "OIL_CARD FINE",
                        "OIL_CARD FAIL",
                        "SHARPEN FINE",
                        "SHARPEN FINE",
                        "TENSION FINE",
                        "TENSION ATTEND");
    }

    @Test
    void whatIsFineAgainNeedsNoOlderPass() {
        did("OIL_CARD", "FAIL", "\"OIL_NONE\"", "{}");
        did("OIL_CARD", "FINE", "", "{}");
        assertThat(kept()).containsExactly("OIL_CARD FINE");
    }

    @Test
    void aRecordOfAnotherPartSaysNothingOfThisOne() {
        did("CHAIN_LOOK", "FINE", "", "{}");
        did("OUTSIDE_LOOK", "FINE", "", "{}");
        assertThat(kept()).containsExactly("CHAIN_LOOK FINE", "OUTSIDE_LOOK FINE");
        String next = "N" + tag.substring(1);
        api.post(
                "/api/parts",
                "{\"id\":\"%s\",\"chain\":{\"tag\":\"%s\",\"create\":true,\"pitch\":\"P_325\",\"gauge\":\"G_050\",\"driveLinks\":68}}"
                        .formatted(RunningServer.id(), next));
        assertThat(api.post(
                                "/api/saws/" + tag + "/records",
                                Checks.step(api, "REPLACE_CHAIN", "FINE", "", ",\"part\":{\"tag\":\"" + next + "\"}"))
                        .status())
                .isEqualTo(204);
        assertThat(kept()).contains("OUTSIDE_LOOK FINE").doesNotContain("CHAIN_LOOK FINE");
    }

    /** What was done on a loop goes with it to another saw, every sharpening of it too. */
    @Test
    void theWorkOnAPartFollowsItToAnotherSaw() {
        sharpened(3);
        sharpened(4);
        did("CHAIN_LOOK", "FINE", "", "{}");
        did("OUTSIDE_LOOK", "FINE", "", "{}");
        Checks.takeChainOff(api, tag);
        String from = tag;
        aSaw();
        assertThat(api.post(
                                "/api/saws/" + tag + "/records",
                                Checks.step(api, "REPLACE_CHAIN", "FINE", "", ",\"part\":{\"tag\":\"C-" + from + "\"}"))
                        .status())
                .isEqualTo(204);
        assertThat(kept())
                .contains("CHAIN_LOOK FINE")
                .doesNotContain("OUTSIDE_LOOK FINE")
                .filteredOn("SHARPEN FINE"::equals)
                .hasSize(2);
    }

    @Test
    void aRecordThatWasStruckOutLetsTheOneBeforeStand() {
        did("NUTS", "FINE", "", "{}");
        String wrong = RunningServer.id();
        api.post(
                "/api/saws/" + tag + "/records",
                Checks.stepOf(api, wrong, "NUTS", "FAIL", "\"NUT_OR_STUD_BAD\"", "{}", ""));
        List<String> before = kept();
        api.post(
                "/api/records/" + wrong + "/strike",
                "{\"id\":\"%s\",\"reason\":\"Wrong saw\"}".formatted(RunningServer.id()));
        assertThat(kept()).containsExactly("NUTS FINE").isNotEqualTo(before);
    }
}
