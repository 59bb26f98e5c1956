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
import yellowtally.core.tension.GrowthAccount;
import yellowtally.core.tension.GrowthSource;
import yellowtally.core.tension.Measured;
import yellowtally.core.tension.SisterPaces;
import yellowtally.core.tension.TakeUp;
import yellowtally.core.tension.TensionRun;

/**
 * The records of one loop, and of the saw it is on, read as an account: what was taken up, how much it was used, what was
 * found. Everything that tension says of a saw can be rebuilt from it (handbook sections 3 and 11).
 *
 * @param loop the loop that is fitted; {@code null} when none is
 * @param fitting the set as it is fitted now; {@code null} when none ever was
 * @param setComplete whether bar and sprocket are fitted with it
 * @param newChain whether the loop was new when it was fitted here
 * @param travelMm adjuster travel of the saw, mm; {@code null} when not known
 * @param checks checks of this loop on any saw, amended ones left out
 * @param outings outings of this loop on any saw that have ended
 */
public record TensionLedger(
        @Nullable LoopSpec loop,
        @Nullable Object fitting,
        boolean setComplete,
        boolean newChain,
        @Nullable Double travelMm,
        List<CheckEntry> checks,
        List<OutingEntry> outings) {

    public TensionLedger {
        checks = checks.stream().sorted(Comparator.comparing(CheckEntry::at)).toList();
        outings = outings.stream()
                .sorted(Comparator.comparing(OutingEntry::backAt))
                .toList();
    }

    /** A saw without a loop. */
    public static final TensionLedger NONE = new TensionLedger(null, null, false, false, null, List.of(), List.of());

    /**
     * One check as it ended.
     *
     * @param at when it was made
     * @param fitting the set that was on
     * @param found what its first reading said
     * @param ended what its last reading said: that counts
     * @param turns turns taken up during the check, in positive, out negative
     * @param leadMm lead of the adjuster it was made with, mm per turn
     * @param measured what was measured beside the tension
     */
    public record CheckEntry(
            Instant at,
            Object fitting,
            CheckOccasion occasion,
            TensionRun.Result found,
            TensionRun.Result ended,
            double turns,
            double leadMm,
            Measured measured) {

        /** The same where it turned out later what it was for. */
        CheckEntry madeFor(CheckOccasion known) {
            return known == occasion ? this : new CheckEntry(at, fitting, known, found, ended, turns, leadMm, measured);
        }

        double movedMm() {
            return turns * leadMm;
        }

        boolean apart() {
            return !occasion.countsAsGrowth();
        }
    }

    /**
     * One outing that has ended.
     *
     * @param backAt when the saw came back
     * @param tanks tanks of fuel (or charges) burned, zero or more
     * @param fitting the set that was on; {@code null} when that is not known
     * @param cameSlack whether its chain was slack when it was handed back
     */
    public record OutingEntry(
            Instant backAt, double tanks, @Nullable Object fitting, boolean cameSlack) {}

    /** A point of the growth chart. */
    public record GrowthPoint(Instant at, double tanks, double growthMm) {}

    /**
     * What the account says of the saw, worked out in one go.
     *
     * @param sisters paces of the loops of the same pitch, this one among them or not
     * @param apart whether no fair reading has passed since the set was apart
     */
    public TensionAccount assess(SisterPaces sisters, Numbers settings, boolean apart) {
        GrowthAccount account = account();
        ChainGrowth growth = growth(account, settings);
        TakeUp takeUp = account == null ? null : TakeUp.of(paces(account), sisters, settings);
        TensionHistory history = history(growth, takeUp, apart);
        return new TensionAccount(
                TensionFitness.of(history, settings),
                growth,
                takeUp,
                run(settings),
                history.outingsSincePass(),
                history.tanksSincePass());
    }

    /** Growth of the loop; {@code null} without a loop. */
    public @Nullable ChainGrowth growth(Numbers settings) {
        return growth(account(), settings);
    }

    private @Nullable ChainGrowth growth(@Nullable GrowthAccount account, Numbers settings) {
        return loop == null || account == null
                ? null
                : ChainGrowth.of(loop.lengthMm(), account.grown(), travelMm, travelUsedMm(account), settings);
    }

    /** The checks of the whole life of the loop, read as growth; {@code null} without a loop. */
    private @Nullable GrowthAccount account() {
        if (loop == null) {
            return null;
        }
        GrowthAccount account = new GrowthAccount(loop);
        double tanksBefore = 0;
        Walk walk = new Walk();
        for (CheckEntry check : checks) {
            double tanks = walk.until(check.at());
            account.add(new GrowthAccount.Check(
                    check.at(),
                    check.fitting(),
                    check.apart(),
                    tanks > tanksBefore,
                    check.turns(),
                    check.leadMm(),
                    check.measured()));
            tanksBefore = tanks;
        }
        return account;
    }

    /**
     * Growth after each check since new, by what leads today, so that a chart, a forecast and the figure say the same. What was
     * measured starts from nothing when the loop was new. Cost grows in proportion to checks and outings.
     */
    public List<GrowthPoint> growthPoints() {
        GrowthAccount account = account();
        if (account == null || checks.isEmpty()) {
            return List.of();
        }
        GrowthSource leads = account.grown().leads();
        List<GrowthPoint> points = new ArrayList<>();
        if (leads != GrowthSource.TURNS) {
            points.add(new GrowthPoint(start(), 0, 0));
        }
        Walk walk = new Walk();
        for (GrowthAccount.Point point : account.points()) {
            double tanks = walk.until(point.at());
            Double mm = point.grown().by(leads);
            if (mm != null) {
                points.add(new GrowthPoint(point.at(), tanks, mm));
            }
        }
        return points;
    }

    /** A moment before the loop was used or read. */
    private Instant start() {
        Instant first = checks.get(0).at();
        Instant used = outings.isEmpty() ? first : outings.get(0).backAt();
        return (used.isBefore(first) ? used : first).minusSeconds(1);
    }

    /** Growth per tank over the whole life so far, mm; {@code null} with too little to tell. */
    public @Nullable Double growthPerTank() {
        GrowthAccount account = account();
        return account == null ? null : TakeUp.rate(paces(account));
    }

    /** How fast it takes up is a matter of the adjuster alone. */
    private List<TakeUp.Point> paces(GrowthAccount account) {
        Walk walk = new Walk();
        return account.points().stream()
                .map(point ->
                        new TakeUp.Point(walk.until(point.at()), point.grown().byTurnsMm()))
                .toList();
    }

    /** Tanks burned up to moments that are asked in order of time, in one walk over the outings. */
    private final class Walk {
        private int ended;
        private double tanks;

        double until(Instant moment) {
            while (ended < outings.size() && !outings.get(ended).backAt().isAfter(moment)) {
                tanks += outings.get(ended++).tanks();
            }
            return tanks;
        }
    }

    private TensionHistory history(@Nullable ChainGrowth growth, @Nullable TakeUp takeUp, boolean apart) {
        List<TensionHistory.Check> here = new ArrayList<>();
        Instant lastPass = Instant.MIN;
        for (CheckEntry check : checks) {
            if (here(check.fitting())) {
                here.add(new TensionHistory.Check(check.occasion(), check.ended()));
                lastPass = check.ended().passes() ? check.at() : lastPass;
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
            tanksSinceFitted += here(outing.fitting()) ? outing.tanks() : 0;
        }
        return new TensionHistory(
                setComplete, newChain, apart, here, outingsSincePass, tanksSincePass, tanksSinceFitted, growth, takeUp);
    }

    /** What the set that is on now has been through. */
    private TensionRun run(Numbers settings) {
        return TensionRun.of(
                checks.stream()
                        .filter(check -> here(check.fitting()))
                        .map(check -> new TensionRun.Check(check.at(), check.apart(), check.found(), check.ended()))
                        .toList(),
                outings.stream()
                        .filter(outing -> here(outing.fitting()))
                        .map(outing -> new TensionRun.Outing(outing.backAt(), outing.tanks(), outing.cameSlack()))
                        .toList(),
                settings);
    }

    private boolean here(@Nullable Object set) {
        return set != null && set.equals(fitting);
    }

    private double travelUsedMm(GrowthAccount account) {
        List<CheckEntry> here =
                checks.stream().filter(check -> here(check.fitting())).toList();
        if (here.isEmpty() || fitting == null) {
            return 0;
        }
        Double stands = account.placeOn(fitting);
        if (stands != null) {
            return stands * here.get(here.size() - 1).leadMm();
        }
        // Turns of the first tensioning use travel. Later ones of a set that was apart only undo the backing-off
        // before.
        double seating = here.get(0).apart() ? here.get(0).movedMm() : 0;
        return seating
                + here.stream()
                        .filter(check -> !check.apart())
                        .mapToDouble(CheckEntry::movedMm)
                        .sum();
    }
}
