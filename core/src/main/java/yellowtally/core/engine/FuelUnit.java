package yellowtally.core.engine;

import yellowtally.core.measure.NumberText;
import yellowtally.core.measure.Rounding;

/** What fuel is measured in, and the oil that goes with it (handbook section 9: litres and US units). */
public enum FuelUnit {
    /** Litres of fuel, millilitres of oil. */
    LITRE(1000, 1),
    /** US gallons of fuel, US fluid ounces of oil. */
    US_GALLON(3785.411784, 29.5735295625);

    private final double fuelMl;
    private final double oilMl;

    FuelUnit(double fuelMl, double oilMl) {
        this.fuelMl = fuelMl;
        this.oilMl = oilMl;
    }

    /** An amount of fuel in mL. */
    public double toMl(double amount) {
        return amount * fuelMl;
    }

    /** So much fuel, mL, in this unit. */
    public double ofMl(double ml) {
        return ml / fuelMl;
    }

    /** So much oil, in the unit in which it is measured out beside this fuel, in mL. */
    public double oilMl(double oil) {
        return oil * oilMl;
    }

    /**
     * What a tank holds, in a sentence, in the small unit: tenths of a millilitre or of a US fluid ounce.
     *
     * @param ml any finite volume
     * @param rounding as it is meant: the end of a range never wider than it is
     */
    public String saidSmall(double ml, Rounding rounding) {
        return NumberText.said(oil(ml), 1, rounding) + (this == LITRE ? " mL" : " fl oz");
    }

    /**
     * Says an amount that is counted in whole units, as {@code "1.5 L"} or {@code "0.4 US gal"}.
     *
     * @param ml any finite volume
     */
    public String said(double ml) {
        return this == LITRE ? NumberText.said(ofMl(ml), 1) + " L" : NumberText.said(ofMl(ml), 2) + " US gal";
    }

    /** So much oil, mL, in the unit in which it is measured out beside this fuel. */
    public double oil(double ml) {
        return ml / oilMl;
    }
}
