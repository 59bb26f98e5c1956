package yellowtally.core.tension;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.settings.Numbers;

/** What a set went through, as its checks and outings tell (handbook section 3). */
class TensionRunTest {

    private static Instant hour(int hour) {
        return Instant.parse("2026-05-01T06:00:00Z").plusSeconds(hour * 3_600L);
    }

    /**
     * A life as words, one each hour: {@code o1} an outing of one tank, {@code s1} one handed back slack; a check as the way it was
     * found and ended: {@code R}ight, {@code L}oose, {@code F}irm, {@code T}oo tight, {@code X} thrown, {@code K} stuck; small
     * {@code a} before it when the set had been apart, {@code h} when it was found hot.
     */
    private static TensionRun run(String life) {
        List<TensionRun.Check> checks = new ArrayList<>();
        List<TensionRun.Outing> outings = new ArrayList<>();
        int hour = 0;
        for (String word : life.strip().split("\\s+")) {
            char kind = word.charAt(0);
            if (kind == 'o' || kind == 's') {
                outings.add(new TensionRun.Outing(hour(hour++), Double.parseDouble(word.substring(1)), kind == 's'));
            } else {
                boolean apart = kind == 'a';
                boolean hot = kind == 'h';
                String said = apart || hot ? word.substring(1) : word;
                checks.add(new TensionRun.Check(
                        hour(hour++),
                        apart,
                        new TensionRun.Result(outcome(said.charAt(0)), hot),
                        new TensionRun.Result(outcome(said.charAt(said.length() - 1)), false)));
            }
        }
        return TensionRun.of(checks, outings, Numbers.STANDARD);
    }

    private static TensionOutcome outcome(char letter) {
        return switch (letter) {
            case 'R' -> TensionOutcome.RIGHT;
            case 'F' -> TensionOutcome.FIRM;
            case 'L' -> TensionOutcome.LOOSE;
            case 'T' -> TensionOutcome.TOO_TIGHT;
            case 'X' -> TensionOutcome.THROW_RISK;
            case 'K' -> TensionOutcome.STUCK_TIGHT;
            default -> throw new IllegalArgumentException("no outcome: " + letter);
        };
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "R                          | 0",
                "R o1 LR                    | 1",
                "R o1 LR o1 LR              | 2",
                "R o1 XR o0.5 LR o1 LR      | 3",
                "R s1 aR s1                 | 2",
                "R s1 aR s1 R               | 2",
                // A good reading in between ends the row; so does an outing of which nobody says how it came back.
                "R o1 LR o1 R o1 LR         | 1",
                "R o1 LR o1 aR o1 LR        | 1",
                "R o1 LR o1 aR              | 0",
                // Slack after more than a tank is no matter; two short outings without a reading are more than a tank.
                "R o1.5 LR o1.5 LR          | 0",
                "R o0.7 o0.7 LR             | 0",
                // A chain left loose comes back loose for that reason; use counts on.
                "R o1 L o1 LR               | 0",
                // A hot chain hangs looser than a cold one.
                "R o1 hLR o1 hLR            | 0",
            })
    void comesBackSlackInARow(String life, int inARow) {
        assertThat(run(life).slack().inARow()).isEqualTo(inARow);
    }

    @Test
    void theSecondTimeIsSuspiciousHoweverYoungTheRecord() {
        assertThat(run("R o1 LR").slack().suspicious(Numbers.STANDARD)).isFalse();
        SlackReturns twice = run("R o1 LR o1 LR").slack();
        assertThat(twice.suspicious(Numbers.STANDARD)).isTrue();
        assertThat(twice.lastAt()).isEqualTo(hour(3));
        assertThat(SlackReturns.NONE.suspicious(Numbers.STANDARD)).isFalse();
    }

    /** When it was last known to have run too tight, as an hour; none where it never did. */
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "R o1 TR       | 2",
                "R o1 KR       | 2",
                "R o1 hTR      | 2",
                "R o1 TR o1 R  | 2",
                "R o1 TR o1 TR | 4",
                // Set too tight and used so.
                "T o1          | 1",
                "aT o1 R       | 1",
                // Set too tight on the bench and put right before it ran; read after the set was apart.
                "TR o1 R       | -",
                "R T R o1 R    | -",
                "R o1 aTR      | -",
                "R o1 FR       | -",
            })
    void ranTooTight(String life, Integer hour) {
        assertThat(run(life).ranTightAt()).isEqualTo(hour == null ? null : hour(hour));
    }

    /** The nose comes first, then what costs more minutes. */
    @Test
    void theSuspectsAreInTheOrderOfMinutes() {
        assertThat(SlackSuspect.values())
                .containsExactly(
                        SlackSuspect.NOSE_NOT_UP,
                        SlackSuspect.NUTS_LOOSE,
                        SlackSuspect.SPROCKET_WORN,
                        SlackSuspect.DRY_RUNNING);
    }
}
