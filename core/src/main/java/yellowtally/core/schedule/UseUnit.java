package yellowtally.core.schedule;

/** What is counted towards a limit (handbook section 10). */
public enum UseUnit {
    /** Tanks of fuel; charges on a battery saw, run hours on a corded one. */
    TANKS,
    OUTINGS,
    DAYS,
    DAYS_IN_USE,
    FIRE_SEASON_DAYS,
    SHARPENINGS,
    /** Loops fitted on the sprocket. */
    LOOPS;

    /** Whether each outing adds to it. */
    public boolean ofUse() {
        return this == TANKS || this == OUTINGS || this == DAYS_IN_USE;
    }

    /** Whether the calendar alone tells it, without any use on record. */
    public boolean ofCalendar() {
        return this == DAYS || this == FIRE_SEASON_DAYS;
    }
}
