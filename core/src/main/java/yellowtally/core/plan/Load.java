package yellowtally.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What lies on the benches of each day. A visit is on one bench from its beginning to its end. */
final class Load {

    private static final double ROUNDING = 1e-6;

    /** A visit on a day; {@code pinned} when it stays there whether it fits or not. */
    record Lying(int saw, double minutes, boolean pinned) {}

    private final List<List<Double>> benches = new ArrayList<>();
    private final List<List<Lying>> lying = new ArrayList<>();
    private final double[] taken;

    Load(PlanQuestion question) {
        taken = new double[question.days()];
        for (int day = 0; day < question.days(); day++) {
            benches.add(new ArrayList<>());
            lying.add(new ArrayList<>());
        }
        question.benches().forEach(slot -> benches.get(slot.day()).add(slot.minutes()));
        benches.forEach(day -> day.sort(Comparator.reverseOrder()));
    }

    void add(int day, Lying visit) {
        lying.get(day).add(visit);
        taken[day] += visit.minutes();
    }

    void remove(int day, int saw) {
        List<Lying> visits = lying.get(day);
        for (int i = 0; i < visits.size(); i++) {
            if (visits.get(i).saw() == saw) {
                taken[day] -= visits.remove(i).minutes();
                return;
            }
        }
    }

    /** Whether a day with one bench has room for a visit, beside so many minutes that go away; with more benches it is tried. */
    Room room(int day, double asked, double goes) {
        List<Double> minutes = benches.get(day);
        if (minutes.size() != 1) {
            return minutes.isEmpty() ? Room.NO : Room.UNSURE;
        }
        return taken[day] - goes + asked <= minutes.get(0) + ROUNDING ? Room.YES : Room.NO;
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
        List<Lying> visits = lying.get(day);
        List<Double> minutes = benches.get(day);
        if (minutes.size() == 1) {
            return taken[day] <= minutes.get(0) + ROUNDING || visits.stream().allMatch(Lying::pinned);
        }
        return visits.stream().allMatch(Lying::pinned) || packed(day).isPresent();
    }

    /** The bench of each visit that lies there, from 0; all on the first where they do not fit side by side. */
    List<Integer> benchOf(int day) {
        return packed(day).orElseGet(() -> Collections.nCopies(lying.get(day).size(), 0));
    }

    /** Pinned ones first, then the longest; each to the bench that it fills best. */
    private Optional<List<Integer>> packed(int day) {
        List<Lying> visits = lying.get(day);
        List<Double> left = new ArrayList<>(benches.get(day));
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
                return Optional.empty();
            }
            bench.set(i, best);
            left.set(best, left.get(best) - visits.get(i).minutes());
        }
        return Optional.of(bench);
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

    /** How many minutes a day lacks for a visit of a saw, 0 when it has room; what the saw has there already goes. */
    double missing(int day, int saw, double asked) {
        double taken = lying.get(day).stream()
                .filter(visit -> visit.saw() != saw)
                .mapToDouble(Lying::minutes)
                .sum();
        return Math.max(0, taken + asked - capacity(day));
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
        return benches.get(day).stream().mapToDouble(Double::doubleValue).sum();
    }
}
