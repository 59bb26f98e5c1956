package yellowtally.server.fleet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class TagOrderTest {

    private static final List<String> AS_COUNTED = List.of(
            "1",
            "02",
            "2",
            "2B",
            "10",
            "L2",
            "l3",
            "L10",
            "L10-2",
            "L10-10",
            "L99999999999999999999",
            "YS",
            "YS-1",
            "\u0663",
            "\u0663x");

    @Test
    void tagsComeAsAPersonCountsThem() {
        for (int seed = 0; seed < 50; seed++) {
            List<String> shuffled = new ArrayList<>(AS_COUNTED);
            Collections.shuffle(shuffled, new Random(seed));
            shuffled.sort(TagOrder.NATURAL);
            assertThat(shuffled).isEqualTo(AS_COUNTED);
        }
    }

    @Test
    void twoTagsAreEqualOnlyWhenTheyAreTheSame() {
        assertThat(TagOrder.NATURAL.compare("L1", "L1")).isZero();
        assertThat(TagOrder.NATURAL.compare("L01", "L1")).isNegative();
        assertThat(TagOrder.NATURAL.compare("l1", "L1")).isPositive();
    }
}
