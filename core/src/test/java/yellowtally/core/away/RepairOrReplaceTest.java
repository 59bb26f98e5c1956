package yellowtally.core.away;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.away.RepairOrReplace.Facts;
import yellowtally.core.away.RepairOrReplace.Spread;
import yellowtally.core.away.RepairOrReplace.Verdict;
import yellowtally.core.settings.Numbers;

/** A life of 1,500 tanks, 900 to 2,100. */
class RepairOrReplaceTest {

    private static RepairOrReplace weigh(double tanks, double quote, Double fresh) {
        return RepairOrReplace.of(new Facts(tanks, quote, fresh), Numbers.STANDARD);
    }

    /**
     * A new saw for 600.00 costs 0.29 to 0.67 a tank. A young saw with a small quote is repaired, an old one with a large quote is not,
     * and between them money does not tell.
     */
    @ParameterizedTest
    @CsvSource({
        "300, 9000, REPAIR",
        "1400, 30000, REPLACE",
        "700, 20000, EITHER",
        "2000, 5000, REPLACE",
        "2000, 1000, REPAIR"
    })
    void theRangesSayWhatPays(double tanks, double quote, Verdict verdict) {
        assertThat(weigh(tanks, quote, 60_000.0).verdict()).isEqualTo(verdict);
    }

    @Test
    void aTankCostsTheQuoteOverWhatTheSawMayStillDo() {
        RepairOrReplace weighed = weigh(300, 12_000, 60_000.0);
        assertThat(weighed.tanksLeft()).isEqualTo(new Spread(1200, 600, 1800));
        assertThat(weighed.repaired().likely()).isEqualTo(10);
        assertThat(weighed.repaired().low()).isCloseTo(6.67, within(0.01));
        assertThat(weighed.repaired().high()).isEqualTo(20);
        assertThat(weighed.fresh()).isNotNull();
        assertThat(weighed.fresh().likely()).isEqualTo(40);
        assertThat(weighed.share()).isEqualTo(1);
    }

    /** It has done 1,400 of a life that may be 2,100: up to 700 are left, and at least the last share of a life. */
    @Test
    void aSawThatLivedLongMayStillLiveOn() {
        assertThat(weigh(1400, 30_000, null).tanksLeft()).isEqualTo(new Spread(387.5, 75, 700));
        assertThat(weigh(3000, 30_000, null).tanksLeft()).isEqualTo(new Spread(75, 75, 75));
    }

    @Test
    void withoutAPriceNothingIsWeighed() {
        assertThat(weigh(300, 9000, null).verdict()).isEqualTo(Verdict.NO_PRICE);
        assertThat(weigh(300, 9000, null).fresh()).isNull();
    }

    /** A saw that has done more, or costs more to repair, is never the better one to repair. */
    @Test
    void anOlderSawAndADearerRepairNeverSpeakForRepairing() {
        Random random = new Random(4);
        for (int i = 0; i < 500; i++) {
            double tanks = random.nextInt(3000);
            double quote = random.nextInt(100_000);
            RepairOrReplace one = weigh(tanks, quote, 60_000.0);
            RepairOrReplace older = weigh(tanks + random.nextInt(500), quote + random.nextInt(5000), 60_000.0);
            assertThat(older.repaired().likely())
                    .isGreaterThanOrEqualTo(one.repaired().likely());
            assertThat(order(older.verdict())).isGreaterThanOrEqualTo(order(one.verdict()));
            assertThat(one.repaired().low()).isLessThanOrEqualTo(one.repaired().likely());
            assertThat(one.repaired().high())
                    .isGreaterThanOrEqualTo(one.repaired().likely());
        }
    }

    private static int order(Verdict verdict) {
        return switch (verdict) {
            case REPAIR -> 0;
            case EITHER, NO_PRICE -> 1;
            case REPLACE -> 2;
        };
    }
}
