package yellowtally.core.diagnosis;

import java.util.EnumSet;
import java.util.Set;

/** What can happen to a fault. */
public enum FaultEventKind {
    ANSWERED,
    /** The last answer that stands is taken back. */
    TAKEN_BACK,
    CAUSE_FOUND,
    /** That was not it: the questions go on. */
    CAUSE_DROPPED,
    /** What was found is put right and proved, and the complaint is still there: the rest of the ranking goes on. */
    STILL_THERE,
    /** An answer that stood is doubted, whoever gave it: it is asked for again. */
    DOUBTED,
    /** A complaint told in words is sorted: it is one of those that are known. */
    SORTED,
    /** It goes to a qualified mechanic with the record so far. */
    TO_MECHANIC,
    /** It is back, and said to be put right: its proof comes now. */
    FROM_MECHANIC,
    /** Stood on fresh card. */
    STOOD,
    /** Looked at the card. */
    LOOKED,
    CLOSED,
    /** An officer ends it: nobody could find it, and what it was about passed its test. */
    NOT_CONFIRMED,
    /** An officer ends it: it was entered by mistake. */
    MISTAKEN;

    /** What ends a fault. */
    public static final Set<FaultEventKind> ENDS = EnumSet.of(CLOSED, NOT_CONFIRMED, MISTAKEN);
}
