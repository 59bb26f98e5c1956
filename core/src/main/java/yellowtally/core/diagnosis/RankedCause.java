package yellowtally.core.diagnosis;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A cause and how it stands.
 *
 * @param share of all that may be behind the complaint, 0 to 1
 * @param evidence what moved it, strongest first
 * @param seen whether a look at the very thing has shown it
 * @param endedBy the answer that it cannot live with; {@code null} while none ends it
 * @param past what was done about it before; {@code null} where nothing was: while neither ends it, it may be it
 */
public record RankedCause(
        Cause cause,
        double share,
        List<Evidence> evidence,
        boolean seen,
        @Nullable Answered endedBy,
        @Nullable CausePast past) {

    /** What was done about a cause already, so that it is behind the complaint no more. */
    public enum CausePast {
        /** It was put right and proved, and the complaint was still there. */
        PUT_RIGHT,
        /** It was found not to be it. */
        NOT_IT
    }

    public RankedCause {
        evidence = List.copyOf(evidence);
    }
}
