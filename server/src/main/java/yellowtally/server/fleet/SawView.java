package yellowtally.server.fleet;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A saw's card and its set as the screens see them; {@code version} goes back with an edit. */
public record SawView(
        UUID id,
        int version,
        String tag,
        SawDetails card,
        @Nullable ChainView chain,
        @Nullable BarView bar,
        @Nullable SprocketView sprocket,
        @Nullable Instant fittedAt,
        @Nullable Instant retiredAt,
        @Nullable String retiredReason,
        List<String> formerTags) {

    static SawView of(Saw saw, FittedSet set, List<String> formerTags) {
        return new SawView(
                saw.id(),
                saw.version(),
                saw.tag(),
                saw.details(),
                set.chain() == null ? null : ChainView.of(set.chain(), null),
                set.bar() == null ? null : BarView.of(set.bar(), null),
                set.sprocket() == null ? null : SprocketView.of(set.sprocket(), null),
                set.fitting() == null ? null : set.fitting().at(),
                saw.retiredAt(),
                saw.retiredReason(),
                formerTags);
    }
}
