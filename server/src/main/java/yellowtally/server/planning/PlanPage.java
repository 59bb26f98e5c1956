package yellowtally.server.planning;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.plan.Booking;
import yellowtally.core.plan.Plan;
import yellowtally.core.plan.Wanted;
import yellowtally.core.plan.WayOut;
import yellowtally.core.steps.Power;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.Waiting;
import yellowtally.server.standing.Standing;

/**
 * The plan as the screen shows it.
 *
 * @param days every day, days off among them
 * @param bookings that leave within the plan, as they leave
 * @param later bookings that leave after it
 * @param evenings what goes into the oil on which evening
 * @param minutes of all visits
 * @param waiting saw-days of waiting that are held, or overdue in safety
 * @param missing saws that bookings are short
 * @param saws each saw that the plan names, by tag
 */
record PlanPage(
        LocalDate today,
        List<PlanDay> days,
        List<PlanBooking> bookings,
        List<PlanBooking> later,
        List<Plan.LeftSaw> left,
        List<Plan.PinNotKept> notKept,
        List<Evening> evenings,
        double minutes,
        int waiting,
        int missing,
        Map<String, PlanSaw> saws) {

    /**
     * A day.
     *
     * @param minutes that are left of it
     * @param done what was done today already, minutes (est.); 0 on other days
     * @param planned minutes of its visits
     * @param note why its minutes are not as usual; absent when nobody said
     */
    record PlanDay(
            LocalDate day,
            double minutes,
            double done,
            double planned,
            @Nullable String note,
            List<Plan.PlannedVisit> visits) {}

    /**
     * A booking.
     *
     * @param taken saws that the crew has already, on the morning on which it leaves
     * @param candidates saws of the fleet that are of the kind asked for
     * @param waysOut what would still help
     */
    record PlanBooking(
            UUID id,
            UUID crewId,
            String crew,
            LocalDate leaves,
            LocalTime at,
            LocalDate until,
            Wanted wanted,
            @Nullable String note,
            List<Plan.GivenSaw> saws,
            int taken,
            int missing,
            int candidates,
            List<WayOut> waysOut) {}

    /** What goes into the oil on an evening, for which saw. */
    record Evening(LocalDate evening, String tag, String what, LocalDate fittedOn) {}

    /** A saw as its plate says it. */
    record PlanSaw(
            FitState state,
            @Nullable Double barLengthMm,
            Power power,
            @Nullable Waiting headline) {}

    /** A visit or a booking that is otherwise; days are absent where it is on none. */
    record MovedVisit(
            String tag, @Nullable LocalDate from, @Nullable LocalDate to) {}

    static PlanPage of(Plans.Made made) {
        Plan plan = made.plan();
        Map<UUID, PlanFacts.Noted> noted = new HashMap<>();
        made.facts().bookings().forEach(one -> noted.put(one.booking().id(), one));
        List<PlanDay> days = new ArrayList<>();
        List<Evening> evenings = new ArrayList<>();
        Set<String> named = new HashSet<>();
        for (Plan.Day day : plan.days()) {
            PlanFacts.Minutes said = made.facts().byDay().get(day.day());
            days.add(new PlanDay(
                    day.day(),
                    day.minutes(),
                    day.day().equals(made.known().today()) ? made.known().doneMinutes() : 0,
                    day.planned(),
                    said == null ? null : said.note(),
                    day.visits()));
            for (Plan.PlannedVisit visit : day.visits()) {
                named.add(visit.tag());
                if (visit.soaks() != null) {
                    evenings.add(new Evening(day.day().minusDays(1), visit.tag(), visit.soaks(), day.day()));
                }
            }
        }
        List<PlanBooking> bookings = new ArrayList<>();
        for (Plan.BookingAnswer answer : plan.bookings()) {
            bookings.add(booking(answer, noted, made));
            answer.saws().forEach(saw -> named.add(saw.tag()));
            answer.waysOut().forEach(way -> named.add(way.tag()));
            noted.remove(answer.booking().id());
        }
        plan.left().forEach(left -> named.add(left.tag()));
        LocalDate last = made.known().today().plusDays(plan.days().size() - 1L);
        return new PlanPage(
                made.known().today(),
                days,
                bookings,
                noted.values().stream()
                        .filter(one -> one.booking().leaves().isAfter(last))
                        .sorted(Comparator.comparing(one -> one.booking().leaves()))
                        .map(one -> booking(
                                new Plan.BookingAnswer(one.booking(), List.of(), 0, 0, List.of()),
                                Map.of(one.booking().id(), one),
                                made))
                        .toList(),
                plan.left(),
                plan.notKept(),
                evenings,
                plan.minutes(),
                plan.waiting(),
                plan.missing(),
                saws(named, made));
    }

    private static PlanBooking booking(Plan.BookingAnswer answer, Map<UUID, PlanFacts.Noted> noted, Plans.Made made) {
        Booking booking = answer.booking();
        PlanFacts.Noted with = noted.get(booking.id());
        Wanted wanted = with == null ? booking.wanted() : with.booking().wanted();
        return new PlanBooking(
                booking.id(),
                booking.crewId(),
                made.known().crews().getOrDefault(booking.crewId(), ""),
                booking.leaves(),
                booking.at(),
                booking.until(),
                wanted,
                with == null ? null : with.note(),
                answer.saws(),
                wanted.saws() - booking.wanted().saws(),
                answer.missing(),
                answer.candidates(),
                answer.waysOut());
    }

    private static Map<String, PlanSaw> saws(Set<String> named, Plans.Made made) {
        Map<String, PlanSaw> saws = new TreeMap<>();
        for (Standing standing : made.known().fleet()) {
            var fitted = standing.fitted();
            if (named.contains(fitted.saw().tag())) {
                saws.put(
                        fitted.saw().tag(),
                        new PlanSaw(
                                standing.account().state(),
                                fitted.bar() == null
                                        ? null
                                        : fitted.bar().spec().lengthMm(),
                                fitted.saw().details().power(),
                                standing.account().work().stream().findFirst().orElse(null)));
            }
        }
        return saws;
    }

    /** Visits of one plan that are on another day in the other, by tag. */
    static List<MovedVisit> moved(Plan before, Plan after) {
        Map<String, List<LocalDate>> from = days(before);
        Map<String, List<LocalDate>> to = days(after);
        Set<String> tags = new TreeSet<>(from.keySet());
        tags.addAll(to.keySet());
        List<MovedVisit> moved = new ArrayList<>();
        for (String tag : tags) {
            List<LocalDate> was = new ArrayList<>(from.getOrDefault(tag, List.of()));
            List<LocalDate> is = new ArrayList<>(to.getOrDefault(tag, List.of()));
            List<LocalDate> both = new ArrayList<>(was);
            both.retainAll(is);
            was.removeAll(both);
            is.removeAll(both);
            for (int i = 0; i < Math.max(was.size(), is.size()); i++) {
                moved.add(new MovedVisit(tag, i < was.size() ? was.get(i) : null, i < is.size() ? is.get(i) : null));
            }
        }
        return moved;
    }

    private static Map<String, List<LocalDate>> days(Plan plan) {
        Map<String, List<LocalDate>> days = new HashMap<>();
        for (Plan.Day day : plan.days()) {
            day.visits()
                    .forEach(visit -> days.computeIfAbsent(visit.tag(), tag -> new ArrayList<>())
                            .add(day.day()));
        }
        return days;
    }
}
