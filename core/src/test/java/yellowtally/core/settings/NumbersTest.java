package yellowtally.core.settings;

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
import yellowtally.core.access.AccessSetting;
import yellowtally.core.bar.BarSetting;
import yellowtally.core.brake.BrakeSetting;
import yellowtally.core.diagnosis.DiagnosisSetting;
import yellowtally.core.drive.DriveSetting;
import yellowtally.core.edge.EdgeSetting;
import yellowtally.core.engine.EngineSetting;
import yellowtally.core.insight.InsightSetting;
import yellowtally.core.oiling.OilingSetting;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.stores.StoresSetting;
import yellowtally.core.tension.TensionSetting;
import yellowtally.core.wear.WearSetting;

class NumbersTest {

    static Stream<NumberSetting> all() {
        return Stream.<NumberSetting[]>of(
                        TensionSetting.values(),
                        ScheduleSetting.values(),
                        AccessSetting.values(),
                        BarSetting.values(),
                        EdgeSetting.values(),
                        DriveSetting.values(),
                        BrakeSetting.values(),
                        EngineSetting.values(),
                        OilingSetting.values(),
                        DiagnosisSetting.values(),
                        InsightSetting.values(),
                        StoresSetting.values(),
                        WearSetting.values())
                .flatMap(Stream::of);
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
}
