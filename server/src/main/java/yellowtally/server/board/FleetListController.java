package yellowtally.server.board;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.edge.EdgeLife;
import yellowtally.core.steps.Handle;
import yellowtally.core.steps.Power;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.Waiting;
import yellowtally.server.fleet.Crew;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.standing.FittedSaw;
import yellowtally.server.standing.FittedSaw.Hung;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.usage.Outing;
import yellowtally.server.usage.Outings;

/** The fleet as a list: what each saw is, what hangs on it, where it is and how much of its loop is left. */
@RestController
class FleetListController {

    private final Standings standings;
    private final Outings outings;
    private final Fleet fleet;

    FleetListController(Standings standings, Outings outings, Fleet fleet) {
        this.standings = standings;
        this.outings = outings;
        this.fleet = fleet;
    }

    /**
     * A saw in service.
     *
     * @param loop what hangs on it; absent without one, as bar and sprocket are
     * @param crew whom it is out with; absent when it is in
     * @param onBench whether it has an open visit
     * @param headline the most urgent work; absent when none waits
     * @param cutterLeftPercent of its loop: 100 when new, 0 at the mark; absent when it was never measured
     */
    record ListedSaw(
            String tag,
            String make,
            String model,
            Power power,
            Handle handle,
            @Nullable Double barLengthMm,
            @Nullable Pitch pitch,
            @Nullable String bar,
            @Nullable String loop,
            @Nullable String sprocket,
            FitState state,
            @Nullable String crew,
            boolean onBench,
            @Nullable Waiting headline,
            @Nullable Double cutterLeftPercent) {

        static ListedSaw of(Standing standing, @Nullable String crew) {
            FittedSaw fitted = standing.fitted();
            var details = fitted.saw().details();
            EdgeLife edge = standing.wear().edge();
            return new ListedSaw(
                    fitted.saw().tag(),
                    details.model().make(),
                    details.model().name(),
                    details.power(),
                    details.handle(),
                    fitted.bar() == null ? null : fitted.bar().spec().lengthMm(),
                    fitted.chain() == null ? null : fitted.chain().spec().pitch(),
                    tag(fitted.bar()),
                    tag(fitted.chain()),
                    tag(fitted.sprocket()),
                    standing.account().state(),
                    crew,
                    standing.visit() != null,
                    standing.account().work().stream().findFirst().orElse(null),
                    edge == null ? null : Double.valueOf(edge.percentLeft()));
        }

        private static @Nullable String tag(@Nullable Hung<?> part) {
            return part == null ? null : part.tag();
        }
    }

    /** Every saw in service, by tag. */
    @GetMapping("/api/saws")
    @Transactional(readOnly = true)
    List<ListedSaw> saws() {
        Map<UUID, String> crewNames = new HashMap<>();
        for (Crew crew : fleet.crews()) {
            crewNames.put(crew.id(), crew.name());
        }
        Map<UUID, String> crewOf = new HashMap<>();
        for (Outing outing : outings.open()) {
            crewOf.put(outing.sawId(), crewNames.getOrDefault(outing.crewId(), ""));
        }
        return standings.all().stream()
                .map(standing -> ListedSaw.of(
                        standing, crewOf.get(standing.fitted().saw().id())))
                .toList();
    }
}
