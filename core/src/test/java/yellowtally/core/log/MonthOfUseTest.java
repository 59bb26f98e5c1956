package yellowtally.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class MonthOfUseTest {

    private static MonthOfUse.Return back(String day, double burned) {
        return new MonthOfUse.Return(LocalDate.parse(day), burned);
    }

    @Test
    void aMonthHasItsFirstAndItsLastDayAndOnesWithoutUseAreLeftOut() {
        assertThat(MonthOfUse.of(List.of(
                        back("2026-03-31", 1.5), back("2026-03-01", 2), back("2025-12-31", 4), back("2026-05-01", 0))))
                .containsExactly(
                        new MonthOfUse(YearMonth.of(2025, 12), 1, 4),
                        new MonthOfUse(YearMonth.of(2026, 3), 2, 3.5),
                        new MonthOfUse(YearMonth.of(2026, 5), 1, 0));
        assertThat(MonthOfUse.of(List.of())).isEmpty();
    }

    /** Whatever the order, nothing is lost and nothing counted twice. */
    @RepeatedTest(20)
    void theMonthsTogetherAreTheWhole(RepetitionInfo which) {
        Random random = new Random(which.getCurrentRepetition());
        List<MonthOfUse.Return> returns = new ArrayList<>(IntStream.range(0, random.nextInt(200))
                .mapToObj(i -> new MonthOfUse.Return(
                        LocalDate.of(2025, 1, 1).plusDays(random.nextInt(700)), random.nextInt(12) / 4.0))
                .toList());
        List<MonthOfUse> months = MonthOfUse.of(returns);
        Collections.shuffle(returns, random);
        assertThat(MonthOfUse.of(returns)).isEqualTo(months);
        assertThat(months).isSortedAccordingTo((a, b) -> a.month().compareTo(b.month()));
        assertThat(months.stream().mapToInt(MonthOfUse::returns).sum()).isEqualTo(returns.size());
        assertThat(months.stream().mapToDouble(MonthOfUse::burned).sum())
                .isCloseTo(
                        returns.stream().mapToDouble(MonthOfUse.Return::burned).sum(), within(1e-9));
    }
}
