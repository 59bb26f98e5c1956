package yellowtally.benchmark;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import yellowtally.core.plan.PlanQuestion;
import yellowtally.core.plan.SolverBeside;

/** Our own search for a plan beside a general solver that has much longer for the same question. */
final class SolverFigures {

    private static final int FLEETS = 12;
    private static final Duration SHORT = Duration.ofSeconds(1);
    private static final Duration LONG = Duration.ofSeconds(10);

    private SolverFigures() {}

    static void print() {
        // For the compiler to warm up.
        beside(20, 2, Duration.ofMillis(200), false);
        line("20 saws", beside(20, FLEETS, SHORT, false));
        line("20 saws, begun with ours", beside(20, FLEETS, SHORT, true));
        line("40 saws", beside(40, FLEETS / 2, SHORT, false));
        line("40 saws, begun with ours", beside(40, FLEETS / 2, SHORT, true));
        PlanQuestion large = PlanFleet.question(PlanFleet.SAWS);
        line("%d saws".formatted(PlanFleet.SAWS), List.of(SolverBeside.of(large, LONG, false)));
        line("%d saws, begun with ours".formatted(PlanFleet.SAWS), List.of(SolverBeside.of(large, LONG, true)));
    }

    /** A week with too few minutes and a crew for each five saws. */
    private static List<SolverBeside.Both> beside(int saws, int fleets, Duration time, boolean beginsWithOurs) {
        Random random = new Random(7);
        List<SolverBeside.Both> found = new ArrayList<>();
        for (int i = 0; i < fleets; i++) {
            found.add(SolverBeside.of(
                    PlanFleet.question(random, saws, 7, Math.min(5, saws / 5), 4 * saws), time, beginsWithOurs));
        }
        return found;
    }

    private static void line(String what, List<SolverBeside.Both> found) {
        System.out.printf(
                Locale.ROOT,
                "Plans of %s beside a general solver, %d: ours better %d (in bookings %d), worse %d (in bookings %d); overdue"
                        + " waiting of the solver's %+.1f %%; seconds %.3f and %.1f%n",
                what,
                found.size(),
                found.stream().filter(both -> both.better() > 0).count(),
                found.stream().filter(both -> both.betterInBookings() > 0).count(),
                found.stream().filter(both -> both.better() < 0).count(),
                found.stream().filter(both -> both.betterInBookings() < 0).count(),
                100.0
                        * (found.stream()
                                                .mapToLong(SolverBeside.Both::otherOverdue)
                                                .sum()
                                        / (double) Math.max(
                                                1,
                                                found.stream()
                                                        .mapToLong(SolverBeside.Both::ownOverdue)
                                                        .sum())
                                - 1),
                found.stream()
                        .mapToDouble(SolverBeside.Both::ownSeconds)
                        .average()
                        .orElse(0),
                found.stream()
                        .mapToDouble(SolverBeside.Both::otherSeconds)
                        .average()
                        .orElse(0));
    }
}
