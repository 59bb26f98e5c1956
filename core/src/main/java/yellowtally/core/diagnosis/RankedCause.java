package yellowtally.core.diagnosis;

import java.util.List;

/**
 * A cause and how it stands.
 *
 * @param share of all that may be behind the complaint, 0 to 1
 * @param evidence what moved it, strongest first
 */
public record RankedCause(Cause cause, double share, List<Evidence> evidence) {

    public RankedCause {
        evidence = List.copyOf(evidence);
    }
}
