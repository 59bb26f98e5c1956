package yellowtally.server.packing;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.pack.DayPack;
import yellowtally.core.pack.FreeLoops;
import yellowtally.core.pack.PackKind;
import yellowtally.core.pack.PackLine;
import yellowtally.core.pack.PackSaw;
import yellowtally.core.pack.ShelfLoop;
import yellowtally.core.pack.Stores;
import yellowtally.core.plan.Booking;
import yellowtally.core.plan.Plan;
import yellowtally.core.schedule.Seasons;
import yellowtally.core.waiting.FitState;
import yellowtally.server.packing.PackTick.Thing;
import yellowtally.server.planning.PlannedVisits;
import yellowtally.server.settings.HouseRules;
import yellowtally.server.standing.Standing;
import yellowtally.server.stores.ForPacks;

/** The packs of all gangs that have booked saws: what each takes along, and what of it was ticked off. */
@Component
public class DayPacks {

    private final PlannedVisits visits;
    private final ForPacks shelf;
    private final PackTick.Ticks ticks;
    private final Clock clock;

    DayPacks(PlannedVisits visits, ForPacks shelf, PackTick.Ticks ticks, Clock clock) {
        this.visits = visits;
        this.shelf = shelf;
        this.ticks = ticks;
        this.clock = clock;
    }

    /**
     * A pack.
     *
     * @param crew what its crew is called
     * @param days that it is away
     * @param held tags of its saws that are held now: they are not packed before they are released
     * @param lines what it takes along; nothing where no saw is known yet
     * @param ticked what was said last of each thing, those that are no longer wanted among them
     */
    public record Pack(
            Booking booking,
            String crew,
            int days,
            Set<String> held,
            List<PackLine> lines,
            Map<Thing, PackTick> ticked) {

        /** Loops that go into the oil the evening before. */
        public List<PackLine> soaks() {
            return lines.stream().filter(PackLine::soaks).toList();
        }

        /** The evening before it leaves. */
        public LocalDate evening() {
            return booking.leaves().minusDays(1);
        }

        /** What was ticked off and is not on the list any more. */
        List<PackTick> gone() {
            Set<Thing> wanted = lines.stream().map(DayPacks::thing).collect(Collectors.toSet());
            return ticked.values().stream()
                    .filter(tick -> tick.amount() > 0 && !wanted.contains(tick.thing()))
                    .toList();
        }

        /** All that can be ticked off, or taken out again. */
        Stream<Thing> things() {
            return Stream.concat(
                    lines.stream().map(DayPacks::thing), gone().stream().map(PackTick::thing));
        }

        /** Whether it is a saw that stays here for now. */
        boolean held(PackLine line) {
            return line.kind() == PackKind.SAW && held.contains(line.name());
        }

        boolean ticked(PackLine line) {
            PackTick tick = ticked.get(thing(line));
            return tick != null && !held(line) && line.metBy(tick.amount());
        }
    }

    static Thing thing(PackLine line) {
        return new Thing(line.kind(), line.name(), line.figure());
    }

    /** Of every booking that is not over, the one that leaves first first. */
    public List<Pack> now() {
        return of(visits.ahead(), shelf.now());
    }

    /** For somebody who wants to know of its loops alone: of all else nobody asks the stores. */
    public List<Pack> withLoops(PlannedVisits.Ahead ahead) {
        return of(ahead, Stores.UNASKED);
    }

    /** The same of a plan and stores that were read before. */
    List<Pack> of(PlannedVisits.Ahead ahead, Stores stores) {
        Map<UUID, Map<Thing, PackTick>> said = said(ahead.bookings());
        Map<UUID, Plan.BookingAnswer> answers = ahead.plan().bookings().stream()
                .collect(Collectors.toMap(answer -> answer.booking().id(), answer -> answer));
        Map<String, Standing> fleet = new LinkedHashMap<>();
        ahead.fleet().forEach(standing -> fleet.put(standing.fitted().saw().tag(), standing));
        List<ShelfLoop> loops = shelf.loops();
        HouseRules rules = ahead.rules();
        // What lies in a box stays there, whoever leaves before.
        List<FreeLoops.Gang> gangs = new ArrayList<>();
        for (Booking booking : ahead.bookings()) {
            gangs.add(new FreeLoops.Gang(booking, packed(PackKind.LOOP, said.getOrDefault(booking.id(), Map.of()))));
        }
        List<Pack> packs = new ArrayList<>();
        for (Booking booking : ahead.bookings()) {
            Map<Thing, PackTick> ticked = said.getOrDefault(booking.id(), Map.of());
            List<PackSaw> saws = saws(booking, answers.get(booking.id()), ticked, ahead).stream()
                    .map(fleet::get)
                    .flatMap(Stream::ofNullable)
                    .map(standing -> PackFacts.of(standing, List.of()))
                    .toList();
            Set<String> held = saws.stream()
                    .map(PackSaw::tag)
                    .filter(tag -> held(fleet.get(tag)))
                    .collect(Collectors.toSet());
            int days = (int) ChronoUnit.DAYS.between(booking.leaves(), booking.until()) + 1;
            List<PackLine> lines = DayPack.of(
                    new DayPack.Trip(days, fire(booking, rules.seasons())),
                    saws,
                    FreeLoops.of(loops, booking, gangs),
                    packed(PackKind.LOOP, ticked),
                    stores,
                    rules.volumeUnit(),
                    rules.numbers());
            gangs.add(new FreeLoops.Gang(booking, DayPack.loopsOf(lines)));
            packs.add(new Pack(booking, ahead.crews().getOrDefault(booking.crewId(), ""), days, held, lines, ticked));
        }
        return packs;
    }

    private static boolean held(@Nullable Standing standing) {
        return standing == null || standing.account().state() == FitState.HELD;
    }

    private static boolean fire(Booking booking, Seasons seasons) {
        return booking.leaves().datesUntil(booking.until().plusDays(1)).anyMatch(seasons::fire);
    }

    /** What the plan gives it; on its day what its crew has taken; once it has all, or has left, what was ticked off, too. */
    private Set<String> saws(
            Booking booking,
            Plan.@Nullable BookingAnswer answer,
            Map<Thing, PackTick> ticked,
            PlannedVisits.Ahead ahead) {
        Set<String> tags = new LinkedHashSet<>();
        if (answer != null) {
            answer.saws().forEach(saw -> tags.add(saw.tag()));
        }
        tags.addAll(ahead.took().getOrDefault(booking.id(), Set.of()));
        if (answer == null && !booking.leaves().isAfter(LocalDate.now(clock))) {
            packed(PackKind.SAW, ticked).stream()
                    .filter(tag -> !ahead.out().contains(tag))
                    .forEach(tags::add);
        }
        return tags;
    }

    private static Set<String> packed(PackKind kind, Map<Thing, PackTick> ticked) {
        return ticked.values().stream()
                .filter(tick -> tick.amount() > 0 && tick.thing().kind() == kind)
                .map(tick -> tick.thing().name())
                .collect(Collectors.toSet());
    }

    private Map<UUID, Map<Thing, PackTick>> said(Collection<Booking> bookings) {
        Map<UUID, Map<Thing, PackTick>> said = new HashMap<>();
        ticks.findByBookingIdInOrderByAt(bookings.stream().map(Booking::id).toList())
                .forEach(tick -> said.computeIfAbsent(tick.bookingId(), id -> new LinkedHashMap<>())
                        .put(tick.thing(), tick));
        return said;
    }
}
