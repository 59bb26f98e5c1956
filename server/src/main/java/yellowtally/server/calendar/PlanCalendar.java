package yellowtally.server.calendar;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import yellowtally.core.pack.PackLine;
import yellowtally.core.plan.Booking;
import yellowtally.core.plan.Plan;
import yellowtally.core.plan.Plan.BookingAnswer;
import yellowtally.core.plan.Plan.PlannedVisit;
import yellowtally.server.packing.DayPacks;
import yellowtally.server.planning.PlannedVisits;
import yellowtally.server.sheets.Words;

/** The plan as iCalendar: each day at the bench, what goes into the oil on which evening, and when crews leave with which saws. */
@Component
class PlanCalendar {

    private static final String AND = ", ";
    private static final String LINE = "\n";

    private final PlannedVisits visits;
    private final DayPacks packs;
    private final Clock clock;
    private final Words words = Words.ofScreens();

    PlanCalendar(PlannedVisits visits, DayPacks packs, Clock clock) {
        this.visits = visits;
        this.packs = packs;
        this.clock = clock;
    }

    /** As the plan is now. */
    @Transactional(readOnly = true)
    public String file() {
        PlannedVisits.Ahead ahead = visits.ahead();
        CalendarFile calendar = new CalendarFile("Saw bench", clock.instant());
        for (Plan.Day day : ahead.plan().days()) {
            if (!day.visits().isEmpty()) {
                calendar.add(bench(day), "bench-" + day.day());
            }
            LocalDate evening = day.day().minusDays(1);
            day.visits().stream()
                    .filter(visit -> visit.soaks() != null)
                    .forEach(visit -> calendar.add(
                            soak(evening, visit.soaks() + ", for saw " + visit.tag()),
                            "soak-" + visit.tag() + "-" + evening));
        }
        for (DayPacks.Pack pack : packs.withLoops(ahead)) {
            for (PackLine loop : pack.soaks()) {
                String title = loop.name() + ", a spare for saw " + loop.saws().get(0);
                calendar.add(
                        soak(pack.evening(), title),
                        "soak-" + loop.name() + "-" + pack.booking().id());
            }
        }
        ahead.plan()
                .bookings()
                .forEach(answer -> calendar.add(
                        leaves(
                                answer,
                                ahead.crews().getOrDefault(answer.booking().crewId(), "")),
                        answer.booking().id().toString()));
        return calendar.text();
    }

    private VEvent bench(Plan.Day day) {
        String tags = day.visits().stream().map(PlannedVisit::tag).collect(Collectors.joining(AND));
        String minutes = Math.round(day.planned()) + " of " + Math.round(day.minutes()) + " min";
        VEvent event = wholeDay(day.day(), "Bench: " + tags + " (" + minutes + ")");
        event.add(new Description(day.visits().stream().map(this::told).collect(Collectors.joining(LINE))));
        return event;
    }

    private String told(PlannedVisit visit) {
        String tasks =
                visit.tasks().stream().map(task -> words.of("task", task)).collect(Collectors.joining(AND));
        String others = visit.others() ? "what waits" + (tasks.isEmpty() ? "" : AND) : "";
        return "Saw " + visit.tag() + ", " + Math.round(visit.minutes()) + " min (est.): " + others + tasks;
    }

    private static VEvent soak(LocalDate evening, String what) {
        return wholeDay(evening, "Into the oil this evening: " + what);
    }

    private VEvent leaves(BookingAnswer answer, String crew) {
        Booking booking = answer.booking();
        List<String> tags = answer.saws().stream().map(Plan.GivenSaw::tag).toList();
        String missing = answer.missing() == 0 ? "" : AND + answer.missing() + " short";
        String saws = tags.isEmpty() ? "no saw yet" : "saws " + String.join(AND, tags);
        Instant at =
                booking.leaves().atTime(booking.at()).atZone(clock.getZone()).toInstant();
        return new VEvent(at, at, crew + " leaves: " + saws + missing);
    }

    private static VEvent wholeDay(LocalDate day, String title) {
        return new VEvent(day, day.plusDays(1), title);
    }
}
