package yellowtally.core.cuttingset;

/** The tip of a bar. A solid nose has no sprocket and so no teeth of its own to match (handbook section 2). */
public enum NoseKind {
    SEALED_SPROCKET,
    GREASABLE_SPROCKET,
    SOLID
}
