package yellowtally.server.standing;

import org.jspecify.annotations.Nullable;
import yellowtally.server.fleet.Bar;
import yellowtally.server.fleet.Chain;
import yellowtally.server.fleet.Saw;
import yellowtally.server.fleet.SetFitting;
import yellowtally.server.fleet.Sprocket;

/** A saw and what hangs on it. */
public record FittedSaw(
        Saw saw,
        @Nullable Chain chain,
        @Nullable Bar bar,
        @Nullable Sprocket sprocket,
        @Nullable SetFitting fitting) {

    boolean complete() {
        return chain != null && bar != null && sprocket != null;
    }
}
