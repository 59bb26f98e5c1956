package yellowtally.server.packing;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.pack.PackKind;
import yellowtally.core.pack.PackLine;
import yellowtally.server.people.People;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** What is laid out for the bench, what gangs take along, and what is ticked off at the gate. */
@RestController
class PackController {

    private final DayPacks packs;
    private final LayOuts layOuts;
    private final PackTick.Ticks ticks;
    private final People people;
    private final OnceOnly onceOnly;
    private final FleetRevision revision;
    private final Clock clock;

    PackController(
            DayPacks packs,
            LayOuts layOuts,
            PackTick.Ticks ticks,
            People people,
            OnceOnly onceOnly,
            FleetRevision revision,
            Clock clock) {
        this.packs = packs;
        this.layOuts = layOuts;
        this.ticks = ticks;
        this.people = people;
        this.onceOnly = onceOnly;
        this.revision = revision;
        this.clock = clock;
    }

    /**
     * A pack in short.
     *
     * @param evening on which new loops go into the oil
     * @param lines how many there are; 0 while no saw is known
     * @param ticked how many of them are ticked off
     * @param missing how many of them the stores have too little of
     * @param soaks new loops, that go into the oil on the evening before it leaves
     */
    record PackInShort(
            UUID booking,
            String crew,
            LocalDate leaves,
            LocalTime at,
            LocalDate evening,
            int lines,
            long ticked,
            long missing,
            List<PackLine> soaks) {}

    /**
     * A pack.
     *
     * @param until last day on which the gang is away
     * @param lines as they are packed
     * @param gone what was ticked off and is not on the list any more: it is taken out again
     */
    record PackPage(
            UUID booking,
            String crew,
            LocalDate leaves,
            LocalTime at,
            LocalDate until,
            int days,
            List<PackEntry> lines,
            List<GoneEntry> gone) {}

    /**
     * A line, and what was said of it.
     *
     * @param held whether it is a saw that is held now
     * @param ticked absent while it was not ticked off, or was taken out again
     */
    record PackEntry(PackLine line, boolean held, @Nullable TickedOff ticked) {}

    /**
     * It was ticked off.
     *
     * @param amount so much of it
     * @param enough whether that is still as much as is wanted
     */
    record TickedOff(double amount, boolean enough, String by, Instant at) {}

    /** Something that is not on the list any more. */
    record GoneEntry(PackKind kind, String name, @Nullable Double figure, double amount) {}

    /** Something is ticked off; 0 when it is taken out again. */
    record NewTick(UUID id, PackKind kind, String name, double amount) {}

    /** Each day of the plan. */
    @GetMapping("/api/lay-out")
    @Transactional(readOnly = true)
    List<LayOuts.LaidOut> layOut() {
        return layOuts.now();
    }

    /** Of every booking that is not over. */
    @GetMapping("/api/packs")
    @Transactional(readOnly = true)
    List<PackInShort> packs() {
        return packs.now().stream()
                .map(pack -> new PackInShort(
                        pack.booking().id(),
                        pack.crew(),
                        pack.booking().leaves(),
                        pack.booking().at(),
                        pack.evening(),
                        pack.lines().size(),
                        pack.lines().stream().filter(pack::ticked).count(),
                        pack.lines().stream().filter(line -> line.missing() > 0).count(),
                        pack.soaks()))
                .toList();
    }

    @GetMapping("/api/packs/{bookingId}")
    @Transactional(readOnly = true)
    PackPage pack(@PathVariable UUID bookingId) {
        DayPacks.Pack pack = found(bookingId);
        Map<UUID, String> names = people.names();
        return new PackPage(
                bookingId,
                pack.crew(),
                pack.booking().leaves(),
                pack.booking().at(),
                pack.booking().until(),
                pack.days(),
                pack.lines().stream()
                        .map(line -> new PackEntry(line, pack.held(line), ticked(pack, line, names)))
                        .toList(),
                pack.gone().stream()
                        .map(tick -> new GoneEntry(
                                tick.thing().kind(),
                                tick.thing().name(),
                                tick.thing().figure(),
                                tick.amount()))
                        .toList());
    }

    private static @Nullable TickedOff ticked(DayPacks.Pack pack, PackLine line, Map<UUID, String> names) {
        PackTick tick = pack.ticked().get(DayPacks.thing(line));
        return tick == null || tick.amount() <= 0
                ? null
                : new TickedOff(tick.amount(), pack.ticked(line), names.getOrDefault(tick.personId(), ""), tick.at());
    }

    /** Whoever packs ticks off. */
    @PostMapping("/api/packs/{bookingId}/ticks")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tick(@PathVariable UUID bookingId, @RequestBody NewTick given) {
        onceOnly.run(given.id(), List.of(bookingId, given), () -> {
            revision.touchesNone();
            UUID person = people.acting().id();
            DayPacks.Pack pack = found(bookingId);
            Violations wrong = new Violations();
            double amount = wrong.number("amount", given.amount(), 0, PackTick.MOST);
            wrong.refuseIfAny();
            PackTick.Thing thing = pack.things()
                    .filter(one -> one.kind() == given.kind() && one.name().equals(given.name()))
                    .findFirst()
                    .orElseThrow(() -> Refusal.conflict("", "pack.notListed"));
            if (amount > 0 && thing.kind() == PackKind.SAW && pack.held().contains(thing.name())) {
                throw Refusal.conflict("", "pack.held", thing.name());
            }
            ticks.save(new PackTick(given.id(), bookingId, thing, amount, clock.instant(), person));
        });
    }

    private DayPacks.Pack found(UUID bookingId) {
        return packs.now().stream()
                .filter(pack -> pack.booking().id().equals(bookingId))
                .findFirst()
                .orElseThrow(() -> Refusal.gone("pack.unknown"));
    }
}
