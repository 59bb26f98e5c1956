package yellowtally.core.steps;

/** What drives a saw (handbook section 2). */
public enum Power {
    PETROL,
    BATTERY,
    CORDED
}
