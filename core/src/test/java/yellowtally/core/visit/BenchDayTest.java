package yellowtally.core.visit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BenchDayTest {

    @ParameterizedTest
    @CsvSource({
        "'',          120, 0,   0",
        "40,          120, 40,  1",
        "40 80,       120, 120, 2",
        "40 80 1,     120, 121, 2",
        "130 10,      120, 140, 0",
    })
    void whatFitsIntoTheDay(String minutes, double there, double planned, int fits) {
        List<Double> visits = minutes.isEmpty()
                ? List.of()
                : Arrays.stream(minutes.split(" ")).map(Double::valueOf).toList();
        assertThat(BenchDay.of(visits, there)).isEqualTo(new BenchDay(there, planned, fits));
    }
}
