package yellowtally.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import yellowtally.core.diagnosis.FinderTrial.Hardship;
import yellowtally.core.diagnosis.FinderTrial.Order;
import yellowtally.core.diagnosis.FinderTrial.Result;
import yellowtally.core.steps.Profiles;

/** What a saw has, every kind that there can be, and the trial that plays them. */
class SawTraitTest {

    @Test
    void readOffTheSaw() {
        assertThat(SawTrait.of(Profiles.petrol()))
                .containsExactlyInAnyOrder(
                        SawTrait.PETROL,
                        SawTrait.AUTOMATIC_OILER,
                        SawTrait.DRIVEN_OILER,
                        SawTrait.ADJUSTABLE_OILER,
                        SawTrait.ARRESTOR,
                        SawTrait.BRAKE_IN_COVER,
                        SawTrait.TURNING_NOSE);
        assertThat(SawTrait.of(Profiles.battery()))
                .containsExactlyInAnyOrder(
                        SawTrait.ELECTRIC,
                        SawTrait.BATTERY,
                        SawTrait.AUTOMATIC_OILER,
                        SawTrait.DRIVEN_OILER,
                        SawTrait.TURNING_NOSE);
        assertThat(SawTrait.of(Profiles.bare())).doesNotContain(SawTrait.TURNING_NOSE, SawTrait.ARRESTOR);
    }

    @Test
    void everyKindIsThereOnceAndMakesSense() {
        List<Set<SawTrait>> kinds = SawKinds.all();
        assertThat(new HashSet<>(kinds)).hasSameSizeAs(kinds);
        assertThat(kinds).allSatisfy(kind -> {
            assertThat(kind.contains(SawTrait.PETROL)).isNotEqualTo(kind.contains(SawTrait.ELECTRIC));
            assertThat(kind.contains(SawTrait.AUTOMATIC_OILER)).isNotEqualTo(kind.contains(SawTrait.HAND_BULB));
            if (kind.contains(SawTrait.ARRESTOR)) {
                assertThat(kind).contains(SawTrait.PETROL);
            }
            if (kind.contains(SawTrait.ADJUSTABLE_OILER)) {
                assertThat(kind).contains(SawTrait.DRIVEN_OILER);
            }
            if (kind.contains(SawTrait.PRESSURE_OILER)) {
                assertThat(kind).contains(SawTrait.PETROL).doesNotContain(SawTrait.DRIVEN_OILER);
            }
        });
    }

    @Test
    void aPartThatASawHasNotIsNoCauseOnIt() {
        Set<SawTrait> battery = SawTrait.of(Profiles.battery());
        Cause petrolOnly = new Cause(
                "x", "x", List.of(), null, Set.of(), false, false, true, Set.of(SawTrait.PETROL), Map.of(), Set.of());
        assertThat(petrolOnly.possibleOn(battery)).isFalse();
        assertThat(petrolOnly.possibleOn(SawTrait.of(Profiles.petrol()))).isTrue();
    }

    @Test
    void aTrialPlaysTheSameFaultsAgain() {
        FinderTrial trial = new FinderTrial(SmallKnowledge.BASE, Hardship.off(0.3), 5);
        Result once = trial.play(300, Order.FINDER);
        assertThat(trial.play(300, Order.FINDER)).isEqualTo(once);
        assertThat(once.found() + once.wrong()).isLessThanOrEqualTo(1);
        assertThat(once.found()).isGreaterThan(once.wrong());
        for (Order order : Order.values()) {
            assertThat(trial.play(300, order).meanMinutes()).isPositive();
        }
    }

    @Test
    void moreDisturbedAnswersAreNeverFoundBetterByMuch() {
        double before = 1;
        for (double off : new double[] {0, 0.3, 0.6, 0.9}) {
            double found = new FinderTrial(SmallKnowledge.BASE, Hardship.off(off), 9)
                    .play(1_500, Order.FINDER)
                    .found();
            assertThat(found).isLessThanOrEqualTo(before + 0.05);
            before = found;
        }
    }
}
