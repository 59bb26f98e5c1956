package yellowtally.core.tension;

/** Where the tips of about three drive links stand against the rail edge under a light pull. */
public enum TipsPosition {
    INSIDE,
    LEVEL,
    CLEAR
}
