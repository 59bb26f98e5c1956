package yellowtally.server.standing;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.fitness.Sisters;
import yellowtally.core.oiling.ProvenOil;
import yellowtally.core.steps.Power;
import yellowtally.core.tension.SisterPaces;

/** What the saws of the fleet tell of each other: first all of them are written in, then each is asked for. */
final class SisterBook {

    /** Saws of which one tells what another uses. */
    private record Kind(UUID model, Power power) {

        static Kind of(FittedSaw saw) {
            return new Kind(
                    saw.saw().details().model().id(), saw.saw().details().power());
        }
    }

    private final Map<Pitch, List<Double>> paces = new EnumMap<>(Pitch.class);
    private final Map<Pitch, SisterPaces> sorted = new EnumMap<>(Pitch.class);
    private final Map<Kind, ProvenOil> oil = new HashMap<>();

    /**
     * Writes a saw in.
     *
     * @param pace how fast its loop takes up, mm per tank; {@code null} when not known
     */
    void add(FittedSaw saw, @Nullable Double pace, ProvenOil proven) {
        if (saw.chain() != null && pace != null) {
            paces.computeIfAbsent(saw.chain().spec().pitch(), p -> new ArrayList<>())
                    .add(pace);
        }
        oil.merge(Kind.of(saw), proven, ProvenOil::plus);
    }

    Sisters of(FittedSaw saw) {
        SisterPaces ofPitch = saw.chain() == null
                ? SisterPaces.NONE
                : sorted.computeIfAbsent(
                        saw.chain().spec().pitch(), pitch -> new SisterPaces(paces.getOrDefault(pitch, List.of())));
        return new Sisters(ofPitch, oil.getOrDefault(Kind.of(saw), ProvenOil.NONE));
    }
}
