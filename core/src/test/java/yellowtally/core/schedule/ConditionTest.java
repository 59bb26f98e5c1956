package yellowtally.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.tension.Work;

class ConditionTest {

    private static <E extends Enum<E>> Set<E> words(Class<E> kind, String words) {
        Set<E> found = EnumSet.noneOf(kind);
        if (words != null) {
            Arrays.stream(words.split(" ")).forEach(word -> found.add(Enum.valueOf(kind, word)));
        }
        return found;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "FELLING         | SOFT        | false | ",
                "FELLING         | HARD        | false | HARD",
                "LIMBING BUCKING | HARD DIRTY  | true  | HARD DIRTY RAIN LIMBING",
                "BRUSH           | FROZEN      | false | FROZEN",
            })
    void whatItWentThrough(String works, String woods, boolean rain, String conditions) {
        assertThat(Condition.of(words(Wood.class, woods), words(Work.class, works), rain))
                .isEqualTo(words(Condition.class, conditions));
    }

    @Test
    void marksBecomeEvents() {
        assertThat(DueEvent.of(false, false, false, false, false)).isEmpty();
        assertThat(DueEvent.of(true, true, true, true, true))
                .containsExactlyInAnyOrder(
                        DueEvent.RAIN,
                        DueEvent.GROUND_STRUCK,
                        DueEvent.DUST_SEEN,
                        DueEvent.CHAIN_SLACK,
                        DueEvent.COMPLAINT);
    }

    /** Frozen wood dulls like hard wood, and wants the same blunter angle. */
    @ParameterizedTest
    @CsvSource({"HARD, true", "FROZEN, true", "DIRTY, false", "RAIN, false", "LIMBING, false"})
    void hardAndFrozenWoodAreFiledAlike(Condition condition, boolean asHard) {
        assertThat(condition.filedAsHard()).isEqualTo(asHard);
    }
}
