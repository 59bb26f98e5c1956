package yellowtally.server.usage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collection;
import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.schedule.Condition;
import yellowtally.core.schedule.DueEvent;

class EnumWordsTest {

    @Test
    void writesAndReadsBackEveryChoice() {
        for (int bits = 0; bits < 1 << Wood.values().length; bits++) {
            Set<Wood> chosen = EnumSet.noneOf(Wood.class);
            for (Wood wood : Wood.values()) {
                if ((bits & 1 << wood.ordinal()) != 0) {
                    chosen.add(wood);
                }
            }
            assertThat(EnumWords.read(Wood.class, EnumWords.write(chosen))).isEqualTo(chosen);
        }
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
        Set<Condition> expected = EnumWords.read(Condition.class, conditions == null ? "" : conditions);
        Collection<Condition> found = EndedOuting.conditions(works, woods, rain);
        assertThat(found).containsExactlyInAnyOrderElementsOf(expected);
    }

    @Test
    void marksBecomeEvents() {
        assertThat(EndedOuting.events(false, false, false, false)).isEmpty();
        assertThat(EndedOuting.events(true, true, true, true))
                .containsExactlyInAnyOrder(
                        DueEvent.RAIN, DueEvent.GROUND_STRUCK, DueEvent.DUST_SEEN, DueEvent.COMPLAINT);
    }
}
