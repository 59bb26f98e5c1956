package yellowtally.core.edge;

import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/** Strokes that bring a cutter to a clean edge, whatever its length (handbook section 4; the numbers are estimates). */
public final class BaseStrokes {

    private BaseStrokes() {}

    /**
     * How many.
     *
     * @param dull whether the cutters were found dull or struck, not still cutting
     * @param damage the way past measured damage, which counts as struck; absent where none was measured
     */
    public static int of(boolean dull, @Nullable FileBack damage, Numbers numbers) {
        if (damage == null) {
            return (int) Math.round(numbers.of(dull ? EdgeSetting.BASE_STROKES_DULL : EdgeSetting.BASE_STROKES));
        }
        return Math.max(of(true, null, numbers), damage.strokes());
    }
}
