package yellowtally.core.bar;

import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.NoseKind;

/** Whether noses get grease (handbook section 5): each time or never, for what is left ungreased fills with dirt. */
public enum NosePolicy {
    /** A greasable nose at each use, through its hole. */
    EACH_USE,
    /** A nose without a hole too, from the rim with the chain off. */
    FROM_RIM,
    NEVER;

    /** Whether a nose gets grease by it; a solid one has nothing to grease. */
    public boolean greases(@Nullable NoseKind nose) {
        return switch (this) {
            case EACH_USE -> nose == NoseKind.GREASABLE_SPROCKET;
            case FROM_RIM -> nose == NoseKind.GREASABLE_SPROCKET || nose == NoseKind.SEALED_SPROCKET;
            case NEVER -> false;
        };
    }
}
