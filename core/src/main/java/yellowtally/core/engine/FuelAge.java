package yellowtally.core.engine;

import yellowtally.core.settings.Numbers;

/** Whether the fuel in the can is still good (handbook section 9). */
public final class FuelAge {

    private FuelAge() {}

    /**
     * Whether the mix is too old.
     *
     * @param days since it was mixed, zero or more
     */
    public static boolean tooOld(double days, Numbers numbers) {
        return days >= numbers.of(EngineSetting.FUEL_OLD);
    }
}
