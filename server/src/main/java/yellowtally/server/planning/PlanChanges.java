package yellowtally.server.planning;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.plan.Booking;
import yellowtally.core.plan.Wanted;
import yellowtally.server.fleet.Crew;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.Person;
import yellowtally.server.planning.PlanChange.BookingInput;
import yellowtally.server.planning.PlanChange.MinutesInput;
import yellowtally.server.planning.PlanChange.WishInput;
import yellowtally.server.planning.PlanChange.WishKind;
import yellowtally.server.planning.PlanFacts.Minutes;
import yellowtally.server.planning.PlanFacts.Noted;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;
import yellowtally.server.worklog.DoneToday;

/** What stands of bookings, minutes and wishes; how a change would make it; and the change written down. */
@Service
class PlanChanges {

    private static final int MOST_SAWS = 200;
    private static final int FARTHEST_DAYS = 365;
    private static final int LONGEST_DAYS = 60;
    private static final int MOST_MINUTES = 1440;
    private static final int WEEK = 7;
    private static final double SHORTEST_BAR_MM = 150;
    private static final double LONGEST_BAR_MM = 1600;
    private static final int NOTE = 200;

    private final PlanRepositories.Bookings bookings;
    private final PlanRepositories.Minutes minutes;
    private final PlanRepositories.Wishes wishes;
    private final DoneToday done;
    private final Fleet fleet;
    private final FleetSettings settings;
    private final Clock clock;

    PlanChanges(
            PlanRepositories.Bookings bookings,
            PlanRepositories.Minutes minutes,
            PlanRepositories.Wishes wishes,
            DoneToday done,
            Fleet fleet,
            FleetSettings settings,
            Clock clock) {
        this.bookings = bookings;
        this.minutes = minutes;
        this.wishes = wishes;
        this.done = done;
        this.fleet = fleet;
        this.settings = settings;
        this.clock = clock;
    }

    /** As it stands. */
    PlanFacts facts() {
        LocalDate today = LocalDate.now(clock);
        Map<LocalDate, Minutes> byDay = new HashMap<>();
        Map<Integer, Double> byWeekday = new HashMap<>();
        minutes.since(today).forEach(said -> {
            if (said.dayOn() != null) {
                byDay.put(said.dayOn(), new Minutes(said.minutes(), said.note()));
            } else if (said.weekday() != null) {
                byWeekday.put(said.weekday(), said.minutes());
            }
        });
        return new PlanFacts(
                bookings.findByEndedAtNullAndUntilOnGreaterThanEqualOrderByLeavesOnAscLeavesAtAsc(today).stream()
                        .map(booking -> new Noted(booking.booking(), booking.note()))
                        .toList(),
                byDay,
                byWeekday,
                standingWishes());
    }

    /** A wish is done with the first visit that was ended after it. */
    private Map<String, Optional<LocalDate>> standingWishes() {
        Map<String, Optional<LocalDate>> found = new HashMap<>();
        List<PlanWish> standing = wishes.findByEndedAtNullOrderByAt();
        if (standing.isEmpty()) {
            return found;
        }
        Map<UUID, Instant> ended = done.endedSince(standing.get(0).at());
        Map<UUID, Fleet.SawName> names = fleet.sawNames();
        for (PlanWish wish : standing) {
            Instant visit = ended.get(wish.sawId());
            Fleet.SawName saw = names.get(wish.sawId());
            boolean isDone = wish.dayOn() != null && visit != null && !visit.isBefore(wish.at());
            if (saw != null && !isDone) {
                found.put(saw.tag(), Optional.ofNullable(wish.dayOn()));
            }
        }
        return found;
    }

    /** As it would stand after a change; all that is wrong with it is told at once. */
    PlanFacts with(PlanFacts facts, PlanChange change) {
        Violations wrong = new Violations();
        Set<UUID> gone = new HashSet<>(change.calledOff());
        change.bookings().forEach(asked -> {
            if (asked.amends() != null) {
                gone.add(asked.amends());
            }
        });
        List<Noted> standing = new ArrayList<>(facts.bookings().stream()
                .filter(one -> !gone.contains(one.booking().id()))
                .toList());
        change.bookings().forEach(asked -> {
            Noted read = read(asked, standing, wrong);
            if (read != null) {
                standing.add(read);
            }
        });
        Map<LocalDate, Minutes> byDay = new HashMap<>(facts.byDay());
        Map<Integer, Double> byWeekday = new HashMap<>(facts.byWeekday());
        change.minutes().forEach(said -> put(said, byDay, byWeekday, wrong));
        Map<String, Optional<LocalDate>> wanted = new HashMap<>(facts.wishes());
        change.wishes().forEach(wish -> put(wish, wanted, wrong));
        wrong.refuseIfAny();
        return new PlanFacts(standing, byDay, byWeekday, wanted);
    }

    private @Nullable Noted read(BookingInput asked, List<Noted> standing, Violations wrong) {
        LocalDate today = LocalDate.now(clock);
        Violations own = new Violations();
        LocalDate until = asked.until() == null ? asked.leaves() : asked.until();
        Crew crew = fleet.crewHere(asked.crewId());
        if (asked.leaves().isBefore(today)) {
            own.add("leaves", "booking.past");
        } else if (asked.leaves().equals(today)
                && asked.leaves()
                        .atTime(asked.at())
                        .atZone(clock.getZone())
                        .toInstant()
                        .isBefore(clock.instant())) {
            own.add("at", "booking.pastToday");
        } else if (asked.leaves().isAfter(today.plusDays(FARTHEST_DAYS))) {
            own.add("leaves", "booking.far");
        }
        if (until.isBefore(asked.leaves())) {
            own.add("until", "booking.until");
        } else if (until.isAfter(asked.leaves().plusDays(LONGEST_DAYS))) {
            own.add("until", "booking.long", LONGEST_DAYS);
        }
        own.number("saws", (double) asked.saws(), 1, MOST_SAWS);
        Double bar = asked.bar() == null || asked.bar().isBlank()
                ? null
                : own.length("bar", asked.bar(), settings.lengthUnit(), SHORTEST_BAR_MM, LONGEST_BAR_MM)
                        .orElse(null);
        String note = own.optionalText("note", asked.note(), NOTE);
        if (wrong.takeOver(own)) {
            return null;
        }
        Booking booking = new Booking(
                asked.id(),
                asked.crewId(),
                asked.leaves(),
                asked.at(),
                until,
                new Wanted(asked.saws(), bar, asked.handle(), asked.power()));
        for (Noted other : standing) {
            if (other.booking().crewId().equals(asked.crewId())
                    && other.booking().overlaps(booking)) {
                wrong.add(
                        "leaves",
                        "booking.clash",
                        crew.name(),
                        other.booking().leaves(),
                        other.booking().until());
                return null;
            }
        }
        return new Noted(booking, note);
    }

    private void put(
            MinutesInput said, Map<LocalDate, Minutes> byDay, Map<Integer, Double> byWeekday, Violations wrong) {
        double of = wrong.number("minutes", said.minutes(), 0, MOST_MINUTES);
        String note = wrong.optionalText("note", said.note(), NOTE);
        if (said.day() != null) {
            if (said.day().isBefore(LocalDate.now(clock))) {
                wrong.add("day", "plan.pastDay");
            }
            byDay.put(said.day(), new Minutes(of, note));
        } else {
            double weekday = said.weekday() == null ? 0 : said.weekday();
            byWeekday.put((int) wrong.number("weekday", weekday, 1, WEEK), of);
        }
    }

    private void put(WishInput wish, Map<String, Optional<LocalDate>> wanted, Violations wrong) {
        String tag = fleet.sawInService(wish.tag()).tag();
        switch (wish.kind()) {
            case AS_PLANNED -> wanted.remove(tag);
            case LEFT_OUT -> wanted.put(tag, Optional.empty());
            case ON_DAY -> {
                if (wish.day() == null) {
                    wrong.add("day", "missing");
                } else if (wish.day().isBefore(LocalDate.now(clock))) {
                    wrong.add("day", "plan.pastDay");
                } else {
                    wanted.put(tag, Optional.of(wish.day()));
                }
            }
        }
    }

    /** Writes a change down. */
    void keep(PlanChange change, Person by) {
        PlanFacts after = with(facts(), change);
        Instant now = clock.instant();
        change.calledOff().forEach(id -> end(id, now, by));
        for (BookingInput asked : change.bookings()) {
            // A record is never written over.
            if (bookings.existsById(asked.id())) {
                throw Refusal.conflict("", "write.other");
            }
            if (asked.amends() != null) {
                end(asked.amends(), now, by);
            }
            after.bookings().stream()
                    .filter(one -> one.booking().id().equals(asked.id()))
                    .forEach(one ->
                            bookings.save(new CrewBooking(one.booking(), one.note(), asked.amends(), now, by.id())));
        }
        for (MinutesInput said : change.minutes()) {
            LocalDate day = said.day();
            minutes.save(
                    day != null
                            ? BenchMinutes.on(day, said.minutes(), noted(said.note()), now, by.id())
                            : BenchMinutes.every(
                                    said.weekday() == null ? 0 : said.weekday(), said.minutes(), now, by.id()));
        }
        for (WishInput wish : change.wishes()) {
            Saw saw = fleet.sawInService(wish.tag());
            wishes.findBySawIdAndEndedAtNull(saw.id()).forEach(before -> before.end(now, by.id()));
            if (wish.kind() != WishKind.AS_PLANNED) {
                wishes.save(new PlanWish(saw.id(), wish.kind() == WishKind.ON_DAY ? wish.day() : null, now, by.id()));
            }
        }
    }

    private static @Nullable String noted(@Nullable String typed) {
        return typed == null || typed.isBlank() ? null : typed.strip();
    }

    private void end(UUID id, Instant now, Person by) {
        CrewBooking booking = bookings.findById(id).orElseThrow(() -> Refusal.gone("booking.unknown"));
        if (!booking.stands()) {
            throw Refusal.conflict("", "booking.ended");
        }
        booking.end(now, by.id());
    }
}
