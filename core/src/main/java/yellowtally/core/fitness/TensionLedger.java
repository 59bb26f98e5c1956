package yellowtally.core.fitness;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.LoopSpec;
import yellowtally.core.settings.Numbers;
import yellowtally.core.tension.ChainGrowth;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.SisterPaces;
import yellowtally.core.tension.TakeUp;
import yellowtally.core.tension.TensionOutcome;

/**
 * The records of one loop, and of the saw it is on, read as an account: what was taken up, how much it was used, what was
 * found. Everything that tension says of a saw can be rebuilt from it (handbook sections 3 and 11).
 *
 * @param loop the loop that is fitted; {@code null} when none is
 * @param setComplete whether bar and sprocket are fitted with it
 * @param newChain whether the loop was new when it was fitted here
 * @param travelMm adjuster travel of the saw, mm; {@code null} when not known
 * @param checks checks of this loop on any saw, amended ones left out
 * @param outings outings of this loop on any saw that have ended
 */
public record TensionLedger(
        @Nullable LoopSpec loop,
        boolean setComplete,
        boolean newChain,
        @Nullable Double travelMm,
        List<CheckEntry> checks,
        List<OutingEntry> outings) {

    /** Two readings of the play of one joint may differ by so much (est., general practice). */
    private static final double PLAY_ERROR_MM = 0.03;

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
     * What the account says of the saw, worked out in one go.
     *
     * @param sisters paces of the loops of the same pitch, this one among them or not
     * @param apart whether no fair reading has passed since the set was apart
     */
    public TensionAccount assess(SisterPaces sisters, Numbers settings, boolean apart) {
        ChainGrowth growth = growth(settings);
        TakeUp takeUp = loop == null ? null : TakeUp.of(paces(), sisters, settings);
        TensionHistory history = history(growth, takeUp, apart);
        return new TensionAccount(
                TensionFitness.of(history, settings),
                growth,
                takeUp,
                history.outingsSincePass(),
                history.tanksSincePass());
    }

    /** Growth of the loop; {@code null} without a loop. */
    public @Nullable ChainGrowth growth(Numbers settings) {
        if (loop == null) {
            return null;
        }
        return ChainGrowth.of(
                loop.lengthMm(),
                loop.driveLinks(),
                takenUpMm(checks),
                believedPlay(),
                travelMm,
                travelUsedMm(),
                settings);
    }

    /** Joints do not heal: less play than before counts once a second reading agrees (handbook section 11, rule 7). */
    private @Nullable Double believedPlay() {
        Double believed = null;
        Double waiting = null;
        for (CheckEntry check : checks) {
            Double now = check.playPerJointMm();
            if (now == null) {
                continue;
            }
            boolean heals = believed != null && believed - now > PLAY_ERROR_MM;
            boolean agrees = waiting != null && Math.abs(waiting - now) <= PLAY_ERROR_MM;
            believed = heals && !agrees ? believed : now;
            waiting = heals && !agrees ? now : null;
        }
        return believed;
    }

    /** Growth by turns after each check since new. Cost grows in proportion to checks and outings. */
    public List<GrowthPoint> growthPoints() {
        return walked(GrowthPoint::new);
    }

    /** Growth per tank over the whole life so far, mm; {@code null} with too little to tell. */
    public @Nullable Double growthPerTank() {
        return TakeUp.rate(paces());
    }

    private List<TakeUp.Point> paces() {
        return walked((at, tanks, growthMm) -> new TakeUp.Point(tanks, growthMm));
    }

    private interface PointMaker<T> {
        T make(Instant at, double tanks, double growthMm);
    }

    private <T> List<T> walked(PointMaker<T> maker) {
        List<T> points = new ArrayList<>(checks.size());
        double moved = 0;
        double tanks = 0;
        int ended = 0;
        for (CheckEntry check : checks) {
            while (ended < outings.size() && !outings.get(ended).backAt().isAfter(check.at())) {
                tanks += outings.get(ended++).tanks();
            }
            moved += check.occasion().countsAsGrowth() ? check.movedMm() : 0;
            points.add(maker.make(check.at(), tanks, Math.max(0, 2 * moved)));
        }
        return points;
    }

    private TensionHistory history(@Nullable ChainGrowth growth, @Nullable TakeUp takeUp, boolean apart) {
        List<TensionHistory.Check> here = new ArrayList<>();
        Instant lastPass = Instant.MIN;
        for (CheckEntry check : checks) {
            if (check.thisFitting()) {
                TensionHistory.Check ended =
                        new TensionHistory.Check(check.occasion(), check.outcome(), check.provisional());
                here.add(ended);
                lastPass = ended.passes() ? check.at() : lastPass;
            }
        }
        int outingsSincePass = 0;
        double tanksSincePass = 0;
        double tanksSinceFitted = 0;
        for (OutingEntry outing : outings) {
            if (outing.backAt().isAfter(lastPass)) {
                outingsSincePass++;
                tanksSincePass += outing.tanks();
            }
            tanksSinceFitted += outing.thisFitting() ? outing.tanks() : 0;
        }
        return new TensionHistory(
                setComplete, newChain, apart, here, outingsSincePass, tanksSincePass, tanksSinceFitted, growth, takeUp);
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
}
