package yellowtally.core.tension;

/** Why a verdict is what it is; a verdict lists the ones that carried it, the strongest first. */
public enum TensionReason {
    /** Slack against the target slack, pulled methods. */
    RATIO,
    /** Figure against the method's own good band. */
    BAND,
    /** By eye only: tips against the rail edge. */
    BY_EYE,
    /** Slack so large that the chain can climb off, whatever the method. */
    THROW_RATIO,
    /** Tips clear of the groove with nobody pulling. */
    TIPS_CLEAR_WITHOUT_PULL,
    /** Does not move by hand though the brake is off. */
    WILL_NOT_MOVE,
    /** Moves by the hand but not freely by one finger. */
    NOT_BY_ONE_FINGER,
    /** Did not spring back when lifted. */
    NO_SPRING_BACK,
    /** Lifts hardly at all and yet does not spring back. */
    CONTRADICTORY,
    /** Binds in one place. */
    TIGHT_SPOT,
    /** Loose though it is dry, and a dry chain reads falsely tight. */
    LOOSE_EVEN_DRY,
    /** A condition for a fair reading was not met. */
    UNFAIR,
    /** Read on a hot chain: provisional. */
    READ_HOT,
    /** Was tightened while hot. */
    TIGHTENED_HOT
}
