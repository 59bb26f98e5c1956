package yellowtally.core.visit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.judging.StepVerdict;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stages.Bill;
import yellowtally.core.stages.Stage;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.visit.PlannedStep.Why;

/**
 * A visit as its records tell it: which steps it has, why, and which record stands for each (handbook sections 1 and 10). A
 * step that is called for after it was done is open again. A visit without records has no steps.
 */
public final class VisitStory {

    private final Map<Step, VisitStep> steps = new EnumMap<>(Step.class);
    private final List<VisitEvent.Recorded> recorded = new ArrayList<>();

    private VisitStory() {}

    /** Reads the events of one visit, in any order. */
    public static VisitStory of(Collection<VisitEvent> standing) {
        VisitStory story = new VisitStory();
        standing.stream().sorted(Comparator.comparingLong(VisitEvent::seq)).forEach(story::tell);
        return story;
    }

    private void tell(VisitEvent event) {
        if (event instanceof VisitEvent.PutIn put) {
            steps.merge(
                    put.step(), new VisitStep(put.planned(), null), (before, now) -> before.calledFor(put.planned()));
        } else if (event instanceof VisitEvent.Recorded done) {
            recorded.add(done);
            // Nobody asked for it, and yet it was done: then somebody put it in.
            VisitStep before = steps.getOrDefault(
                    done.step(), new VisitStep(new PlannedStep(done.step(), Why.BY_HAND, null, null), null));
            steps.put(done.step(), before.recorded(done.record()));
        }
    }

    /** The steps, in the order of the hands. */
    public List<VisitStep> steps() {
        return List.copyOf(steps.values());
    }

    /** One of its steps; empty when the visit has no such step. */
    public Optional<VisitStep> step(Step step) {
        return Optional.ofNullable(steps.get(step));
    }

    /** The record that stands for a step; {@code null} while it is open, or not in the visit. */
    public @Nullable Object recordOf(Step step) {
        VisitStep found = steps.get(step);
        return found == null ? null : found.record();
    }

    /** What was recorded last; empty while nothing was. */
    public Optional<VisitEvent.Recorded> last() {
        return recorded.isEmpty() ? Optional.empty() : Optional.of(recorded.get(recorded.size() - 1));
    }

    /** How many steps are done or passed over. */
    public int recordedSteps() {
        return (int) steps.values().stream().filter(step -> !step.open()).count();
    }

    /** Steps that nobody may leave open without saying why. */
    public List<VisitStep> leftToDo() {
        return steps.values().stream()
                .filter(step -> step.open() && !step.optional())
                .toList();
    }

    /** How far the saw lies open after what was recorded. */
    public Set<Stage> openStages() {
        return OpenStages.after(recorded.stream().map(VisitEvent.Recorded::step).toList());
    }

    /** The bill of all its steps. */
    public Bill bill(Numbers numbers) {
        return StepMinutes.bill(steps.keySet(), numbers);
    }

    /** Minutes that are behind the hand: the whole bill less that of the steps that are open. */
    public double minutesDone(Numbers numbers) {
        List<Step> left = steps.values().stream()
                .filter(VisitStep::open)
                .map(VisitStep::step)
                .toList();
        double leftMinutes =
                left.isEmpty() ? 0 : StepMinutes.bill(left, numbers).totalMinutes();
        return Math.max(0, bill(numbers).totalMinutes() - leftMinutes);
    }

    /**
     * What a record calls for at once, and what then has to be closed and proved.
     *
     * @param step that was recorded
     * @return steps to put in after the record, in their order; those that are open already are not among them
     */
    public List<PlannedStep> calledForBy(Step step, StepVerdict verdict, SawProfile saw) {
        Map<Step, PlannedStep> wanted = new EnumMap<>(Step.class);
        for (Step opened : verdict.opens()) {
            Finding finding = verdict.findings().stream()
                    .filter(found -> found.opensAll().contains(opened))
                    .findFirst()
                    .orElse(null);
            wanted.put(opened, new PlannedStep(opened, finding == null ? Why.FOLLOWS : Why.FINDING, null, finding));
        }
        return called(wanted, saw, step.takesApart());
    }

    /**
     * What it takes to do these steps as well: they themselves where the saw has the part, and what then has to be closed and
     * proved.
     */
    public List<PlannedStep> calledFor(Collection<Step> more, Why why, SawProfile saw) {
        Map<Step, PlannedStep> wanted = new EnumMap<>(Step.class);
        more.stream()
                .filter(step -> step.appliesTo(saw))
                .forEach(step -> wanted.put(step, new PlannedStep(step, why, null, null)));
        return called(wanted, saw, false);
    }

    private List<PlannedStep> called(Map<Step, PlannedStep> wanted, SawProfile saw, boolean refitted) {
        if (wanted.isEmpty() && !refitted) {
            return List.of();
        }
        Map<Step, PlannedStep> called = new EnumMap<>(Step.class);
        wanted.values().stream().filter(this::changes).forEach(planned -> called.put(planned.step(), planned));
        Set<Step> all = EnumSet.noneOf(Step.class);
        all.addAll(steps.keySet());
        all.addAll(wanted.keySet());
        boolean opensAgain = refitted
                || wanted.keySet().stream()
                        .anyMatch(step -> !step.stage().opened().isEmpty());
        for (Step closing : VisitPlan.closing(saw, all)) {
            PlannedStep closes = new PlannedStep(closing, Why.CLOSES, null, null);
            if (!all.contains(closing) || (opensAgain && changes(closes))) {
                called.putIfAbsent(closing, closes);
            }
        }
        return List.copyOf(called.values());
    }

    private boolean changes(PlannedStep planned) {
        VisitStep before = steps.get(planned.step());
        return before == null || !before.open() || before.optional();
    }
}
