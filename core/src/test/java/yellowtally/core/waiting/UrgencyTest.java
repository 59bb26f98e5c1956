package yellowtally.core.waiting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import yellowtally.core.waiting.GrowthWaits.GrowthMatter;
import yellowtally.core.waiting.OilWaits.OilMatter;
import yellowtally.core.waiting.RecheckWaits.RecheckMatter;
import yellowtally.core.waiting.TensionWaits.TensionMatter;

/** One order over all kinds of work, read off the kinds themselves: none can be forgotten. */
class UrgencyTest {

    /** Every code that a kind of work can have. */
    private static List<Object> codes() {
        List<Object> codes = new ArrayList<>();
        for (Class<?> kind : Waiting.class.getPermittedSubclasses()) {
            Class<?> what = kind.getRecordComponents()[0].getType();
            codes.addAll(Arrays.asList(what.getEnumConstants()));
        }
        return codes;
    }

    @Test
    void everyCodeHasItsPlaceOnceAndANameOfItsOwn() {
        assertThat(Urgency.ORDER).hasSize(49).doesNotHaveDuplicates();
        assertThat(codes()).containsExactlyInAnyOrderElementsOf(Urgency.ORDER);
        assertThat(Urgency.ORDER).extracting(Enum::name).doesNotHaveDuplicates();
    }

    @Test
    void holdsComeFirstThenTheOrderThenTheExtent() {
        List<Waiting> work = new ArrayList<>(List.of(
                RecheckWaits.of(RecheckMatter.RECHECK_AFTER_FIRST_TANK_WAITS, 2),
                GrowthWaits.of(GrowthMatter.GROWN_TO_LIMIT, 2.1),
                OilWaits.of(OilMatter.NOT_OILING, 0.1),
                TensionWaits.of(TensionMatter.LOOSE),
                GrowthWaits.of(GrowthMatter.GROWN_TO_LIMIT, 2.6),
                TensionWaits.of(TensionMatter.THROW_RISK)));
        work.sort(Urgency.MOST_URGENT_FIRST);
        assertThat(work)
                .extracting(waits -> waits.what().name())
                .containsExactly(
                        "THROW_RISK",
                        "NOT_OILING",
                        "LOOSE",
                        "GROWN_TO_LIMIT",
                        "GROWN_TO_LIMIT",
                        "RECHECK_AFTER_FIRST_TANK_WAITS");
        assertThat(work.get(3).extent()).isEqualTo(2.6);
    }
}
