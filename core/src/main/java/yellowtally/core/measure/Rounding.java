package yellowtally.core.measure;

/** How a figure is rounded when it is said. The end of a range is never said wider than it is (general practice). */
public enum Rounding {
    NEAREST,
    /** The least that is taken: what is said is taken too. */
    UP,
    /** The most that is taken: what is said is taken too. */
    DOWN;

    /** Far below what anybody reads, far above what arithmetic leaves behind: 15 mm is no hair under 15. */
    private static final double NOISE = 1e-7;

    /**
     * The figure with so many decimals.
     *
     * @param figure any finite figure
     * @param digits decimals, from 0 to 6
     */
    double of(double figure, int digits) {
        double scale = Math.pow(10, digits);
        return switch (this) {
            case NEAREST -> figure;
            case UP -> Math.ceil(figure * scale - NOISE) / scale;
            case DOWN -> Math.floor(figure * scale + NOISE) / scale;
        };
    }
}
