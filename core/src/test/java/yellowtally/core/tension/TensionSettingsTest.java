package yellowtally.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import yellowtally.core.settings.Numbers;

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
        assertThat(Numbers.STANDARD.disorder(List.of(TensionSetting.values()))).isEmpty();
    }

    @Test
    void aLimitThatPassesItsNeighbourIsNamed() {
        Numbers changed = new Numbers(Map.of(TensionSetting.RATIO_FIRM, 0.2));
        assertThat(changed.disorder(List.of(TensionSetting.values())))
                .containsExactly(new Numbers.Disorder(TensionSetting.RATIO_TOO_TIGHT, TensionSetting.RATIO_FIRM));
    }

    @Test
    void valuesOutsideTheirRangeAreRefused() {
        assertThatThrownBy(() -> new Numbers(Map.of(TensionSetting.TANG_325, -1.0)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Numbers(Map.of(TensionSetting.TANG_325, Double.NaN)))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aChangedTargetFollows() {
        Numbers changed = new Numbers(Map.of(TensionSetting.WORK_FELLING, 1.2));
        assertThat(TensionTarget.pullDownMm(Readings.EIGHTEEN_INCH, changed))
                .isGreaterThan(TensionTarget.pullDownMm(Readings.EIGHTEEN_INCH, Numbers.STANDARD));
    }
}
