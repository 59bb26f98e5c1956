package yellowtally.core.steps;

/** Whose record a step is, and whose use counts for its task: a part may have come from another saw. */
public enum Subject {
    SAW,
    CHAIN,
    BAR,
    SPROCKET
}
