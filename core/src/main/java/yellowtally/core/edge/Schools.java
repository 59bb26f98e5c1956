package yellowtally.core.edge;

/**
 * The ways of working with an edge that a fleet has chosen.
 *
 * @param softWood whether depth gauges are set for soft wood
 */
public record Schools(FilingSchool filing, GaugeSchool gauges, boolean softWood) {

    /** What holds until somebody chooses. */
    public static final Schools STANDARD = new Schools(FilingSchool.HAND_AND_MACHINE, GaugeSchool.FIXED, false);
}
