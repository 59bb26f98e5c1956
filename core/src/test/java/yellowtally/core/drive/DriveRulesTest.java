package yellowtally.core.drive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.settings.Numbers;

class DriveRulesTest {

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                // growth, new loop, sprocket wear, sprocket new, sister growth, what speaks against it
                "-,   true,  0.10, false, -,   ''",
                "-,   true,  0.30, false, -,   NEW_LOOP_ON_WORN_SPROCKET",
                "-,   true,  -,    false, -,   SPROCKET_NOT_MEASURED",
                "-,   true,  -,    true,  -,   ''",
                "0.4, false, -,    true,  -,   ''",
                "1.2, false, -,    true,  -,   WORN_LOOP_ON_NEW_SPROCKET",
                "1.2, false, -,    false, -,   ''",
                "0.2, false, 0.10, false, 0.9, LOOPS_APART",
                "0.5, false, 0.10, false, 0.9, ''",
                "-,   true,  0.40, false, 1.4, NEW_LOOP_ON_WORN_SPROCKET+LOOPS_APART",
            })
    void whatSpeaksAgainstAPair(
            Double growth, boolean isNew, Double sprocket, boolean sprocketNew, Double sister, String expected) {
        Set<Pairing.PairingNote> notes =
                Pairing.notes(new Pairing.Pair(growth, isNew, sprocket, sprocketNew, sister), Numbers.STANDARD);
        assertThat(notes)
                .isEqualTo(Arrays.stream(expected.split("\\+"))
                        .filter(s -> !s.isEmpty())
                        .map(Pairing.PairingNote::valueOf)
                        .collect(Collectors.toSet()));
    }

    @Test
    void theLeastWornLoopIsNext() {
        Rotation.Loop worn = new Rotation.Loop("YC-01", 0.8, 40);
        Rotation.Loop fresh = new Rotation.Loop("YC-02", 0.2, 12);
        Rotation.Loop same = new Rotation.Loop("YC-03", 0.2, 15);
        assertThat(Rotation.next(List.of(worn, same, fresh))).contains(fresh);
        assertThat(Rotation.next(List.of())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"0, 1, 3", "0.9, 1, 3", "1, 0, 2", "1.99, 0, 2", "2, -1, 1", "3.5, -2, 0"})
    void withoutMeasuringWornOutLoopsAreCounted(double wornOut, int sprocketLeft, int barLeft) {
        assertThat(Cadence.sprocketLoopsLeft(wornOut, Numbers.STANDARD)).isEqualTo(sprocketLeft);
        assertThat(Cadence.barLoopsLeft(wornOut, Numbers.STANDARD)).isEqualTo(barLeft);
    }

    /** Loops of 70 tanks: sisters in rotation count as they wear, one that only hung there for nothing, none for more than one. */
    @ParameterizedTest
    @CsvSource({"'', 0", "35, 0.5", "35 35, 1", "0 0 0, 0", "140, 1", "70 70 7, 2.1"})
    void loopsCountAsFarAsTheyRan(String tanks, double wornOut) {
        List<Double> ran = tanks.isEmpty()
                ? List.of()
                : Arrays.stream(tanks.split(" ")).map(Double::valueOf).toList();
        assertThat(LoopsRun.wornOut(ran, 70)).isCloseTo(wornOut, within(1e-9));
    }

    @Test
    void theSecondSchoolWaitsForThreeLoops() {
        Numbers three = new Numbers(Map.of(DriveSetting.LOOPS_PER_SPROCKET, 3.0));
        assertThat(Cadence.sprocketLoopsLeft(1.2, three)).isEqualTo(1);
        assertThat(Cadence.barLoopsLeft(1.2, three)).isEqualTo(4);
    }
}
