package yellowtally.core.wear;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/**
 * One kind of wear of one part: readings, limit, and the projection where there is one.
 *
 * @param readings in order of time, at least one
 * @param tanks that the part has seen
 * @param limitMm where the part is worn out, mm
 * @param projection {@code null} with too little data
 * @param spent whether another rule has it at its end already
 */
public record PartWear(
        WearKind kind,
        List<UseAccount.Reading> readings,
        UseAccount tanks,
        double limitMm,
        @Nullable WearProjection projection,
        boolean spent) {

    /**
     * Reads one kind of wear off a part.
     *
     * @param readings in any order, at least one; the list is not changed afterwards
     */
    public static PartWear of(
            WearKind kind, List<UseAccount.Reading> readings, UseAccount tanks, double limitMm, Numbers numbers) {
        List<UseAccount.Reading> inOrder = UseAccount.inOrder(readings);
        // Only what the projection looks at is put on a line with use: a fleet has far more readings than that.
        WearProjection projection = WearProjection.overTanks(
                        tanks.points(WearProjection.latest(inOrder)), kind, limitMm, numbers)
                .orElse(null);
        return new PartWear(kind, inOrder, tanks, limitMm, projection, false);
    }

    /** The same where another rule says that the part is at its end: nothing is left then, whatever the readings project. */
    public PartWear atItsEnd() {
        return new PartWear(kind, readings, tanks, limitMm, projection, true);
    }

    /** All readings over tanks, in order of time. */
    public List<WearPoint> points() {
        return tanks.points(readings);
    }

    /** Tanks that the part has seen to this day. */
    public double usedTanks() {
        return tanks.total();
    }

    /** Tanks left from today on, not from the last reading; {@code null} where nothing can be told. One reading past the limit is enough for none. */
    public @Nullable Range tanksLeft() {
        double last = readings.get(readings.size() - 1).mm();
        if (spent || (kind.rising() ? last >= limitMm : last <= limitMm)) {
            return Range.ZERO;
        }
        if (projection == null || projection.left() == null) {
            return null;
        }
        double since =
                usedTanks() - tanks.until(readings.get(readings.size() - 1).at());
        Range left = projection.left();
        return new Range(
                Math.max(0, left.low() - since), Math.max(0, left.likely() - since), Math.max(0, left.high() - since));
    }
}
