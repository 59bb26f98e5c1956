package yellowtally.server.board;

import io.swagger.v3.oas.annotations.media.ArraySchema;
import io.swagger.v3.oas.annotations.media.Schema;
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
import tools.jackson.databind.util.RawValue;
import yellowtally.core.fitness.FaultEntry;
import yellowtally.core.oiling.LeakWatch;
import yellowtally.core.steps.Handle;
import yellowtally.core.steps.Power;
import yellowtally.core.visit.RideAlong;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.Urgency;
import yellowtally.core.waiting.Waiting;
import yellowtally.server.board.ToldSaws.Told;
import yellowtally.server.fleet.Crew;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.usage.Outing;
import yellowtally.server.usage.Outings;

/** The board: rails with plates, and the work that waits, most urgent first. */
@RestController
class BoardController {

    private final ToldSaws saws;
    private final Standings standings;
    private final Outings outings;
    private final Fleet fleet;
    private final Clock clock;

    BoardController(ToldSaws saws, Standings standings, Outings outings, Fleet fleet, Clock clock) {
        this.saws = saws;
        this.standings = standings;
        this.outings = outings;
        this.fleet = fleet;
        this.clock = clock;
    }

    /**
     * The whole board at a moment.
     *
     * @param onCard saws that stand on card, the next to be looked at first
     */
    record Board(
            Instant at,
            List<Rail> rails,

            @ArraySchema(schema = @Schema(implementation = WorkRow.class))
            List<RawValue> work,

            List<OnCard> onCard) {}

    /**
     * A saw that stands on fresh card.
     *
     * @param nextLook when somebody has to look; absent when it was wet and waits for work
     */
    record OnCard(
            String tag,
            UUID faultId,
            LeakWatch.LeakState state,
            @Nullable Instant nextLook) {}

    /** Where plates hang. */
    enum RailKind {
        RACK,
        CREW,
        BENCH,
        AWAY,
        HELD
    }

    /** A rail and its plates, by tag. */
    record Rail(
            RailKind kind,
            @Nullable UUID crewId,
            @Nullable String crew,

            @ArraySchema(schema = @Schema(implementation = Plate.class))
            List<RawValue> plates) {}

    /**
     * A saw's plate.
     *
     * @param barLengthMm absent without a bar
     * @param headline the most urgent work; absent when none waits
     * @param visit absent when it is not on the bench
     * @param away with whom it is; absent when it is not with a mechanic or dealer
     */
    record Plate(
            String tag,
            FitState state,
            @Nullable Double barLengthMm,
            Handle handle,
            Power power,
            @Nullable Waiting headline,
            @Nullable BenchMark visit,
            @Nullable String away) {

        static Plate of(Standing standing) {
            var fitted = standing.fitted();
            var details = fitted.saw().details();
            return new Plate(
                    fitted.saw().tag(),
                    standing.account().state(),
                    fitted.bar() == null ? null : fitted.bar().spec().lengthMm(),
                    details.handle(),
                    details.power(),
                    standing.account().work().stream().findFirst().orElse(null),
                    BenchMark.of(standing),
                    who(standing));
        }
    }

    private static @Nullable String who(Standing standing) {
        return standing.away() == null ? null : standing.away().who();
    }

    /** How far a visit is. */
    record BenchMark(UUID visitId, int stepsDone, int steps) {

        static @Nullable BenchMark of(Standing standing) {
            return standing.visit() == null
                    ? null
                    : new BenchMark(
                            standing.visit().id(),
                            standing.visit().stepsDone(),
                            standing.visit().steps());
        }
    }

    /**
     * What waits on one saw.
     *
     * @param minutes bench minutes of a visit that does all that is due (est.)
     * @param rideAlongs what is worth doing with it
     * @param crew the crew it is out with; absent when it is in
     * @param away the mechanic or dealer who has it; absent when none has
     */
    record WorkRow(
            String tag,
            Power power,
            FitState state,
            @Nullable String crew,
            @Nullable String away,
            @Nullable BenchMark visit,
            List<Waiting> work,
            double minutes,
            List<RideAlong> rideAlongs,
            List<FamilyTallies.Tally> tallies) {

        /** As urgent as the most urgent work of the saw; then by tag. */
        static final Comparator<WorkRow> BY_URGENCY = Comparator.comparing(
                        (WorkRow row) -> row.work().get(0), Urgency.MOST_URGENT_FIRST)
                .thenComparing(WorkRow::tag);

        static WorkRow of(Standing standing, @Nullable String crew) {
            List<Waiting> work = standing.account().work();
            boolean something = work.stream().anyMatch(Waiting::forToday);
            return new WorkRow(
                    standing.fitted().saw().tag(),
                    standing.profile().power(),
                    standing.account().state(),
                    crew,
                    who(standing),
                    BenchMark.of(standing),
                    work,
                    something ? standing.plan().bill().totalMinutes() : 0,
                    standing.plan().rideAlongs(),
                    FamilyTallies.of(standing.account().tasks()));
        }
    }

    @GetMapping("/api/board")
    @Transactional(readOnly = true)
    Board board() {
        List<Standing> all = standings.all();
        Map<UUID, UUID> crewOf = new HashMap<>();
        for (Outing outing : outings.open()) {
            crewOf.put(outing.sawId(), outing.crewId());
        }
        List<Crew> crews = fleet.crews();
        Map<UUID, String> crewNames = new HashMap<>();
        crews.forEach(crew -> crewNames.put(crew.id(), crew.name()));

        List<Told> told = saws.of(all, id -> crewNames.get(crewOf.get(id)));
        List<Told> waiting = told.stream()
                .filter(saw -> saw.row() != null)
                .sorted(Comparator.comparing(Told::row, WorkRow.BY_URGENCY))
                .toList();
        return new Board(
                clock.instant(),
                rails(told, crewOf, crews),
                waiting.stream().map(Told::rowAsSent).toList(),
                onCard(all));
    }

    private List<OnCard> onCard(List<Standing> all) {
        List<OnCard> found = new ArrayList<>();
        for (Standing standing : all) {
            for (FaultEntry fault : standing.ledger().faults()) {
                LeakWatch watch = fault.watch(standing.ledger().lastBack(), clock.instant(), standing.numbers());
                if (watch.nextLook() != null || watch.state() == LeakWatch.LeakState.WET) {
                    found.add(new OnCard(
                            standing.fitted().saw().tag(), (UUID) fault.id(), watch.state(), watch.nextLook()));
                }
            }
        }
        found.sort(Comparator.comparing(OnCard::nextLook, Comparator.nullsLast(Comparator.naturalOrder())));
        return found;
    }

    private static List<Rail> rails(List<Told> saws, Map<UUID, UUID> crewOf, List<Crew> crews) {
        List<RawValue> rack = new ArrayList<>();
        List<RawValue> bench = new ArrayList<>();
        List<RawValue> away = new ArrayList<>();
        List<RawValue> held = new ArrayList<>();
        Map<UUID, List<RawValue>> out = new HashMap<>();
        for (Told saw : saws) {
            UUID crew = crewOf.get(saw.sawId());
            List<RawValue> here = saw.plate().away() != null
                    ? away
                    : saw.plate().visit() != null ? bench : saw.plate().state() == FitState.HELD ? held : rack;
            List<RawValue> rail = crew == null ? here : out.computeIfAbsent(crew, c -> new ArrayList<>());
            rail.add(saw.plateAsSent());
        }
        List<Rail> rails = new ArrayList<>();
        rails.add(new Rail(RailKind.RACK, null, null, rack));
        crews.stream()
                .filter(crew -> crew.leftOn() == null || out.containsKey(crew.id()))
                .forEach(crew -> rails.add(
                        new Rail(RailKind.CREW, crew.id(), crew.name(), out.getOrDefault(crew.id(), List.of()))));
        rails.add(new Rail(RailKind.BENCH, null, null, bench));
        if (!away.isEmpty()) {
            rails.add(new Rail(RailKind.AWAY, null, null, away));
        }
        rails.add(new Rail(RailKind.HELD, null, null, held));
        return rails;
    }
}
