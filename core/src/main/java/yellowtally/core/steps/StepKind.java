package yellowtally.core.steps;

/** What the hand does in a step, and so which input it has. */
public enum StepKind {
    /** Say that it is done. */
    CONFIRM,
    /** Look: fine, attend or fail. */
    LOOK,
    /** Try whether it works: passes or fails. */
    FUNCTION_TEST,
    CLEAN,
    MEASURE,
    FILE,
    GREASE,
    /** The tension check with its own readings. */
    TENSION,
    /** Half a minute over clean card: line, faint, none. */
    CARD,
    FILL,
    /** Which of several causes was it. */
    CAUSE,
    /** Another part is fitted. */
    REPLACE,
    /** Something is mended in place. */
    REPAIR
}
