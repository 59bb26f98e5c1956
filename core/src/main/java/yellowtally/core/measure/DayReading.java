package yellowtally.core.measure;

import java.time.LocalDate;

/** What {@link DayText} made of a text: a day, or the reason why it is none. */
public sealed interface DayReading {

    /**
     * A day that was read.
     *
     * @param day the day; of a month or a year its first one, so that nothing counts too little
     * @param last the last day that can be meant; the same where a day was written
     */
    record Read(LocalDate day, LocalDate last) implements DayReading {

        /** Whether only a month or a year was written. */
        public boolean roughly() {
            return last.isAfter(day);
        }
    }

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
