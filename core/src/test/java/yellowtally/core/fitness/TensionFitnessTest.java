package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.settings.Numbers;
import yellowtally.core.tension.ChainGrowth;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.Grown;
import yellowtally.core.tension.TakeUp;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.tension.TensionRun;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.GrowthWaits.GrowthMatter;
import yellowtally.core.waiting.RecheckWaits.RecheckMatter;
import yellowtally.core.waiting.TakeUpWaits.TakeUpMatter;
import yellowtally.core.waiting.TensionWaits.TensionMatter;
import yellowtally.core.waiting.Waiting;

class TensionFitnessTest {

    private static TensionHistory.Check check(CheckOccasion occasion, TensionOutcome outcome) {
        return new TensionHistory.Check(occasion, new TensionRun.Result(outcome, false));
    }

    private static TensionHistory history(
            List<TensionHistory.Check> checks, int outings, double tanks, boolean newChain) {
        return new TensionHistory(true, newChain, false, checks, outings, tanks, tanks, null, null);
    }

    private static TensionFitness assess(TensionHistory history) {
        return TensionFitness.of(history, Numbers.STANDARD);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "RIGHT      | 0 | 0   | FIT  | -",
                "FIRM       | 0 | 0.5 | FIT  | -",
                "LOOSE      | 0 | 0   | DUE  | LOOSE",
                "TOO_TIGHT  | 0 | 0   | DUE  | TOO_TIGHT",
                "TIGHT_SPOT | 0 | 0   | DUE  | TIGHT_SPOT",
                "NO_VERDICT | 0 | 0   | DUE  | READING_NOT_FAIR",
                "THROW_RISK | 0 | 0   | HELD | THROW_RISK",
                "JAMMED     | 0 | 0   | HELD | JAMMED",
                "STUCK_TIGHT | 0 | 0  | HELD | STUCK_TIGHT",
                "RIGHT,LOOSE | 0 | 0 | DUE | LOOSE",
                "THROW_RISK,RIGHT | 0 | 0 | FIT | -",
            })
    void stateFollowsTheLastCheck(String outcomes, int outings, double tanks, FitState state, TensionMatter first) {
        List<TensionHistory.Check> checks = new ArrayList<>();
        if (outcomes != null) {
            Arrays.stream(outcomes.split(","))
                    .forEach(o -> checks.add(check(CheckOccasion.ROUTINE, TensionOutcome.valueOf(o))));
        }
        TensionFitness fitness = assess(history(checks, outings, tanks, false));
        assertThat(fitness.state()).isEqualTo(state);
        assertThat(fitness.work().isEmpty() ? null : fitness.work().get(0).what())
                .isEqualTo(first);
    }

    @Test
    void aSawWithoutASetIsHeld() {
        TensionFitness fitness = assess(new TensionHistory(false, false, false, List.of(), 0, 0, 0, null, null));
        assertThat(fitness.state()).isEqualTo(FitState.HELD);
        assertThat(fitness.work()).extracting(Waiting::what).containsExactly(TensionMatter.NO_SET_FITTED);
    }

    private static Grown turns(double takenUpMm) {
        return new Grown(2 * takenUpMm, null, null, 0);
    }

    /** A hot chain hangs looser than a cold one: loose or right it is read again cold; tight and thrown it stays. */
    @ParameterizedTest
    @CsvSource({
        "RIGHT, READ_HOT",
        "FIRM, READ_HOT",
        "LOOSE, READ_HOT",
        "TOO_TIGHT, TOO_TIGHT",
        "THROW_RISK, THROW_RISK",
    })
    void aProvisionalReadingIsReadAgainCold(TensionOutcome outcome, TensionMatter waits) {
        TensionHistory hot = history(
                List.of(new TensionHistory.Check(CheckOccasion.ROUTINE, new TensionRun.Result(outcome, true))),
                0,
                0,
                false);
        assertThat(assess(hot).work()).extracting(Waiting::what).containsExactly(waits);
        assertThat(assess(hot).state()).isNotEqualTo(FitState.FIT);
    }

    @Test
    void aSetThatWasApartIsReadAgainAfterTheFirstCuts() {
        List<TensionHistory.Check> apart = List.of(
                check(CheckOccasion.ROUTINE, TensionOutcome.RIGHT),
                check(CheckOccasion.SET_WAS_APART, TensionOutcome.RIGHT));
        TensionFitness fitness = assess(history(apart, 0, 0, false));
        assertThat(fitness.state()).isEqualTo(FitState.FIT);
        assertThat(fitness.work()).extracting(Waiting::what).containsExactly(TensionMatter.FIRST_CUTS_WAIT);
        assertThat(fitness.work()).noneMatch(Waiting::forToday);

        List<TensionHistory.Check> cut = new ArrayList<>(apart);
        cut.add(check(CheckOccasion.FIRST_CUTS, TensionOutcome.RIGHT));
        assertThat(assess(history(cut, 0, 0, false)).work()).isEmpty();
        assertThat(assess(history(apart, 1, 1, false)).work()).isEmpty();
    }

    @Test
    void aNewChainOpensItsRechecksByItself() {
        List<TensionHistory.Check> fitted = List.of(check(CheckOccasion.SET_WAS_APART, TensionOutcome.RIGHT));
        TensionFitness fresh = assess(history(fitted, 0, 0, true));
        assertThat(fresh.state()).isEqualTo(FitState.DUE);
        assertThat(fresh.work()).extracting(Waiting::what).containsExactly(RecheckMatter.RECHECK_ONE_MINUTE);

        List<TensionHistory.Check> two = List.of(
                check(CheckOccasion.SET_WAS_APART, TensionOutcome.RIGHT),
                check(CheckOccasion.RECHECK_ONE_MINUTE, TensionOutcome.RIGHT),
                check(CheckOccasion.RECHECK_LIGHT_CUTTING, TensionOutcome.FIRM));
        TensionFitness ready = assess(history(two, 0, 0, true));
        assertThat(ready.state()).isEqualTo(FitState.FIT);
        assertThat(ready.rechecksDone()).isEqualTo(2);
        assertThat(ready.work())
                .extracting(Waiting::what)
                .containsExactly(RecheckMatter.RECHECK_AFTER_FIRST_TANK_WAITS);
        assertThat(assess(history(two, 1, 1.2, true)).work())
                .extracting(Waiting::what)
                .containsExactly(RecheckMatter.RECHECK_FIRST_TANK);
    }

    @Test
    void aWornLoopIsDueForReplacementAndAWatchedOneStaysFit() {
        List<TensionHistory.Check> right = List.of(check(CheckOccasion.ROUTINE, TensionOutcome.RIGHT));
        ChainGrowth worn = ChainGrowth.of(1000, turns(10.5), null, 10, Numbers.STANDARD);
        ChainGrowth watched = ChainGrowth.of(1000, turns(8), null, 8, Numbers.STANDARD);
        TakeUp fast = new TakeUp(TakeUp.State.FASTER_THAN_ITS_PAST, 1.2, 0.3, null);
        TensionFitness retire = assess(new TensionHistory(true, false, false, right, 0, 0, 9, worn, null));
        assertThat(retire.state()).isEqualTo(FitState.DUE);
        assertThat(retire.work()).extracting(Waiting::what).containsExactly(GrowthMatter.GROWN_TO_LIMIT);
        TensionFitness watch = assess(new TensionHistory(true, false, false, right, 0, 0, 9, watched, fast));
        assertThat(watch.state()).isEqualTo(FitState.FIT);
        assertThat(watch.work())
                .extracting(Waiting::what)
                .containsExactly(TakeUpMatter.TAKES_UP_FAST, GrowthMatter.GROWN_TO_WATCH);
    }

    /** A chain that takes up fast is told and stays fit; one of which that cannot be said is not told. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "FASTER_THAN_ITS_PAST,    0.6, true",
                "FASTER_THAN_ITS_SISTERS, 0.6, true",
                "STEADY,                  0.6, false",
                "TOO_FEW_READINGS,        0.6, false",
                "FASTER_THAN_ITS_PAST,    -,   false",
            })
    void takingUpFastIsToldAndStaysFit(TakeUp.State state, Double recent, boolean told) {
        TensionHistory history = new TensionHistory(
                true,
                false,
                false,
                List.of(check(CheckOccasion.ROUTINE, TensionOutcome.RIGHT)),
                0,
                0,
                0,
                null,
                new TakeUp(state, recent, null, null));
        TensionFitness fitness = assess(history);
        assertThat(fitness.state()).isEqualTo(FitState.FIT);
        assertThat(fitness.work().stream().anyMatch(w -> w.what() == TakeUpMatter.TAKES_UP_FAST))
                .isEqualTo(told);
    }

    /** A check made now serves what waits: the first after the set was apart, first cuts, the next recheck; or it is routine. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "-                                                | false | 0   | SET_WAS_APART",
                "ROUTINE                                          | false | 0   | ROUTINE",
                "SET_WAS_APART                                    | false | 0   | FIRST_CUTS",
                "SET_WAS_APART,FIRST_CUTS                         | false | 0   | ROUTINE",
                "SET_WAS_APART                                    | true  | 0   | RECHECK_ONE_MINUTE",
                "SET_WAS_APART,RECHECK_ONE_MINUTE                 | true  | 0   | RECHECK_LIGHT_CUTTING",
                "SET_WAS_APART,RECHECK_ONE_MINUTE,RECHECK_LIGHT_CUTTING | true | 0   | ROUTINE",
                "SET_WAS_APART,RECHECK_ONE_MINUTE,RECHECK_LIGHT_CUTTING | true | 1.2 | RECHECK_FIRST_TANK",
            })
    void aCheckMadeNowServesWhatWaits(String passed, boolean newChain, double tanks, CheckOccasion occasion) {
        List<TensionHistory.Check> checks = passed == null
                ? List.of()
                : Arrays.stream(passed.split(","))
                        .map(name -> check(CheckOccasion.valueOf(name), TensionOutcome.RIGHT))
                        .toList();
        TensionFitness fitness = assess(history(checks, tanks > 0 ? 1 : 0, tanks, newChain));
        assertThat(fitness.occasion()).isEqualTo(occasion);
    }

    /** The travel may be used up before the loop has grown to its limit: the chain is due all the same. */
    @Test
    void aLoopWithoutTravelLeftIsDueForReplacement() {
        ChainGrowth spent = ChainGrowth.of(1000, turns(6), 20.0, 19.5, Numbers.STANDARD);
        TensionFitness fitness = assess(new TensionHistory(
                true, false, false, List.of(check(CheckOccasion.ROUTINE, TensionOutcome.RIGHT)), 0, 0, 0, spent, null));
        assertThat(fitness.state()).isEqualTo(FitState.DUE);
        assertThat(fitness.work())
                .filteredOn(waits -> waits.what() == GrowthMatter.TRAVEL_NEARLY_USED)
                .extracting(Waiting::extent)
                .containsExactly(spent.travelLeftPercent());
    }
}
