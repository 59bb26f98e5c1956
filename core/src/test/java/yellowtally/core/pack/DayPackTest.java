package yellowtally.core.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;
import static yellowtally.core.pack.Packs.line;
import static yellowtally.core.pack.Packs.loop;
import static yellowtally.core.pack.Packs.of;
import static yellowtally.core.pack.Packs.saw;
import static yellowtally.core.pack.Packs.stores;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.engine.FuelUnit;
import yellowtally.core.pack.DayPack.Trip;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Power;

class DayPackTest {

    private static final Stores NONE_KEPT = Stores.UNASKED;

    private static List<PackLine> packed(int days, Collection<ShelfLoop> shelf, PackSaw... saws) {
        return packed(days, shelf, NONE_KEPT, FuelUnit.LITRE, saws);
    }

    private static List<PackLine> packed(
            int days, Collection<ShelfLoop> shelf, Stores stores, FuelUnit unit, PackSaw... saws) {
        return DayPack.of(new Trip(days, false), List.of(saws), shelf, Set.of(), stores, unit, Numbers.STANDARD);
    }

    /** A fifth more than the saws are likely to use, and the next half litre. */
    @ParameterizedTest(name = "{0} tanks a day, {1} days, {2} saws: {3} L of fuel, {4} L of oil")
    @CsvSource({
        "1.5, 1, 1, 1.0, 0.5", // 828 mL and 450 mL
        "1.5, 2, 1, 2.0, 1.0", // 1,656 mL and 900 mL
        "1.5, 2, 3, 5.0, 3.0", // 4,968 mL and 2,700 mL
        "4,   3, 2, 13.5, 7.5", // 13,248 mL and 7,200 mL
    })
    void fuelAndOilAreReckonedFromTheTanksOfTheDays(double tanks, int days, int saws, double fuel, double oil) {
        PackSaw[] all = new PackSaw[saws];
        for (int i = 0; i < saws; i++) {
            all[i] = saw("0" + i, tanks);
        }
        List<PackLine> pack = packed(days, List.of(), all);
        assertThat(line(pack, PackKind.FUEL_MIX, "50").amount()).isCloseTo(fuel * 1000, within(1e-6));
        assertThat(line(pack, PackKind.BAR_OIL, "BAR_OIL").amount()).isCloseTo(oil * 1000, within(1e-6));
    }

    /** 5 L at 50:1 are 100 mL of oil. */
    @Test
    void theOilOfAMixIsTold() {
        PackLine mix =
                line(packed(2, List.of(), saw("04", 1.5), saw("05", 1.5), saw("06", 1.5)), PackKind.FUEL_MIX, "50");
        assertThat(mix.amount()).isCloseTo(5000, within(1e-6));
        assertThat(mix.mixOilMl()).isCloseTo(100, within(1e-6));
        assertThat(line(packed(2, List.of(), saw("04", 1.5)), PackKind.BAR_OIL, "BAR_OIL")
                        .mixOilMl())
                .isNull();
    }

    @Test
    void inGallonsACanIsFilledToTheNextQuarter() {
        List<PackLine> pack = packed(2, List.of(), NONE_KEPT, FuelUnit.US_GALLON, saw("04", 1.5));
        // 1,656 mL are 0.437 US gal.
        assertThat(FuelUnit.US_GALLON.ofMl(line(pack, PackKind.FUEL_MIX, "50").amount()))
                .isCloseTo(0.5, within(1e-9));
    }

    @Test
    void eachRatioIsACanOfItsOwnAndOneThatNobodyHasSaidIsSaidLast() {
        List<PackLine> mixes = of(
                packed(
                        1,
                        List.of(),
                        saw("04", 1.5),
                        saw("07", Power.PETROL, 1.5, 40, 720.0, 13.0, Packs.SIXTY_SIX),
                        saw("09", Power.PETROL, 1.5, null, 460.0, 13.0, Packs.SIXTY_SIX),
                        saw("14", Power.BATTERY, 4, null, null, 13.0, Packs.SIXTY_SIX)),
                PackKind.FUEL_MIX);
        assertThat(mixes).extracting(PackLine::name).containsExactly("40", "50", "?");
        assertThat(mixes).extracting(PackLine::saws).containsExactly(List.of("07"), List.of("04"), List.of("09"));
    }

    @Test
    void aTankThatNobodyHasMeasuredIsGuessedAndSaid() {
        PackLine fuel = line(
                packed(1, List.of(), Packs.saw("04", Power.PETROL, 1, 50, null, 13.0, Packs.SIXTY_SIX), saw("07", 1)),
                PackKind.FUEL_MIX,
                "50");
        // 500 mL stand for the unknown one: (500 + 460) × 1.2 = 1,152.
        assertThat(fuel.amount()).isCloseTo(1500, within(1e-6));
        assertThat(fuel.guessed()).containsExactly("04");
    }

    @ParameterizedTest(name = "{0} tanks: {1}")
    @CsvSource({"0.5, 1", "10, 1", "10.1, 2", "20, 2", "35, 4"})
    void aSpareLoopForEachSawAndAnotherForEachTenTanks(double tanks, int loops) {
        assertThat(DayPack.loops(tanks, Numbers.STANDARD)).isEqualTo(loops);
    }

    @Test
    void aLoopThatHasRunGoesBeforeANewOneAndANewOneIsSoaked() {
        List<PackLine> loops =
                of(packed(1, List.of(loop("YC-32", true), loop("YC-40", false)), saw("04", 1)), PackKind.LOOP);
        assertThat(loops).extracting(PackLine::name).containsExactly("YC-40");
        assertThat(loops.get(0).soaks()).isFalse();
        loops = of(packed(1, List.of(loop("YC-32", true)), saw("04", 1)), PackKind.LOOP);
        assertThat(loops.get(0).soaks()).isTrue();
        assertThat(loops.get(0).missing()).isZero();
    }

    @Test
    void whatWasTickedOffStaysThoughAnotherWouldGoFirst() {
        List<PackLine> pack = DayPack.of(
                new Trip(1, false),
                List.of(saw("04", 1)),
                List.of(loop("YC-32", true), loop("YC-40", false)),
                Set.of("YC-32"),
                NONE_KEPT,
                FuelUnit.LITRE,
                Numbers.STANDARD);
        assertThat(DayPack.loopsOf(pack)).containsExactly("YC-32");
    }

    @Test
    void aLoopThatIsNotThereIsMissingByWhatItIs() {
        ShelfLoop other = new ShelfLoop("YC-50", Packs.SIXTY_EIGHT.words(), Packs.SIXTY_EIGHT, false);
        List<PackLine> pack = packed(1, List.of(other), saw("04", 1), saw("05", 1));
        PackLine missing = line(pack, PackKind.LOOP, ".325\" .050\", 66 drive links");
        assertThat(missing.missing()).isEqualTo(2);
        assertThat(missing.saws()).containsExactly("04", "05");
        assertThat(DayPack.loopsOf(pack)).isEmpty();
    }

    /** On any shelf: no loop twice, each fits, none lies there unused while a saw goes without, and none has two while another has none. */
    @Test
    void loopsAreSharedOut() {
        Random random = new Random(19);
        for (int trial = 0; trial < 500; trial++) {
            List<PackSaw> saws = new ArrayList<>();
            for (int i = 0; i <= random.nextInt(5); i++) {
                saws.add(Packs.saw(
                        "S" + i,
                        Power.PETROL,
                        1 + random.nextInt(12),
                        50,
                        460.0,
                        13.0,
                        random.nextBoolean() ? Packs.SIXTY_SIX : Packs.SIXTY_EIGHT));
            }
            List<ShelfLoop> shelf = new ArrayList<>();
            for (int i = 0; i < random.nextInt(8); i++) {
                var spec = random.nextBoolean() ? Packs.SIXTY_SIX : Packs.SIXTY_EIGHT;
                shelf.add(new ShelfLoop("C" + i, spec.words(), spec, random.nextBoolean()));
            }
            int days = 1 + random.nextInt(4);
            List<PackLine> loops = of(packed(days, shelf, saws.toArray(PackSaw[]::new)), PackKind.LOOP);
            Set<String> taken = DayPack.loopsOf(loops);
            assertThat(taken).hasSize((int)
                    loops.stream().filter(line -> line.there() == null).count());
            Map<String, Integer> has = new HashMap<>();
            for (PackLine line : loops) {
                for (String tag : line.saws()) {
                    PackSaw saw = saws.stream()
                            .filter(one -> one.tag().equals(tag))
                            .findFirst()
                            .orElseThrow();
                    if (line.there() == null) {
                        assertThat(shelf).anyMatch(one -> one.tag().equals(line.name()) && one.fits(saw));
                        has.merge(tag, 1, Integer::sum);
                    } else {
                        assertThat(shelf).noneMatch(one -> !taken.contains(one.tag()) && one.fits(saw));
                    }
                }
            }
            for (PackSaw poor : saws) {
                for (PackSaw rich : saws) {
                    boolean same = poor.bar().driveLinks() == rich.bar().driveLinks();
                    boolean without = !has.containsKey(poor.tag());
                    assertThat(same && without && has.getOrDefault(rich.tag(), 0) > 1)
                            .isFalse();
                }
            }
        }
    }

    @Test
    void filesGoBySizeAndByHowOftenItIsSharpened() {
        // 3 tanks a sharpening, 6 sharpenings a file: 24 tanks want 8 and so 2 files.
        List<PackLine> pack = packed(4, List.of(), stores(1.0, null), FuelUnit.LITRE, saw("04", 3), saw("07", 3));
        PackLine files = line(pack, PackKind.ROUND_FILE, "4.8");
        assertThat(files.amount()).isEqualTo(2);
        assertThat(files.missing()).isEqualTo(1);
        assertThat(files.saws()).containsExactly("04", "07");
    }

    @Test
    void toolsGoByNutSizeAndWhatIsOpenedByHandNeedsNone() {
        List<PackLine> pack = packed(
                1,
                List.of(),
                saw("04", 1),
                saw("05", 1),
                saw("06", 1),
                Packs.with(saw("07", 1), new PackSaw.Nuts(19.0, false, false)),
                Packs.with(saw("08", 1), new PackSaw.Nuts(null, false, false)),
                Packs.with(saw("09", 1), new PackSaw.Nuts(null, false, true)));
        assertThat(of(pack, PackKind.NUT_KEY))
                .extracting(PackLine::name, PackLine::amount)
                .containsExactly(tuple("13", 2.0), tuple("19", 1.0), tuple("?", 1.0));
        // Nuts that stay in the cover are not lost.
        assertThat(of(pack, PackKind.BAR_NUT)).extracting(PackLine::name).containsExactly("19", "?");
        assertThat(of(pack, PackKind.SCREWDRIVER)).extracting(PackLine::amount).containsExactly(3.0);
        assertThat(of(pack, PackKind.SAW)).hasSize(6);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"PETROL, FUEL_MIX PLUG", "BATTERY, CHARGES", "CORDED, CABLE"})
    void eachDriveHasItsOwn(Power power, String kinds) {
        List<PackLine> pack = packed(1, List.of(), Packs.saw("14", power, 3, 50, 460.0, 13.0, Packs.SIXTY_SIX));
        Set<PackKind> own = Set.of(PackKind.FUEL_MIX, PackKind.PLUG, PackKind.CHARGES, PackKind.CABLE);
        assertThat(pack.stream().map(PackLine::kind).filter(own::contains).map(PackKind::name))
                .containsExactly(kinds.split(" "));
    }

    @Test
    void theOilThatIsThereSaysHowMuchCanBeMixed() {
        // 1 L at 40:1 takes 25 mL of the 30; what is left makes 250 mL at 50:1.
        List<PackLine> mixes = of(
                packed(
                        1,
                        List.of(),
                        stores(1.0, 30.0),
                        FuelUnit.LITRE,
                        saw("04", 1.5),
                        Packs.saw("07", Power.PETROL, 1.5, 40, 460.0, 13.0, Packs.SIXTY_SIX)),
                PackKind.FUEL_MIX);
        assertThat(mixes)
                .extracting(PackLine::missing)
                .satisfiesExactly(
                        forty -> assertThat(forty).isZero(),
                        fifty -> assertThat(fifty).isCloseTo(750, within(1e-6)));
    }

    @Test
    void anExtinguisherGoesInTheFireSeasonOnly() {
        List<PackLine> dry = DayPack.of(
                new Trip(1, true),
                List.of(saw("04", 1)),
                List.of(),
                Set.of(),
                NONE_KEPT,
                FuelUnit.LITRE,
                Numbers.STANDARD);
        assertThat(of(dry, PackKind.EXTINGUISHER)).hasSize(1);
        assertThat(of(packed(1, List.of(), saw("04", 1)), PackKind.EXTINGUISHER))
                .isEmpty();
        assertThat(packed(1, List.of())).isEmpty();
        assertThatThrownBy(() -> new Trip(0, false)).isInstanceOf(IllegalArgumentException.class);
    }

    /** Longer away, or more saws: never less of anything. */
    @Test
    void moreIsNeverLess() {
        Random random = new Random(7);
        for (int trial = 0; trial < 300; trial++) {
            List<PackSaw> saws = new ArrayList<>();
            for (int i = 0; i <= random.nextInt(4); i++) {
                saws.add(Packs.saw(
                        "S" + i,
                        Power.values()[random.nextInt(3)],
                        0.5 + 4 * random.nextDouble(),
                        random.nextBoolean() ? 50 : 40,
                        460.0,
                        13.0,
                        Packs.SIXTY_SIX));
            }
            int days = 1 + random.nextInt(5);
            List<PackLine> less = packed(days, List.of(), saws.toArray(PackSaw[]::new));
            List<PackLine> longer = packed(days + 1, List.of(), saws.toArray(PackSaw[]::new));
            saws.add(saw("S9", 1));
            List<PackLine> more = packed(days, List.of(), saws.toArray(PackSaw[]::new));
            for (PackLine line : less) {
                assertThat(line(longer, line.kind(), line.name()).amount()).isGreaterThanOrEqualTo(line.amount());
                assertThat(line(more, line.kind(), line.name()).amount()).isGreaterThanOrEqualTo(line.amount());
            }
        }
    }

    @ParameterizedTest(name = "{0} mL ticked of {1}: {2}")
    @CsvSource({"2000, 2000, true", "1500, 2000, false", "2500, 2000, true", "1999.9999999, 2000, true"})
    void whatWasTickedHoldsForSoMuch(double ticked, double amount, boolean enough) {
        PackLine line =
                new PackLine(PackKind.BAR_OIL, "BAR_OIL", null, amount, null, List.of(), null, false, List.of());
        assertThat(line.metBy(ticked)).isEqualTo(enough);
    }
}
