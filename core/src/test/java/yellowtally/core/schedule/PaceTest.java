package yellowtally.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowtally.core.schedule.Uses.day;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import yellowtally.core.settings.Numbers;

class PaceTest {

    private static final LocalDate TODAY = day(200);

    private static Pace steady(int days, int every, double amount) {
        Pace.Counter counter = new Pace.Counter(TODAY, Numbers.STANDARD);
        for (int ago = 0; ago < days; ago += every) {
            counter.add(TODAY.minusDays(ago), amount);
        }
        return counter.pace().orElseThrow();
    }

    /** The same amount every so many days is that amount a day, however long it has gone on. */
    @ParameterizedTest
    @CsvSource({"40, 1, 0.5, 0.5", "120, 1, 2, 2", "120, 2, 3, 1.5", "60, 3, 1, 0.333"})
    void steadyUseHasItsOwnPace(int days, int every, double amount, double perDay) {
        assertThat(steady(days, every, amount).perDay()).isCloseTo(perDay, within(0.06));
    }

    @Test
    void moreUsesMakeItSurer() {
        assertThat(steady(60, 1, 1).spread()).isLessThan(steady(60, 10, 1).spread());
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.5, 3, 20, 100})
    void earlyIsBeforeLikelyIsBeforeLate(double remaining) {
        DueDate date = steady(60, 2, 1).reach(remaining, TODAY, 730).orElseThrow();
        assertThat(date.early()).isBeforeOrEqualTo(date.likely());
        assertThat(date.likely()).isBeforeOrEqualTo(date.late());
        assertThat(date.early()).isAfter(TODAY);
    }

    /** The more is left, the later. */
    @Test
    void moreLeftIsNeverSooner() {
        Pace pace = steady(60, 2, 1);
        LocalDate before = TODAY;
        for (double remaining = 0.5; remaining < 60; remaining += 0.5) {
            LocalDate likely = pace.reach(remaining, TODAY, 730).orElseThrow().likely();
            assertThat(likely).isAfterOrEqualTo(before);
            before = likely;
        }
    }

    @Test
    void isSilentWhereThereIsNothingToTell() {
        Pace.Counter one = new Pace.Counter(TODAY, Numbers.STANDARD);
        one.add(TODAY, 3);
        assertThat(one.pace()).isEmpty();
        assertThat(one.forgets(TODAY.minusDays(169))).isTrue();
        assertThat(one.forgets(TODAY.minusDays(168))).isFalse();
        assertThat(steady(60, 20, 0.01).reach(100, TODAY, 730))
                .as("more than two years off")
                .isEmpty();
    }

    /** Two uses, today and 28 days ago, one unit each: the older weighs 1/e, and 29 days stand behind them. */
    @Test
    void aPaceIsWeighedByItsAge() {
        Pace.Counter counter = new Pace.Counter(TODAY, Numbers.STANDARD);
        counter.add(TODAY, 1);
        counter.add(TODAY.minusDays(28), 1);
        double old = Math.exp(-1);
        Pace pace = counter.pace().orElseThrow();
        assertThat(pace.perDay()).isCloseTo((1 + old) / (28 * (1 - Math.exp(-29 / 28.0))), within(1e-9));
        assertThat(pace.spread()).isCloseTo(Math.sqrt(1 + old * old) / (1 + old), within(1e-9));
    }

    @Test
    void usesThatUsedNothingHaveNoPace() {
        Pace.Counter counter = new Pace.Counter(TODAY, Numbers.STANDARD);
        counter.add(TODAY, 0);
        counter.add(TODAY.minusDays(1), 0);
        assertThat(counter.pace()).isEmpty();
    }

    /** Two years off is still said, a day more is not. */
    @Test
    void theFarthestDateThatIsSaid() {
        Pace pace = new Pace(1, 0.5);
        assertThat(pace.reach(730, TODAY, 730)).isPresent();
        assertThat(pace.reach(730.5, TODAY, 730)).isEmpty();
        DueDate date = pace.reach(3, TODAY, 730).orElseThrow();
        assertThat(date.early()).isEqualTo(TODAY.plusDays(2));
        assertThat(date.likely()).isEqualTo(TODAY.plusDays(3));
        assertThat(date.late()).isEqualTo(TODAY.plusDays(5));
    }
}
