package yellowtally.core.fitness;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import yellowtally.core.settings.Numbers;
import yellowtally.core.tension.ChainGrowth;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.NewChainRechecks;
import yellowtally.core.tension.TakeUp;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.GrowthWaits;
import yellowtally.core.waiting.GrowthWaits.GrowthMatter;
import yellowtally.core.waiting.RecheckWaits;
import yellowtally.core.waiting.RecheckWaits.RecheckMatter;
import yellowtally.core.waiting.TakeUpWaits;
import yellowtally.core.waiting.TensionWaits;
import yellowtally.core.waiting.TensionWaits.TensionMatter;
import yellowtally.core.waiting.Urgency;
import yellowtally.core.waiting.Waiting;

/**
 * What tension makes of a saw.
 *
 * @param state fit, due or held; the worst of the work that waits
 * @param work what waits, most urgent first
 * @param apart whether no fair reading has passed since the set was apart
 * @param rechecksDone rechecks of a new chain done, 0 to 3; 3 for a chain that needs none
 */
public record TensionFitness(FitState state, List<Waiting> work, boolean apart, int rechecksDone) {

    /** Assesses a saw from its records. Nothing known means held (handbook section 11, fail-safe). */
    public static TensionFitness of(TensionHistory history, Numbers settings) {
        List<Waiting> work = new ArrayList<>();
        if (!history.setComplete()) {
            work.add(TensionWaits.of(TensionMatter.NO_SET_FITTED));
            return summed(work, false, NewChainRechecks.ORDER.size());
        }
        List<TensionHistory.Check> checks = history.checksSinceFitted();
        boolean lastPasses = false;
        if (!checks.isEmpty()) {
            TensionHistory.Check last = checks.get(checks.size() - 1);
            lastPasses = last.passes();
            if (!lastPasses) {
                work.add(ofFailed(last));
            }
        }
        boolean wasApart = !checks.isEmpty() && checks.get(checks.size() - 1).occasion() == CheckOccasion.SET_WAS_APART;
        int rechecksDone = addRechecks(work, history, settings);
        // A new chain has its three rechecks instead while they are open; an outing makes the ordinary check due.
        if (lastPasses
                && wasApart
                && rechecksDone == NewChainRechecks.ORDER.size()
                && history.outingsSincePass() == 0) {
            work.add(TensionWaits.of(TensionMatter.FIRST_CUTS_WAIT));
        }
        addWear(work, history);
        return summed(work, history.apart() || checks.isEmpty(), rechecksDone);
    }

    private static Waiting ofFailed(TensionHistory.Check last) {
        return TensionWaits.of(
                switch (last.ended().outcome()) {
                    case THROW_RISK -> TensionMatter.THROW_RISK;
                    case TOO_TIGHT -> TensionMatter.TOO_TIGHT;
                    // A hot chain hangs looser than a cold one: it is read again, not tightened (handbook section 3).
                    case LOOSE -> last.ended().provisional() ? TensionMatter.READ_HOT : TensionMatter.LOOSE;
                    case TIGHT_SPOT -> TensionMatter.TIGHT_SPOT;
                    case JAMMED -> TensionMatter.JAMMED;
                    case STUCK_TIGHT -> TensionMatter.STUCK_TIGHT;
                    case NO_VERDICT -> TensionMatter.READING_NOT_FAIR;
                    case FIRM, RIGHT -> TensionMatter.READ_HOT;
                });
    }

    private static int addRechecks(List<Waiting> work, TensionHistory history, Numbers settings) {
        if (!history.newChain()) {
            return NewChainRechecks.ORDER.size();
        }
        Set<CheckOccasion> passed = EnumSet.noneOf(CheckOccasion.class);
        history.checksSinceFitted().stream()
                .filter(TensionHistory.Check::passes)
                .forEach(check -> passed.add(check.occasion()));
        NewChainRechecks rechecks = NewChainRechecks.of(passed, history.tanksSinceFitted(), settings);
        rechecks.next()
                .ifPresent(next -> work.add(RecheckWaits.of(
                        rechecks.dueNow() ? RecheckMatter.of(next) : RecheckMatter.RECHECK_AFTER_FIRST_TANK_WAITS,
                        rechecks.done())));
        return rechecks.done();
    }

    private static void addWear(List<Waiting> work, TensionHistory history) {
        ChainGrowth growth = history.growth();
        if (growth != null) {
            for (ChainGrowth.Reason reason : growth.reasons()) {
                work.add(
                        switch (reason) {
                            case GROWN_TO_LIMIT -> GrowthWaits.of(GrowthMatter.GROWN_TO_LIMIT, growth.percent());
                            case TRAVEL_NEARLY_USED ->
                                GrowthWaits.of(
                                        GrowthMatter.TRAVEL_NEARLY_USED,
                                        growth.travelLeftPercent() == null ? 0 : growth.travelLeftPercent());
                            case GROWN_TO_WATCH -> GrowthWaits.of(GrowthMatter.GROWN_TO_WATCH, growth.percent());
                        });
            }
        }
        TakeUp takeUp = history.takeUp();
        if (takeUp != null
                && takeUp.recentMmPerTank() != null
                && (takeUp.state() == TakeUp.State.FASTER_THAN_ITS_PAST
                        || takeUp.state() == TakeUp.State.FASTER_THAN_ITS_SISTERS)) {
            // A suspicion, not a finding: it is said, and the saw stays usable.
            work.add(TakeUpWaits.of(takeUp.recentMmPerTank()));
        }
    }

    /** What a check made now is for: the first after the set was apart, the next recheck, or routine. */
    public CheckOccasion occasion() {
        if (apart) {
            return CheckOccasion.SET_WAS_APART;
        }
        return work.stream()
                .flatMap(waits -> occasion(waits).stream())
                .findFirst()
                .orElse(CheckOccasion.ROUTINE);
    }

    private static Optional<CheckOccasion> occasion(Waiting waits) {
        if (waits instanceof TensionWaits tension) {
            return tension.what() == TensionMatter.FIRST_CUTS_WAIT
                    ? Optional.of(CheckOccasion.FIRST_CUTS)
                    : Optional.empty();
        }
        return waits instanceof RecheckWaits recheck ? recheck.what().occasion() : Optional.empty();
    }

    private static TensionFitness summed(List<Waiting> work, boolean apart, int rechecksDone) {
        List<Waiting> sorted = work.stream()
                .distinct()
                .sorted(Comparator.comparingInt(waits -> Urgency.place(waits.what())))
                .toList();
        FitState worst = sorted.stream()
                .map(Waiting::state)
                .max(Comparator.naturalOrder())
                .orElse(FitState.FIT);
        return new TensionFitness(worst, sorted, apart, rechecksDone);
    }
}
