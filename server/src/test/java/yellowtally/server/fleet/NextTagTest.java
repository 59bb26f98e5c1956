package yellowtally.server.fleet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NextTagTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "YC-31 | YC-31 YC-09 YB-40   | YC-32",
                "YC-9  | YC-9                | YC-10",
                "YC-09 | YC-09               | YC-10",
                "YC-99 | YC-99               | YC-100",
                "3     | 1 2 3 12            | 13",
                "L3    | 1 2 3 12 L3         | L4",
                "yc-02 | YC-05 yc-02         | yc-06",
                // Whatever most are written like.
                "      | 1 2 3 L9            | 4",
                "      | YC-01 YC-02 BERTHA  | YC-03",
                "      |                     | first",
                // A name tells no next one.
                "BERTHA | BERTHA             |",
                // A tag has twelve signs at most.
                "ABCDEFGH-999 | ABCDEFGH-999 |"
            })
    void theOneAfterThem(@Nullable String like, @Nullable String taken, @Nullable String next) {
        List<String> tags = taken == null ? List.of() : Arrays.asList(taken.split(" "));
        assertThat(NextTag.of(like, tags, "first")).isEqualTo(Optional.ofNullable(next));
        assertThat(tags).doesNotContain(String.valueOf(next));
    }
}
