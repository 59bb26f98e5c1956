package yellowtally.core.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import yellowtally.core.bar.BarSetting;
import yellowtally.core.oiling.OilingSetting;
import yellowtally.core.settings.NumberSetting;
import yellowtally.core.settings.Numbers;

class HouseNumbersTest {

    static Stream<NumberSetting> all() {
        return HouseNumbers.list().stream();
    }

    /** Every pair of neighbours: the upper one and the one that it must stay over. */
    static Stream<NumberSetting> upper() {
        return all().filter(setting -> setting.over() != null);
    }

    @ParameterizedTest
    @MethodSource("all")
    void aValueMayStandOnTheEndsOfItsRangeAndNotBeyond(NumberSetting setting) {
        assertThat(setting.min()).isLessThan(setting.max());
        for (double at : new double[] {setting.min(), setting.max()}) {
            assertThat(new Numbers(Map.of(setting, at)).of(setting)).isEqualTo(at);
        }
        for (double at : new double[] {setting.min() - 1e-3, setting.max() + 1e-3, Double.NaN}) {
            assertThatIllegalArgumentException().isThrownBy(() -> new Numbers(Map.of(setting, at)));
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void aStandardLiesInItsRangeAndSaysWhyAndWhereFrom(NumberSetting setting) {
        assertThat(setting.standard()).isBetween(setting.min(), setting.max());
        assertThat(setting.why()).endsWith(".");
        assertThat(setting.source()).isEqualTo(setting.estimated() ? "starting estimate" : setting.source());
        assertThat(setting.key()).matches("[a-z0-9.-]+").hasSizeLessThanOrEqualTo(60);
    }

    @Test
    void keysAreUnique() {
        List<String> keys = all().map(NumberSetting::key).toList();
        Set<String> once = new HashSet<>(keys);
        assertThat(once).hasSameSizeAs(keys);
    }

    @Test
    void aChangedValueHoldsAndOneOutsideItsRangeIsRefused() {
        Numbers changed = new Numbers(Map.of(BarSetting.RAILS_DRESS, 0.3));
        assertThat(changed.of(BarSetting.RAILS_DRESS)).isEqualTo(0.3);
        assertThat(changed.of(BarSetting.RAILS_SCRAP)).isEqualTo(0.8);
        assertThatIllegalArgumentException().isThrownBy(() -> new Numbers(Map.of(BarSetting.RAILS_DRESS, 5.0)));
    }

    @Test
    void theStandardValuesAgreeWithEachOther() {
        assertThat(HouseNumbers.disorder(Numbers.STANDARD)).isEmpty();
        assertThat(upper().map(NumberSetting::key))
                .contains(
                        "tension.ratio.throw-over",
                        "bar.rails.scrap-over",
                        "drive.sprocket.replace-from",
                        "edge.gauge.kickback-over",
                        "edge.cutter.new.quarter",
                        "oiling.ratio.low-under",
                        "oiling.ratio.high-over");
    }

    /** A lower limit on its upper neighbour, or over it, is named; just under it the two agree. */
    @ParameterizedTest
    @MethodSource("upper")
    void aLimitThatReachesItsNeighbourIsNamed(NumberSetting upper) {
        NumberSetting lower = upper.over();
        double at = Math.min(lower.max(), Math.max(upper.min(), upper.standard()));
        if (at < upper.min() || at > upper.max()) {
            return;
        }
        Numbers level = new Numbers(Map.of(lower, at, upper, at));
        assertThat(HouseNumbers.disorder(level)).contains(new Numbers.Disorder(lower, upper));
        if (at - 1e-6 >= lower.min()) {
            assertThat(HouseNumbers.disorder(new Numbers(Map.of(lower, at - 1e-6, upper, at))))
                    .doesNotContain(new Numbers.Disorder(lower, upper));
        }
    }

    /** What an officer could do before: half a millimetre scraps a bar, a healthy use of oil holds a saw. */
    @Test
    void limitsThatCrossAreFoundInEveryRoom() {
        assertThat(HouseNumbers.disorder(new Numbers(Map.of(BarSetting.RAILS_DRESS, 0.8, BarSetting.RAILS_SCRAP, 0.3))))
                .containsExactly(new Numbers.Disorder(BarSetting.RAILS_DRESS, BarSetting.RAILS_SCRAP));
        assertThat(HouseNumbers.disorder(new Numbers(Map.of(OilingSetting.NONE_UNDER, 2.0))))
                .containsExactly(new Numbers.Disorder(OilingSetting.NONE_UNDER, OilingSetting.LOW_UNDER));
    }

    @Test
    void aNumberIsFoundByItsKey() {
        assertThat(HouseNumbers.find("bar.rails.scrap-over")).contains(BarSetting.RAILS_SCRAP);
        assertThat(HouseNumbers.find("bar.rails")).isEmpty();
    }
}
