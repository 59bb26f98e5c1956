package yellowtally.server.board;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.fitness.FitState;
import yellowtally.core.fitness.WaitingWork;
import yellowtally.core.tension.TensionSetting;
import yellowtally.core.tension.TensionSettings;
import yellowtally.server.bench.Standing;
import yellowtally.server.bench.Standings;
import yellowtally.server.fleet.Crew;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.SawChoices;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.usage.Outing;
import yellowtally.server.usage.Outings;

/** The board: rails with plates, and the work that waits, most urgent first. */
@RestController
class BoardController {

    private final Standings standings;
    private final Outings outings;
    private final Fleet fleet;
    private final FleetSettings settings;
    private final Clock clock;

    BoardController(Standings standings, Outings outings, Fleet fleet, FleetSettings settings, Clock clock) {
        this.standings = standings;
        this.outings = outings;
        this.fleet = fleet;
        this.settings = settings;
        this.clock = clock;
    }

    /** The whole board at a moment. */
    record Board(Instant at, List<Rail> rails, List<WorkRow> work) {}

    /** Where plates hang. */
    enum RailKind {
        RACK,
        CREW,
        HELD
    }

    /** A rail and its plates, by tag. */
    record Rail(
            RailKind kind, @Nullable UUID crewId, @Nullable String crew, List<Plate> plates) {}

    /**
     * A saw's plate.
     *
     * @param barLengthMm absent without a bar
     * @param headline the most urgent work; absent when none waits
     */
    record Plate(
            String tag,
            FitState state,
            @Nullable Double barLengthMm,
            SawChoices.Handle handle,
            SawChoices.Power power,
            WaitingWork.@Nullable What headline) {}

    /**
     * What waits on one saw.
     *
     * @param minutes bench minutes of all of it that can be done now
     * @param crew the crew it is out with; absent when it is in
     */
    record WorkRow(
            String tag, FitState state, @Nullable String crew, List<WaitingWork> work, double minutes, Tally tension) {}

    /** Use since the last passing check against its limit. */
    record Tally(int outings, double tanks, double limitOutings, double limitTanks) {}

    @GetMapping("/api/board")
    @Transactional(readOnly = true)
    Board board() {
        TensionSettings numbers = settings.rules().tension();
        List<Standing> all = standings.all();
        Map<UUID, UUID> crewOf = new HashMap<>();
        for (Outing outing : outings.findByOpenSawIdNotNull()) {
            crewOf.put(outing.sawId(), outing.crewId());
        }
        List<Crew> crews = fleet.crews();
        Map<UUID, String> crewNames = new HashMap<>();
        crews.forEach(crew -> crewNames.put(crew.id(), crew.name()));

        List<WorkRow> work = all.stream()
                .filter(s -> !s.fitness().work().isEmpty())
                .map(s -> row(s, crewNames.get(crewOf.get(s.fitted().saw().id())), numbers))
                .sorted(BY_URGENCY)
                .toList();
        return new Board(clock.instant(), rails(all, crewOf, crews), work);
    }

    /** Held before due before fit; then the most urgent kind of work; then by tag. */
    private static final Comparator<WorkRow> BY_URGENCY = Comparator.comparing(WorkRow::state)
            .reversed()
            .thenComparing(row -> row.work().get(0).what())
            .thenComparing(WorkRow::tag);

    private static List<Rail> rails(List<Standing> all, Map<UUID, UUID> crewOf, List<Crew> crews) {
        List<Plate> rack = new ArrayList<>();
        List<Plate> held = new ArrayList<>();
        Map<UUID, List<Plate>> out = new HashMap<>();
        for (Standing standing : all) {
            Plate plate = plate(standing);
            UUID crew = crewOf.get(standing.fitted().saw().id());
            if (crew != null) {
                out.computeIfAbsent(crew, c -> new ArrayList<>()).add(plate);
            } else if (plate.state() == FitState.HELD) {
                held.add(plate);
            } else {
                rack.add(plate);
            }
        }
        List<Rail> rails = new ArrayList<>();
        rails.add(new Rail(RailKind.RACK, null, null, rack));
        crews.forEach(crew ->
                rails.add(new Rail(RailKind.CREW, crew.id(), crew.name(), out.getOrDefault(crew.id(), List.of()))));
        rails.add(new Rail(RailKind.HELD, null, null, held));
        return rails;
    }

    private static Plate plate(Standing standing) {
        var fitted = standing.fitted();
        var details = fitted.saw().details();
        List<WaitingWork> work = standing.fitness().work();
        return new Plate(
                fitted.saw().tag(),
                standing.fitness().state(),
                fitted.bar() == null ? null : fitted.bar().lengthMm(),
                details.handle(),
                details.power(),
                work.isEmpty() ? null : work.get(0).what());
    }

    private static WorkRow row(Standing standing, @Nullable String crew, TensionSettings numbers) {
        List<WaitingWork> work = standing.fitness().work();
        return new WorkRow(
                standing.fitted().saw().tag(),
                standing.fitness().state(),
                crew,
                work,
                WaitingWork.minutesNow(work),
                new Tally(
                        standing.account().outingsSincePass(),
                        standing.account().tanksSincePass(),
                        numbers.of(TensionSetting.CHECK_OUTINGS),
                        numbers.of(TensionSetting.CHECK_TANKS)));
    }
}
