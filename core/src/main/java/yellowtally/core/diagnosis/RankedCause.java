package yellowtally.core.diagnosis;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A cause and how it stands.
 *
 * @param share of all that may be behind the complaint, 0 to 1
 * @param evidence what moved it, strongest first
 * @param seen whether a look at the very thing has shown it
 * @param endedBy the answer that it cannot live with; {@code null} while it may be it
 */
public record RankedCause(
        Cause cause,
        double share,
        List<Evidence> evidence,
        boolean seen,
        @Nullable Answered endedBy) {

    public RankedCause {
        evidence = List.copyOf(evidence);
    }
}
