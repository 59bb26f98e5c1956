package yellowtally.server.support;

import yellowtally.core.engine.FuelUnit;
import yellowtally.core.measure.LengthUnit;

/** In which units the fleet writes: what a bare figure means, and how a figure is said back. */
public interface HouseUnits {

    /** Until somebody chooses otherwise, and where the choice cannot be read. */
    HouseUnits METRIC = new HouseUnits() {
        @Override
        public LengthUnit lengthUnit() {
            return LengthUnit.MM;
        }

        @Override
        public FuelUnit volumeUnit() {
            return FuelUnit.LITRE;
        }
    };

    LengthUnit lengthUnit();

    FuelUnit volumeUnit();
}
