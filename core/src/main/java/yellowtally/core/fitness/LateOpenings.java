package yellowtally.core.fitness;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.fitness.TensionLedger.CheckEntry;
import yellowtally.core.tension.CheckOccasion;

/**
 * Work that opened a cutting set, written down only after its tension had been read again. What is entered late counts from when
 * it was done: the first reading that passed after it seated the bar, and those before that one were read on an open set, whatever
 * was thought when they were made (handbook section 11, rules 5 and 10).
 */
public final class LateOpenings {

    private LateOpenings() {}

    /**
     * The same checks by all that is known by now.
     *
     * @param ofOneSaw checks of one loop on one saw, in order of time
     * @param openings when the set of that saw was opened by such work, any order
     */
    public static List<CheckEntry> reckoned(List<CheckEntry> ofOneSaw, Collection<Instant> openings) {
        if (openings.isEmpty()) {
            return ofOneSaw;
        }
        List<CheckEntry> reckoned = new ArrayList<>();
        Instant lastPass = null;
        for (CheckEntry check : ofOneSaw) {
            boolean apart = openedBetween(openings, lastPass, check.at());
            reckoned.add(apart ? check.madeFor(CheckOccasion.SET_WAS_APART) : check);
            lastPass = check.ended().passes() ? check.at() : lastPass;
        }
        return reckoned;
    }

    private static boolean openedBetween(Collection<Instant> openings, @Nullable Instant after, Instant until) {
        return openings.stream().anyMatch(opened -> !opened.isAfter(until) && (after == null || opened.isAfter(after)));
    }
}
