package yellowtally.core.oiling;

import java.util.List;

/** Where a saw is wet after it stood on fresh card, and what that speaks for (handbook section 7). */
public enum Wet {
    DRY,
    CAP,
    BAR_SIDE,
    BELOW;

    /** What leaks there. */
    public enum Suspect {
        CAP_SEAL,
        HOSE,
        PUMP_SEAL,
        TANK
    }

    /** What may leak when it is wet here, likeliest first; none when dry. */
    public List<Suspect> suspects() {
        return switch (this) {
            case DRY -> List.of();
            case CAP -> List.of(Suspect.CAP_SEAL);
            case BAR_SIDE -> List.of(Suspect.HOSE, Suspect.PUMP_SEAL);
            case BELOW -> List.of(Suspect.HOSE, Suspect.TANK);
        };
    }
}
