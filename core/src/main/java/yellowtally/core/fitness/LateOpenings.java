package yellowtally.core.tension;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Times at which a cutting set was opened, written down only after its tension had been read again. What is entered late counts
 * from when it was done: the first reading that passed after it seated the bar, whatever was thought when it was made
 * (handbook section 11, rules 5 and 10).
 *
 * @param openings any order
 */
public record LateOpenings(Collection<Instant> openings) {

    public LateOpenings {
        openings = List.copyOf(openings);
    }

    /**
     * What a check was for, by all that is known by now.
     *
     * @param told what was written down when it was made
     * @param lastPass when a reading of the same set passed last before it; {@code null} for never
     */
    public CheckOccasion occasion(CheckOccasion told, Instant check, @Nullable Instant lastPass) {
        boolean apart = openings.stream()
                .anyMatch(opened -> !opened.isAfter(check) && (lastPass == null || opened.isAfter(lastPass)));
        return apart ? CheckOccasion.SET_WAS_APART : told;
    }
}
