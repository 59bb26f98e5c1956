package yellowtally.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.diagnosis.Diagnosis.Outcome;
import yellowtally.core.diagnosis.RankedCause.CausePast;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stages.Stage;
import yellowtally.core.steps.Step;

/** The finder on the small knowledge of the documentation. */
class FinderTest {

    private static Finder finder(Set<Signal> signals, Set<Stage> open) {
        return new Finder(
                SmallKnowledge.BASE,
                SmallKnowledge.DRY,
                new FinderCase(SawKinds.all().get(0), signals, open),
                Numbers.STANDARD);
    }

    private static Finder finder() {
        return finder(Set.of(), Set.of());
    }

    private static double share(Diagnosis diagnosis, Cause cause) {
        return diagnosis.ranking().stream()
                .filter(ranked -> ranked.cause().equals(cause))
                .findFirst()
                .orElseThrow()
                .share();
    }

    @Test
    void startsFromTheWeights() {
        Diagnosis start = finder().after(List.of());
        assertThat(share(start, SmallKnowledge.BLOCKED)).isCloseTo(0.6, within(1e-9));
        assertThat(share(start, SmallKnowledge.LEAK)).isCloseTo(0.3, within(1e-9));
        assertThat(share(start, SmallKnowledge.DRIVE)).isCloseTo(0.1, within(1e-9));
        assertThat(start.outcome()).isEqualTo(Outcome.ASKS);
    }

    /** A fresh sprocket makes the drive twenty times likelier: 20 of 6 + 20 + 3. */
    @Test
    void whatIsKnownOfTheSawShiftsTheStart() {
        Diagnosis start = finder(Set.of(Signal.FRESH_SPROCKET), Set.of()).after(List.of());
        assertThat(start.first().cause()).isEqualTo(SmallKnowledge.DRIVE);
        assertThat(start.first().share()).isCloseTo(20.0 / 29, within(1e-9));
        Evidence why = start.first().evidence().get(0);
        assertThat(why.signal()).isEqualTo(Signal.FRESH_SPROCKET);
        assertThat(why.times()).isCloseTo(20, within(1e-9));
    }

    /** Oil at the outlet: 0.6 × 0.9 = 0.54 against 0.1 × 0.1 and 0.3 × 0.1, so 0.54 / 0.58. */
    @Test
    void anAnswerIsWeighedByBayes() {
        Diagnosis after = finder().after(List.of(new Answered("outlet", "comes")));
        assertThat(share(after, SmallKnowledge.BLOCKED)).isCloseTo(0.54 / 0.58, within(1e-9));
        assertThat(after.outcome()).isEqualTo(Outcome.CLEAR);
        Evidence why = after.first().evidence().get(0);
        assertThat(why.answered()).isEqualTo(new Answered("outlet", "comes"));
        // Nine times as likely as under the two others: 0.1 each.
        assertThat(why.times()).isCloseTo(9, within(1e-9));
    }

    @Test
    void cannotTellChangesNothingButTheMinutesAndTheStages() {
        Diagnosis before = finder().after(List.of());
        Diagnosis after = finder().after(List.of(new Answered("outlet", null)));
        assertThat(share(after, SmallKnowledge.BLOCKED)).isCloseTo(share(before, SmallKnowledge.BLOCKED), within(1e-9));
        // Cover 1 + 3, bar 1 + 2, the look itself 2.
        assertThat(after.minutes()).isCloseTo(9, within(1e-9));
        assertThat(after.open()).containsExactlyInAnyOrder(Stage.COVER_OFF, Stage.BAR_OFF);
    }

    @ParameterizedTest
    @CsvSource({
        // open, check, minutes with opening and closing
        "CLOSED,    outlet, 9",
        "COVER_OFF, outlet, 5",
        "BAR_OFF,   outlet, 2",
        "BAR_OFF,   drag,   1",
        "CLOSED,    card,   2",
        "BAR_OFF,   hose,   7",
    })
    void whatIsOpenCostsNothing(Stage open, String check, double minutes) {
        Finder finder = finder();
        Check priced = SmallKnowledge.BASE.checks().get(check);
        assertThat(finder.priced(priced, 0, open.opened()).minutes()).isCloseTo(minutes, within(1e-9));
    }

    @Test
    void runningClosesWhatWasOpen() {
        Set<Stage> open = Finder.openAfter(SmallKnowledge.OUTLET, Set.of());
        assertThat(open).contains(Stage.BAR_OFF);
        assertThat(Finder.openAfter(SmallKnowledge.HOSE, open)).contains(Stage.BAR_OFF, Stage.TANKS_DRAINED);
        assertThat(Finder.openAfter(SmallKnowledge.CARD, open)).isEmpty();
    }

    @Test
    void offersWhatTellsMostForItsMinutes() {
        Diagnosis closed = finder().after(List.of());
        assertThat(closed.next()).isNotNull();
        assertThat(closed.others())
                .allSatisfy(other -> assertThat(other.bitsPerMinute())
                        .isLessThanOrEqualTo(closed.next().bitsPerMinute() * 1.06));
        // Closed, opening for a look of one minute would not pay; with the bar off it leads.
        assertThat(closed.next().check()).isNotEqualTo(SmallKnowledge.DRAG);
        Diagnosis open = finder(Set.of(), Stage.BAR_OFF.opened()).after(List.of());
        assertThat(open.next().check()).isEqualTo(SmallKnowledge.DRAG);
        assertThat(open.next().openingMinutes()).isZero();
    }

    @Test
    void amongEqualsTheSaferCheckLeads() {
        Check running = SmallKnowledge.check(
                "running", Stage.RUNNING, 1, SmallKnowledge.DRAG.usually(), SmallKnowledge.DRAG.when());
        Check closed = SmallKnowledge.check(
                "still", Stage.CLOSED, 1, SmallKnowledge.DRAG.usually(), SmallKnowledge.DRAG.when());
        KnowledgeBase both = SmallKnowledge.of(
                List.of(SmallKnowledge.DRY),
                List.of(SmallKnowledge.BLOCKED, SmallKnowledge.DRIVE, SmallKnowledge.LEAK),
                List.of(running, closed));
        Finder finder = new Finder(
                both, SmallKnowledge.DRY, new FinderCase(SawKinds.all().get(0), Set.of(), Set.of()), Numbers.STANDARD);
        assertThat(finder.after(List.of()).next().check()).isEqualTo(closed);
    }

    private static final Cause ONE = SmallKnowledge.cause("one", Map.of(), List.of(Step.FILL), null, false);
    private static final Cause TWO = SmallKnowledge.cause("two", Map.of(), List.of(Step.GROOVE), null, false);
    private static final Check SEES_ONE = looksAt("one");
    private static final Check SEES_TWO = looksAt("two");
    private static final Check HINT = SmallKnowledge.check(
            "hint", Stage.CLOSED, 1, Map.of("yes", 0.01, "no", 0.99), Map.of("one", Map.of("yes", 0.98, "no", 0.02)));

    private static Check looksAt(String cause) {
        return SmallKnowledge.check(
                "sees-" + cause,
                Stage.CLOSED,
                5,
                Map.of("yes", 0.03, "no", 0.97),
                Map.of(cause, Map.of("yes", 0.97, "no", 0.03)));
    }

    private static Finder ofTwo(Complaint.Order order, FinderCase saw) {
        Complaint complaint = new Complaint(
                "x", "x", false, Step.FILL, Set.of(), SmallKnowledge.weights("one", 1.0, "two", 1.0), order, List.of());
        // A hint names one cause and tells it well, but it is no look: the looks name as few causes and are named.
        Cause one = new Cause(
                "one",
                "one",
                List.of(Step.FILL),
                null,
                Set.of(),
                false,
                false,
                false,
                Set.of(),
                Map.of(),
                Set.of("sees-one"));
        return new Finder(
                SmallKnowledge.of(List.of(complaint), List.of(one, TWO), List.of(HINT, SEES_ONE, SEES_TWO)),
                complaint,
                saw,
                Numbers.STANDARD);
    }

    private static Finder ofTwo() {
        return ofTwo(Complaint.Order.ANY, new FinderCase(SawKinds.all().get(0), Set.of(), Set.of()));
    }

    private static Answered said(String check, String answer) {
        return new Answered(check, answer);
    }

    /** Ninety-nine of a hundred by the hint alone, and still somebody has to look. */
    @Test
    void nothingStandsClearBeforeSomebodyHasLookedAtTheVeryThing() {
        Diagnosis likely = ofTwo().after(List.of(said("hint", "yes")));
        assertThat(likely.first().share()).isGreaterThan(0.98);
        assertThat(likely.outcome()).isEqualTo(Outcome.LOOK);
        assertThat(likely.next().check()).isEqualTo(SEES_ONE);
        Diagnosis seen = ofTwo().after(List.of(said("hint", "yes"), said("sees-one", "yes")));
        assertThat(seen.outcome()).isEqualTo(Outcome.CLEAR);
        assertThat(seen.first().seen()).isTrue();
        Diagnosis dark = ofTwo().after(List.of(said("hint", "yes"), said("sees-one", null)));
        assertThat(dark.outcome()).as("whoever cannot tell has not seen it").isNotEqualTo(Outcome.CLEAR);
    }

    /** Likely by 0.99 to 0.01 before; the look at it says no, and it is out, whatever its weight. */
    @Test
    void aMeasurementTheOtherWayEndsACause() {
        Diagnosis after = ofTwo().after(List.of(said("hint", "yes"), said("sees-one", "no")));
        assertThat(share(after, TWO)).isCloseTo(1, within(1e-9));
        RankedCause ended = after.ranking().get(1);
        assertThat(ended.cause().code()).isEqualTo("one");
        assertThat(ended.share()).isZero();
        assertThat(ended.endedBy()).isEqualTo(said("sees-one", "no"));
        assertThat(after.clash()).as("the hint speaks for what is ended").isNotNull();
    }

    @Test
    void whenNothingIsLeftItSaysWhichTwoAnswersDoNotGoTogether() {
        Diagnosis none = ofTwo().after(List.of(said("sees-one", "no"), said("sees-two", "no")));
        assertThat(none.outcome()).isNotEqualTo(Outcome.CLEAR);
        assertThat(none.clash()).isNotNull();
        assertThat(Set.of(none.clash().again(), none.clash().with()))
                .containsExactlyInAnyOrder(said("sees-one", "no"), said("sees-two", "no"));
        Diagnosis hinted = ofTwo().after(List.of(said("sees-one", "no"), said("sees-two", "no"), said("hint", "yes")));
        assertThat(hinted.clash().again()).as("the hint speaks for one").isEqualTo(said("sees-one", "no"));
    }

    /** Neither cause lets the run be smooth: it speaks against the complaint, and there is nothing it clashes with. */
    @Test
    void anAnswerThatNoCauseExplainsSpeaksAgainstTheComplaint() {
        Check smooth = SmallKnowledge.check(
                "smooth",
                Stage.CLOSED,
                1,
                Map.of("yes", 0.02, "no", 0.98),
                Map.of("two", Map.of("yes", 0.03, "no", 0.97)));
        Complaint complaint =
                new Complaint("x", "x", false, Step.FILL, Set.of(), SmallKnowledge.weights("one", 1.0, "two", 1.0));
        Diagnosis against = new Finder(
                        SmallKnowledge.of(
                                List.of(complaint), List.of(ONE, TWO), List.of(HINT, SEES_ONE, SEES_TWO, smooth)),
                        complaint,
                        new FinderCase(SawKinds.all().get(0), Set.of(), Set.of()),
                        Numbers.STANDARD)
                .after(List.of(said("smooth", "yes"), said("hint", "yes")));
        assertThat(against.clash()).isEqualTo(new Clash(said("smooth", "yes"), null));
        assertThat(against.outcome()).isEqualTo(Outcome.ASKS);
    }

    /** Both looks have shown their thing: two faults at once, not a contradiction. */
    @Test
    void twoThingsThatWereSeenStandTogether() {
        Diagnosis both = ofTwo().after(List.of(said("sees-one", "yes"), said("sees-two", "yes")));
        assertThat(both.outcome()).isEqualTo(Outcome.CLEAR);
        assertThat(both.seenToo()).hasSize(1);
        assertThat(both.clash()).isNull();
    }

    /** One was put right and proved; the complaint stayed: the ranking of the rest goes on, and what one explains is not held against it. */
    @Test
    void theRestOfTheRankingGoesOnWhenTheComplaintIsStillThere() {
        FinderCase settled = new FinderCase(SawKinds.all().get(0), Set.of(), Set.of()).settling(Set.of("one"));
        Diagnosis after =
                ofTwo(Complaint.Order.ANY, settled).after(List.of(said("hint", "yes"), said("sees-one", "yes")));
        assertThat(after.first().cause()).isEqualTo(TWO);
        assertThat(after.clash()).isNull();
        assertThat(after.outcome()).isEqualTo(Outcome.LOOK);
        assertThat(after.next().check()).isEqualTo(SEES_TWO);
        assertThat(after.ranking()).extracting(RankedCause::past).containsExactly(null, CausePast.PUT_RIGHT);
    }

    @Test
    void whatTheComplaintAsksForComesFirstEvenBeforeTheEnd() {
        Complaint.Order order = new Complaint.Order(List.of("sees-two"), Set.of("hint"), Set.of(), null);
        Finder finder = ofTwo(order, new FinderCase(SawKinds.all().get(0), Set.of(), Set.of()));
        assertThat(finder.checks()).as("ruled out").doesNotContain(HINT);
        assertThat(finder.after(List.of()).next().check()).isEqualTo(SEES_TWO);
        Diagnosis seen = finder.after(List.of(said("sees-one", "yes")));
        assertThat(seen.outcome()).isEqualTo(Outcome.ASKS);
        assertThat(seen.next().check()).isEqualTo(SEES_TWO);
    }

    @Test
    void whatGoesWrongTogetherIsLookedAtTogether() {
        Complaint.Order order = new Complaint.Order(List.of(), Set.of(), Set.of("sees-one", "sees-two"), null);
        Finder finder = ofTwo(order, new FinderCase(SawKinds.all().get(0), Set.of(), Set.of()));
        Diagnosis one = finder.after(List.of(said("hint", "yes"), said("sees-one", "yes")));
        assertThat(one.outcome()).isEqualTo(Outcome.ASKS);
        assertThat(one.next().check()).isEqualTo(SEES_TWO);
        assertThat(finder.after(List.of(said("hint", "yes"), said("sees-one", "yes"), said("sees-two", "no")))
                        .outcome())
                .isEqualTo(Outcome.CLEAR);
    }

    /** A run tells most for its minutes, and what can be seen at rest comes before it all the same. */
    @Test
    void nothingRunsTheSawBeforeWhatIsSeenAtRest() {
        Check run = SmallKnowledge.check(
                "run", Stage.RUNNING, 0.1, SmallKnowledge.HOSE.usually(), SmallKnowledge.HOSE.when());
        Check rest = SmallKnowledge.check(
                "rest", Stage.CLOSED, 9, SmallKnowledge.DRAG.usually(), SmallKnowledge.DRAG.when());
        Finder finder = new Finder(
                SmallKnowledge.of(
                        List.of(SmallKnowledge.DRY),
                        List.of(SmallKnowledge.BLOCKED, SmallKnowledge.DRIVE, SmallKnowledge.LEAK),
                        List.of(run, rest)),
                SmallKnowledge.DRY,
                new FinderCase(SawKinds.all().get(0), Set.of(), Set.of()),
                Numbers.STANDARD);
        Diagnosis start = finder.after(List.of());
        assertThat(start.next().check()).isEqualTo(rest);
        Diagnosis later = finder.after(List.of(said("rest", "drags")));
        assertThat(later.next().check()).isEqualTo(run);
    }

    @Test
    void endsHonestlyWhenNothingMoreCanBeTold() {
        List<Answered> nothing = List.of(
                new Answered("card", null),
                new Answered("outlet", null),
                new Answered("drag", null),
                new Answered("hose", null));
        Diagnosis end = finder().after(nothing);
        assertThat(end.outcome()).isEqualTo(Outcome.UNCLEAR);
        assertThat(end.next()).isNull();
    }

    @Test
    void anUnknownCheckOrAnswerTellsNothing() {
        Diagnosis start = finder().after(List.of());
        Diagnosis after = finder().after(List.of(new Answered("moon", "full"), new Answered("outlet", "blue")));
        assertThat(share(after, SmallKnowledge.LEAK)).isCloseTo(share(start, SmallKnowledge.LEAK), within(1e-9));
    }

    @Test
    void aComplaintWithoutACauseOnThisSawEndsUnclear() {
        Complaint nothing = new Complaint("x", "x", false, Step.FILL, Set.of(), Map.of());
        Diagnosis end = new Finder(
                        SmallKnowledge.BASE,
                        nothing,
                        new FinderCase(SawKinds.all().get(0), Set.of(), Set.of()),
                        Numbers.STANDARD)
                .after(List.of());
        assertThat(end.outcome()).isEqualTo(Outcome.UNCLEAR);
        assertThat(end.ranking()).isEmpty();
    }

    /** The order in which answers come changes no share, and taking one back is as if it had never been given. */
    @Test
    void theOrderOfAnswersChangesNoShare() {
        Random random = new Random(11);
        List<Check> checks = List.copyOf(SmallKnowledge.BASE.checks().values());
        for (int run = 0; run < 200; run++) {
            List<Answered> path = new ArrayList<>();
            for (Check check : checks) {
                List<String> answers = List.copyOf(check.answers().keySet());
                path.add(new Answered(check.code(), answers.get(random.nextInt(answers.size()))));
            }
            Set<Signal> signals = random.nextBoolean() ? EnumSet.of(Signal.FRESH_SPROCKET) : Set.of();
            Diagnosis one = finder(signals, Set.of()).after(path);
            List<Answered> shuffled = new ArrayList<>(path);
            Collections.shuffle(shuffled, random);
            Diagnosis other = finder(signals, Set.of()).after(shuffled);
            double sum = 0;
            for (RankedCause ranked : one.ranking()) {
                sum += ranked.share();
                assertThat(share(other, ranked.cause())).isCloseTo(ranked.share(), within(1e-9));
            }
            assertThat(sum).isCloseTo(1, within(1e-9));
        }
    }

    /** An answer that is likelier under a cause than under all others never lowers it. */
    @Test
    void whatSpeaksForACauseNeverLowersIt() {
        for (Check check : SmallKnowledge.BASE.checks().values()) {
            for (String answer : check.answers().keySet()) {
                Diagnosis before = finder().after(List.of());
                Diagnosis after = finder().after(List.of(new Answered(check.code(), answer)));
                Cause favoured = SmallKnowledge.BASE.causes().values().stream()
                        .max((a, b) ->
                                Double.compare(check.likelihood(answer, a.code()), check.likelihood(answer, b.code())))
                        .orElseThrow();
                assertThat(share(after, favoured)).isGreaterThanOrEqualTo(share(before, favoured) - 1e-9);
            }
        }
    }
}
