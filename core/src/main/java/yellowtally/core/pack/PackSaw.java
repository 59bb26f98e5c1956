package yellowtally.core.pack;

import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.BarSpec;
import yellowtally.core.cuttingset.LoopSpec;
import yellowtally.core.cuttingset.SprocketSpec;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.schedule.Task;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Power;

/**
 * What of a saw decides what is packed for it.
 *
 * @param tag its tag
 * @param model make and model
 * @param tanksPerDay what it uses on a day (est.), tanks, charges or run hours, over zero
 * @param ratio parts of fuel to one of oil; {@code null} where the card does not say, or it burns none
 * @param fuelTankMl what its fuel tank holds, mL; {@code null} where the card does not say
 * @param oilTankMl what its oil tank holds, mL; {@code null} where the card does not say
 * @param oilPerTank tanks of bar oil for each of fuel, charge or run hour, over zero
 * @param fileMm the round file that its loop asks for, mm; {@code null} without a loop
 * @param nuts its bar nuts
 * @param bar {@code null} without one
 * @param sprocket {@code null} without one
 * @param plugCode {@code null} where the card does not say, or it has none
 * @param tasks what is done on it, where it is laid out for
 * @param numbers limits and estimates as they hold for it
 */
public record PackSaw(
        String tag,
        String model,
        Power power,
        double tanksPerDay,
        @Nullable Integer ratio,
        @Nullable Double fuelTankMl,
        @Nullable Double oilTankMl,
        double oilPerTank,
        @Nullable Double fileMm,
        Nuts nuts,
        @Nullable BarSpec bar,
        @Nullable SprocketSpec sprocket,
        @Nullable String plugCode,
        Set<Task> tasks,
        Numbers numbers) {

    public PackSaw {
        tasks = Set.copyOf(tasks);
    }

    /**
     * What holds the cover.
     *
     * @param sizeMm across flats, mm; {@code null} where the card does not say
     * @param captive whether they stay in the cover
     * @param toolFree whether the cover is opened and the chain tightened by hand
     */
    public record Nuts(@Nullable Double sizeMm, boolean captive, boolean toolFree) {}

    boolean petrol() {
        return power == Power.PETROL;
    }

    /** Sharpenings in so many tanks: as often as its schedule asks for one. */
    double sharpenings(double tanks) {
        return tanks
                / numbers.of(power == Power.BATTERY ? ScheduleSetting.SHARPEN_CHARGES : ScheduleSetting.SHARPEN_TANKS);
    }

    /** The loop that its bar asks for, in the trade's words; it has a bar. */
    String loopWords() {
        BarSpec asks = Objects.requireNonNull(bar);
        return new LoopSpec(asks.pitch(), asks.gauge(), asks.driveLinks()).words();
    }
}
