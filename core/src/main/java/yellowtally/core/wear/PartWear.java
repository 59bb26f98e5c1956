package yellowtally.core.wear;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/**
 * One kind of wear of one part: readings, limit, and the projection where there is one.
 *
 * @param points readings over tanks, in order of time
 * @param limitMm where the part is worn out, mm
 * @param usedTanks tanks that the part has seen to this day
 * @param projection {@code null} with too little data
 */
public record PartWear(
        WearKind kind,
        List<WearPoint> points,
        double limitMm,
        double usedTanks,
        @Nullable WearProjection projection) {

    public PartWear {
        points = List.copyOf(points);
    }

    /** Reads one kind of wear off a part. */
    public static PartWear of(
            WearKind kind, List<UseAccount.Reading> readings, UseAccount tanks, double limitMm, Numbers numbers) {
        List<WearPoint> points = tanks.points(readings);
        WearProjection projection =
                WearProjection.overTanks(points, kind, limitMm, numbers).orElse(null);
        return new PartWear(kind, points, limitMm, tanks.total(), projection);
    }

    /** Tanks left from today on, not from the last reading; {@code null} where nothing can be told. */
    public @Nullable Range tanksLeft() {
        if (projection == null || projection.left() == null) {
            return null;
        }
        double since = usedTanks - points.get(points.size() - 1).use();
        Range left = projection.left();
        return new Range(
                Math.max(0, left.low() - since), Math.max(0, left.likely() - since), Math.max(0, left.high() - since));
    }
}
