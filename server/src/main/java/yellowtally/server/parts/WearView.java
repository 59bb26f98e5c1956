package yellowtally.server.parts;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.fitness.SawWear;
import yellowtally.core.schedule.DueDate;
import yellowtally.core.settings.Numbers;
import yellowtally.core.wear.PartWear;
import yellowtally.core.wear.WearKind;
import yellowtally.core.wear.WearPoint;
import yellowtally.core.wear.WearProjection;
import yellowtally.server.standing.Standing;

/**
 * One kind of wear as a chart shows it.
 *
 * @param tanksEarly tanks left if it wears faster; absent where nothing can be told
 * @param tanksLate absent likewise, or when no end can be told
 * @param date when it will be worn out at the pace of late (est.); absent likewise
 */
public record WearView(
        WearKind kind,
        List<WearPoint> points,
        double limitMm,
        double usedTanks,
        @Nullable Integer readings,
        @Nullable Double perTankMm,
        @Nullable Double tanksEarly,
        @Nullable Double tanksLikely,
        @Nullable Double tanksLate,
        @Nullable DueDate date) {

    static WearView of(PartWear wear, Standing standing, LocalDate today) {
        WearProjection projection = wear.projection();
        var left = wear.tanksLeft();
        Numbers numbers = standing.numbers();
        DueDate date = left == null
                ? null
                : standing.ledger()
                        .schedule()
                        .after(left.likely(), SawWear.part(wear.kind()), today, numbers)
                        .orElse(null);
        return new WearView(
                wear.kind(),
                wear.points(),
                wear.limitMm(),
                wear.usedTanks(),
                projection == null ? null : projection.readings(),
                projection == null ? null : projection.perUse().likely(),
                left == null ? null : left.low(),
                left == null ? null : left.likely(),
                left == null || Double.isInfinite(left.high()) ? null : left.high(),
                date);
    }
}
