package yellowtally.core.tension;

/**
 * A turn of the adjuster that a hand can make, always positive: {@code wholes} and a fraction {@code parts/of}.
 * {@code 0 0/1} is no turn.
 *
 * @param wholes whole turns, zero or more
 * @param parts parts of a turn, fewer than {@code of}
 * @param of 1, 2, 3, 4, 6, 8 or 12
 */
public record HandTurn(int wholes, int parts, int of) {

    private static final int[][] FRACTIONS = {
        {0, 1}, {1, 12}, {1, 8}, {1, 6}, {1, 4}, {1, 3}, {1, 2}, {2, 3}, {3, 4}, {1, 1}
    };
    /** Past one turn a hand does not tell a twelfth from an eighth. */
    private static final int[][] COARSE = {{0, 1}, {1, 4}, {1, 2}, {3, 4}, {1, 1}};

    /** The fraction nearest to a number of turns; the sign is dropped. */
    public static HandTurn nearest(double turns) {
        double size = Math.abs(turns);
        int wholes = (int) Math.floor(size);
        int[] best = {0, 1};
        double least = Double.MAX_VALUE;
        for (int[] fraction : wholes == 0 ? FRACTIONS : COARSE) {
            double off = Math.abs(size - wholes - (double) fraction[0] / fraction[1]);
            if (off < least) {
                least = off;
                best = fraction;
            }
        }
        return best[0] == best[1] ? new HandTurn(wholes + 1, 0, 1) : new HandTurn(wholes, best[0], best[1]);
    }

    /** The turn as a number. */
    public double turns() {
        return wholes + (double) parts / of;
    }
}
