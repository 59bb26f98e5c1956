package yellowtally.core.stores;

import java.util.Collection;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/**
 * What a tank costs in parts and stock (general practice).
 *
 * @param cents per tank, in the hundredth of the currency
 * @param estimated whether it stands on a projected life
 */
public record CostPerTank(double cents, boolean estimated) {

    /**
     * A part and how much of its life was spent here.
     *
     * @param cents what it cost
     * @param tanksHere tanks on this saw
     * @param tanksAll tanks on all saws, not less than {@code tanksHere}
     * @param tanksLeft expected still; {@code null} when nothing can be told, or it is retired
     */
    public record Share(
            double cents,
            double tanksHere,
            double tanksAll,
            @Nullable Double tanksLeft) {

        /** The part of the price that belongs here. */
        double belongsHere() {
            double life = tanksAll + (tanksLeft == null ? 0 : tanksLeft);
            return life <= 0 ? 0 : cents * tanksHere / life;
        }
    }

    /** The price of a tank of one loop over its life; empty while it has hardly run. */
    public static Optional<CostPerTank> ofLoop(
            double cents, double tanks, @Nullable Double tanksLeft, Numbers numbers) {
        return tanks < numbers.of(StoresSetting.COST_TANKS)
                ? Optional.empty()
                : Optional.of(
                        new CostPerTank(cents / (tanks + (tanksLeft == null ? 0 : tanksLeft)), tanksLeft != null));
    }

    /**
     * The price of a tank of one saw; empty while it has hardly run.
     *
     * @param stockCents stock taken for it
     * @param tanks that it burned in the same time
     */
    public static Optional<CostPerTank> ofSaw(
            double stockCents, Collection<Share> parts, double tanks, Numbers numbers) {
        if (tanks < numbers.of(StoresSetting.COST_TANKS)) {
            return Optional.empty();
        }
        double cents =
                stockCents + parts.stream().mapToDouble(Share::belongsHere).sum();
        boolean estimated = parts.stream().anyMatch(p -> p.tanksLeft() != null);
        return Optional.of(new CostPerTank(cents / tanks, estimated));
    }
}
