package yellowtally.core.diagnosis;

/** What the program knows of a saw before the first question; each makes some causes likelier (handbook section 12). */
public enum Signal {
    /** Oil ratio under its right range. */
    OIL_USE_LOW,
    OIL_USE_HIGH,
    /** The clean under the cover is due. */
    LONG_SINCE_CLEAN,
    /** Out in rain since the last clean. */
    RAIN_OUTINGS,
    GROUND_STRUCK,
    /** Grown past the watch limit. */
    CHAIN_GROWN,
    TAKES_UP_FAST,
    /** Rechecks of a new chain are open still. */
    NEW_CHAIN,
    LOOSE_WHEN_READ,
    TIGHT_WHEN_READ,
    LEFT_CUTTERS_LONGER,
    RIGHT_CUTTERS_LONGER,
    /** Longest less shortest of a side over its limit. */
    CUTTERS_UNEVEN,
    SHARPEN_OVERDUE,
    GAUGES_OVERDUE,
    /** Another sprocket came on and the oil was not proved since. */
    FRESH_SPROCKET,
    /** Measured to plan or to replace. */
    SPROCKET_WORN,
    /** Clearance under its watch limit. */
    GROOVE_WORN,
    RAILS_OVERDUE,
    FLIP_OVERDUE,
    NOSE_UNGREASED,
    BEARING_OVERDUE,
    FILTER_OVERDUE,
    PLUG_OVERDUE,
    ARRESTOR_OVERDUE,
    STARTER_OVERDUE,
    TANKS_OVERDUE,
    FUEL_OLD
}
