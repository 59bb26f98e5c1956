package yellowtally.server.tension;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import yellowtally.core.fitness.TensionAccount;
import yellowtally.core.fitness.TensionLedger;
import yellowtally.core.measure.LengthUnit;
import yellowtally.core.settings.Numbers;
import yellowtally.core.tension.ChainGrowth;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.FairCondition;
import yellowtally.core.tension.Measured;
import yellowtally.core.tension.SoakVerdict;
import yellowtally.core.tension.TakeUp;
import yellowtally.core.tension.TensionMethod;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.tension.TensionSetting;
import yellowtally.core.tension.TensionSubject;
import yellowtally.core.tension.TipsPosition;
import yellowtally.core.tension.Work;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.Waiting;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.fleet.SetFitting;
import yellowtally.server.people.People;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.settings.HouseRules;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.worklog.Worklog;

/** All that a screen shows of the tension of one saw. */
@Service
class TensionPages {

    private static final int MOST_CHECKS = 200;

    private final Fleet fleet;
    private final FleetSettings settings;
    private final Standings standings;
    private final TensionRepositories.Checks checks;
    private final TensionRepositories.Readings readings;
    private final Worklog worklog;
    private final People people;

    TensionPages(
            Fleet fleet,
            FleetSettings settings,
            Standings standings,
            TensionRepositories.Checks checks,
            TensionRepositories.Readings readings,
            Worklog worklog,
            People people) {
        this.fleet = fleet;
        this.settings = settings;
        this.standings = standings;
        this.checks = checks;
        this.readings = readings;
        this.worklog = worklog;
        this.people = people;
    }

    /**
     * The tension of one saw.
     *
     * @param state fit, due or held; absent for a retired saw
     * @param house how this saw is read, and in which unit
     * @param occasion the occasion that a check made now would have
     * @param longBar whether the bar is so long that it is read by rail touch or supported
     */
    record TensionPage(
            @Nullable FitState state,
            List<Waiting> work,
            House house,
            CheckOccasion occasion,
            boolean longBar,
            @Nullable HoldView hold,
            @Nullable Growth growth,
            @Nullable TakeUp takeUp,
            int rechecksDone,
            boolean newChain,
            SincePass sincePass,
            Limits limits,
            List<CheckView> checks,
            List<FittingView> fittings) {}

    /** How the saw is read. */
    record House(TensionMethod method, boolean ownMethod, LengthUnit lengthUnit, Work usualWork) {}

    /** Use since the last passing check. */
    record SincePass(int outings, double tanks) {
        static SincePass of(TensionAccount account) {
            return new SincePass(account.outingsSincePass(), account.tanksSincePass());
        }
    }

    /** An open hold. */
    record HoldView(Instant at, String by) {}

    /** Growth of the loop with what a chart needs. */
    record Growth(ChainGrowth now, double watchMm, double retireMm, List<TensionLedger.GrowthPoint> points) {}

    /** When the tension check falls due. */
    record Limits(double outings, double tanks) {}

    /** A check in the history; {@code amendedBy} names the one that replaces it, {@code struck} says that it counts no more. */
    record CheckView(
            UUID id,
            Instant at,
            String by,
            CheckOccasion occasion,
            Work work,
            TensionOutcome outcome,
            boolean provisional,
            double turns,
            double targetMm,
            Measured measured,
            @Nullable String note,
            @Nullable UUID amends,
            @Nullable String amendReason,
            @Nullable UUID amendedBy,
            boolean struck,
            List<ReadingView> readings) {}

    /** A reading in the history. */
    record ReadingView(
            TensionMethod method,
            @Nullable Double figure,
            @Nullable TipsPosition tips,
            Set<FairCondition> unmet,
            double turnsBefore,
            TensionOutcome outcome,
            boolean provisional) {}

    /** A change of set in the history. */
    record FittingView(
            Instant at,
            String by,
            @Nullable String chain,
            @Nullable String bar,
            @Nullable String sprocket,
            boolean newChain,
            @Nullable Double soakHours,
            @Nullable SoakVerdict soak,
            @Nullable String note) {}

    @Transactional(readOnly = true)
    TensionPage of(String tag) {
        HouseRules rules = settings.rules();
        Saw saw = fleet.saw(tag);
        Map<UUID, String> names = people.names();
        TensionMethod own = saw.details().houseMethod();
        House house = new House(
                own == null ? rules.houseMethod() : own,
                own != null,
                rules.lengthUnit(),
                saw.details().usualWork());
        List<CheckView> history = history(saw, names);
        List<FittingView> fittings = fittings(saw, names, rules.numbers());
        Numbers numbers = settings.numbers(saw);
        Limits limits = new Limits(numbers.of(TensionSetting.CHECK_OUTINGS), numbers.of(TensionSetting.CHECK_TANKS));
        if (saw.retiredAt() != null) {
            return new TensionPage(
                    null,
                    List.of(),
                    house,
                    CheckOccasion.ROUTINE,
                    false,
                    null,
                    null,
                    null,
                    0,
                    false,
                    new SincePass(0, 0),
                    limits,
                    history,
                    fittings);
        }
        Standing standing = standings.of(saw);
        boolean newChain = standing.tensionLedger().newChain();
        return new TensionPage(
                standing.account().state(),
                standing.account().work(),
                house,
                standing.tension().fitness().occasion(),
                longBar(standing, rules.numbers()),
                worklog.openHolds(saw.id()).stream()
                        .filter(h -> standing.account().holds().inForce().stream()
                                .anyMatch(held -> held.hold().id().equals(h.id())))
                        .findFirst()
                        .map(h -> new HoldView(h.at(), names.getOrDefault(h.personId(), "")))
                        .orElse(null),
                growth(standing, rules.numbers()),
                standing.tension().takeUp(),
                standing.tension().fitness().rechecksDone(),
                newChain,
                SincePass.of(standing.tension()),
                limits,
                history,
                fittings);
    }

    private static boolean longBar(Standing standing, Numbers numbers) {
        var bar = standing.fitted().bar();
        return bar != null && TensionSubject.longBar(bar.spec().lengthMm(), numbers);
    }

    private static @Nullable Growth growth(Standing standing, Numbers numbers) {
        TensionLedger ledger = standing.tensionLedger();
        ChainGrowth now = standing.tension().growth();
        if (now == null || ledger.loop() == null) {
            return null;
        }
        double loop = ledger.loop().lengthMm();
        return new Growth(
                now, ChainGrowth.watchMm(loop, numbers), ChainGrowth.retireMm(loop, numbers), ledger.growthPoints());
    }

    private List<CheckView> history(Saw saw, Map<UUID, String> names) {
        List<CheckOnRecord> found = checks.ofSaw(saw.id(), Limit.of(MOST_CHECKS));
        Set<UUID> ids = new HashSet<>();
        Map<UUID, UUID> amendedBy = new HashMap<>();
        for (CheckOnRecord told : found) {
            TensionCheck check = told.check();
            ids.add(check.id());
            if (check.amendsId() != null) {
                amendedBy.put(check.amendsId(), check.id());
            }
        }
        Map<UUID, List<ReadingView>> byCheck = new HashMap<>();
        readings.ofChecks(ids)
                .forEach(row -> byCheck.computeIfAbsent(row.checkId(), id -> new ArrayList<>())
                        .add(new ReadingView(
                                row.method(),
                                row.figure(),
                                row.tips(),
                                row.unmet(),
                                row.turnsBefore(),
                                row.outcome(),
                                row.provisional())));
        Set<UUID> struck = new HashSet<>();
        worklog.struckOf(ids).forEach(strike -> struck.add(strike.recordId()));
        return found.stream()
                .map(told -> view(told, names, amendedBy, struck, byCheck))
                .toList();
    }

    private static CheckView view(
            CheckOnRecord told,
            Map<UUID, String> names,
            Map<UUID, UUID> amendedBy,
            Set<UUID> struck,
            Map<UUID, List<ReadingView>> byCheck) {
        TensionCheck c = told.check();
        return new CheckView(
                c.id(),
                told.record().at(),
                names.getOrDefault(told.record().personId(), ""),
                c.occasion(),
                c.work(),
                c.outcome(),
                c.provisional(),
                c.turns(),
                c.targetMm(),
                c.measured(),
                told.record().note(),
                c.amendsId(),
                c.amendReason(),
                amendedBy.get(c.id()),
                struck.contains(c.id()),
                byCheck.getOrDefault(c.id(), List.of()));
    }

    private List<FittingView> fittings(Saw saw, Map<UUID, String> names, Numbers numbers) {
        List<FittingView> views = new ArrayList<>();
        List<SetFitting> fittings = fleet.fittings(saw);
        Map<UUID, String> tags = fleet.partTags(fittings);
        for (SetFitting fitting : fittings) {
            Double soak = fitting.soakHours();
            views.add(new FittingView(
                    fitting.at(),
                    names.getOrDefault(fitting.personId(), ""),
                    tags.get(fitting.chainId()),
                    tags.get(fitting.barId()),
                    tags.get(fitting.sprocketId()),
                    fitting.newChain(),
                    soak,
                    soak == null || !fitting.newChain() ? null : SoakVerdict.of(soak, numbers),
                    fitting.note()));
        }
        return views;
    }
}
