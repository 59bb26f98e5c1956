package yellowtally.core.steps;

/** How the chain gets its oil (handbook section 2). */
public enum OilerKind {
    AUTOMATIC_FIXED,
    AUTOMATIC_ADJUSTABLE,
    HAND_BULB
}
