package yellowtally.core.edge;

/** How deep depth gauges are set (handbook section 4). */
public enum GaugeSchool {
    /** One setting for the whole life of a loop. */
    FIXED,
    /** The setting grows as the cutter recedes, so that the attack angle stays. */
    PROGRESSIVE
}
