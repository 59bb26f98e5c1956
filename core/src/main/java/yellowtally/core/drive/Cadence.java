package yellowtally.core.drive;

import yellowtally.core.settings.Numbers;

/** When sprocket and bar are renewed where nothing is measured (handbook section 5): by loops worn out on them. */
public final class Cadence {

    private Cadence() {}

    /**
     * Loops that a sprocket may still see after the one that runs now: one means that the next loop is its last, zero that this one
     * is, less that it is at its end.
     *
     * @param wornOut loops worn out on it, the present one as far as it is, see {@link LoopsRun#wornOut}
     */
    public static int sprocketLoopsLeft(double wornOut, Numbers numbers) {
        return left(numbers.of(DriveSetting.LOOPS_PER_SPROCKET), wornOut);
    }

    /**
     * The same for a bar: sprockets times loops.
     *
     * @param wornOut loops worn out on the bar, the present one as far as it is
     */
    public static int barLoopsLeft(double wornOut, Numbers numbers) {
        return left(numbers.of(DriveSetting.LOOPS_PER_SPROCKET) * numbers.of(DriveSetting.SPROCKETS_PER_BAR), wornOut);
    }

    private static int left(double most, double wornOut) {
        return (int) Math.round(most) - 1 - (int) Math.floor(wornOut + 1e-9);
    }
}
