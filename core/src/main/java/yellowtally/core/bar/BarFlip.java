package yellowtally.core.bar;

/**
 * Which way up a bar goes back (handbook section 4).
 *
 * @param turned whether it lies the other way up than when it was new
 * @param turnNow whether it is to be turned over this time
 * @param sharpenings since it was turned last
 */
public record BarFlip(boolean turned, boolean turnNow, int sharpenings) {

    /**
     * What a school asks for.
     *
     * @param turns how often the bar was turned over since new
     * @param sharpenings sharpenings since it was turned last, this one among them
     * @param newChain whether a new chain was fitted since
     */
    public static BarFlip of(FlipSchool school, int turns, int sharpenings, boolean newChain) {
        boolean now = switch (school) {
            case EVERY_SHARPENING -> sharpenings >= 1;
            case EVERY_OTHER_SHARPENING -> sharpenings >= 2;
            case EACH_NEW_CHAIN -> newChain;
        };
        return new BarFlip(turns % 2 == 1, now, sharpenings);
    }
}
