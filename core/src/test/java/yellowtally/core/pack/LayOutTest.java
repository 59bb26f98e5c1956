package yellowtally.core.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;
import static yellowtally.core.pack.Packs.line;
import static yellowtally.core.pack.Packs.of;
import static yellowtally.core.pack.Packs.saw;
import static yellowtally.core.pack.Packs.stores;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import yellowtally.core.engine.FuelUnit;
import yellowtally.core.plan.Article;
import yellowtally.core.plan.Supply;
import yellowtally.core.schedule.Task;
import yellowtally.core.settings.Numbers;

class LayOutTest {

    private static final PackSaw.Nuts THIRTEEN = new PackSaw.Nuts(13.0, true, false);
    private static final LayOut.Shelf NOTHING_TAKEN = new LayOut.Shelf(Map.of(), Map.of());

    private static List<PackLine> laidOut(LayOut.Shelf shelf, List<LayOut.Soak> evening, PackSaw... saws) {
        return LayOut.of(List.of(saws), evening, shelf, stores(5.0, 4000.0), FuelUnit.LITRE, Numbers.STANDARD);
    }

    @Test
    void partsOfSeveralVisitsAreOneLineAgainstWhatIsThere() {
        Article plug = new Article("item 1", "Plug P-45");
        Article loop = new Article("CHAIN x", "Loop x");
        LayOut.Shelf shelf = new LayOut.Shelf(
                Map.of("04", Map.of(plug, 1.0), "07", Map.of(plug, 1.0, loop, 1.0)),
                Map.of(plug, new Supply(1, List.of(), 10, false), loop, new Supply(2, List.of(), 10, true)));
        List<PackLine> parts = of(laidOut(shelf, List.of(), saw("04", 1), saw("07", 1)), PackKind.ARTICLE);
        assertThat(parts).extracting(PackLine::name).containsExactly("Loop x", "Plug P-45");
        assertThat(parts.get(1).saws()).containsExactly("04", "07");
        assertThat(parts.get(1).missing()).isEqualTo(1);
        assertThat(parts.get(0).missing()).isZero();
    }

    @Test
    void filesAreLaidOutForThoseThatAreSharpenedOnly() {
        List<PackLine> lines = laidOut(
                NOTHING_TAKEN,
                List.of(),
                Packs.with(saw("04", 1), THIRTEEN, Task.SHARPEN, Task.DEPTH_GAUGES),
                Packs.with(saw("07", 1), THIRTEEN, Task.FULL_CLEAN));
        assertThat(line(lines, PackKind.ROUND_FILE, "4.8").saws()).containsExactly("04");
        assertThat(line(lines, PackKind.GAUGE_FILE, "GAUGE_FILE").saws()).containsExactly("04");
        assertThat(of(lines, PackKind.GREASE_GUN)).isEmpty();
        List<PackLine> greased = laidOut(NOTHING_TAKEN, List.of(), Packs.with(saw("04", 1), THIRTEEN, Task.BEARING));
        assertThat(of(greased, PackKind.GREASE_GUN)).hasSize(1);
        assertThat(of(greased, PackKind.ROUND_FILE)).isEmpty();
    }

    @Test
    void atTheBenchOneKeyOfEachSizeIsEnough() {
        List<PackLine> lines = laidOut(
                NOTHING_TAKEN,
                List.of(),
                saw("04", 1),
                saw("05", 1),
                saw("06", 1),
                Packs.with(saw("07", 1), new PackSaw.Nuts(19.0, false, false)));
        assertThat(of(lines, PackKind.NUT_KEY))
                .extracting(PackLine::name, PackLine::amount)
                .containsExactly(tuple("13", 1.0), tuple("19", 1.0));
        assertThat(of(lines, PackKind.SCREWDRIVER)).extracting(PackLine::amount).containsExactly(1.0);
    }

    /** Each is filled once: 460 mL of fuel and 250 mL of oil for each of three. */
    @Test
    void aVisitEndsWithBothTanksFull() {
        List<PackLine> lines = laidOut(NOTHING_TAKEN, List.of(), saw("04", 9), saw("07", 9), saw("09", 9));
        assertThat(line(lines, PackKind.FUEL_MIX, "50").amount()).isCloseTo(1500, within(1e-6));
        assertThat(line(lines, PackKind.BAR_OIL, "BAR_OIL").amount()).isCloseTo(1000, within(1e-6));
    }

    @Test
    void whatIsFittedTomorrowGoesIntoTheOilThisEvening() {
        PackLine soaked = of(
                        laidOut(NOTHING_TAKEN, List.of(new LayOut.Soak(saw("12", 1), "Loop x")), saw("04", 1)),
                        PackKind.LOOP)
                .get(0);
        assertThat(soaked.soaks()).isTrue();
        assertThat(soaked.saws()).containsExactly("12");
        assertThat(laidOut(NOTHING_TAKEN, List.of())).isEmpty();
    }
}
