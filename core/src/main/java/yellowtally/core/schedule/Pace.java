package yellowtally.core.schedule;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import yellowtally.core.settings.Numbers;

/**
 * How fast something is used up of late: recent days weigh more (handbook section 10; exponential weights).
 *
 * @param perDay units a day, more than zero
 * @param spread relative uncertainty, falling with the number of uses it stands on
 */
record Pace(double perDay, double spread) {

    private static final int MEMORY_TIMES = 6;

    /** Collects uses; cost grows with the uses inside the memory. */
    static final class Counter {
        private final LocalDate today;
        private final double fade;
        private final double leastSpan;
        private double weighted;
        private double weights;
        private double squares;
        private int uses;
        private long oldest;

        Counter(LocalDate today, Numbers numbers) {
            this.today = today;
            this.fade = numbers.of(ScheduleSetting.PACE_DAYS);
            this.leastSpan = numbers.of(ScheduleSetting.PACE_SPAN);
        }

        /** Whether a day is too long ago to matter. */
        boolean forgets(LocalDate day) {
            return ChronoUnit.DAYS.between(day, today) > MEMORY_TIMES * fade;
        }

        void add(LocalDate day, double amount) {
            long age = Math.max(0, ChronoUnit.DAYS.between(day, today));
            double weight = Math.exp(-age / fade);
            weighted += weight * amount;
            weights += weight;
            squares += weight * weight;
            oldest = Math.max(oldest, age);
            uses++;
        }

        /** The pace; empty with fewer than two uses, for one use has no pace. */
        Optional<Pace> pace() {
            if (uses < 2 || weighted <= 0) {
                return Optional.empty();
            }
            double span = Math.max(leastSpan, oldest + 1.0);
            double days = fade * (1 - Math.exp(-span / fade));
            double effective = weights * weights / squares;
            return Optional.of(new Pace(weighted / days, 1 / Math.sqrt(effective)));
        }
    }

    /** When the remaining units will be used up; empty when that is {@code farthest} days off or more. */
    Optional<DueDate> reach(double remaining, LocalDate today, double farthest) {
        double days = remaining / perDay;
        if (days > farthest) {
            return Optional.empty();
        }
        long likely = (long) Math.ceil(days);
        long early = (long) Math.ceil(days / (1 + spread));
        long late = (long) Math.ceil(Math.min(days * (1 + spread), 2 * farthest));
        return Optional.of(new DueDate(today.plusDays(early), today.plusDays(likely), today.plusDays(late)));
    }
}
