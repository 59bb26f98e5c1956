package yellowtally.core.fitness;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.LoopSpec;
import yellowtally.core.tension.ChainGrowth;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.TakeUp;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.tension.TensionSettings;

/**
 * The records of one loop, and of the saw it is on, read as an account: what was taken up, how much it was used, what was
 * found. Everything that tension says of a saw can be rebuilt from it (handbook sections 3 and 11).
 *
 * @param loop the loop that is fitted; {@code null} when none is
 * @param setComplete whether bar and sprocket are fitted with it
 * @param newChain whether the loop was new when it was fitted here
 * @param travelMm adjuster travel of the saw, mm; {@code null} when not known
 * @param openHold whether a hold by throw risk waits for its release
 * @param checks checks of this loop on any saw, amended ones left out
 * @param outings outings of this loop on any saw that have ended
 */
public record TensionLedger(
        @Nullable LoopSpec loop,
        boolean setComplete,
        boolean newChain,
        @Nullable Double travelMm,
        boolean openHold,
        List<CheckEntry> checks,
        List<OutingEntry> outings) {

    public TensionLedger {
        checks = checks.stream().sorted(Comparator.comparing(CheckEntry::at)).toList();
        outings = outings.stream()
                .sorted(Comparator.comparing(OutingEntry::backAt))
                .toList();
    }

    /**
     * One check as it ended.
     *
     * @param at when it was made
     * @param thisFitting whether it was made since the set was last fitted
     * @param turns turns taken up during the check, in positive, out negative
     * @param leadMm lead of the adjuster it was made with, mm per turn
     * @param playPerJointMm joint play measured with it; {@code null} when none was
     */
    public record CheckEntry(
            Instant at,
            boolean thisFitting,
            CheckOccasion occasion,
            TensionOutcome outcome,
            boolean provisional,
            double turns,
            double leadMm,
            @Nullable Double playPerJointMm) {

        double movedMm() {
            return turns * leadMm;
        }
    }

    /**
     * One outing that has ended.
     *
     * @param backAt when the saw came back
     * @param tanks tanks of fuel (or charges) burned, zero or more
     * @param thisFitting whether the set has stayed fitted since
     */
    public record OutingEntry(Instant backAt, double tanks, boolean thisFitting) {}

    /** A point of the growth chart. */
    public record GrowthPoint(Instant at, double tanks, double growthMm) {}

    /**
     * What tension makes of the saw.
     *
     * @param sisterRates mm per tank of other loops of the same pitch
     */
    public TensionFitness fitness(List<Double> sisterRates, TensionSettings settings) {
        return TensionFitness.of(history(sisterRates, settings), settings);
    }

    /** Growth of the loop; {@code null} without a loop. */
    public @Nullable ChainGrowth growth(TensionSettings settings) {
        if (loop == null) {
            return null;
        }
        Double play = checks.stream()
                .map(CheckEntry::playPerJointMm)
                .reduce(null, (before, now) -> now == null ? before : now);
        return ChainGrowth.of(
                loop.lengthMm(), loop.driveLinks(), takenUpMm(checks), play, travelMm, travelUsedMm(), settings);
    }

    /** Growth by turns after each check since new. */
    public List<GrowthPoint> growthPoints() {
        List<GrowthPoint> points = new ArrayList<>();
        double moved = 0;
        for (CheckEntry check : checks) {
            moved += check.occasion().countsAsGrowth() ? check.movedMm() : 0;
            points.add(new GrowthPoint(check.at(), tanksUntil(check.at()), Math.max(0, 2 * moved)));
        }
        return points;
    }

    /** Growth per tank over the whole life so far, mm; {@code null} with too little to tell. */
    public @Nullable Double growthPerTank() {
        return TakeUp.rate(paces());
    }

    /** Pace of take-up against its past and its sisters. */
    public TakeUp takeUp(List<Double> sisterRates, TensionSettings settings) {
        return TakeUp.of(paces(), sisterRates, settings);
    }

    private TensionHistory history(List<Double> sisterRates, TensionSettings settings) {
        List<CheckEntry> here = checks.stream().filter(CheckEntry::thisFitting).toList();
        List<TensionHistory.Check> asChecks = here.stream()
                .map(c -> new TensionHistory.Check(c.occasion(), c.outcome(), c.provisional()))
                .toList();
        Instant lastPass = Instant.MIN;
        for (int i = 0; i < here.size(); i++) {
            if (asChecks.get(i).passes()) {
                lastPass = here.get(i).at();
            }
        }
        Instant since = lastPass;
        List<OutingEntry> after =
                outings.stream().filter(o -> o.backAt().isAfter(since)).toList();
        return new TensionHistory(
                setComplete,
                newChain,
                asChecks,
                after.size(),
                tanks(after),
                tanks(outings.stream().filter(OutingEntry::thisFitting).toList()),
                openHold,
                growth(settings),
                loop == null ? null : takeUp(sisterRates, settings));
    }

    /** Tanks burned since the last passing check on this fitting, and outings; both zero or more. */
    public SincePass sincePass(TensionSettings settings) {
        TensionHistory history = history(List.of(), settings);
        return new SincePass(history.outingsSincePass(), history.tanksSincePass());
    }

    /** Use since the last passing check. */
    public record SincePass(int outings, double tanks) {}

    private List<TakeUp.Point> paces() {
        return growthPoints().stream()
                .map(p -> new TakeUp.Point(p.tanks(), p.growthMm()))
                .toList();
    }

    private double travelUsedMm() {
        List<CheckEntry> here = checks.stream().filter(CheckEntry::thisFitting).toList();
        // Turns of the first tensioning use travel. Later ones of a set that was apart only undo the backing-off
        // before.
        double seating = here.isEmpty() || here.get(0).occasion().countsAsGrowth()
                ? 0
                : here.get(0).movedMm();
        return seating + takenUpMm(here);
    }

    private static double takenUpMm(List<CheckEntry> checks) {
        return checks.stream()
                .filter(check -> check.occasion().countsAsGrowth())
                .mapToDouble(CheckEntry::movedMm)
                .sum();
    }

    private double tanksUntil(Instant at) {
        return tanks(outings.stream().filter(o -> !o.backAt().isAfter(at)).toList());
    }

    private static double tanks(List<OutingEntry> outings) {
        return outings.stream().mapToDouble(OutingEntry::tanks).sum();
    }
}
