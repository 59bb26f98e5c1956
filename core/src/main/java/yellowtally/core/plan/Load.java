package yellowtally.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What lies on the benches of each day. A visit is on one bench from its beginning to its end. */
final class Load {

    private static final double ROUNDING = Packing.ROUNDING;

    /** A visit on a day; {@code pinned} when it stays there whether it fits or not. */
    record Lying(int saw, double minutes, boolean pinned) {}

    /** The benches of each day, the one that has most left first. */
    private final List<List<BenchSlot>> benches = new ArrayList<>();

    /** What lies on each day, in the order in which it was put there. */
    private final List<List<Lying>> lying = new ArrayList<>();
    /** The same, as it is packed. */
    private final List<List<Lying>> inOrder = new ArrayList<>();

    private final double[] taken;
    private final double[] capacity;
    /** How a day is packed, for as long as it stays so. */
    private final List<@Nullable Packing> known = new ArrayList<>();

    Load(PlanQuestion question) {
        taken = new double[question.days()];
        capacity = new double[question.days()];
        for (int day = 0; day < question.days(); day++) {
            benches.add(new ArrayList<>());
            lying.add(new ArrayList<>());
            inOrder.add(new ArrayList<>());
            known.add(null);
        }
        question.benches().forEach(slot -> {
            benches.get(slot.day()).add(slot);
            capacity[slot.day()] += slot.left();
        });
        benches.forEach(day ->
                day.sort(Comparator.comparingDouble(BenchSlot::left).reversed().thenComparingInt(BenchSlot::bench)));
    }

    void add(int day, Lying visit) {
        lying.get(day).add(visit);
        List<Lying> visits = inOrder.get(day);
        int at = Collections.binarySearch(visits, visit, Packing.IN_ORDER);
        visits.add(at < 0 ? -at - 1 : at, visit);
        taken[day] += visit.minutes();
        known.set(day, null);
    }

    void remove(int day, int saw) {
        List<Lying> visits = lying.get(day);
        for (int i = 0; i < visits.size(); i++) {
            if (visits.get(i).saw() == saw) {
                Lying gone = visits.remove(i);
                inOrder.get(day).remove(gone);
                taken[day] -= gone.minutes();
                known.set(day, null);
                return;
            }
        }
    }

    /** Whether a day has room for a visit, beside so many minutes that go away; what cannot be told at once has to be tried. */
    Room room(int day, Lying asked, double goes) {
        if (taken[day] - goes + asked.minutes() > capacity[day] + ROUNDING) {
            return Room.NO;
        }
        if (benches.get(day).size() == 1) {
            return Room.YES;
        }
        return goes <= 0 && packed(day).hasRoomFor(asked) ? Room.YES : Room.UNSURE;
    }

    /** Whether there is room. */
    enum Room {
        YES,
        NO,
        UNSURE
    }

    List<Lying> on(int day) {
        return lying.get(day);
    }

    /** Whether all that lies there fits, pinned visits left aside: what the officer wants is done. */
    boolean fits(int day) {
        boolean free = benches.get(day).size() == 1
                ? taken[day] <= capacity[day] + ROUNDING
                : packed(day).fits();
        return free || lying.get(day).stream().allMatch(Lying::pinned);
    }

    /** The number of the bench on which each saw lies; all on the first where they do not fit side by side. */
    Map<Integer, Integer> benchOf(int day) {
        Packing packed = packed(day);
        List<Lying> visits = inOrder.get(day);
        Map<Integer, Integer> benchOf = new HashMap<>();
        for (int i = 0; i < visits.size(); i++) {
            benchOf.put(
                    visits.get(i).saw(),
                    packed.fits()
                            ? benches.get(day).get(packed.benches().get(i)).bench()
                            : 1);
        }
        return benchOf;
    }

    private Packing packed(int day) {
        Packing now = known.get(day);
        if (now == null) {
            now = Packing.of(inOrder.get(day), benches.get(day));
            known.set(day, now);
        }
        return now;
    }

    /** How many minutes more one bench of a day needs for a visit of a saw, 0 when it has room; what the saw has there already goes. */
    double missing(int day, int saw, double asked) {
        List<Lying> others =
                inOrder.get(day).stream().filter(visit -> visit.saw() != saw).toList();
        return Math.max(0, asked - Packing.of(others, benches.get(day)).mostLeft());
    }

    /** Minutes that lie on a day. */
    double minutes(int day) {
        return taken[day];
    }

    /** Minutes of the bench that has most on any day. */
    double longest() {
        return benches.stream()
                .flatMap(List::stream)
                .mapToDouble(BenchSlot::left)
                .max()
                .orElse(0);
    }

    /** Minutes that all benches of a day have. */
    double capacity(int day) {
        return capacity[day];
    }
}
