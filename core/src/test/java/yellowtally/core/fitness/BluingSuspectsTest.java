package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.fitness.Served.entry;
import static yellowtally.core.schedule.Uses.at;
import static yellowtally.core.schedule.Uses.outing;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.bar.Bluing.BluedBy;
import yellowtally.core.holds.Hold;
import yellowtally.core.oiling.OilUse;
import yellowtally.core.schedule.DueEvent;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.tension.TensionOutcome;

/** Bluing is never only noted: the records say which of dull, tight and dry it may have been. */
class BluingSuspectsTest {

    private static List<BluedBy> suspects(Served saw) {
        return BluingSuspects.of(saw.assess(5));
    }

    @Test
    void aServedSawHasNone() {
        assertThat(suspects(Served.onDayOne())).isEmpty();
    }

    /** Three tanks are the limit of an edge. */
    @ParameterizedTest
    @CsvSource({"2.9, false", "3.0, true", "4.0, true"})
    void anEdgePastItsLimitIsDull(double tanks, boolean dull) {
        Served saw = Served.onDayOne().uses(List.of(outing(3, tanks)));
        assertThat(suspects(saw).contains(BluedBy.DULL)).isEqualTo(dull);
    }

    @Test
    void dustIsDullHoweverFewTheTanks() {
        Served saw = Served.onDayOne().uses(List.of(outing(3, 0.2, Set.of(), Set.of(DueEvent.DUST_SEEN))));
        assertThat(suspects(saw)).containsExactly(BluedBy.DULL);
    }

    @ParameterizedTest
    @CsvSource({"TOO_TIGHT, true", "FIRM, false", "RIGHT, false", "LOOSE, false"})
    void onlyAChainThatWasReadTooTightIsTight(TensionOutcome outcome, boolean tight) {
        Served saw = Served.onDayOne().read(3, outcome);
        assertThat(suspects(saw).contains(BluedBy.TIGHT)).isEqualTo(tight);
    }

    /** A card without oil fails, and holds; so it is told with the hold. */
    private static Hold noOil() {
        return Hold.failed("card", at(3, 12), Step.OIL_CARD, Set.of(Finding.OIL_NONE), Served.ALL);
    }

    @Test
    void aDoubtfulCardIsDry() {
        Served faint = Served.onDayOne(entry(3, Step.OIL_CARD, StepOutcome.ATTEND, Finding.OIL_FAINT));
        assertThat(suspects(faint)).containsExactly(BluedBy.DRY);
        Served none = Served.onDayOne(entry(3, Step.OIL_CARD, StepOutcome.FAIL, Finding.OIL_NONE))
                .holds(noOil());
        assertThat(suspects(none)).containsExactly(BluedBy.DRY);
    }

    /** Oil for three tanks of fuel: under 0.6 of it is low, under 0.3 none. A passing card since says it is right again. */
    @ParameterizedTest
    @CsvSource({"0.6, true", "1.5, true", "3.0, false"})
    void tooLittleOilBesideTheFuelIsDry(double oilTanks, boolean dry) {
        List<OilUse> used = List.of(new OilUse(at(3, 16), 3, oilTanks));
        assertThat(suspects(Served.onDayOne().oil(used)).contains(BluedBy.DRY)).isEqualTo(dry);
        Served carded =
                Served.onDayOne(entry(4, Step.OIL_CARD, StepOutcome.FINE)).oil(used);
        assertThat(suspects(carded)).doesNotContain(BluedBy.DRY);
    }

    @Test
    void allThreeTheStrongestFirst() {
        Served saw = Served.onDayOne(entry(3, Step.OIL_CARD, StepOutcome.FAIL, Finding.OIL_NONE))
                .holds(noOil())
                .uses(List.of(outing(3, 4)))
                .read(4, TensionOutcome.TOO_TIGHT);
        assertThat(suspects(saw)).containsExactly(BluedBy.DRY, BluedBy.TIGHT, BluedBy.DULL);
    }
}
