package yellowtally.core.pack;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import yellowtally.core.plan.Booking;

/** Loops of the shelf that a gang may take: none is with two gangs on one day, and none is taken out of a box (general practice). */
public final class FreeLoops {

    private FreeLoops() {}

    /**
     * A gang and the loops that it has.
     *
     * @param loops tags of those that its pack names, or that were ticked off for it
     */
    public record Gang(Booking booking, Set<String> loops) {

        public Gang {
            loops = Set.copyOf(loops);
        }
    }

    /**
     * Those that are free on the days of a booking.
     *
     * @param others all gangs; its own does not count
     */
    public static List<ShelfLoop> of(Collection<ShelfLoop> shelf, Booking booking, Collection<Gang> others) {
        Set<String> gone = new HashSet<>();
        for (Gang other : others) {
            if (!other.booking().id().equals(booking.id()) && other.booking().overlaps(booking)) {
                gone.addAll(other.loops());
            }
        }
        return shelf.stream().filter(loop -> !gone.contains(loop.tag())).toList();
    }
}
