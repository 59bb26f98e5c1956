package yellowtally.core.diagnosis;

/** What the program knows for sure, so that nobody is asked for it (handbook section 12: what is known is not asked). */
public enum KnownFact {
    /** The last tension reading since the saw came back, as it was found; or the chain came back slack. */
    TENSION_RIGHT,
    TENSION_LOOSE,
    TENSION_TIGHT,
    /** The chain could not be pulled round at the last reading, or only past a tight spot. */
    CHAIN_FREE,
    CHAIN_TIGHT_SPOT,
    CHAIN_FAST,
    /** Rechecks of a new loop are open. */
    LOOP_NEW,
    LOOP_MIDDLE_AGED,
    /** Grown to its watch limit or past it. */
    LOOP_GROWN,
    /** Cutters as they were measured last, after filing where that was. */
    SIDES_EVEN,
    LEFT_CUTTERS_LONGER,
    RIGHT_CUTTERS_LONGER,
    SIDES_UNEVEN,
    /** Depth gauges as they were measured last, side by side. */
    LEFT_GAUGES_LOWER,
    RIGHT_GAUGES_LOWER,
    /** The bar lies as the house turns it. */
    BAR_TURNED,
    BAR_NOT_TURNED,
    /** Chain, bar and sprocket by their stamps. */
    PARTS_FIT,
    PARTS_DO_NOT_FIT,
    /** The work of the last outing, by its return. */
    CUT_BRUSH,
    CUT_TRUNKS,
    /** Fuel by the date of its last fill. */
    FUEL_FRESH,
    FUEL_OLD,
    /** Bar oil by the last return: enough was left in the tank, or next to none. */
    OIL_LEFT,
    OIL_RAN_OUT,
    /** Where the card was wet, and that it stayed dry, at the last stand. */
    STOOD_DRY,
    WET_AT_CAP,
    WET_AT_BAR_SIDE,
    WET_BELOW
}
