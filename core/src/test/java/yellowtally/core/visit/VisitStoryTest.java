package yellowtally.core.visit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import yellowtally.core.judging.StepJudge;
import yellowtally.core.judging.StepVerdict;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stages.Stage;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.StepReport;
import yellowtally.core.visit.PlannedStep.Why;

/** A visit is what its records tell, in the order in which they were written; what is struck out takes along what stood on it. */
class VisitStoryTest {

    private static final SawProfile SAW = Profiles.petrol();

    /** The records of a visit while they are written. */
    private static final class Book {
        private final List<VisitEvent> events = new ArrayList<>();
        private long seq;

        Book plan(Step... steps) {
            for (Step step : steps) {
                put(new PlannedStep(step, Why.DUE, null, null), null);
            }
            return this;
        }

        void put(PlannedStep planned, String by) {
            events.add(new VisitEvent.PutIn(seq++, planned, by));
        }

        /** Records a step as the bench does: its record, then what that calls for. */
        Book did(String record, Step step, Finding... findings) {
            events.add(new VisitEvent.Recorded(seq++, step, record));
            StepVerdict verdict = new StepJudge(SAW, Numbers.STANDARD)
                    .verdict(step, new StepReport(StepOutcome.FINE, Set.of(findings), Map.of()));
            story().calledForBy(step, verdict, SAW).forEach(planned -> put(planned, record));
            return this;
        }

        Book struck(String record) {
            events.removeIf(event -> event instanceof VisitEvent.Recorded done
                    ? done.record().equals(record)
                    : record.equals(((VisitEvent.PutIn) event).by()));
            return this;
        }

        VisitStory story() {
            return VisitStory.of(events);
        }
    }

    private static List<Step> open(VisitStory story) {
        return story.leftToDo().stream().map(VisitStep::step).toList();
    }

    private static Why why(VisitStory story, Step step) {
        return story.step(step).orElseThrow().planned().why();
    }

    @Test
    void withoutRecordsItHasNoSteps() {
        VisitStory none = VisitStory.of(List.of());
        assertThat(none.steps()).isEmpty();
        assertThat(none.last()).isEmpty();
        assertThat(none.recordOf(Step.RAILS)).isNull();
        assertThat(none.minutesDone(Numbers.STANDARD)).isZero();
    }

    @Test
    void aFindingCallsForItsStepAndForWhatClosesTheSaw() {
        VisitStory story = new Book()
                .plan(Step.RAILS)
                .did("rails", Step.RAILS, Finding.BURR)
                .story();
        assertThat(open(story))
                .containsExactly(Step.DRESS_RAILS, Step.REFIT, Step.TENSION, Step.NUTS, Step.BRAKE_RUNNING);
        assertThat(why(story, Step.DRESS_RAILS)).isEqualTo(Why.FINDING);
        assertThat(story.step(Step.DRESS_RAILS).orElseThrow().planned().finding())
                .isEqualTo(Finding.BURR);
        assertThat(why(story, Step.NUTS)).isEqualTo(Why.CLOSES);
    }

    @Test
    void whatWasDoneIsOpenAgainWhenItIsCalledForAnew() {
        Book book = new Book()
                .plan(Step.RAILS, Step.DRESS_RAILS, Step.REFIT, Step.TENSION)
                .did("first", Step.DRESS_RAILS);
        book.did("set back", Step.REFIT).did("read", Step.TENSION);
        assertThat(book.story().recordOf(Step.DRESS_RAILS)).isEqualTo("first");
        VisitStory again = book.did("rails", Step.RAILS, Finding.BURR).story();
        assertThat(again.recordOf(Step.DRESS_RAILS)).isNull();
        assertThat(open(again))
                .as("the bar comes off again, and all that closes the saw with it")
                .containsExactly(Step.DRESS_RAILS, Step.REFIT, Step.TENSION, Step.NUTS, Step.BRAKE_RUNNING);
        assertThat(book.did("second", Step.DRESS_RAILS).story().recordOf(Step.DRESS_RAILS))
                .isEqualTo("second");
    }

    @Test
    void whatIsStruckOutTakesAlongWhatItCalledForAndNothingElse() {
        Book book = new Book().plan(Step.RAILS, Step.REFIT).did("rails", Step.RAILS, Finding.BURR, Finding.BLUING);
        assertThat(open(book.story())).contains(Step.DRESS_RAILS, Step.BLUING_CAUSE, Step.TENSION);
        assertThat(open(book.struck("rails").story())).containsExactly(Step.RAILS, Step.REFIT);
    }

    @Test
    void aStepThatWasDoneBeforeGoesBackToThat() {
        Book book = new Book().plan(Step.RAILS, Step.SHARPEN).did("filed", Step.SHARPEN);
        book.did("look", Step.CHAIN_LOOK, Finding.CUTTERS_DULL);
        assertThat(open(book.story())).contains(Step.SHARPEN);
        assertThat(book.struck("look").story().recordOf(Step.SHARPEN)).isEqualTo("filed");
    }

    /** A step that the hand had put in keeps what closes it when an earlier record is struck out. */
    @Test
    void whatWasPutInByHandStaysWithItsClosing() {
        Book book = new Book().plan(Step.OUTSIDE_LOOK).did("look", Step.OUTSIDE_LOOK);
        book.story().calledFor(List.of(Step.GROOVE), Why.BY_HAND, SAW).forEach(planned -> book.put(planned, null));
        assertThat(open(book.struck("look").story()))
                .containsExactly(
                        Step.OUTSIDE_LOOK, Step.GROOVE, Step.REFIT, Step.TENSION, Step.NUTS, Step.BRAKE_RUNNING);
    }

    @Test
    void whatNobodyAskedForAndWasDoneIsInIt() {
        VisitStory story =
                new Book().plan(Step.FILL).did("wiped", Step.CLEAN_COVER).story();
        assertThat(story.recordOf(Step.CLEAN_COVER)).isEqualTo("wiped");
        assertThat(why(story, Step.CLEAN_COVER)).isEqualTo(Why.BY_HAND);
        assertThat(story.recordedSteps()).isEqualTo(1);
    }

    @Test
    void whatOnlyRidesAlongMayBeLeftUntilSomethingCallsForIt() {
        Book book = new Book().plan(Step.CHAIN_LOOK);
        book.put(new PlannedStep(Step.SHARPEN, Why.RIDES_ALONG, null, null), null);
        assertThat(open(book.story())).containsExactly(Step.CHAIN_LOOK);
        book.did("look", Step.CHAIN_LOOK, Finding.CUTTERS_DULL);
        assertThat(open(book.story())).containsExactly(Step.SHARPEN);
    }

    @Test
    void whatIsOpenAnywayIsNotPutInTwice() {
        Book book = new Book().plan(Step.DRESS_RAILS, Step.REFIT, Step.TENSION, Step.NUTS, Step.BRAKE_RUNNING);
        assertThat(book.story().calledFor(List.of(Step.DRESS_RAILS), Why.FINDING, SAW))
                .isEmpty();
        assertThat(book.story().calledFor(List.of(Step.ELECTRIC_LOOK), Why.FINDING, SAW))
                .as("this saw has no such part")
                .isEmpty();
    }

    /** Another part came on: the saw is closed and proved anew, whatever was done before. */
    @Test
    void aReplacedPartOpensTheClosingAgain() {
        Book book = new Book()
                .plan(Step.REPLACE_BAR, Step.REFIT, Step.TENSION, Step.NUTS, Step.BRAKE_RUNNING)
                .did("a", Step.REFIT)
                .did("b", Step.TENSION)
                .did("c", Step.REPLACE_BAR);
        assertThat(open(book.story()))
                .containsExactly(Step.GROOVE, Step.REFIT, Step.TENSION, Step.NUTS, Step.BRAKE_RUNNING);
        assertThat(why(book.story(), Step.GROOVE)).isEqualTo(Why.FOLLOWS);
    }

    @Test
    void minutesBehindTheHandGrowToTheWholeBill() {
        Book book = new Book().plan(Step.AIR_FILTER, Step.PLUG);
        double whole = book.story().bill(Numbers.STANDARD).totalMinutes();
        assertThat(book.story().minutesDone(Numbers.STANDARD)).isZero();
        assertThat(book.did("a", Step.AIR_FILTER).story().minutesDone(Numbers.STANDARD))
                .isBetween(0.5, whole);
        assertThat(book.story().openStages()).containsExactly(Stage.TOP_COVER_OFF);
        assertThat(book.did("b", Step.PLUG).story().minutesDone(Numbers.STANDARD))
                .isEqualTo(whole);
        assertThat(book.story().last().orElseThrow().record()).isEqualTo("b");
    }

    /** In which order the records are read changes nothing: their numbers alone tell. */
    @Property(tries = 50)
    void theOrderOfReadingIsNothing(@ForAll long seed) {
        Book book = new Book().plan(Step.RAILS, Step.SHARPEN).did("a", Step.RAILS, Finding.BURR, Finding.BLUING);
        book.did("b", Step.DRESS_RAILS)
                .did("c", Step.CHAIN_LOOK, Finding.CUTTERS_DULL)
                .did("d", Step.SHARPEN);
        assertThat(book.story().steps())
                .extracting(VisitStep::step)
                .contains(Step.RAILS, Step.DRESS_RAILS, Step.CHAIN_LOOK, Step.SHARPEN);
        List<VisitEvent> shuffled = new ArrayList<>(book.events);
        Collections.shuffle(shuffled, new Random(seed));
        assertThat(VisitStory.of(shuffled).steps()).isEqualTo(book.story().steps());
    }

    /** One finding calls for its step; what else a record calls for has its own reason. */
    @Test
    void eachStepIsCalledForByItsOwnFinding() {
        VisitStory story = new Book()
                .plan(Step.RAILS)
                .did("rails", Step.RAILS, Finding.BLUING, Finding.BURR)
                .story();
        assertThat(story.step(Step.BLUING_CAUSE).orElseThrow().planned().finding())
                .isEqualTo(Finding.BLUING);
        assertThat(story.step(Step.DRESS_RAILS).orElseThrow().planned().finding())
                .isEqualTo(Finding.BURR);
    }

    /** A record without findings calls for nothing, and leaves what is closed closed. */
    @Test
    void whatIsTakenApartAfterClosingIsClosedAnew() {
        Book book = new Book()
                .plan(Step.RAILS, Step.REFIT, Step.TENSION, Step.NUTS)
                .did("back", Step.REFIT)
                .did("read", Step.TENSION)
                .did("nuts", Step.NUTS);
        VisitStory sound = book.did("rails", Step.RAILS).story();
        assertThat(open(sound)).containsExactly(Step.REFIT, Step.TENSION, Step.NUTS, Step.BRAKE_RUNNING);
        assertThat(sound.recordedSteps()).isEqualTo(1);
        assertThat(sound.steps())
                .extracting(VisitStep::record)
                .containsExactlyInAnyOrder("rails", null, null, null, null);
    }

    /** A step that opens nothing can be put in after closing: the saw stays closed. */
    @Test
    void whatOpensNothingLeavesTheClosingDone() {
        Book book = new Book()
                .plan(Step.CLEAN_COVER, Step.REFIT, Step.TENSION, Step.NUTS, Step.BRAKE_RUNNING)
                .did("a", Step.CLEAN_COVER)
                .did("r", Step.REFIT)
                .did("b", Step.TENSION)
                .did("c", Step.NUTS)
                .did("d", Step.BRAKE_RUNNING);
        assertThat(book.story().calledFor(List.of(Step.OUTSIDE_LOOK), Why.BY_HAND, SAW))
                .extracting(PlannedStep::step)
                .containsExactly(Step.OUTSIDE_LOOK);
        assertThat(book.story().calledFor(List.of(Step.OUTSIDE_LOOK, Step.CLEAN_COVER), Why.BY_HAND, SAW))
                .extracting(PlannedStep::step)
                .containsExactly(
                        Step.OUTSIDE_LOOK, Step.CLEAN_COVER, Step.REFIT, Step.TENSION, Step.NUTS, Step.BRAKE_RUNNING);
        assertThat(book.story().recordedSteps()).isEqualTo(5);
        assertThat(new Book()
                        .plan(Step.PLUG, Step.NUTS)
                        .did("c", Step.NUTS)
                        .story()
                        .recordedSteps())
                .isEqualTo(1);
    }
}
