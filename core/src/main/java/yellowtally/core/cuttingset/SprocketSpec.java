package yellowtally.core.cuttingset;

/**
 * A drive sprocket.
 *
 * @param kind spur or rim
 * @param teeth {@link #MIN_TEETH} to {@link #MAX_TEETH}
 * @param pitch pitch it drives
 */
public record SprocketSpec(SprocketKind kind, int teeth, Pitch pitch) {

    public static final int MIN_TEETH = 5;
    public static final int MAX_TEETH = 12;

    public SprocketSpec {
        if (teeth < MIN_TEETH || teeth > MAX_TEETH) {
            throw new IllegalArgumentException("sprocket teeth outside 5 to 12: " + teeth);
        }
    }
}
