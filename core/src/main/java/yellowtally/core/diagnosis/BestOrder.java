package yellowtally.core.diagnosis;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import yellowtally.core.diagnosis.Diagnosis.Outcome;
import yellowtally.core.stages.Stage;

/**
 * The order of checks that costs least minutes on average, found by looking ahead at every answer to every check to the end: what
 * the finder is measured by on complaints small enough for it (general practice). It is bound by the same rules as the finder:
 * what may be made next, and when a cause stands clear.
 */
public final class BestOrder {

    /** What an end without a cause costs, minutes (est.): a mechanic begins anew. */
    public static final double UNCLEAR_MINUTES = 60;

    private final Finder finder;
    private final boolean best;
    private final Map<State, Double> known = new HashMap<>();

    private record State(Set<Answered> answers, Set<Stage> open) {}

    private BestOrder(Finder finder, boolean best) {
        this.finder = finder;
        this.best = best;
    }

    /** Minutes to expect in the best order there is. */
    public static double bestMinutes(Finder finder) {
        return new BestOrder(finder, true).minutes(List.of());
    }

    /** Minutes to expect when the finder's own next check is made each time. */
    public static double finderMinutes(Finder finder) {
        return new BestOrder(finder, false).minutes(List.of());
    }

    private double minutes(List<Answered> path) {
        Diagnosis stands = finder.after(path);
        if (stands.outcome() == Outcome.CLEAR) {
            return 0;
        }
        if (!stands.outcome().goesOn()) {
            return UNCLEAR_MINUTES;
        }
        State state = new State(Set.copyOf(path), stands.open());
        Double before = known.get(state);
        if (before != null) {
            return before;
        }
        double least = Double.POSITIVE_INFINITY;
        List<OfferedCheck> offers = best ? finder.allowed(path) : List.of(Objects.requireNonNull(stands.next()));
        for (OfferedCheck offer : offers) {
            least = Math.min(least, offer.minutes() + after(path, offer.check()));
        }
        known.put(state, least);
        return least;
    }

    private double after(List<Answered> path, Check check) {
        double here = finder.probability(path);
        double sum = 0;
        for (String answer : new TreeSet<>(check.answers().keySet())) {
            List<Answered> next = new ArrayList<>(path);
            next.add(new Answered(check.code(), answer));
            sum += finder.probability(next) / here * minutes(next);
        }
        return sum;
    }
}
