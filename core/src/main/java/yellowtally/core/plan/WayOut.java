package yellowtally.core.plan;

import java.time.LocalDate;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Something that gives a booking one saw more.
 *
 * @param kind what is to be done
 * @param tag with which saw
 * @param minutes at the bench, zero or more (est.)
 * @param day by when it has to be done; {@code null} where there is no such day
 * @param dayMinutes what each bench would have on that day with them; {@code null} where it is not minutes that help
 * @param what the part to be ordered, or the gang that has the saw; {@code null} where the kind tells all
 * @param usualDays how long such an order takes as a rule, days; {@code null} where nothing is ordered
 * @param inTime whether it would be there by then: only an order may take too long
 * @param lacks what the saw lacks of what was asked for
 * @param barMm its bar, mm; {@code null} without one
 */
public record WayOut(
        WayKind kind,
        String tag,
        double minutes,
        @Nullable LocalDate day,
        @Nullable Double dayMinutes,
        @Nullable String what,
        @Nullable Integer usualDays,
        boolean inTime,
        Set<Wanted.Lack> lacks,
        @Nullable Double barMm) {

    /** What is to be done. The cheaper ones come first where minutes are equal. */
    public enum WayKind {
        /** Take one that is fit and not quite what was asked for. */
        TAKE_OTHER,
        /** Work these minutes longer on that day. */
        WORK_LONGER,
        /** A gang has it and could bring it back by then. */
        BORROW,
        /** The part for it has to be here by then. */
        ORDER
    }

    public WayOut {
        lacks = Set.copyOf(lacks);
    }
}
