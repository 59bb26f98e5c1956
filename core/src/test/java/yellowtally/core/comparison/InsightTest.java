package yellowtally.core.comparison;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.edge.Side;
import yellowtally.core.settings.Numbers;
import yellowtally.core.wear.WearPoint;

class InsightTest {

    private static final Numbers STANDARD = Numbers.STANDARD;

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "0.15, 0.10;0.10;0.12, -",
                "0.16, 0.10;0.10;0.12, 1.6",
                "0.30, 0.10;0.10;0.12, 3.0",
                "0.30, 0.10;0.10,      -",
                "0.30, 0;0;0,          -",
            })
    void aSawThatEatsEdgesStandsOutAmongItsSisters(double own, String others, Double times) {
        List<Double> sisters = Stream.of(others.split(";")).map(Double::valueOf).toList();
        var found = EdgeEater.of(own, sisters, STANDARD);
        assertThat(found.isPresent()).isEqualTo(times != null);
        found.ifPresent(eater -> assertThat(eater.times()).isCloseTo(times, within(1e-9)));
    }

    private static WearPoint point(int hour, double tanks, double mm) {
        return new WearPoint(Instant.EPOCH.plusSeconds(hour * 3600L), tanks, mm);
    }

    @Test
    void theOutingThatCostMostIsNamed() {
        List<WearPoint> lengths =
                List.of(point(0, 0, 9.0), point(1, 3, 8.7), point(2, 6, 8.4), point(3, 9, 7.5), point(4, 12, 7.2));
        List<CostlyStretch> found = CostlyStretch.of(lengths, STANDARD);
        assertThat(found).singleElement().satisfies(stretch -> {
            assertThat(stretch.from()).isEqualTo(lengths.get(2).at());
            assertThat(stretch.mmPerTank()).isCloseTo(0.3, within(1e-9));
            assertThat(stretch.usualMmPerTank()).isCloseTo(0.1, within(1e-9));
        });
        assertThat(CostlyStretch.of(lengths.subList(0, 4), STANDARD)).isEmpty();
    }

    @Test
    void aSideIsNamedOnlyWhenItIsNearlyAlwaysTheShorter() {
        ShorterSide found = ShorterSide.of(List.of(-0.2, -0.3, -0.15, -0.25, 0.05), STANDARD)
                .orElseThrow();
        assertThat(found.side()).isEqualTo(Side.LEFT);
        assertThat(found.times()).isEqualTo(4);
        assertThat(found.meanMm()).isCloseTo(0.17, within(1e-9));
        assertThat(ShorterSide.of(List.of(0.2, 0.3, 0.15, 0.25), STANDARD)
                        .orElseThrow()
                        .side())
                .isEqualTo(Side.RIGHT);
        assertThat(ShorterSide.of(List.of(-0.2, -0.3, -0.15), STANDARD)).isEmpty();
        assertThat(ShorterSide.of(List.of(-0.2, 0.3, -0.15, 0.2), STANDARD)).isEmpty();
        assertThat(ShorterSide.of(List.of(-0.05, -0.02, -0.04, -0.03), STANDARD))
                .isEmpty();
    }
}
