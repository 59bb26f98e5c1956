package yellowtally.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class TensionSettingsTest {

    @ParameterizedTest
    @EnumSource(TensionSetting.class)
    void everyStandardValueIsInItsRangeAndSaysWhy(TensionSetting setting) {
        assertThat(setting.standard()).isBetween(setting.min(), setting.max());
        assertThat(setting.why()).endsWith(".");
        assertThat(setting.source()).isNotBlank();
    }

    @Test
    void keysAreUnique() {
        assertThat(TensionSetting.values()).extracting(TensionSetting::key).doesNotHaveDuplicates();
    }

    @Test
    void theStandardValuesAgreeWithEachOther() {
        assertThat(TensionSettings.STANDARD.disorder()).isEmpty();
    }

    @Test
    void aLimitThatPassesItsNeighbourIsNamed() {
        TensionSettings changed = new TensionSettings(Map.of(TensionSetting.RATIO_FIRM, 0.2));
        assertThat(changed.disorder())
                .containsExactly(
                        new TensionSettings.Disorder(TensionSetting.RATIO_TOO_TIGHT, TensionSetting.RATIO_FIRM));
    }

    @Test
    void valuesOutsideTheirRangeAreRefused() {
        assertThatThrownBy(() -> new TensionSettings(Map.of(TensionSetting.TANG_325, -1.0)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new TensionSettings(Map.of(TensionSetting.TANG_325, Double.NaN)))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aChangedTargetFollows() {
        TensionSettings changed = new TensionSettings(Map.of(TensionSetting.WORK_FELLING, 1.2));
        assertThat(TensionTarget.pullDownMm(Readings.EIGHTEEN_INCH, changed))
                .isGreaterThan(TensionTarget.pullDownMm(Readings.EIGHTEEN_INCH, TensionSettings.STANDARD));
    }
}
