package yellowtally.core.wear;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;

/** How much a part had been used at any moment, on whatever saw it hung: it puts readings on one line with use. */
public final class UseAccount {

    private final List<Used> uses;
    private final double[] sums;

    /**
     * Some use.
     *
     * @param at when it ended
     * @param amount tanks, run hours, charges, or one for a sharpening; zero or more
     */
    public record Used(Instant at, double amount) {}

    /** An account of these uses, in any order; the list is not changed afterwards. */
    public UseAccount(List<Used> uses) {
        this.uses = inOrder(uses, Used::at);
        this.sums = new double[uses.size() + 1];
        for (int i = 0; i < uses.size(); i++) {
            sums[i + 1] = sums[i] + this.uses.get(i).amount();
        }
    }

    /** What had been used up to a moment, that moment included. */
    public double until(Instant moment) {
        return sums[ended(moment)];
    }

    /** How many uses had ended at a moment. */
    private int ended(Instant moment) {
        int from = 0;
        int to = uses.size();
        while (from < to) {
            int middle = (from + to) >>> 1;
            if (uses.get(middle).at().isAfter(moment)) {
                to = middle;
            } else {
                from = middle + 1;
            }
        }
        return from;
    }

    /** All that was used. */
    public double total() {
        return sums[uses.size()];
    }

    /** Readings with the use that each of them stands at, in order of time. */
    public List<WearPoint> points(List<Reading> readings) {
        List<WearPoint> points = new ArrayList<>(readings.size());
        List<Reading> inOrder = inOrder(readings);
        int ended = inOrder.isEmpty() ? 0 : ended(inOrder.get(0).at());
        // Both are in order of time, so that one walk over them is enough.
        for (Reading reading : inOrder) {
            while (ended < uses.size() && !uses.get(ended).at().isAfter(reading.at())) {
                ended++;
            }
            points.add(new WearPoint(reading.at(), sums[ended], reading.mm()));
        }
        return points;
    }

    /** Readings in order of time; the same list where they are so already. */
    static List<Reading> inOrder(List<Reading> readings) {
        return inOrder(readings, Reading::at);
    }

    /** Records mostly come in order of time: then nothing is copied. */
    private static <T> List<T> inOrder(List<T> given, Function<T, Instant> at) {
        Instant before = Instant.MIN;
        for (T one : given) {
            Instant moment = at.apply(one);
            if (moment.isBefore(before)) {
                return given.stream().sorted(Comparator.comparing(at)).toList();
            }
            before = moment;
        }
        return given;
    }

    /** A reading in time, mm. */
    public record Reading(Instant at, double mm) {}
}
