package yellowtally.server.support;

import yellowtally.core.measure.Rounding;

/** A figure of a sentence that is said in the unit of the fleet. */
public sealed interface Said {

    /** The figure in words. */
    String in(HouseUnits house);

    /** A length in mm. */
    record Length(double mm, Rounding rounding) implements Said {
        public Length(double mm) {
            this(mm, Rounding.NEAREST);
        }

        @Override
        public String in(HouseUnits house) {
            return house.lengthUnit().said(mm, rounding);
        }
    }

    /** What a tank holds, in mL. */
    record Volume(double ml, Rounding rounding) implements Said {
        @Override
        public String in(HouseUnits house) {
            return house.volumeUnit().saidSmall(ml, rounding);
        }
    }
}
