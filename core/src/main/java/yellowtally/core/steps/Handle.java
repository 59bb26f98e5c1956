package yellowtally.core.steps;

/** Where a saw is held (handbook section 2). */
public enum Handle {
    REAR,
    TOP
}
