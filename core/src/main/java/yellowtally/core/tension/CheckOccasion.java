package yellowtally.core.tension;

/** Why a tension check was made. */
public enum CheckOccasion {
    ROUTINE,
    /** The set was apart: first tension after fitting or cleaning. Its turns seat the bar, they are no growth. */
    SET_WAS_APART,
    /** New chain, after running one minute without cutting. */
    RECHECK_ONE_MINUTE,
    /** New chain, after five minutes of light cutting. */
    RECHECK_LIGHT_CUTTING,
    /** New chain, after its first tank. */
    RECHECK_FIRST_TANK,
    /** After the first cuts, when the set had been apart. */
    FIRST_CUTS;

    /** Whether turns taken up at this check count as growth of the chain. */
    public boolean countsAsGrowth() {
        return this != SET_WAS_APART;
    }
}
