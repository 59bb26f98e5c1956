package yellowtally.core.log;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;

/**
 * The steps on record of one saw and of the parts on it, in the order in which they were done. A step is spoken for by its
 * latest record on what it is about: the saw, or the part that is fitted now (handbook section 11). An empty log says nothing
 * of any step.
 */
public final class SawLog {

    /** Nothing on record. */
    public static final SawLog EMPTY = of(List.of());

    private final List<StepEntry> entries;
    private final Map<Step, StepEntry> latest = new EnumMap<>(Step.class);
    private final Map<Step, StepEntry> latestPassed = new EnumMap<>(Step.class);
    private final Map<Subject, List<StepEntry>> sharpenings = new EnumMap<>(Subject.class);

    private SawLog(List<StepEntry> inOrder) {
        this.entries = inOrder;
        for (StepEntry entry : inOrder) {
            if (entry.speaks()) {
                latest.put(entry.step(), entry);
            }
            if (entry.passed()) {
                if (entry.speaks()) {
                    latestPassed.put(entry.step(), entry);
                }
                if (entry.step() == Step.SHARPEN) {
                    entry.subjects()
                            .forEach(subject -> sharpenings
                                    .computeIfAbsent(subject, s -> new ArrayList<>())
                                    .add(entry));
                }
            }
        }
    }

    /** The log of these records, given in any order; cost grows in proportion to them where they come in order. */
    public static SawLog of(Collection<StepEntry> records) {
        return new SawLog(records.stream().sorted(StepEntry.IN_ORDER).toList());
    }

    /** All records, first one first. */
    public List<StepEntry> entries() {
        return entries;
    }

    /** The record that speaks for a step. */
    public Optional<StepEntry> latest(Step step) {
        return Optional.ofNullable(latest.get(step));
    }

    /** The records that speak, one of each step that has any, in the order of the hands. */
    public Collection<StepEntry> latest() {
        return Collections.unmodifiableCollection(latest.values());
    }

    /** The record that speaks for a step, if the step was done after a moment. */
    public Optional<StepEntry> latestAfter(Step step, Instant moment) {
        return latest(step).filter(entry -> entry.at().isAfter(moment));
    }

    /** When a step was last done and passed: the latest such record, whatever came after it. */
    public Optional<StepEntry> latestPassed(Step step) {
        return Optional.ofNullable(latestPassed.get(step));
    }

    /** Whether the record that speaks for a step was made after a moment and proves it: done, and nothing found. */
    public boolean provedAfter(Step step, Instant moment) {
        return latestAfter(step, moment).filter(StepEntry::proves).isPresent();
    }

    /** Every sharpening of a part, or at this saw. */
    public List<StepEntry> sharpenings(Subject of) {
        return Collections.unmodifiableList(sharpenings.getOrDefault(of, List.of()));
    }
}
