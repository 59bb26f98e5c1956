package yellowtally.core.wear;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import yellowtally.core.settings.Numbers;

/** What holds of every projection of wear, whatever the readings. */
class WearPropertyTest {

    private static List<WearPoint> noisy(WearKind kind, List<Double> noise) {
        List<WearPoint> points = new ArrayList<>();
        for (int i = 0; i < noise.size(); i++) {
            double worn = 0.3 * i + noise.get(i);
            points.add(new WearPoint(Instant.EPOCH.plusSeconds(i), 2.0 * i, kind.rising() ? worn : -worn));
        }
        return points;
    }

    private static WearProjection of(WearKind kind, double limit, List<WearPoint> points) {
        return WearProjection.overTanks(points, kind, limit, Numbers.STANDARD).orElseThrow();
    }

    private static double likely(WearProjection projection) {
        return projection.left() == null
                ? Double.POSITIVE_INFINITY
                : projection.left().likely();
    }

    @Property(tries = 400)
    void theRangeHoldsItsMiddle(@ForAll WearKind kind, @ForAll @Size(8) List<@DoubleRange(max = 0.5) Double> noise) {
        Range left = of(kind, kind.rising() ? 100 : -100, noisy(kind, noise)).left();
        assertThat(left == null || (left.low() <= left.likely() && left.likely() <= left.high()))
                .isTrue();
    }

    /** More wear never lengthens life: a worse last reading leaves no more than a better one. */
    @Property(tries = 400)
    void moreWearNeverLengthensLife(
            @ForAll WearKind kind,
            @ForAll @Size(min = 3, max = 12) List<@DoubleRange(max = 0.5) Double> noise,
            @ForAll @DoubleRange(max = 1) double more) {
        double limit = kind.rising() ? 6 : -6;
        List<WearPoint> better = noisy(kind, noise);
        List<WearPoint> worse = new ArrayList<>(better);
        WearPoint last = worse.remove(worse.size() - 1);
        worse.add(new WearPoint(last.at(), last.use(), last.mm() + (kind.rising() ? more : -more)));
        assertThat(likely(of(kind, limit, worse))).isLessThanOrEqualTo(likely(of(kind, limit, better)) + 1e-9);
    }
}
