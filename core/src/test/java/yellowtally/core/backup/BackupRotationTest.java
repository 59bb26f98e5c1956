package yellowtally.core.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.settings.Numbers;

class BackupRotationTest {

    private static final LocalDateTime NOW = LocalDateTime.parse("2026-11-27T07:00");

    private static Numbers keeping(double newest, double months) {
        return new Numbers(Map.of(BackupSetting.KEEP, newest, BackupSetting.KEEP_MONTHS, months));
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "none",
            value = {
                "none,             false, true",
                "none,             true,  true",
                "2026-11-26T07:00, true,  true",
                "2026-11-26T07:01, true,  false",
                "2026-11-26T07:00, false, false",
                "2026-10-01T07:00, false, false",
                "2026-10-01T07:00, true,  true",
                "2027-01-01T07:00, true,  true",
            })
    void itIsDueAfterADayInWhichSomethingWasRecorded(@Nullable LocalDateTime newest, boolean recorded, boolean due) {
        assertThat(BackupRotation.isDue(newest, recorded, NOW, Numbers.STANDARD))
                .isEqualTo(due);
    }

    @ParameterizedTest
    @CsvSource({"1, 2026-11-27T06:00", "1.5, 2026-11-27T05:30"})
    void howOftenIsASetting(double hours, LocalDateTime newest) {
        Numbers numbers = new Numbers(Map.of(BackupSetting.EVERY_HOURS, hours));
        assertThat(BackupRotation.isDue(newest, true, NOW, numbers)).isTrue();
        assertThat(BackupRotation.isDue(newest.plusMinutes(1), true, NOW, numbers))
                .isFalse();
    }

    private static Set<LocalDateTime> kept(List<LocalDateTime> made, Numbers numbers) {
        Set<LocalDateTime> kept = new HashSet<>(made);
        kept.removeAll(BackupRotation.notKept(made, numbers));
        return kept;
    }

    @Test
    void theNewestAndTheLastOfEachMonthAreKept() {
        List<LocalDateTime> made = new ArrayList<>();
        for (LocalDateTime day = NOW.minusDays(100); !day.isAfter(NOW); day = day.plusDays(1)) {
            made.add(day);
        }
        Collections.shuffle(made, new Random(1));
        assertThat(kept(made, keeping(3, 3)))
                .containsExactlyInAnyOrder(
                        NOW,
                        NOW.minusDays(1),
                        NOW.minusDays(2),
                        LocalDateTime.parse("2026-10-31T07:00"),
                        LocalDateTime.parse("2026-09-30T07:00"));
    }

    @Test
    void keptLongerIsNeverKeptShorter() {
        Random luck = new Random(7);
        for (int round = 0; round < 200; round++) {
            List<LocalDateTime> made = new ArrayList<>();
            for (int i = luck.nextInt(60); i >= 0; i--) {
                made.add(NOW.minusHours(luck.nextInt(24 * 500)));
            }
            int newest = 1 + luck.nextInt(10);
            int months = luck.nextInt(6);
            Set<LocalDateTime> kept = kept(made, keeping(newest, months));
            assertThat(kept).contains(Collections.max(made)).hasSizeBetween(1, newest + months);
            assertThat(kept(made, keeping(newest + 1, months))).containsAll(kept);
            assertThat(kept(made, keeping(newest, months + 1))).containsAll(kept);
            // Thrown away once, the next look throws away nothing more.
            assertThat(BackupRotation.notKept(kept, keeping(newest, months))).isEmpty();
        }
    }
}
