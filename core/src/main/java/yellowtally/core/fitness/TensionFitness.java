package yellowtally.core.fitness;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import yellowtally.core.fitness.WaitingWork.What;
import yellowtally.core.steps.Step;
import yellowtally.core.tension.ChainGrowth;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.NewChainRechecks;
import yellowtally.core.tension.TakeUp;
import yellowtally.core.tension.TensionSettings;

/**
 * What tension makes of a saw.
 *
 * @param state fit, due or held; the worst of the work that waits
 * @param work what waits, most urgent first
 * @param rechecksDone rechecks of a new chain done, 0 to 3; 3 for a chain that needs none
 */
public record TensionFitness(FitState state, List<WaitingWork> work, int rechecksDone) {

    /** Assesses a saw from its records. Nothing known means held (handbook section 11, fail-safe). */
    public static TensionFitness of(TensionHistory history, TensionSettings settings) {
        List<WaitingWork> work = new ArrayList<>();
        if (!history.setComplete()) {
            work.add(chain(What.NO_SET_FITTED, FitState.HELD, 0));
            return summed(work, NewChainRechecks.ORDER.size());
        }
        List<TensionHistory.Check> checks = history.checksSinceFitted();
        boolean lastPasses = false;
        if (checks.isEmpty()) {
            work.add(tension(What.NOT_READ_SINCE_APART, FitState.HELD, 0));
        } else {
            TensionHistory.Check last = checks.get(checks.size() - 1);
            lastPasses = last.passes();
            if (!lastPasses) {
                work.add(ofFailed(last));
            }
        }
        boolean wasApart = !checks.isEmpty() && checks.get(checks.size() - 1).occasion() == CheckOccasion.SET_WAS_APART;
        // A new chain has its three rechecks instead; an outing makes the ordinary check due.
        if (lastPasses && wasApart && !history.newChain() && history.outingsSincePass() == 0) {
            work.add(tension(What.FIRST_CUTS_WAIT, FitState.FIT, 0));
        }
        int rechecksDone = addRechecks(work, history, settings);
        addWear(work, history);
        return summed(work, rechecksDone);
    }

    private static WaitingWork tension(What what, FitState state, double figure) {
        return WaitingWork.of(what, state, figure, Step.TENSION);
    }

    private static WaitingWork chain(What what, FitState state, double figure) {
        return WaitingWork.of(what, state, figure, Step.REPLACE_CHAIN);
    }

    private static WaitingWork ofFailed(TensionHistory.Check last) {
        return switch (last.outcome()) {
            case THROW_RISK -> tension(What.THROW_RISK, FitState.HELD, 0);
            case TOO_TIGHT -> tension(What.TOO_TIGHT, FitState.DUE, 0);
            case LOOSE -> tension(What.LOOSE, FitState.DUE, 0);
            case TIGHT_SPOT -> tension(What.TIGHT_SPOT, FitState.DUE, 0);
            case NO_VERDICT -> tension(What.READING_NOT_FAIR, FitState.DUE, 0);
            case FIRM, RIGHT -> tension(What.READ_HOT, FitState.DUE, 0);
        };
    }

    private static int addRechecks(List<WaitingWork> work, TensionHistory history, TensionSettings settings) {
        if (!history.newChain()) {
            return NewChainRechecks.ORDER.size();
        }
        Set<CheckOccasion> passed = EnumSet.noneOf(CheckOccasion.class);
        history.checksSinceFitted().stream()
                .filter(TensionHistory.Check::passes)
                .forEach(check -> passed.add(check.occasion()));
        NewChainRechecks rechecks = NewChainRechecks.of(passed, history.tanksSinceFitted(), settings);
        rechecks.next().ifPresent(next -> {
            if (rechecks.dueNow()) {
                work.add(tension(What.valueOf(next.name()), FitState.DUE, rechecks.done()));
            } else {
                work.add(tension(What.RECHECK_AFTER_FIRST_TANK_WAITS, FitState.FIT, rechecks.done()));
            }
        });
        return rechecks.done();
    }

    private static void addWear(List<WaitingWork> work, TensionHistory history) {
        ChainGrowth growth = history.growth();
        if (growth != null) {
            for (ChainGrowth.Reason reason : growth.reasons()) {
                work.add(
                        switch (reason) {
                            case GROWN_TO_LIMIT -> chain(What.GROWN_TO_LIMIT, FitState.DUE, growth.percent());
                            case TRAVEL_NEARLY_USED ->
                                chain(
                                        What.TRAVEL_NEARLY_USED,
                                        FitState.DUE,
                                        growth.travelLeftPercent() == null ? 0 : growth.travelLeftPercent());
                            case GROWN_TO_WATCH -> tension(What.GROWN_TO_WATCH, FitState.FIT, growth.percent());
                        });
            }
        }
        TakeUp takeUp = history.takeUp();
        if (takeUp != null
                && takeUp.recentMmPerTank() != null
                && (takeUp.state() == TakeUp.State.FASTER_THAN_ITS_PAST
                        || takeUp.state() == TakeUp.State.FASTER_THAN_ITS_SISTERS)) {
            // A suspicion, not a finding: it is said, and the saw stays usable.
            work.add(tension(What.TAKES_UP_FAST, FitState.FIT, takeUp.recentMmPerTank()));
        }
    }

    private static TensionFitness summed(List<WaitingWork> work, int rechecksDone) {
        List<WaitingWork> sorted = work.stream()
                .distinct()
                .sorted(Comparator.comparing(WaitingWork::what))
                .toList();
        FitState worst = sorted.stream()
                .map(WaitingWork::state)
                .max(Comparator.naturalOrder())
                .orElse(FitState.FIT);
        return new TensionFitness(worst, sorted, rechecksDone);
    }
}
