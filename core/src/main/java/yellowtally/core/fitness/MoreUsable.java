package yellowtally.core.fitness;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.TaskWaits;
import yellowtally.core.waiting.Waiting;

/**
 * What a correction would take off a saw: whatever makes it more usable than it is needs the rank of what it does (handbook
 * section 11, rule 3).
 */
public final class MoreUsable {

    private MoreUsable() {}

    /** Two pieces of work are one and the same when they say the same of the same thing. */
    private record Key(
            Enum<?> what, @Nullable Step step, @Nullable Finding finding) {

        static Key of(Waiting waits) {
            return new Key(waits.what(), waits.step(), waits.finding());
        }
    }

    /**
     * What waits before and would not wait after. A task of the schedule that was only due is none of it: it comes again by
     * itself.
     */
    public static List<Waiting> gained(SawAccount before, SawAccount after) {
        return missing(before, after).stream()
                .filter(waits -> waits.state() == FitState.HELD
                        || (waits.state() == FitState.DUE && !(waits instanceof TaskWaits)))
                .toList();
    }

    /** What holds before and would not hold after: it holds on until it is looked at anew. */
    public static List<Waiting> lifted(SawAccount before, SawAccount after) {
        return gained(before, after).stream()
                .filter(waits -> waits.state() == FitState.HELD)
                .toList();
    }

    /** What would wait after and does not wait before. */
    public static List<Waiting> lost(SawAccount before, SawAccount after) {
        return missing(after, before).stream()
                .filter(waits -> waits.state() != FitState.FIT)
                .toList();
    }

    private static List<Waiting> missing(SawAccount from, SawAccount in) {
        Set<Key> there = in.work().stream().map(Key::of).collect(Collectors.toSet());
        return from.work().stream()
                .filter(waits -> !there.contains(Key.of(waits)))
                .toList();
    }
}
