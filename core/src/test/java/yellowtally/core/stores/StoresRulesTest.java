package yellowtally.core.stores;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;
import yellowtally.core.stores.OrderLine.OrderReason;

class StoresRulesTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 3, 1);
    private static final Numbers STANDARD = Numbers.STANDARD;

    private static StockUse.Taken taken(int daysAgo, double amount) {
        return new StockUse.Taken(TODAY.minusDays(daysAgo), amount);
    }

    /** Worked example: nine plugs in 90 days are three a month. */
    @Test
    void usePerMonthIsThatOfTheLastNinetyDays() {
        List<StockUse.Taken> taken = List.of(taken(1, 3), taken(40, 4), taken(89, 2), taken(90, 50));
        StockUse use = StockUse.of(taken, TODAY.minusDays(400), TODAY, STANDARD).orElseThrow();
        assertThat(use.perDay()).isCloseTo(0.1, within(1e-9));
        assertThat(use.perMonth()).isCloseTo(3.04, within(1e-9));
        assertThat(use.takings()).isEqualTo(3);
    }

    @Test
    void youngRecordsSayNothing() {
        assertThat(StockUse.of(List.of(taken(1, 3)), TODAY.minusDays(12), TODAY, STANDARD))
                .isEmpty();
        assertThat(StockUse.of(List.of(taken(1, 3)), TODAY.minusDays(13), TODAY, STANDARD))
                .isPresent();
        assertThat(StockUse.of(List.of(), TODAY.minusDays(200), TODAY, STANDARD))
                .isEmpty();
    }

    @Test
    void runsOutWithAnEarlyAndALateDate() {
        RunsOut out =
                RunsOut.of(6, new StockUse(0.1, 4), TODAY, Numbers.STANDARD).orElseThrow();
        assertThat(out).isEqualTo(new RunsOut(TODAY.plusDays(40), TODAY.plusDays(60), TODAY.plusDays(90)));
        assertThat(RunsOut.of(6, null, TODAY, Numbers.STANDARD)).isEmpty();
        assertThat(RunsOut.of(600, new StockUse(0.1, 4), TODAY, Numbers.STANDARD))
                .isEmpty();
    }

    @Test
    void moreOnTheShelfNeverRunsOutSooner() {
        StockUse use = new StockUse(0.3, 5);
        LocalDate before = LocalDate.MIN;
        for (int shelf = 0; shelf < 200; shelf++) {
            LocalDate likely = RunsOut.of(shelf, use, TODAY, Numbers.STANDARD)
                    .orElseThrow()
                    .likely();
            assertThat(likely).isAfterOrEqualTo(before);
            before = likely;
        }
    }

    /** Lead ten days, cover sixty (estimates). Quantity: least + worn out + use over lead and cover - free, in whole packs. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                // shelf, reserved, worn out, per day, least, pack, quantity, reasons
                "10, 0, 0, 0.1, 2, 1,  -,  -",
                "1,  0, 0, 0.1, 2, 1,  8,  BELOW_LEAST+RUNS_OUT_BEFORE_DELIVERY",
                "1,  0, 0, 0.1, 2, 10, 10, BELOW_LEAST+RUNS_OUT_BEFORE_DELIVERY",
                "3,  0, 0, 0.4, 0, 6,  30, RUNS_OUT_BEFORE_DELIVERY",
                "1,  2, 0, 0,   0, 1,  1,  RESERVED_EXCEEDS_SHELF+BELOW_LEAST",
                "1,  0, 3, 0,   0, 1,  2,  PARTS_WEAR_OUT",
                "3,  0, 3, 0,   0, 1,  -,  -",
            })
    void ordersWhatWillBeMissing(
            double shelf,
            double reserved,
            double wornOut,
            double perDay,
            double least,
            double pack,
            Double quantity,
            String reasons) {
        var line = OrderLine.of(new OrderLine.Item(shelf, reserved, 0, wornOut, perDay, least, 10, pack), STANDARD);
        assertThat(line.map(OrderLine::quantity).orElse(null)).isEqualTo(quantity);
        Set<OrderReason> expected = reasons == null
                ? null
                : Arrays.stream(reasons.split("\\+")).map(OrderReason::valueOf).collect(Collectors.toSet());
        assertThat(line.map(OrderLine::reasons).orElse(null)).isEqualTo(expected);
    }

    /** What is on order already is not ordered again, and what is still missing is. */
    @ParameterizedTest
    @CsvSource({
        // shelf, on order, least, quantity
        "1, 0, 2, 1",
        "1, 1, 2, 0",
        "0, 1, 4, 3",
        "0, 9, 4, 0",
    })
    void whatIsOnOrderIsNotOrderedAgain(double shelf, double onOrder, double least, double quantity) {
        assertThat(OrderLine.of(new OrderLine.Item(shelf, 0, onOrder, 0, 0, least, 10, 1), STANDARD)
                        .map(OrderLine::quantity)
                        .orElse(0.0))
                .isEqualTo(quantity);
    }

    /** More on order never asks for more to be ordered. */
    @Property
    void moreOnOrderNeverOrdersMore(
            @ForAll @DoubleRange(min = 0, max = 20) double shelf,
            @ForAll @DoubleRange(min = 0, max = 20) double onOrder,
            @ForAll @DoubleRange(min = 0, max = 5) double more,
            @ForAll @DoubleRange(min = 0, max = 1) double perDay) {
        double now = quantity(shelf, onOrder, perDay);
        assertThat(quantity(shelf, onOrder + more, perDay)).isLessThanOrEqualTo(now);
    }

    private static double quantity(double shelf, double onOrder, double perDay) {
        return OrderLine.of(new OrderLine.Item(shelf, 1, onOrder, 1, perDay, 3, 10, 2), STANDARD)
                .map(OrderLine::quantity)
                .orElse(0.0);
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "PLUG,       P-45,         true,  Kestrup K45, true",
                "PLUG,       P-60,         true,  Kestrup K45, false",
                "PLUG,       -,            false, Brackenfell E14, false",
                "AIR_FILTER, Kestrup K45,  true,  Kestrup K45, true",
                "AIR_FILTER, Kestrup K50,  true,  Kestrup K45, false",
                "FILE,       4.8,          true,  Kestrup K45, true",
                "FILE,       '5,2',        true,  Kestrup K45, false",
                "FILE,       3/16 in,      true,  Kestrup K45, true",
                "FILE,       0.1875,       true,  Kestrup K45, true",
                "FILE,       13/64 in,     true,  Kestrup K45, false",
                "FILE,       round,        true,  Kestrup K45, false",
                "BAR_OIL,    -,            false, Brackenfell E14, true",
            })
    void whichSawsAnItemFits(StockKind kind, String fits, boolean petrol, String model, boolean expected) {
        StockFit.Asks saw = new StockFit.Asks(petrol, model, petrol ? "P-45" : null, Pitch.P_325);
        assertThat(StockFit.fits(kind, fits, saw, STANDARD)).isEqualTo(expected);
    }

    @Test
    void waitingWorkReservesWhatItWillTake() {
        StockNeeds needs = StockNeeds.of(
                Profiles.petrol(),
                List.of(Finding.PLUG_WORN, Finding.PLUG_WHITE, Finding.BURR),
                List.of(Step.REPLACE_SPROCKET, Step.SHARPEN));
        assertThat(needs.stock()).containsOnlyKeys(StockKind.PLUG, StockKind.NEEDLE_BEARING);
        assertThat(needs.stock().get(StockKind.PLUG)).isEqualTo(1);
        assertThat(needs.parts()).containsExactly(Subject.SPROCKET);
        assertThat(StockNeeds.of(Profiles.battery(), List.of(), List.of(Step.REPLACE_SPROCKET))
                        .stock())
                .isEmpty();
    }

    /** Worked example: a loop of 24.00 that ran 30 tanks and has 50 left costs 0.30 a tank. */
    @Test
    void costPerTankOfLoopAndSaw() {
        assertThat(CostPerTank.ofLoop(2400, 30, 50.0, Numbers.STANDARD)).contains(new CostPerTank(30, true));
        assertThat(CostPerTank.ofLoop(2400, 30, null, Numbers.STANDARD)).contains(new CostPerTank(80, false));
        assertThat(CostPerTank.ofLoop(2400, 0.5, null, Numbers.STANDARD)).isEmpty();
        CostPerTank saw = CostPerTank.ofSaw(
                        1000,
                        List.of(new CostPerTank.Share(2400, 20, 40, null), new CostPerTank.Share(3000, 30, 30, 70.0)),
                        50,
                        Numbers.STANDARD)
                .orElseThrow();
        // (1000 + 2400 × 20/40 + 3000 × 30/100) / 50
        assertThat(saw.cents()).isCloseTo(62, within(1e-9));
        assertThat(saw.estimated()).isTrue();
    }

    /** Ten days until an order comes, and sixty that it should last. */
    @Test
    void partsThatWearOutAreOrderedWellAhead() {
        assertThat(OrderLine.horizonDays(STANDARD)).isEqualTo(70);
    }
}
