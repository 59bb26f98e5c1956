package yellowtally.core.drive;

import yellowtally.core.settings.Numbers;

/** When sprocket and bar are renewed where nothing is measured (handbook section 5): by loops worn out on them. */
public final class Cadence {

    private Cadence() {}

    /**
     * Loops that a sprocket may still see, this one among them; zero and less means it is at its end.
     *
     * @param loops loops that were on it, the present one among them
     */
    public static int sprocketLoopsLeft(int loops, Numbers numbers) {
        return (int) Math.round(numbers.of(DriveSetting.LOOPS_PER_SPROCKET)) - loops;
    }

    /**
     * The same for a bar: sprockets times loops.
     *
     * @param loops loops that were on the bar, the present one among them
     */
    public static int barLoopsLeft(int loops, Numbers numbers) {
        double most = numbers.of(DriveSetting.LOOPS_PER_SPROCKET) * numbers.of(DriveSetting.SPROCKETS_PER_BAR);
        return (int) Math.round(most) - loops;
    }
}
