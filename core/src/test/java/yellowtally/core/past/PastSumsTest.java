package yellowtally.core.past;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.past.PastSums.Reason;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Power;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.Step;

class PastSumsTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 28);

    private static PastEntry told(Step step, int daysAgo, @Nullable Double since) {
        return new PastEntry(step, TODAY.minusDays(daysAgo), since, Map.of());
    }

    private static PastSums sums(PastEntry... entries) {
        return new PastSums(List.of(entries), TODAY, Power.PETROL, Numbers.STANDARD);
    }

    /** Plug 86 days ago with 30 tanks since; what was done after it on the same thing has seen no more. */
    @ParameterizedTest
    @CsvSource({
        "AIR_FILTER, 50, 12,,",
        "AIR_FILTER, 50, 30,,",
        "AIR_FILTER, 50, 31, MORE_THAN_EARLIER, 30",
        // Done before the plug: it may have seen more.
        "AIR_FILTER, 90, 31,,",
        // On the same day as the plug: neither more nor less.
        "AIR_FILTER, 86, 31, MORE_THAN_EARLIER, 30",
        // The loop may have run on another saw.
        "SHARPEN, 50, 31,,",
        "SHARPEN, 0, 96,,",
        "SHARPEN, 0, 98, MORE_THAN_TIME, 97",
        "AIR_FILTER, 50, -1, NOT_A_COUNT,",
        "AIR_FILTER, 50, NaN, NOT_A_COUNT,",
        "OIL_CARD, 3, 1.5, NOT_A_COUNT,",
        "OIL_CARD, 3, 40,,",
        "OIL_CARD, 3, 41, MORE_THAN_TIME, 40",
        "TANKS, 30, 1, NOTHING_COUNTED,",
        "RAILS, 30, 1, NOTHING_COUNTED,"
    })
    void whatCannotBeIsRefused(Step step, int daysAgo, double since, @Nullable Reason reason, @Nullable Double most) {
        PastEntry entry = told(step, daysAgo, since);
        assertThat(sums(told(Step.PLUG, 86, 30.0), entry).refusal(entry).map(PastSums.Refusal::reason))
                .isEqualTo(Optional.ofNullable(reason));
        assertThat(sums(told(Step.PLUG, 86, 30.0), entry).refusal(entry).map(PastSums.Refusal::most))
                .isEqualTo(Optional.ofNullable(most));
    }

    /** Gauges looked at before two sharpenings that were told have seen at least these two. */
    @ParameterizedTest
    @CsvSource({
        "DEPTH_GAUGES, 40, 1, SHARPENED_SINCE",
        "DEPTH_GAUGES, 40, 2,",
        "DEPTH_GAUGES, 40, 4,",
        "EQUALISE, 20, 1,",
        "EQUALISE, 20, 0, SHARPENED_SINCE",
        "DEPTH_GAUGES, 10, 0,",
        // Of the bar: it may have carried another loop.
        "GROOVE, 40, 0,"
    })
    void sharpeningsThatWereToldCount(Step step, int daysAgo, double since, @Nullable Reason reason) {
        PastEntry entry = told(step, daysAgo, since);
        PastSums sums = sums(told(Step.SHARPEN, 30, null), told(Step.SHARPEN, 10, null), entry);
        assertThat(sums.refusal(entry).map(PastSums.Refusal::reason)).isEqualTo(Optional.ofNullable(reason));
    }

    /** What nobody knows is at most what was used since something earlier on the same thing; else it stays unknown. */
    @Test
    void whatIsNotToldIsNeverReckonedTooLow() {
        PastEntry filter = told(Step.AIR_FILTER, 50, null);
        assertThat(sums(told(Step.PLUG, 86, 30.0), told(Step.BEARING, 60, 14.0), filter)
                        .since(filter))
                .hasValue(14);
        assertThat(sums(told(Step.PLUG, 40, 9.0), filter).since(filter))
                .as("the plug came after it")
                .isEqualTo(OptionalDouble.empty());
        assertThat(sums(told(Step.SHARPEN, 86, 2.0), filter).since(filter)).isEmpty();
        PastEntry tanks = told(Step.TANKS, 10, null);
        assertThat(sums(told(Step.PLUG, 86, 30.0), tanks).since(tanks)).isEmpty();
    }

    /** Of true accounts nothing is refused, and what is left out of them is reckoned at no less than it was. */
    @Test
    void trueAccountsAreTakenAndNothingIsReckonedTooLow() {
        Random random = new Random(17);
        Step[] steps = {Step.PLUG, Step.AIR_FILTER, Step.BEARING, Step.STARTER, Step.ARRESTOR};
        for (int i = 0; i < 500; i++) {
            double[] used = new double[120];
            for (int day = 1; day < used.length; day++) {
                used[day] = used[day - 1] + (random.nextInt(3) == 0 ? random.nextInt(4) : 0);
            }
            List<PastEntry> all = new ArrayList<>();
            List<Double> truth = new ArrayList<>();
            for (Step step : steps) {
                int ago = 1 + random.nextInt(110);
                truth.add(used[ago]);
                all.add(told(step, ago, random.nextBoolean() ? used[ago] : null));
            }
            PastSums sums = new PastSums(all, TODAY, Power.PETROL, Numbers.STANDARD);
            for (int j = 0; j < all.size(); j++) {
                assertThat(sums.refusal(all.get(j))).as("%s", all).isEmpty();
                OptionalDouble since = sums.since(all.get(j));
                if (since.isPresent()) {
                    assertThat(since.getAsDouble()).as("%s", all).isGreaterThanOrEqualTo(truth.get(j));
                }
            }
        }
    }

    @Test
    void theLinesOfASawAreThoseOfItsKind() {
        assertThat(PastLine.of(Profiles.petrol()))
                .extracting(PastLine::step)
                .contains(Step.PLUG, Step.SHARPEN, Step.TANKS);
        assertThat(PastLine.of(Profiles.battery()))
                .extracting(PastLine::step)
                .contains(Step.SHARPEN)
                .doesNotContain(Step.PLUG, Step.AIR_FILTER, Step.BEARING);
        for (Step proved :
                new Step[] {Step.TENSION, Step.BRAKE_LEVER, Step.BRAKE_RUNNING, Step.NUTS, Step.REFIT, Step.OUTSIDE_LOOK
                }) {
            assertThat(PastLine.of(proved))
                    .as("%s is proved here or not at all", proved)
                    .isEmpty();
        }
    }
}
