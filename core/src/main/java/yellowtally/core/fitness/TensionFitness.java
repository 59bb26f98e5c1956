package yellowtally.core.fitness;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import yellowtally.core.fitness.WaitingWork.What;
import yellowtally.core.tension.ChainGrowth;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.NewChainRechecks;
import yellowtally.core.tension.TakeUp;
import yellowtally.core.tension.TensionSetting;
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
        double check = settings.of(TensionSetting.CHECK_MINUTES);
        double replace = settings.of(TensionSetting.REPLACE_MINUTES);
        List<WaitingWork> work = new ArrayList<>();
        if (!history.setComplete()) {
            work.add(new WaitingWork(What.NO_SET_FITTED, FitState.HELD, 0, replace));
            if (history.openHold()) {
                work.add(new WaitingWork(What.THROW_RISK, FitState.HELD, 0, check));
            }
            return summed(work, NewChainRechecks.ORDER.size());
        }
        List<TensionHistory.Check> checks = history.checksSinceFitted();
        boolean lastPasses = false;
        if (checks.isEmpty()) {
            work.add(new WaitingWork(What.NOT_READ_SINCE_APART, FitState.HELD, 0, check));
        } else {
            TensionHistory.Check last = checks.get(checks.size() - 1);
            lastPasses = last.passes();
            if (!lastPasses) {
                work.add(ofFailed(last, check));
            }
        }
        if (history.openHold()) {
            work.add(new WaitingWork(lastPasses ? What.RELEASE_WAITS : What.THROW_RISK, FitState.HELD, 0, check));
        }
        if (lastPasses
                && (history.outingsSincePass() >= settings.of(TensionSetting.CHECK_OUTINGS)
                        || history.tanksSincePass() >= settings.of(TensionSetting.CHECK_TANKS))) {
            work.add(new WaitingWork(What.CHECK_DUE, FitState.DUE, history.tanksSincePass(), check));
        }
        boolean wasApart = !checks.isEmpty() && checks.get(checks.size() - 1).occasion() == CheckOccasion.SET_WAS_APART;
        // A new chain has its three rechecks instead; an outing makes the ordinary check due.
        if (lastPasses && wasApart && !history.newChain() && history.outingsSincePass() == 0) {
            work.add(new WaitingWork(What.FIRST_CUTS_WAIT, FitState.FIT, 0, check));
        }
        int rechecksDone = addRechecks(work, history, settings, check);
        addWear(work, history, replace, check);
        return summed(work, rechecksDone);
    }

    private static WaitingWork ofFailed(TensionHistory.Check last, double minutes) {
        return switch (last.outcome()) {
            case THROW_RISK -> new WaitingWork(What.THROW_RISK, FitState.HELD, 0, minutes);
            case TOO_TIGHT -> new WaitingWork(What.TOO_TIGHT, FitState.DUE, 0, minutes);
            case LOOSE -> new WaitingWork(What.LOOSE, FitState.DUE, 0, minutes);
            case TIGHT_SPOT -> new WaitingWork(What.TIGHT_SPOT, FitState.DUE, 0, minutes);
            case NO_VERDICT -> new WaitingWork(What.READING_NOT_FAIR, FitState.DUE, 0, minutes);
            case FIRM, RIGHT -> new WaitingWork(What.READ_HOT, FitState.DUE, 0, minutes);
        };
    }

    private static int addRechecks(
            List<WaitingWork> work, TensionHistory history, TensionSettings settings, double minutes) {
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
                work.add(new WaitingWork(What.valueOf(next.name()), FitState.DUE, rechecks.done(), minutes));
            } else {
                work.add(new WaitingWork(What.RECHECK_AFTER_FIRST_TANK_WAITS, FitState.FIT, rechecks.done(), minutes));
            }
        });
        return rechecks.done();
    }

    private static void addWear(List<WaitingWork> work, TensionHistory history, double replace, double check) {
        ChainGrowth growth = history.growth();
        if (growth != null) {
            for (ChainGrowth.Reason reason : growth.reasons()) {
                work.add(
                        switch (reason) {
                            case GROWN_TO_LIMIT ->
                                new WaitingWork(What.GROWN_TO_LIMIT, FitState.DUE, growth.percent(), replace);
                            case TRAVEL_NEARLY_USED ->
                                new WaitingWork(
                                        What.TRAVEL_NEARLY_USED,
                                        FitState.DUE,
                                        growth.travelLeftPercent() == null ? 0 : growth.travelLeftPercent(),
                                        replace);
                            case GROWN_TO_WATCH ->
                                new WaitingWork(What.GROWN_TO_WATCH, FitState.FIT, growth.percent(), check);
                        });
            }
        }
        TakeUp takeUp = history.takeUp();
        if (takeUp != null
                && takeUp.recentMmPerTank() != null
                && (takeUp.state() == TakeUp.State.FASTER_THAN_ITS_PAST
                        || takeUp.state() == TakeUp.State.FASTER_THAN_ITS_SISTERS)) {
            // A suspicion, not a finding: it is said, and the saw stays usable.
            work.add(new WaitingWork(What.TAKES_UP_FAST, FitState.FIT, takeUp.recentMmPerTank(), check));
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
