package yellowtally.core.edge;

import java.util.Collection;
import java.util.List;
import java.util.Set;
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

    /**
     * Those that stand for the loop: measured, whole, and not left out as one bad cutter among good ones (handbook section 4).
     *
     * @param leaveOut places that the officer leaves out
     */
    public static List<Cutter> counted(Collection<Cutter> cutters, Set<Integer> leaveOut) {
        return cutters.stream()
                .filter(cutter -> cutter.healthy() && !leaveOut.contains(cutter.place()))
                .toList();
    }
}
