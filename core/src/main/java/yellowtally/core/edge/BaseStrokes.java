package yellowtally.core.edge;

import yellowtally.core.settings.Numbers;

/** Strokes that bring a cutter to a clean edge, whatever its length (handbook section 4; the numbers are estimates). */
public final class BaseStrokes {

    private BaseStrokes() {}

    /**
     * How many.
     *
     * @param dull whether the cutters were found dull or struck, not still cutting
     */
    public static int of(boolean dull, Numbers numbers) {
        return (int) Math.round(numbers.of(dull ? EdgeSetting.BASE_STROKES_DULL : EdgeSetting.BASE_STROKES));
    }
}
