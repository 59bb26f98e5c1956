package yellowtally.core.edge;

import org.jspecify.annotations.Nullable;

/**
 * One cutter of a loop.
 *
 * @param place from the start cutter, 0 and up, against the direction of travel
 * @param mm length of its top plate, mm; {@code null} when it was not measured
 * @param damage {@code null} when it is whole
 */
public record Cutter(
        int place, Side side, @Nullable Double mm, @Nullable CutterDamage damage) {

    /** Measured and whole. */
    public boolean healthy() {
        return mm != null && damage == null;
    }
}
