package yellowtally.core.minutes;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import yellowtally.core.settings.NumberSetting;
import yellowtally.core.settings.Numbers;

/**
 * What a visit took, read off the moments of its records: nobody types it. Records written in one go share their time; a stretch far
 * longer than its work had a break in it and tells nothing (general practice).
 *
 * @param estimated minutes of what was done, opening and closing included
 * @param told minutes of it about which the moments tell something, as estimated
 * @param taken minutes that this took
 * @param breaks minutes of stretches with a break in them
 * @param stretches what tells how long which work takes
 */
public record VisitTimes(double estimated, double told, double taken, double breaks, List<Stretch> stretches) {

    public VisitTimes {
        stretches = List.copyOf(stretches);
    }

    /** Minutes of the bench that it took: as taken, and as estimated where nothing tells. */
    public double spent() {
        return taken + estimated - told;
    }

    /**
     * Reads the moments of a visit.
     *
     * @param records in any order
     * @param numbers of its saw
     */
    public static VisitTimes of(Instant begun, Collection<BenchRecord> records, Numbers numbers) {
        List<BenchRecord> inOrder = records.stream()
                .sorted(Comparator.comparing(BenchRecord::at).thenComparing(BenchRecord::step))
                .toList();
        Reader reader = new Reader(numbers);
        List<Map<NumberSetting, Double>> work = WorkOfRecords.of(inOrder);
        // Written down afterwards, it has the moments that people remember.
        Instant before = inOrder.isEmpty() || begun.isBefore(inOrder.get(0).at())
                ? begun
                : inOrder.get(0).at();
        for (int i = 0; i < inOrder.size(); i++) {
            Instant at = inOrder.get(i).at();
            reader.next(Duration.between(before, at).toMillis() / 60_000.0, work.get(i));
            before = at;
        }
        return reader.read();
    }

    /** Puts records together that were written in one go. */
    private static final class Reader {

        private final Numbers numbers;
        private final List<Stretch> stretches = new ArrayList<>();
        private Map<NumberSetting, Double> work = new LinkedHashMap<>();
        private double minutes;
        private double estimated;
        private double told;
        private double taken;
        private double breaks;

        Reader(Numbers numbers) {
            this.numbers = numbers;
        }

        void next(double more, Map<NumberSetting, Double> done) {
            double its = new Stretch(done, 0).estimated(numbers);
            boolean inOneGo = more < least(its);
            // What has no minutes of its own, as making safe, goes with what follows.
            boolean waited = minutes > numbers.of(MinutesSetting.BREAK_OVER);
            if (!inOneGo && (estimate() > 0 || waited)) {
                close();
            }
            minutes += more;
            done.forEach((part, times) -> work.merge(part, times, Double::sum));
        }

        private double estimate() {
            return new Stretch(work, 0).estimated(numbers);
        }

        /** No hands do it in less. */
        private double least(double its) {
            return Math.max(numbers.of(MinutesSetting.QUICK_UNDER), numbers.of(MinutesSetting.QUICK) / 100 * its);
        }

        private void close() {
            double its = estimate();
            estimated += its;
            if (minutes > numbers.of(MinutesSetting.BREAK_TIMES) * its + numbers.of(MinutesSetting.BREAK_OVER)) {
                breaks += minutes;
            } else if (its == 0) {
                taken += minutes;
            } else if (minutes >= least(its)) {
                taken += minutes;
                told += its;
                stretches.add(new Stretch(work, minutes));
            }
            work = new LinkedHashMap<>();
            minutes = 0;
        }

        VisitTimes read() {
            close();
            return new VisitTimes(estimated, told, taken, breaks, stretches);
        }
    }
}
