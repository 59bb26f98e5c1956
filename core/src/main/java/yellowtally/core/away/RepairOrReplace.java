package yellowtally.core.away;

import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/**
 * Whether a repair pays: what is asked for it, over the tanks that the saw may still do, beside what a new one costs over a whole life
 * (general practice). Loops, bars and sprockets wear on either and are left out.
 *
 * @param verdict what to do
 * @param share of all that may be, those in which the repair is cheaper, 0 to 1 (est.); {@code null} without a price of a new one
 * @param tanksLeft that the saw may still do (est.)
 * @param repaired what a tank costs with the repair, hundredths of the fleet's currency (est.)
 * @param fresh what a tank costs with a new saw, hundredths (est.); {@code null} where nobody said what one costs
 */
public record RepairOrReplace(
        Verdict verdict,
        @Nullable Double share,
        Spread tanksLeft,
        Spread repaired,
        @Nullable Spread fresh) {

    private static final double PERCENT = 100;

    /** So many lives of either saw are put side by side. */
    private static final int LIVES = 40;

    /** What to do with it. */
    public enum Verdict {
        /** The repair is cheaper, as good as surely. */
        REPAIR,
        /** A new one is cheaper, as good as surely. */
        REPLACE,
        /** Money does not tell. */
        EITHER,
        /** Nobody said what a new one costs. */
        NO_PRICE
    }

    /** What is likely, and between what it lies. */
    public record Spread(double likely, double low, double high) {}

    /**
     * What is known.
     *
     * @param tanks that the saw has done, zero or more
     * @param quoteCents what is asked for the repair, zero or more
     * @param newCents what a new saw costs, over zero; {@code null} where nobody said
     */
    public record Facts(
            double tanks, double quoteCents, @Nullable Double newCents) {}

    /** Weighs them: a saw that has lived so long may still have any of the lives that are longer. */
    public static RepairOrReplace of(Facts facts, Numbers numbers) {
        double life = numbers.of(AwaySetting.SAW_LIFE);
        double spread = numbers.of(AwaySetting.LIFE_SPREAD) / PERCENT;
        double least = life * numbers.of(AwaySetting.LAST_SHARE) / PERCENT;
        Spread lives = new Spread(life, life * (1 - spread), life * (1 + spread));
        double shortest = Math.max(least, lives.low() - facts.tanks());
        double longest = Math.max(least, lives.high() - facts.tanks());
        Spread left = new Spread((shortest + longest) / 2, shortest, longest);
        Spread repaired = over(facts.quoteCents(), left);
        Double price = facts.newCents();
        if (price == null) {
            return new RepairOrReplace(Verdict.NO_PRICE, null, left, repaired, null);
        }
        double share = share(facts.quoteCents(), left, price, lives);
        return new RepairOrReplace(
                verdict(share, numbers.of(AwaySetting.SURE) / PERCENT), share, left, repaired, over(price, lives));
    }

    private static Spread over(double cents, Spread tanks) {
        return new Spread(cents / tanks.likely(), cents / tanks.high(), cents / tanks.low());
    }

    /** Of all pairs of lives, those in which a tank costs less with the repair. */
    private static double share(double quote, Spread left, double price, Spread lives) {
        int cheaper = 0;
        for (int i = 0; i < LIVES; i++) {
            for (int j = 0; j < LIVES; j++) {
                cheaper += quote / at(left, i) < price / at(lives, j) ? 1 : 0;
            }
        }
        return cheaper / (double) (LIVES * LIVES);
    }

    private static double at(Spread range, int step) {
        return range.low() + (range.high() - range.low()) * (step + 0.5) / LIVES;
    }

    private static Verdict verdict(double share, double sure) {
        if (share >= sure) {
            return Verdict.REPAIR;
        }
        return share <= 1 - sure ? Verdict.REPLACE : Verdict.EITHER;
    }
}
