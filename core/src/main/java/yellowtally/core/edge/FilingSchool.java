package yellowtally.core.edge;

/** How a fleet keeps its edges (handbook section 4). */
public enum FilingSchool {
    /** By hand, and now and then a pass on the machine to bring all cutters to one length. */
    HAND_AND_MACHINE,
    /** By hand only: cutters are brought to one length with the file. */
    HAND_ONLY,
    /** On the machine every time: it brings all to one length anyway. */
    MACHINE_ONLY
}
