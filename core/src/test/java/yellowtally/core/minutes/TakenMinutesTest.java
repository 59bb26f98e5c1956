package yellowtally.core.minutes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.settings.NumberSetting;
import yellowtally.core.settings.Numbers;

class TakenMinutesTest {

    private static final NumberSetting SHARPEN = ScheduleSetting.SHARPEN_MINUTES;
    private static final NumberSetting CLEAN = ScheduleSetting.CLEAN_MINUTES;
    private static final NumberSetting PLUG = ScheduleSetting.PLUG_MINUTES;

    private static TakenMinutes of(NumberSetting part, List<Stretch> stretches) {
        return TakenMinutes.of(stretches, Numbers.STANDARD).get(part);
    }

    private static List<Stretch> sharpened(int times, double minutes) {
        return Collections.nCopies(times, new Stretch(Map.of(SHARPEN, 1.0), minutes));
    }

    // Set to 10 minutes, which weighs as five times: (5 x 10 + n x taken) / (5 + n).
    @ParameterizedTest(name = "{0} times {1} min: {2}")
    @CsvSource({
        "1, 16, 11, false",
        "5, 10, 10, false",
        "5, 16, 13, true",
        "4, 19, 14, false",
        "20, 15, 14, true",
        "20, 10.5, 10.4, false",
        "20, 11.2, 10.96, true",
        "45, 5, 5.5, true"
    })
    void whatIsSetWeighsAsMuchAsAFewTimesDone(int times, double taken, double minutes, boolean corrects) {
        TakenMinutes told = of(SHARPEN, sharpened(times, taken));
        assertThat(told.times()).isEqualTo(times);
        assertThat(told.minutes()).isCloseTo(minutes, within(1e-6));
        assertThat(told.corrects(10, Numbers.STANDARD)).isEqualTo(corrects);
    }

    @Test
    void whatWasNeverDoneSaysNothing() {
        assertThat(TakenMinutes.of(List.of(), Numbers.STANDARD)).isEmpty();
        assertThat(TakenMinutes.of(sharpened(3, 12), Numbers.STANDARD)).containsOnlyKeys(SHARPEN);
    }

    @Test
    void whatIsCorrectedAlreadyIsNotCorrectedAgain() {
        TakenMinutes told = of(SHARPEN, sharpened(20, 15));
        assertThat(told.toTheHalf()).isEqualTo(14);
        assertThat(told.corrects(14, Numbers.STANDARD)).isFalse();
        assertThat(told.corrects(13.5, Numbers.STANDARD)).isFalse();
        assertThat(told.corrects(12.5, Numbers.STANDARD)).isTrue();
    }

    /** However quick the hands are, work that is done takes its half minute. */
    @Test
    void noWorkIsReckonedAsNone() {
        TakenMinutes told = of(SHARPEN, sharpened(2000, 0.01));
        assertThat(told.minutes()).isLessThan(0.25);
        assertThat(told.toTheHalf()).isEqualTo(0.5);
    }

    @Test
    void moreTimesDoneNarrowTheRange() {
        double before = Double.POSITIVE_INFINITY;
        for (int times : new int[] {1, 3, 10, 30, 100}) {
            TakenMinutes told = of(SHARPEN, sharpened(times, 12));
            assertThat(told.to() - told.from()).isLessThan(before);
            assertThat(told.minutes()).isBetween(told.from(), told.to());
            before = told.to() - told.from();
        }
    }

    /** Recorded together, the two are told apart by the visits in which only one was done. */
    @Test
    void workRecordedInOneGoIsToldApart() {
        List<Stretch> stretches = new ArrayList<>(sharpened(30, 14));
        for (int i = 0; i < 30; i++) {
            stretches.add(new Stretch(Map.of(SHARPEN, 1.0, CLEAN, 1.0), 19));
        }
        Map<NumberSetting, TakenMinutes> told = TakenMinutes.of(stretches, Numbers.STANDARD);
        assertThat(told.get(SHARPEN).minutes()).isCloseTo(13.75, within(0.5));
        assertThat(told.get(CLEAN).minutes()).isCloseTo(5, within(0.5));
    }

    /** Hands that take other times than the numbers say, some work in one go, no two visits alike: found again. */
    @Test
    void findsWhatTheHandsTake() {
        double off = 0;
        int told = 0;
        for (int seed = 1; seed <= 60; seed++) {
            Random random = new Random(seed);
            Map<NumberSetting, Double> hands = new LinkedHashMap<>();
            for (NumberSetting part : List.of(SHARPEN, CLEAN, PLUG)) {
                hands.put(part, Numbers.STANDARD.of(part) * (0.6 + 1.2 * random.nextDouble()));
            }
            Numbers found = numbers(stretches(hands, random, 150));
            for (Map.Entry<NumberSetting, Double> hand : hands.entrySet()) {
                double share = Math.abs(found.of(hand.getKey()) / hand.getValue() - 1);
                assertThat(share).as("seed %d, %s", seed, hand.getKey().key()).isLessThan(0.25);
                off += share;
                told++;
            }
        }
        assertThat(off / told).as("off on average").isLessThan(0.07);
    }

    /** A stretch that took longer never makes the estimate of its work shorter. */
    @RepeatedTest(60)
    void longerNeverCountsAsShorter(RepetitionInfo which) {
        Random random = new Random(1000 + which.getCurrentRepetition());
        List<Stretch> stretches = stretches(Map.of(SHARPEN, 11.0, CLEAN, 6.0, PLUG, 2.5), random, 12);
        int longer = random.nextInt(stretches.size());
        Stretch was = stretches.get(longer);
        double before = was.estimated(numbers(stretches));
        stretches.set(longer, new Stretch(was.work(), was.minutes() * (1 + random.nextDouble())));
        assertThat(was.estimated(numbers(stretches))).isGreaterThanOrEqualTo(before - 1e-6);
    }

    private static Numbers numbers(List<Stretch> stretches) {
        Map<NumberSetting, Double> found = new LinkedHashMap<>();
        TakenMinutes.of(stretches, Numbers.STANDARD).forEach((part, told) -> found.put(part, told.minutes()));
        return new Numbers(found);
    }

    private static List<Stretch> stretches(Map<NumberSetting, Double> hands, Random random, int many) {
        List<NumberSetting> parts = List.of(SHARPEN, CLEAN, PLUG);
        List<Stretch> stretches = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            Map<NumberSetting, Double> work = new LinkedHashMap<>();
            double minutes = 0;
            for (NumberSetting part : parts) {
                if (random.nextInt(3) == 0) {
                    work.put(part, 1.0);
                    minutes += hands.get(part);
                }
            }
            if (!work.isEmpty()) {
                stretches.add(new Stretch(work, minutes * Math.exp(0.25 * random.nextGaussian())));
            }
        }
        return stretches;
    }
}
