package yellowtally.server.planning;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import yellowtally.core.plan.Booking;
import yellowtally.core.plan.Plan;
import yellowtally.server.fleet.SawValue;
import yellowtally.server.settings.HouseRules;
import yellowtally.server.standing.Standing;
import yellowtally.server.stores.StockAhead;

/** The plan for other rooms: today's part for the paper that lies at the bench, all of it for a calendar. */
@Component
public class PlannedVisits {

    private final Plans plans;

    PlannedVisits(Plans plans) {
        this.plans = plans;
    }

    /**
     * What is planned for today.
     *
     * @param minutes that are left of the day
     * @param planned minutes of its visits (est.)
     * @param saws in the order in which they are served
     * @param later tags of saws that wait for another day, by their day
     */
    public record Today(double minutes, double planned, List<Standing> saws, List<String> later) {}

    /**
     * All of it.
     *
     * @param crews what crews are called, those of its bookings among them
     * @param fleet where each saw stands
     * @param bookings that are not over: those of the plan, those under way and those that come after it
     * @param took tags of the saws that a crew was given for its booking, by the id of the booking
     * @param out tags of all saws that are out
     * @param stock what the work that waits takes from the shelf
     * @param rules the settings by which it was planned
     */
    public record Ahead(
            Plan plan,
            Map<UUID, String> crews,
            List<Standing> fleet,
            List<Booking> bookings,
            Map<UUID, Set<String>> took,
            Set<String> out,
            StockAhead.Ahead stock,
            HouseRules rules) {}

    /** The plan as it is now. */
    public Ahead ahead() {
        return of(plans.now());
    }

    /** The same for nobody who looks at it: the next plan need not stay near it. */
    public Ahead aside() {
        return of(plans.aside());
    }

    private static Ahead of(Plans.Made made) {
        PlanQuestions.Known known = made.known();
        List<Booking> bookings =
                made.facts().bookings().stream().map(PlanFacts.Noted::booking).toList();
        Map<UUID, Set<String>> took = new HashMap<>();
        bookings.forEach(booking -> took.put(
                booking.id(),
                known.tookFor(booking).stream()
                        .map(fitted -> fitted.saw().tag())
                        .collect(Collectors.toSet())));
        return new Ahead(
                made.plan(),
                known.crews(),
                known.fleet(),
                bookings,
                took,
                known.fleet().stream()
                        .map(standing -> standing.fitted().saw())
                        .filter(saw -> known.out().containsKey(saw.id()))
                        .map(SawValue::tag)
                        .collect(Collectors.toSet()),
                known.stock(),
                known.rules());
    }

    /** Today's part, as the plan is now. */
    public Today today() {
        Plans.Made made = plans.now();
        Map<String, Standing> byTag = made.known().fleet().stream()
                .collect(Collectors.toMap(standing -> standing.fitted().saw().tag(), Function.identity()));
        List<Plan.Day> days = made.plan().days();
        Plan.Day today = days.get(0);
        List<Standing> saws = new ArrayList<>();
        today.visits().forEach(visit -> {
            Standing standing = byTag.get(visit.tag());
            if (standing != null) {
                saws.add(standing);
            }
        });
        List<String> later = days.stream()
                .skip(1)
                .flatMap(day -> day.visits().stream())
                .filter(visit -> !visit.again())
                .map(Plan.PlannedVisit::tag)
                .distinct()
                .toList();
        return new Today(today.minutes(), today.planned(), saws, later);
    }
}
