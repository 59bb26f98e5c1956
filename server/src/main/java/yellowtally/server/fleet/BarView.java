package yellowtally.server.fleet;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.NoseKind;
import yellowtally.core.cuttingset.Pitch;

/** A bar as the screens see it; {@code onSaw} is the tag of the saw it hangs on, absent on the shelf. */
public record BarView(
        String tag,
        double lengthMm,
        Pitch pitch,
        Gauge gauge,
        int driveLinks,
        NoseKind nose,
        @Nullable Integer costCents,
        @Nullable Instant retiredAt,
        @Nullable String onSaw) {

    public static BarView of(Bar bar, @Nullable String onSaw) {
        return new BarView(
                bar.tag(),
                bar.lengthMm(),
                bar.pitch(),
                bar.gauge(),
                bar.driveLinks(),
                bar.nose(),
                bar.costCents(),
                bar.retiredAt(),
                onSaw);
    }
}
