package yellowtally.server.usage;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.oiling.FilledOut;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.support.OfSaw;
import yellowtally.server.support.OnceOnly;

/** OutAndBack.Issue saws to a crew and take them back, one or several at once. A held saw is never issued. */
@RestController
class OutingController {

    private final Fleet fleet;
    private final OutAndBack comings;
    private final Outings outings;
    private final OnceOnly onceOnly;

    OutingController(Fleet fleet, OutAndBack comings, Outings outings, OnceOnly onceOnly) {
        this.fleet = fleet;
        this.comings = comings;
        this.outings = outings;
        this.onceOnly = onceOnly;
    }

    /**
     * A saw that is out.
     *
     * @param id of its entry, to put it right
     * @param refuels tanks logged so far
     * @param oilTanks of bar oil logged with them; absent when nobody looked
     * @param oilOfAll whether somebody looked at every one of them
     */
    record OpenOuting(
            UUID id,
            String tag,
            UUID crewId,
            Instant outAt,
            long refuels,
            @Nullable Double oilTanks,
            boolean oilOfAll) {}

    @GetMapping("/api/outings/open")
    @Transactional(readOnly = true)
    List<OpenOuting> open() {
        List<Outing> open = outings.open();
        Map<UUID, Refuelled> refuels = outings
                .refuels(open.stream().map(Outing::id).toList())
                .stream()
                .collect(Collectors.toMap(Refuelled::outingId, Function.identity()));
        Map<UUID, Fleet.SawName> saws = fleet.sawNames();
        return open.stream()
                .map(outing -> {
                    FilledOut logged = refuels.getOrDefault(outing.id(), Refuelled.none(outing.id()))
                            .filled();
                    return new OpenOuting(
                            outing.id(),
                            Objects.requireNonNull(saws.get(outing.sawId())).tag(),
                            outing.crewId(),
                            outing.outAt(),
                            logged.tanks(),
                            logged.oilTanks(),
                            logged.tellsAll());
                })
                .toList();
    }

    @PostMapping("/api/outings/issue")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void issue(@RequestBody OutAndBack.Issue given) {
        onceOnly.run(given.id(), given, () -> comings.issue(given));
    }

    @PostMapping("/api/outings/return")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@RequestBody OutAndBack.Return given) {
        onceOnly.run(given.id(), given, () -> comings.takeBack(given));
    }

    @PostMapping("/api/saws/{tag}/refuels")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void refuel(@PathVariable String tag, @RequestBody OutAndBack.NewRefuel given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> comings.refuel(tag, given));
    }

    /** The last tank that was logged was none. */
    @PostMapping("/api/saws/{tag}/refuels/undo")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBackRefuel(@PathVariable String tag, @RequestBody OutAndBack.NoRefuel given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> comings.takeBackRefuel(tag, given));
    }
}
