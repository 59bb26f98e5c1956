package yellowtally.server.board;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.io.SerializedString;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.util.RawValue;
import yellowtally.server.board.BoardController.Plate;
import yellowtally.server.board.BoardController.WorkRow;
import yellowtally.server.standing.Standing;

/**
 * What the board tells of each saw, written out once for as long as the saw stands as it stood: of two hundred saws a write changes
 * one, and everybody asks for all of them anew.
 */
@Component
class ToldSaws {

    private final JsonMapper json;
    private volatile Map<UUID, Made> made = Map.of();

    ToldSaws(JsonMapper json) {
        this.json = json;
    }

    /**
     * A saw on the board, and the same as it is sent.
     *
     * @param row absent when no work waits on it
     */
    record Told(
            UUID sawId,
            Plate plate,
            RawValue plateAsSent,
            @Nullable WorkRow row,
            @Nullable RawValue rowAsSent) {}

    /** What is told, and what it was made from. */
    private record Made(Standing standing, @Nullable String crew, Told told) {

        // The same object, not an equal one: a saw that was worked out anew is told anew.
        @SuppressWarnings("ReferenceEquality")
        boolean from(Standing other, @Nullable String with) {
            return standing == other && Objects.equals(crew, with);
        }
    }

    /** Of each saw, in the order given; {@code crewOf} tells with whom a saw is out. */
    List<Told> of(List<Standing> standings, Function<UUID, @Nullable String> crewOf) {
        Map<UUID, Made> before = made;
        Map<UUID, Made> now = new HashMap<>();
        List<Told> told = new ArrayList<>();
        for (Standing standing : standings) {
            UUID saw = standing.fitted().saw().id();
            String crew = crewOf.apply(saw);
            Made last = before.get(saw);
            Made one = last != null && last.from(standing, crew)
                    ? last
                    : new Made(standing, crew, tell(saw, standing, crew));
            now.put(saw, one);
            told.add(one.told());
        }
        // Two who look at a moment may each write it out: it is the same.
        made = now;
        return told;
    }

    private Told tell(UUID saw, Standing standing, @Nullable String crew) {
        Plate plate = Plate.of(standing);
        WorkRow row = standing.account().work().isEmpty() ? null : WorkRow.of(standing, crew);
        return new Told(saw, plate, asSent(plate), row, row == null ? null : asSent(row));
    }

    private RawValue asSent(Object part) {
        return new RawValue(new SerializedString(json.writeValueAsString(part)));
    }
}
