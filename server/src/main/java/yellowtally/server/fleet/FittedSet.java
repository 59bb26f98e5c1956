package yellowtally.server.fleet;

import org.jspecify.annotations.Nullable;

/** What is on a saw now; parts not fitted are absent. */
public record FittedSet(
        @Nullable Chain chain,
        @Nullable Bar bar,
        @Nullable Sprocket sprocket,
        @Nullable SetFitting fitting) {

    /** Whether bar, loop and sprocket are all there. */
    public boolean complete() {
        return chain != null && bar != null && sprocket != null;
    }
}
