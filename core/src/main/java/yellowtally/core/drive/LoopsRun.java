package yellowtally.core.drive;

import java.util.Collection;
import java.util.List;

/**
 * Loops that ran on a sprocket and on a bar, by the tanks that each of them ran there, on whatever saw they hung.
 *
 * @param onSprocket tanks of each loop, zero or more, in any order
 * @param onBar the same on the bar
 */
public record LoopsRun(List<Double> onSprocket, List<Double> onBar) {

    /** None ever ran. */
    public static final LoopsRun NONE = new LoopsRun(List.of(), List.of());

    public LoopsRun {
        onSprocket = List.copyOf(onSprocket);
        onBar = List.copyOf(onBar);
    }

    /**
     * How many loops were worn out, each as far as it ran: sisters in rotation count as they wear, and a loop that only hung there
     * counts for nothing (handbook sections 5 and 6).
     *
     * @param lifeTanks tanks that a loop lasts, over zero
     */
    public static double wornOut(Collection<Double> tanks, double lifeTanks) {
        return tanks.stream().mapToDouble(ran -> Math.min(1, ran / lifeTanks)).sum();
    }
}
