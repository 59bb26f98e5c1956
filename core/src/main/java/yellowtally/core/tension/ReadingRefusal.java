package yellowtally.core.tension;

/**
 * A reading outside what is physically possible; nothing is concluded from it.
 *
 * @param why what is wrong with it
 * @param given the figure given, mm or degrees
 * @param most the largest figure taken for this method on this bar, same unit
 */
public record ReadingRefusal(Why why, double given, double most) implements TensionJudgement {

    /** What is wrong with the reading. */
    public enum Why {
        NOT_A_NUMBER,
        NEGATIVE,
        MORE_THAN_BAR_ALLOWS,
        MORE_THAN_ADJUSTER_ALLOWS
    }
}
