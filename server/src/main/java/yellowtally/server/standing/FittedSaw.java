package yellowtally.server.standing;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.BarSpec;
import yellowtally.core.cuttingset.SprocketSpec;
import yellowtally.core.steps.Subject;
import yellowtally.server.fleet.Bar;
import yellowtally.server.fleet.Chain;
import yellowtally.server.fleet.Loop;
import yellowtally.server.fleet.Part;
import yellowtally.server.fleet.Saw;
import yellowtally.server.fleet.SawValue;
import yellowtally.server.fleet.SetFitting;
import yellowtally.server.fleet.Sprocket;

/**
 * A saw and what hangs on it, as values that may be kept and shared: what may change by itself, such as a price, is not told.
 *
 * @param newChain whether the loop was new when it was fitted
 * @param fittedAt when the set was fitted; {@code null} when none ever was
 */
public record FittedSaw(
        SawValue saw,
        @Nullable Hung<Loop> chain,
        @Nullable Hung<BarSpec> bar,
        @Nullable Hung<SprocketSpec> sprocket,
        boolean newChain,
        @Nullable Instant fittedAt) {

    /** A part as it hangs on a saw. */
    public record Hung<T>(UUID id, String tag, Subject subject, T spec) {}

    static FittedSaw of(Saw saw, Collection<Part> parts, @Nullable SetFitting fitting) {
        return new FittedSaw(
                SawValue.of(saw),
                hung(Part.one(Chain.class, parts), Chain::loop),
                hung(Part.one(Bar.class, parts), Bar::spec),
                hung(Part.one(Sprocket.class, parts), Sprocket::spec),
                fitting != null && fitting.newChain(),
                fitting == null ? null : fitting.at());
    }

    private static <P extends Part, T> @Nullable Hung<T> hung(@Nullable P part, Function<P, T> spec) {
        return part == null ? null : new Hung<>(part.id(), part.tag(), part.subject(), spec.apply(part));
    }

    boolean complete() {
        return chain != null && bar != null && sprocket != null;
    }

    /** Chain, bar and sprocket, as far as they are there. */
    public List<Hung<?>> parts() {
        return Stream.<@Nullable Hung<?>>of(chain, bar, sprocket)
                .<Hung<?>>flatMap(Stream::ofNullable)
                .toList();
    }
}
