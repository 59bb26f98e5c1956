package yellowtally.server.reminders;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import yellowtally.core.plan.Plan;
import yellowtally.core.reminders.Reminder;
import yellowtally.core.reminders.Reminders;
import yellowtally.server.fleet.PartsElsewhere;
import yellowtally.server.packing.DayPacks;
import yellowtally.server.planning.PlannedVisits;
import yellowtally.server.standing.AwayMark;
import yellowtally.server.standing.Standing;

/** What has to be told as the plan and the fleet are now. */
@Component
class Pressing {

    private final PlannedVisits visits;
    private final DayPacks packs;
    private final PartsElsewhere elsewhere;
    private final Clock clock;

    Pressing(PlannedVisits visits, DayPacks packs, PartsElsewhere elsewhere, Clock clock) {
        this.visits = visits;
        this.packs = packs;
        this.elsewhere = elsewhere;
        this.clock = clock;
    }

    /**
     * All of it.
     *
     * @param bookings by the ids of those that are short
     * @param crews names of crews by the ids of their bookings
     */
    record Now(List<Reminder> reminders, Map<String, Plan.BookingAnswer> bookings, Map<String, String> crews) {}

    /** For somebody who looks. */
    @Transactional(readOnly = true)
    public Now now() {
        return of(visits.ahead());
    }

    /** For nobody in particular: a plan that nobody has seen binds none. */
    @Transactional(readOnly = true)
    public Now aside() {
        return of(visits.aside());
    }

    private Now of(PlannedVisits.Ahead ahead) {
        Map<String, Plan.BookingAnswer> bookings = new HashMap<>();
        Map<String, String> crews = new HashMap<>();
        ahead.plan().bookings().forEach(answer -> {
            String id = answer.booking().id().toString();
            bookings.put(id, answer);
            crews.put(id, ahead.crews().getOrDefault(answer.booking().crewId(), ""));
        });
        return new Now(
                Reminders.of(
                        ahead.plan(),
                        spares(ahead),
                        ahead.fleet().stream().map(Pressing::saw).toList(),
                        partsGone(),
                        LocalDate.now(clock)),
                bookings,
                crews);
    }

    private List<Reminders.SpareSoak> spares(PlannedVisits.Ahead ahead) {
        List<Reminders.SpareSoak> spares = new ArrayList<>();
        for (DayPacks.Pack pack : packs.withLoops(ahead)) {
            pack.soaks()
                    .forEach(loop -> spares.add(new Reminders.SpareSoak(
                            loop.saws().get(0), loop.name(), pack.booking().leaves())));
        }
        return spares;
    }

    private List<Reminders.PartGone> partsGone() {
        return elsewhere.now().away().values().stream()
                .map(gone -> new Reminders.PartGone(gone.tag(), gone.who(), gone.expectedOn()))
                .toList();
    }

    private static Reminders.SawNow saw(Standing standing) {
        AwayMark away = standing.away();
        return new Reminders.SawNow(
                standing.fitted().saw().tag(),
                standing.account().tasks(),
                away == null ? null : away.who(),
                away == null ? null : away.expectedOn());
    }
}
