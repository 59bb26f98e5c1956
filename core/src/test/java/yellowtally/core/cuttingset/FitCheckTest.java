package yellowtally.core.cuttingset;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FitCheckTest {

    private static final BarSpec BAR = new BarSpec(18 * 25.4, Pitch.P_325, Gauge.G_050, 68, NoseKind.SEALED_SPROCKET);
    private static final LoopSpec LOOP = new LoopSpec(Pitch.P_325, Gauge.G_050, 68);
    private static final SprocketSpec SPROCKET = new SprocketSpec(SprocketKind.RIM, 7, Pitch.P_325);

    @Test
    void aMatchingSetFits() {
        assertThat(FitCheck.misfits(LOOP, BAR, SPROCKET)).isEmpty();
    }

    @Test
    void tellsDriveLinksThatAreShort() {
        assertThat(FitCheck.misfits(new LoopSpec(Pitch.P_325, Gauge.G_050, 66), BAR, SPROCKET))
                .containsExactly(new Misfit(Misfit.Kind.DRIVE_LINKS_AND_BAR, "66", "68"));
    }

    @Test
    void gathersAllMisfitsAtOnce() {
        LoopSpec other = new LoopSpec(Pitch.P_3_8, Gauge.G_058, 60);
        assertThat(FitCheck.misfits(other, BAR, SPROCKET))
                .extracting(Misfit::kind)
                .containsExactly(
                        Misfit.Kind.CHAIN_PITCH_AND_SPROCKET,
                        Misfit.Kind.CHAIN_PITCH_AND_BAR,
                        Misfit.Kind.CHAIN_GAUGE_AND_BAR,
                        Misfit.Kind.DRIVE_LINKS_AND_BAR);
    }

    @Test
    void lowProfileAndFullThreeEighthsAreTwoPitches() {
        LoopSpec low = new LoopSpec(Pitch.P_3_8_LOW_PROFILE, Gauge.G_050, 52);
        BarSpec full = new BarSpec(14 * 25.4, Pitch.P_3_8, Gauge.G_050, 52, NoseKind.SOLID);
        assertThat(FitCheck.misfits(low, full, null))
                .containsExactly(new Misfit(Misfit.Kind.CHAIN_PITCH_AND_BAR, "3/8\" low profile", "3/8\""));
    }

    @Test
    void partsNotChosenYetAreLeftOut() {
        assertThat(FitCheck.misfits(null, BAR, new SprocketSpec(SprocketKind.SPUR, 7, Pitch.P_404)))
                .containsExactly(new Misfit(Misfit.Kind.SPROCKET_PITCH_AND_BAR, ".404\"", ".325\""));
        assertThat(FitCheck.misfits(null, BAR, null)).isEmpty();
        assertThat(FitCheck.misfits(null, null, null)).isEqualTo(List.of());
    }

    @ParameterizedTest
    @CsvSource({"P_325, 68, 1122.68", "P_3_8, 72, 1371.6", "P_1_4, 60, 762"})
    void loopLengthIsDriveLinksTimesTwicePitch(Pitch pitch, int driveLinks, double mm) {
        assertThat(new LoopSpec(pitch, Gauge.G_050, driveLinks).lengthMm()).isCloseTo(mm, within(1e-6));
    }

    @Test
    void refusesAbsurdParts() {
        assertThatThrownBy(() -> new LoopSpec(Pitch.P_325, Gauge.G_050, 3))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new BarSpec(Double.NaN, Pitch.P_325, Gauge.G_050, 68, NoseKind.SOLID))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new SprocketSpec(SprocketKind.RIM, 40, Pitch.P_325))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
