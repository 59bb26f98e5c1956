package yellowtally.server.support;

/** A figure of a sentence that is said in the unit of the fleet. */
public sealed interface Said {

    /** The figure in words. */
    String in(HouseUnits house);

    /** A length in mm. */
    record Length(double mm) implements Said {
        @Override
        public String in(HouseUnits house) {
            return house.lengthUnit().said(mm);
        }
    }

    /** What a tank holds, in mL. */
    record Volume(double ml) implements Said {
        @Override
        public String in(HouseUnits house) {
            return house.volumeUnit().saidSmall(ml);
        }
    }
}
