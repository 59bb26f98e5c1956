package yellowtally.core.measure;

import java.time.LocalDate;

/** What {@link DayText} made of a text: a day, or the reason why it is none. */
public sealed interface DayReading {

    /**
     * A day that was read.
     *
     * @param roughly whether only a month or a year was written: the day is the first of it, so that nothing counts too little
     */
    record Read(LocalDate day, boolean roughly) implements DayReading {}

    /** A text that is no day. */
    record Refused(Why why) implements DayReading {}

    /** Why a text was refused. */
    enum Why {
        EMPTY,
        NOT_A_DAY,
        /** Two figures and a stroke: some write the month first, others the day. */
        AMBIGUOUS,
        FUTURE,
        TOO_OLD
    }
}
