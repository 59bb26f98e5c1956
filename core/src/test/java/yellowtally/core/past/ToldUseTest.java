package yellowtally.core.past;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import yellowtally.core.schedule.UseUnit;

class ToldUseTest {

    private static final LocalDate FIRST = LocalDate.of(2025, 3, 1);
    private static final List<ToldUse> BOOK =
            List.of(new ToldUse(FIRST.plusDays(20), 1.5), new ToldUse(FIRST, 2), new ToldUse(FIRST.plusDays(40), 0.5));

    @ParameterizedTest
    @CsvSource({
        // The day of the service counts with it: nobody knows which came first.
        "2025-03-01, TANKS,   4",
        "2025-03-02, TANKS,   2",
        "2025-03-21, TANKS,   2",
        "2025-03-22, TANKS,   0.5",
        "2025-04-10, TANKS,   0.5",
        "2025-04-11, TANKS,   0",
        "2025-03-01, OUTINGS, 3",
        "2025-03-21, OUTINGS, 2",
        "2025-04-11, OUTINGS, 0",
        // Before the book begins nobody knows what was used.
        "2025-02-28, TANKS,   ",
        "2025-02-28, OUTINGS, ",
        "2025-03-21, SHARPENINGS, ",
        "2025-03-21, ,        ",
    })
    void whatWasUsedSinceAService(LocalDate done, @Nullable UseUnit unit, @Nullable Double since) {
        assertThat(ToldUse.since(BOOK, done, unit))
                .isEqualTo(since == null ? OptionalDouble.empty() : OptionalDouble.of(since));
    }

    @Test
    void withoutABookNobodyKnows() {
        assertThat(ToldUse.since(List.of(), FIRST, UseUnit.TANKS)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.1, 24.1, Double.NaN, Double.POSITIVE_INFINITY})
    void whatCannotBeIsNoUse(double tanks) {
        assertThatThrownBy(() -> new ToldUse(FIRST, tanks)).isInstanceOf(IllegalArgumentException.class);
    }

    /** An earlier service never has less behind it. */
    @Property
    void theLongerAgoTheMore(
            @ForAll @Size(min = 1, max = 40) List<@DoubleRange(min = 0, max = 24) Double> tanks,
            @ForAll @IntRange(min = 0, max = 90) int earlier,
            @ForAll @IntRange(min = 0, max = 90) int more) {
        List<ToldUse> book = IntStream.range(0, tanks.size())
                .mapToObj(i -> new ToldUse(FIRST.plusDays(i * 2L), tanks.get(i)))
                .toList();
        for (UseUnit unit : List.of(UseUnit.TANKS, UseUnit.OUTINGS)) {
            assertThat(ToldUse.since(book, FIRST.plusDays(earlier), unit).getAsDouble())
                    .isGreaterThanOrEqualTo(ToldUse.since(book, FIRST.plusDays(earlier + more), unit)
                            .getAsDouble());
        }
    }
}
