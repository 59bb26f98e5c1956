package yellowtally.core.wear;

/**
 * A figure that is not known to the last digit.
 *
 * @param low the smallest that is to be expected
 * @param likely the middle one
 * @param high the largest that is to be expected, {@link Double#POSITIVE_INFINITY} when no end can be told
 */
public record Range(double low, double likely, double high) {

    public Range {
        if (!(low <= likely && likely <= high)) {
            throw new IllegalArgumentException("not in order: " + low + ", " + likely + ", " + high);
        }
    }

    /** Nothing left, or nothing of it. */
    public static final Range ZERO = new Range(0, 0, 0);
}
