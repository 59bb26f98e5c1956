package yellowtally.server.sharpening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.server.support.Refusal;

/** Messages of calipers, and the loop that the stand-in has in its hand. */
class CaliperFeedTest {

    private final CaliperFeed feed = new CaliperFeed();

    @Test
    void takesMillimetresAndInches() {
        assertThatCode(() -> {
                    feed.listen();
                    feed.accept(new CaliperMessage("bench", 1, 7.42, "mm"));
                    feed.accept(new CaliperMessage("bench", 1, 7.42, "mm"));
                    feed.accept(new CaliperMessage("bench", 2, 0.29, "in"));
                })
                .doesNotThrowAnyException();
    }

    @ParameterizedTest
    @CsvSource({"'', 7.4, mm", "bench, NaN, mm", "bench, 7.4, cm", "bench, Infinity, in"})
    void refusesWhatIsNoReading(String device, double value, String unit) {
        assertThatThrownBy(() -> feed.accept(new CaliperMessage(device, 1, value, unit)))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void theLoopInItsHandIsUnevenAndAlwaysTheSame() {
        UUID chain = UUID.randomUUID();
        SimulatedCaliper.Loop loop = new SimulatedCaliper.Loop(chain, 8.4, 0, 34, List.of());
        double left = IntStream.range(0, 17)
                .mapToDouble(i -> loop.length(2 * i))
                .average()
                .orElseThrow();
        double right = IntStream.range(0, 17)
                .mapToDouble(i -> loop.length(2 * i + 1))
                .average()
                .orElseThrow();
        assertThat(left - right).isBetween(0.25, 0.55);
        assertThat(new SimulatedCaliper.Loop(chain, 8.4, 5, 34, List.of()).length(3))
                .isEqualTo(loop.length(3));
    }

    @Test
    void everyStrokeTakesSomething() {
        UUID chain = UUID.randomUUID();
        double before = new SimulatedCaliper.Loop(chain, 8.4, 0, 34, List.of()).length(4);
        for (int made = 1; made < 8; made++) {
            List<Integer> strokes = Collections.nCopies(34, made);
            double after = new SimulatedCaliper.Loop(chain, 8.4, 0, 34, strokes).length(4);
            assertThat(after).isLessThan(before);
            before = after;
        }
    }
}
