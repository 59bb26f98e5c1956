package yellowtally.core.comparison;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.comparison.RepeatFault.Past;
import yellowtally.core.comparison.RepeatFault.RepeatKind;
import yellowtally.core.settings.Numbers;

class RepeatFaultTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 6, 1);

    private static Past fault(String saw, String model, String cause, int daysAgo) {
        return new Past(saw, model, cause, TODAY.minusDays(daysAgo));
    }

    private static List<RepeatFault> of(Past... past) {
        return RepeatFault.of(List.of(past), TODAY, Numbers.STANDARD);
    }

    @ParameterizedTest
    @CsvSource({"10, 40, 1", "10, 180, 1", "10, 181, 0"})
    void twiceOnOneSawWithinHalfAYearIsARepeat(int first, int second, int repeats) {
        assertThat(of(fault("08", "T27", "dull", first), fault("08", "T27", "dull", second)))
                .hasSize(repeats);
    }

    @Test
    void anotherCauseIsNoRepeat() {
        assertThat(of(fault("08", "T27", "dull", 3), fault("08", "T27", "loose", 5)))
                .isEmpty();
    }

    @Test
    void threeTimesOnAModelIsARepeatOfTheModel() {
        List<RepeatFault> found =
                of(fault("01", "K45", "pump", 3), fault("03", "K45", "pump", 13), fault("04", "K45", "pump", 33));
        assertThat(found).containsExactly(new RepeatFault(RepeatKind.ON_A_MODEL, "K45", "pump", 3, 30));
        assertThat(of(fault("01", "K45", "pump", 3), fault("03", "K45", "pump", 13)))
                .isEmpty();
    }

    @Test
    void whatComesOftenestIsNamedFirst() {
        List<Past> past = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            past.add(fault("08", "T27", "dull", i));
        }
        past.add(fault("02", "T27", "seal", 1));
        past.add(fault("02", "T27", "seal", 2));
        assertThat(RepeatFault.of(past, TODAY, Numbers.STANDARD))
                .extracting(RepeatFault::where, RepeatFault::times)
                .containsExactly(tuple("08", 4), tuple("02", 2));
    }
}
