package yellowtally.core.waiting;

import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import yellowtally.core.holds.Need;
import yellowtally.core.holds.Need.NeedKind;
import yellowtally.core.stages.Stage;

/** What is missing until a held saw may go out, each once, in the order of the hands (handbook section 11). */
public final class StillNeeded {

    private StillNeeded() {}

    /**
     * The proofs that what holds still wants; what only waits wants none here. A saw that lies open is closed before it runs:
     * tests with the engine come last, the brake before all others. The rest stays in the order in which the most urgent hold
     * names it.
     */
    public static List<Need> of(Collection<Waiting> work) {
        Set<Need> needs = new LinkedHashSet<>();
        work.stream()
                .filter(waits -> waits.state() == FitState.HELD)
                .flatMap(StillNeeded::of)
                .forEach(needs::add);
        // Stable: what does not run stays where it was named.
        Comparator<Need> running = Comparator.comparing(StillNeeded::runs)
                .thenComparing((one, other) -> runs(one) ? one.step().compareTo(other.step()) : 0);
        return needs.stream().sorted(running).toList();
    }

    private static Stream<Need> of(Waiting waits) {
        if (!waits.needs().isEmpty()) {
            return waits.needs().stream();
        }
        return waits.provedBy().stream()
                .map(step -> Need.of(step.replaces() == null ? NeedKind.PASS : NeedKind.NEW_PART, step));
    }

    private static boolean runs(Need need) {
        return need.step().stage() == Stage.RUNNING;
    }
}
