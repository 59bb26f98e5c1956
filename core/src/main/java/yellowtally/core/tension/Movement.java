package yellowtally.core.tension;

/** How the chain moves along the bar by a gloved hand, brake off. */
public enum Movement {
    /** Freely, by one finger. */
    ONE_FINGER,
    /** By the hand, with some effort. */
    BY_HAND,
    /** Not at all. */
    WILL_NOT_MOVE
}
