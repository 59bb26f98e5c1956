package yellowtally.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Visits on the benches of a day: whole, each on one. */
class PackingTest {

    private static List<Load.Lying> visits(double... minutes) {
        List<Load.Lying> visits = new ArrayList<>();
        for (double one : minutes) {
            visits.add(new Load.Lying(visits.size(), one, false));
        }
        visits.sort(Packing.IN_ORDER);
        return visits;
    }

    private static List<BenchSlot> benches(double... minutes) {
        List<BenchSlot> slots = new ArrayList<>();
        for (double one : minutes) {
            slots.add(new BenchSlot(0, slots.size() + 1, one));
        }
        return slots;
    }

    private static double[] numbers(String text) {
        return Arrays.stream(text.split(" ")).mapToDouble(Double::parseDouble).toArray();
    }

    @ParameterizedTest
    @CsvSource({
        "30 30,       30 30,    true",
        "30 31,       30 30,    false",
        "40,          30 30,    false", // no visit is cut in two
        "20 20 20,    30 30,    false",
        "8 5 5 4 4 4, 16 14,    true", // the longest first leaves a 4 without a bench
        "8 5 5 4 4 4, 15 15,    false",
        "8.4 6.6 6 9, 15 15,    true",
        "8.4 6.7 6 9, 15.05 15, false",
        "25 20 15,    40 20,    true",
        "10 10 10,    10 10 10, true",
        "10,          '0',      false",
    })
    void fits(String minutes, String there, boolean fits) {
        assertThat(Packing.of(visits(numbers(minutes)), benches(numbers(there))).fits())
                .isEqualTo(fits);
    }

    /** Pinned visits are laid down whether there is room or not; what is beside them goes without. */
    @Test
    void whatTheOfficerWantsIsDone() {
        List<Load.Lying> visits = new ArrayList<>(List.of(new Load.Lying(1, 50, true), new Load.Lying(2, 20, false)));
        assertThat(Packing.of(visits, benches(30, 20)).benches()).containsExactly(0, 1);
        visits.set(1, new Load.Lying(2, 21, false));
        assertThat(Packing.of(visits, benches(30, 20)).fits()).isFalse();
    }

    /** On two benches room is found exactly where there is any, and what is told keeps to it. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void everyWayThereIs(int seed) {
        Random random = new Random(seed);
        int close = 0;
        for (int i = 0; i < 3000; i++) {
            double[] minutes = random.doubles(2 + random.nextInt(7), 3, 30)
                    .map(one -> Math.round(one * 2) / 2.0)
                    .toArray();
            double half = Math.ceil(Arrays.stream(minutes).sum() / 2);
            List<BenchSlot> there = benches(half + random.nextInt(5), half - random.nextInt(3));
            Packing packing = Packing.of(visits(minutes), there);
            boolean canBe = canBe(minutes, there.get(0).left(), there.get(1).left());
            assertThat(packing.fits())
                    .as("%s on %s", Arrays.toString(minutes), there)
                    .isEqualTo(canBe);
            close += packing.fits() && !packing.simple() ? 1 : 0;
            if (packing.fits()) {
                for (int bench = 0; bench < there.size(); bench++) {
                    double lies = 0;
                    for (int v = 0; v < minutes.length; v++) {
                        lies += packing.benches().get(v) == bench
                                ? visits(minutes).get(v).minutes()
                                : 0;
                    }
                    assertThat(lies).isLessThanOrEqualTo(there.get(bench).left() + Packing.ROUNDING);
                }
            }
        }
        assertThat(close).as("days that are full to the brim").isGreaterThan(50);
    }

    private static boolean canBe(double[] minutes, double one, double other) {
        for (int on = 0; on < 1 << minutes.length; on++) {
            double first = 0;
            double second = 0;
            for (int v = 0; v < minutes.length; v++) {
                if ((on & 1 << v) == 0) {
                    first += minutes[v];
                } else {
                    second += minutes[v];
                }
            }
            if (first <= one && second <= other) {
                return true;
            }
        }
        return false;
    }

    /** What surely has room beside others has it. */
    @Test
    void sureRoomIsRoom() {
        Random random = new Random(8);
        int sure = 0;
        for (int i = 0; i < 3000; i++) {
            List<Load.Lying> lying = visits(random.doubles(6, 3, 30).toArray());
            List<BenchSlot> there = benches(60 + random.nextInt(30), 30 + random.nextInt(30), 20);
            Load.Lying more = new Load.Lying(99, 1 + random.nextInt(20), false);
            if (Packing.of(lying, there).hasRoomFor(more)) {
                sure++;
                List<Load.Lying> both = new ArrayList<>(lying);
                both.add(more);
                both.sort(Packing.IN_ORDER);
                assertThat(Packing.of(both, there).fits()).isTrue();
            }
        }
        assertThat(sure).isGreaterThan(100);
    }
}
