package yellowtally.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.LoopSpec;
import yellowtally.core.cuttingset.Pitch;

/** How a loop's growth is kept across the times when its set was apart (handbook section 3). Lead 0.8 mm a turn. */
class GrowthAccountTest {

    private static final LoopSpec LOOP = new LoopSpec(Pitch.P_325, Gauge.G_050, 68);

    private static Instant day(int day) {
        return Instant.parse("2026-05-01T06:00:00Z").plusSeconds(day * 86_400L);
    }

    /**
     * Checks as words: {@code r} routine or {@code a} apart after use, {@code A} apart without use between, turns, then what was
     * measured: {@code p} adjuster's place, {@code j} joint play, {@code l} ten links; {@code !} another set.
     */
    private static GrowthAccount account(String checks) {
        GrowthAccount account = new GrowthAccount(LOOP);
        int day = 0;
        Object set = "first";
        for (String check : checks.strip().split("\\s+")) {
            String[] parts = check.split(";");
            set = check.contains("!") ? new Object() : set;
            boolean apart = Character.toLowerCase(parts[0].charAt(0)) == 'a';
            account.add(new GrowthAccount.Check(
                    day(day++),
                    set,
                    apart,
                    parts[0].charAt(0) != 'A',
                    Double.parseDouble(parts[0].substring(1)),
                    0.8,
                    new Measured(figure(parts, 'j'), figure(parts, 'p'), figure(parts, 'l'))));
        }
        return account;
    }

    private static Double figure(String[] parts, char kind) {
        for (String part : parts) {
            if (part.charAt(0) == kind) {
                return Double.valueOf(part.substring(1));
            }
        }
        return null;
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                // Turns made while the set goes back are no growth, however many services there were.
                "a2                                   | 0    | 1 | TURNS",
                "A2 a3 a3 a3 a3 a3 a3 a3 a3           | 0    | 8 | TURNS",
                "A2 r0.5 r1                           | 2.4  | 0 | TURNS",
                "A2 r0.5 a3 r1                        | 2.4  | 1 | TURNS",
                "A2 r0.5 r-0.5                        | 0    | 0 | TURNS",
                "A2 r-1                               | 0    | 0 | TURNS",
                // The adjuster's place bridges them: 4 to 5.5 turns out is 1.2 mm of bar, 2.4 mm of loop.
                "A2;p4 a3;p5.5                        | 2.4  | 0 | TURNS",
                "A2;p4 r0.5 a3;p5.5                   | 2.4  | 0 | TURNS",
                "A2;p4 r0.5;p4.5 a3;p5.5 r0.25        | 2.8  | 0 | TURNS",
                // Nobody looked once: what was taken up then is lost, and that is said.
                "A2;p4 a3 a3;p6                       | 0    | 2 | TURNS",
                "A2;p4 a3 r1 a3;p6                    | 1.6  | 2 | TURNS",
                // On another set the place says nothing of the place before.
                "A2;p4 r1 !                           | 0    | 0 | TURNS",
                // Joint play: 2 x 68 x 0.1 = 13.6; turns since then add to it; the larger one leads.
                "A2 r1 r0;j0.1                        | 13.6 | 0 | JOINT_PLAY",
                "A2 r1 r0;j0.1 r0.5                   | 14.4 | 0 | JOINT_PLAY",
                "A2 r10 r0;j0.01                      | 16   | 0 | TURNS",
                // Ten links: 165 to 166.65 is 1 % of 1,122.68 mm of loop, on top of what had grown at the first.
                "A2;l165 a3 a3;l166.65                | 11.23 | 2 | TEN_LINKS",
                "A2 r1;l165 a3;l166.65 r0.5           | 13.63 | 1 | TEN_LINKS",
                "A2 r1;l165                           | 1.6  | 0 | TURNS",
            })
    void growsBy(String checks, double mm, int uncounted, GrowthSource leads) {
        String own = checks.replace(" !", " a3;p9;!");
        Grown grown = account(own).grown();
        if (own.equals(checks)) {
            assertThat(grown.mm()).isCloseTo(mm, within(0.01));
            assertThat(grown.leads()).isEqualTo(leads);
            assertThat(grown.refitsUncounted()).isEqualTo(uncounted);
        } else {
            assertThat(grown.mm()).isCloseTo(1.6, within(1e-9));
            assertThat(grown.refitsUncounted()).isOne();
        }
    }

    /** Joints do not heal: a shorter length or less play is believed once a second reading agrees. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "A0;l165 r0;l167 r0;l165.5              | 13.61",
                "A0;l165 r0;l167 r0;l165.5 r0;l165.6    | 4.08",
                "A0;l165 r0;l167 r0;l166.8              | 12.25",
                "A0 r0;j0.1 r0;j0.05                    | 13.6",
                "A0 r0;j0.1 r0;j0.05 r0;j0.06           | 8.16",
            })
    void whatHealsIsDoubted(String checks, double mm) {
        assertThat(account(checks).grown().mm()).isCloseTo(mm, within(0.01));
    }

    /** Where the adjuster stands is known from a figure on, while the set stays together. */
    @Test
    void thePlaceFollowsTheTurnsUntilTheSetIsApart() {
        GrowthAccount account = new GrowthAccount(LOOP);
        account.add(check(1, false, 1, null));
        assertThat(account.placeOn("set")).isNull();
        account.add(check(2, false, 0, 4.0));
        account.add(check(3, false, 0.5, null));
        assertThat(account.placeOn("set")).isEqualTo(4.5);
        assertThat(account.placeOn("another")).isNull();
        account.add(check(4, true, 3, null));
        assertThat(account.placeOn("set")).isNull();
    }

    private static GrowthAccount.Check check(int day, boolean apart, double turns, Double place) {
        return new GrowthAccount.Check(day(day), "set", apart, true, turns, 0.8, new Measured(null, place, null));
    }

    /** Bar-off work never changes what is known: any number of refits, each with its place, tells the same as none. */
    @Test
    void refitsWithThePlaceChangeNothing() {
        Random random = new Random(15);
        for (int life = 0; life < 200; life++) {
            GrowthAccount together = new GrowthAccount(LOOP);
            GrowthAccount served = new GrowthAccount(LOOP);
            double place = 2;
            together.add(check(0, true, 2, place));
            served.add(check(0, true, 2, place));
            for (int day = 1; day < 20; day++) {
                double taken = random.nextInt(4) / 8.0;
                place += taken;
                together.add(check(day, false, taken, null));
                served.add(random.nextBoolean() ? check(day, true, 3, place) : check(day, false, taken, place));
            }
            assertThat(served.grown().mm()).isCloseTo(together.grown().mm(), within(1e-9));
            assertThat(served.grown().refitsUncounted()).isOne();
        }
    }
}
