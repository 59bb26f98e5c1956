package yellowtally.server.fleet;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.cuttingset.SprocketKind;

/** A sprocket as the screens see it; {@code onSaw} is the tag of the saw it hangs on, absent on the shelf. */
public record SprocketView(
        String tag,
        SprocketKind kind,
        int teeth,
        Pitch pitch,
        @Nullable Integer costCents,
        @Nullable Instant retiredAt,
        @Nullable String onSaw) {

    public static SprocketView of(Sprocket sprocket, @Nullable String onSaw) {
        return new SprocketView(
                sprocket.tag(),
                sprocket.kind(),
                sprocket.teeth(),
                sprocket.pitch(),
                sprocket.costCents(),
                sprocket.retiredAt(),
                onSaw);
    }
}
