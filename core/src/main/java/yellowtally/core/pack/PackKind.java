package yellowtally.core.pack;

/** Kinds of things that are taken along or laid out, in the order in which they are packed (handbook sections 4, 9 and 10). */
public enum PackKind {
    SAW,
    /** A spare loop, one by one by its tag, or by what it is where none is there. */
    LOOP,
    /** Anything else that the work of the day takes from the shelf. */
    ARTICLE,
    /** A round file; its figure is the diameter, mm. */
    ROUND_FILE,
    /** The flat file and the gauge tool, for the depth gauges. */
    GAUGE_FILE,
    /** For the bar nuts; its figure is the size across flats, mm, and absent where nobody has said. */
    NUT_KEY,
    /** For an adjuster that is turned with one. */
    SCREWDRIVER,
    GREASE_GUN,
    /** Mixed fuel, mL; its figure is the ratio, and absent where nobody has said. */
    FUEL_MIX,
    /** Bar oil, mL. */
    BAR_OIL,
    /** Charged batteries, by charges. */
    CHARGES,
    /** A cable, with a switch that trips. */
    CABLE,
    PLUG,
    PLUG_KEY,
    /** Spare bar nuts; its figure is the size across flats, mm, and absent where nobody has said. */
    BAR_NUT,
    AIR_FILTER,
    FIRST_AID,
    /** Where the season asks for it. */
    EXTINGUISHER;

    /** Whether it is measured out, mL, and not counted. */
    public boolean measured() {
        return this == FUEL_MIX || this == BAR_OIL;
    }
}
