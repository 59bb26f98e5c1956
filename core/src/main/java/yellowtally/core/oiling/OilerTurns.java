package yellowtally.core.oiling;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Where the adjuster of an oiler stands, by the turns on record (handbook section 7: out for more, in for less). */
public final class OilerTurns {

    private OilerTurns() {}

    /**
     * How far it stands from where the records began, after each of them.
     *
     * @param turns of each record, out positive, first one first; {@code null} where it was not turned
     * @return as many places as records; empty for none
     */
    public static List<Double> places(List<@Nullable Double> turns) {
        List<Double> places = new ArrayList<>();
        double place = 0;
        for (Double turn : turns) {
            place += turn == null ? 0 : turn;
            places.add(place);
        }
        return List.copyOf(places);
    }
}
