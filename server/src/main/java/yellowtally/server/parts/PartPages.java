package yellowtally.server.parts;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import yellowtally.core.bar.BarFlip;
import yellowtally.core.cuttingset.SprocketSpec;
import yellowtally.core.drive.Pairing;
import yellowtally.core.drive.Rotation;
import yellowtally.core.edge.EdgeLife;
import yellowtally.core.fitness.SawWear;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Power;
import yellowtally.core.steps.Subject;
import yellowtally.core.stores.CostPerTank;
import yellowtally.core.wear.WearKind;
import yellowtally.server.fleet.Bar;
import yellowtally.server.fleet.BarView;
import yellowtally.server.fleet.Chain;
import yellowtally.server.fleet.ChainView;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.LoopFigures;
import yellowtally.server.fleet.OfItsMaker;
import yellowtally.server.fleet.Part;
import yellowtally.server.fleet.PartCheck;
import yellowtally.server.fleet.PartEvent;
import yellowtally.server.fleet.PartFinder;
import yellowtally.server.fleet.PartsElsewhere;
import yellowtally.server.fleet.Retirements;
import yellowtally.server.fleet.Saw;
import yellowtally.server.fleet.Sprocket;
import yellowtally.server.fleet.SprocketView;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.standing.FittedSaw.Hung;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;

/** What the screens show of a part, and of the wear of a saw. */
@Service
class PartPages {

    private final PartFinder finder;
    private final Fleet fleet;
    private final FleetSettings settings;
    private final People people;
    private final Lineage lineage;
    private final Standings standings;
    private final Insights insights;
    private final PartCheck check;
    private final PartsElsewhere elsewhere;
    private final Retirements retirements;
    private final LoopFigures figures;
    private final Clock clock;

    PartPages(
            PartFinder finder,
            Fleet fleet,
            FleetSettings settings,
            People people,
            Lineage lineage,
            Standings standings,
            Insights insights,
            PartCheck check,
            PartsElsewhere elsewhere,
            Retirements retirements,
            LoopFigures figures,
            Clock clock) {
        this.finder = finder;
        this.fleet = fleet;
        this.settings = settings;
        this.people = people;
        this.lineage = lineage;
        this.standings = standings;
        this.insights = insights;
        this.check = check;
        this.elsewhere = elsewhere;
        this.retirements = retirements;
        this.figures = figures;
        this.clock = clock;
    }

    /**
     * A part.
     *
     * @param condemned whether something found on it keeps it from being fitted
     * @param wear absent readings leave the list empty
     * @param changes when it was retired and brought back, in order of time
     * @param figures what was told anew of what its maker says, in order of time
     * @param power how the saw burns that it hangs on; petrol on the shelf, where nobody can tell
     * @param cost absent while it has hardly run, or nobody said what it cost
     */
    record PartPage(
            String tag,
            Subject kind,
            @Nullable ChainView chain,
            @Nullable BarView bar,
            @Nullable SprocketView sprocket,
            @Nullable Integer costCents,
            @Nullable Instant retiredAt,
            @Nullable String retiredBy,
            @Nullable String retiredReason,
            boolean condemned,
            Power power,
            double tanks,
            List<PartChange> changes,
            List<FiguresChange> figures,
            List<StayView> stays,
            List<WearView> wear,
            @Nullable EdgeLife edge,
            @Nullable CostPerTank cost) {}

    /** It was retired, or brought back; {@code by} is absent where that was not kept. */
    record PartChange(
            PartEvent.PartEventKind change,
            Instant at,
            @Nullable String by,
            String reason) {}

    /** What the maker of a loop says of it was told anew. */
    record FiguresChange(Instant at, String by, String reason, OfItsMaker before, OfItsMaker after) {}

    /**
     * A stay on a saw.
     *
     * @param sprocket the sprocket that a loop ran on; absent for other parts
     * @param loop which of {@code loops} on that sprocket it was; absent likewise
     */
    record StayView(
            String saw,
            Instant from,
            @Nullable Instant until,
            double tanks,
            @Nullable String sprocket,
            @Nullable Integer loop,
            @Nullable Integer loops) {}

    /**
     * How the set of a saw is worn.
     *
     * @param parts for each fitted part: where it has been
     * @param nextLoop the loop whose turn it is on this sprocket; absent when none takes turns
     */
    record SawWearPage(
            List<WearView> wear,
            @Nullable EdgeLife edge,
            double dressingMm,
            int dressingsMeasured,
            @Nullable Integer dressingsLeft,
            @Nullable BarFlip flip,
            @Nullable Integer sprocketLoopsLeft,
            @Nullable Integer barLoopsLeft,
            Set<Pairing.PairingNote> pairing,
            List<FittedPart> parts,
            Rotation.@Nullable Loop nextLoop,
            List<Insights.Insight> insights) {}

    /** A part of the fitted set. */
    record FittedPart(
            Subject kind,
            String tag,
            double tanksHere,
            double tanksAll,
            int stays,
            @Nullable Integer loop,
            @Nullable Integer loops,
            @Nullable String sprocket,
            @Nullable CostPerTank cost) {}

    @Transactional(readOnly = true)
    PartPage of(String tag) {
        Part part = finder.tagged(tag);
        Subject kind = part.subject();
        List<Lineage.Stay> stays = lineage.stays(part.id(), kind);
        double tanks = stays.stream().mapToDouble(Lineage.Stay::tanks).sum();
        Standing standing = standing(part, stays);
        List<WearView> wear = standing == null ? List.of() : wear(standing, kind);
        Double left = wear.stream()
                .map(WearView::tanksLikely)
                .filter(Objects::nonNull)
                .min(Double::compare)
                .orElse(null);
        String onSaw = part.sawId() == null ? null : fleet.tag(part.sawId());
        return new PartPage(
                part.tag(),
                kind,
                part instanceof Chain chain ? ChainView.of(chain, onSaw) : null,
                part instanceof Bar bar ? BarView.of(bar, onSaw) : null,
                part instanceof Sprocket sprocket ? SprocketView.of(sprocket, onSaw) : null,
                part.costCents(),
                part.retiredAt(),
                part.retiredBy() == null ? null : name(part.retiredBy()),
                part.retiredReason(),
                check.condemned(part.id(), kind),
                standing == null ? Power.PETROL : standing.profile().power(),
                tanks,
                changes(part),
                figures(part),
                stays.stream().map(stay -> view(stay, part, kind)).toList(),
                wear,
                kind != Subject.CHAIN || standing == null
                        ? null
                        : standing.wear().edge(),
                cost(part, tanks, left, settings.rules().numbers()));
    }

    private List<PartChange> changes(Part part) {
        return retirements.eventsOf(part.id()).stream()
                .map(event -> new PartChange(
                        event.kind(),
                        event.at(),
                        event.personId() == null ? null : name(event.personId()),
                        event.reason()))
                .toList();
    }

    private List<FiguresChange> figures(Part part) {
        return figures.changesOf(part.id()).stream()
                .map(told ->
                        new FiguresChange(told.at(), name(told.personId()), told.reason(), told.before(), told.after()))
                .toList();
    }

    @Transactional(readOnly = true)
    SawWearPage wearOf(String tag) {
        Saw saw = fleet.sawInService(tag);
        Standing standing = standings.of(saw);
        SawWear wear = standing.wear();
        List<FittedPart> parts = new ArrayList<>();
        var fitted = standing.fitted();
        for (Hung<?> part : fitted.parts()) {
            parts.add(fitted(part.id(), saw, standing));
        }
        return new SawWearPage(
                wear(standing, null),
                wear.edge(),
                wear.dressing().mm(),
                wear.dressing().dressings(),
                wear.dressingsLeft(),
                wear.flip(),
                wear.sprocketLoopsLeft(),
                wear.barLoopsLeft(),
                wear.pairing(),
                parts,
                fitted.sprocket() == null ? null : nextLoop(fitted.sprocket().id(), standing),
                insights.of(standing));
    }

    private Rotation.@Nullable Loop nextLoop(UUID sprocketId, Standing standing) {
        List<Rotation.Loop> loops = new ArrayList<>();
        Set<UUID> away = elsewhere.now().away().keySet();
        for (UUID chainId : lineage.loopsOf(sprocketId)) {
            Part chain = finder.find(chainId).orElseThrow();
            boolean usable = chain.retiredAt() == null
                    && (chain.sawId() == null
                            || chain.sawId().equals(standing.fitted().saw().id()))
                    && !away.contains(chainId)
                    && !check.condemned(chainId, Subject.CHAIN);
            if (usable) {
                Standing own = standing(chain, lineage.stays(chainId, Subject.CHAIN));
                var growth = own == null ? null : own.tension().growth();
                double tanks = own == null
                        ? 0
                        : own.wear()
                                .kind(WearKind.GROWTH)
                                .map(w -> w.usedTanks())
                                .orElse(0.0);
                loops.add(new Rotation.Loop(chain.tag(), growth == null ? 0 : growth.percent(), tanks));
            }
        }
        return loops.size() < 2 ? null : Rotation.next(loops).orElse(null);
    }

    private FittedPart fitted(UUID partId, Saw saw, Standing standing) {
        Part part = finder.find(partId).orElseThrow();
        Subject kind = part.subject();
        List<Lineage.Stay> stays = lineage.stays(part.id(), kind);
        double all = stays.stream().mapToDouble(Lineage.Stay::tanks).sum();
        double here = stays.stream()
                .filter(stay -> stay.sawId().equals(saw.id()))
                .mapToDouble(Lineage.Stay::tanks)
                .sum();
        Hung<SprocketSpec> drives = kind == Subject.CHAIN ? standing.fitted().sprocket() : null;
        Lineage.Place place = drives == null ? null : lineage.placeOnSprocket(part.id(), drives.id());
        Double left = wear(standing, kind).stream()
                .map(WearView::tanksLikely)
                .filter(Objects::nonNull)
                .min(Double::compare)
                .orElse(null);
        return new FittedPart(
                kind,
                part.tag(),
                here,
                all,
                stays.size(),
                place == null ? null : place.number(),
                place == null ? null : place.of(),
                drives == null ? null : drives.tag(),
                cost(part, all, left, standing.numbers()));
    }

    private static @Nullable CostPerTank cost(Part part, double tanks, @Nullable Double left, Numbers numbers) {
        return part.costCents() == null
                ? null
                : CostPerTank.ofLoop(part.costCents(), tanks, part.retiredAt() == null ? left : null, numbers)
                        .orElse(null);
    }

    /** The part alone, judged on the saw it hangs on or hung on last; {@code null} when it was never fitted. */
    private @Nullable Standing standing(Part part, List<Lineage.Stay> stays) {
        return stays.isEmpty()
                ? null
                : standings.ofPart(part, stays.get(stays.size() - 1).sawId());
    }

    private List<WearView> wear(Standing standing, @Nullable Subject only) {
        LocalDate today = LocalDate.now(clock);
        return standing.wear().kinds().stream()
                .filter(wear -> only == null || SawWear.part(wear.kind()) == only)
                .map(wear -> WearView.of(wear, standing, today))
                .toList();
    }

    private StayView view(Lineage.Stay stay, Part part, Subject kind) {
        UUID sprocket = kind == Subject.CHAIN ? stay.sprocketId() : null;
        Lineage.Place place = sprocket == null ? null : lineage.placeOnSprocket(part.id(), sprocket);
        return new StayView(
                fleet.tag(stay.sawId()),
                stay.from(),
                stay.until(),
                stay.tanks(),
                sprocket == null ? null : finder.find(sprocket).map(Part::tag).orElse(null),
                place == null ? null : place.number(),
                place == null ? null : place.of());
    }

    private String name(UUID person) {
        return people.find(person).map(Person::name).orElse("");
    }
}
