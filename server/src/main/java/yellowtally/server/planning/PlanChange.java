package yellowtally.server.planning;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Handle;
import yellowtally.core.steps.Power;

/**
 * What could be otherwise, all at once: tried first, then kept or dropped.
 *
 * @param bookings new ones, or others in the place of those they name
 * @param calledOff bookings that are no more
 * @param minutes of benches on days
 * @param wishes of the officer, one for each saw at most
 */
record PlanChange(
        List<BookingInput> bookings, List<UUID> calledOff, List<MinutesInput> minutes, List<WishInput> wishes) {

    /** Nothing else. */
    static final PlanChange NONE = new PlanChange(List.of(), List.of(), List.of(), List.of());

    PlanChange {
        bookings = List.copyOf(bookings);
        calledOff = List.copyOf(calledOff);
        minutes = List.copyOf(minutes);
        wishes = List.copyOf(wishes);
    }

    /** The same with the minutes as they are. */
    PlanChange withoutMinutes() {
        return new PlanChange(bookings, calledOff, List.of(), wishes);
    }

    /**
     * A crew wants saws.
     *
     * @param id made by the client
     * @param amends the booking whose place it takes; absent for a new one
     * @param bar shortest that does, as typed; absent when any does
     * @param until last day away; absent when that is the day on which it leaves
     */
    record BookingInput(
            UUID id,
            @Nullable UUID amends,
            UUID crewId,
            LocalDate leaves,
            LocalTime at,
            @Nullable LocalDate until,
            int saws,
            @Nullable String bar,
            @Nullable Handle handle,
            @Nullable Power power,
            @Nullable String note) {}

    /**
     * Minutes of each bench.
     *
     * @param day absent for every such day of the week
     * @param weekday 1 for Monday; absent for one day
     */
    record MinutesInput(
            @Nullable LocalDate day,
            @Nullable Integer weekday,
            double minutes,
            @Nullable String note) {}

    /** What the officer may want of a saw. */
    enum WishKind {
        /** On the bench on that day. */
        ON_DAY,
        /** Not in the plan. */
        LEFT_OUT,
        /** As the plan has it. */
        AS_PLANNED
    }

    /** What the officer wants of a saw; {@code day} only with {@code ON_DAY}. */
    record WishInput(String tag, WishKind kind, @Nullable LocalDate day) {}
}
