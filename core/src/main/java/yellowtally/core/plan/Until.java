package yellowtally.core.plan;

import org.jspecify.annotations.Nullable;

/**
 * What a saw waits for, and until when.
 *
 * @param day first day on which it is over, 0 is today; {@link Chore#NEVER} while nobody can say
 * @param what the article or the gang, as people call it; {@code null} where the cause tells all
 */
public record Until(WaitCause cause, int day, @Nullable String what) {

    /** Nothing is in the way. */
    public static final Until NOW = new Until(WaitCause.NONE, 0, null);

    /** What is in the way. */
    public enum WaitCause {
        NONE,
        /** It is out with a gang. */
        OUT,
        /** A part is missing; nobody has ordered it where there is no day. */
        PART,
        /** Its loop lies in the oil overnight first. */
        SOAK,
        /** It stands on card until a dry day is on record. */
        STANDS,
        /** It is for a mechanic, and nobody has it yet. */
        MECHANIC,
        /** A mechanic or dealer has it. */
        AWAY,
        /** The officer left it out. */
        LEFT_OUT,
        /** Its visit is longer than any bench has minutes on any day. */
        TOO_LONG
    }

    /** The later of two. */
    Until orLater(Until other) {
        return other.day > day ? other : this;
    }
}
