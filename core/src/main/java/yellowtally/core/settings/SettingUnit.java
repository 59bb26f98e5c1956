package yellowtally.core.settings;

/** Unit of a numeric setting. */
public enum SettingUnit {
    MM,
    DEGREES,
    FACTOR,
    PERCENT,
    MINUTES,
    HOURS,
    OUTINGS,
    TANKS,
    CHARGES,
    DAYS,
    SHARPENINGS,
    LOOPS,
    COUNT,
    CELSIUS,
    MILLILITRES
}
