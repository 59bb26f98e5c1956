package yellowtally.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What lies on the benches of each day. A visit is on one bench from its beginning to its end. */
final class Load {

    private static final double ROUNDING = 1e-6;

    /** A visit on a day; {@code pinned} when it stays there whether it fits or not. */
    record Lying(int saw, double minutes, boolean pinned) {}

    private final List<List<Double>> benches = new ArrayList<>();
    private final List<List<Lying>> lying = new ArrayList<>();
    private final double[] taken;
    private final double[] capacity;
    /** How a day is packed, for as long as it stays so. */
    private final List<@Nullable Packed> known = new ArrayList<>();

    /** The bench of each visit, in the order in which they lie there, and what is left of the bench that has most left. */
    private record Packed(boolean fits, List<Integer> benches, double mostLeft) {}

    private static final Packed DOES_NOT_FIT = new Packed(false, List.of(), 0);

    Load(PlanQuestion question) {
        taken = new double[question.days()];
        capacity = new double[question.days()];
        for (int day = 0; day < question.days(); day++) {
            benches.add(new ArrayList<>());
            lying.add(new ArrayList<>());
            known.add(null);
        }
        question.benches().forEach(slot -> {
            benches.get(slot.day()).add(slot.left());
            capacity[slot.day()] += slot.left();
        });
        benches.forEach(day -> day.sort(Comparator.reverseOrder()));
    }

    void add(int day, Lying visit) {
        lying.get(day).add(visit);
        taken[day] += visit.minutes();
        known.set(day, null);
    }

    void remove(int day, int saw) {
        List<Lying> visits = lying.get(day);
        for (int i = 0; i < visits.size(); i++) {
            if (visits.get(i).saw() == saw) {
                taken[day] -= visits.remove(i).minutes();
                known.set(day, null);
                return;
            }
        }
    }

    /** Whether a day has room for a visit, beside so many minutes that go away; what cannot be told at once has to be tried. */
    Room room(int day, double asked, double goes) {
        if (taken[day] - goes + asked > capacity[day] + ROUNDING) {
            return Room.NO;
        }
        if (benches.get(day).size() == 1) {
            return Room.YES;
        }
        return goes <= 0 && asked <= packed(day).mostLeft() + ROUNDING ? Room.YES : Room.UNSURE;
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

    /** The bench of each visit that lies there, from 0; all on the first where they do not fit side by side. */
    List<Integer> benchOf(int day) {
        Packed packed = packed(day);
        return packed.fits()
                ? packed.benches()
                : Collections.nCopies(lying.get(day).size(), 0);
    }

    private Packed packed(int day) {
        Packed now = known.get(day);
        if (now == null) {
            now = packed(lying.get(day), benches.get(day));
            known.set(day, now);
        }
        return now;
    }

    /** Pinned ones first, then the longest; each to the bench that it fills best. */
    private static Packed packed(List<Lying> visits, List<Double> benches) {
        List<Double> left = new ArrayList<>(benches);
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < visits.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.comparing((Integer i) -> !visits.get(i).pinned())
                .thenComparing(i -> -visits.get(i).minutes())
                .thenComparing(i -> visits.get(i).saw()));
        List<Integer> bench = new ArrayList<>(Collections.nCopies(visits.size(), 0));
        for (int i : order) {
            int best = bestBench(left, visits.get(i));
            if (best < 0) {
                return DOES_NOT_FIT;
            }
            bench.set(i, best);
            left.set(best, left.get(best) - visits.get(i).minutes());
        }
        return new Packed(
                true,
                bench,
                left.stream().mapToDouble(Double::doubleValue).max().orElse(0));
    }

    private static int bestBench(List<Double> left, Lying visit) {
        int best = -1;
        for (int b = 0; b < left.size(); b++) {
            double room = left.get(b);
            boolean fits = visit.pinned() || room + ROUNDING >= visit.minutes();
            if (fits && (best < 0 || (visit.pinned() ? room > left.get(best) : room < left.get(best)))) {
                best = b;
            }
        }
        return best;
    }

    /** How many minutes more one bench of a day needs for a visit of a saw, 0 when it has room; what the saw has there already goes. */
    double missing(int day, int saw, double asked) {
        List<Lying> others =
                lying.get(day).stream().filter(visit -> visit.saw() != saw).toList();
        return Math.max(0, asked - packed(others, benches.get(day)).mostLeft());
    }

    /** Minutes that lie on a day. */
    double minutes(int day) {
        return taken[day];
    }

    /** Minutes of the bench that has most on any day. */
    double longest() {
        return benches.stream()
                .flatMap(List::stream)
                .mapToDouble(Double::doubleValue)
                .max()
                .orElse(0);
    }

    /** Minutes that all benches of a day have. */
    double capacity(int day) {
        return capacity[day];
    }
}
