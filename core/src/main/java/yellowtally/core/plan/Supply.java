package yellowtally.core.plan;

import java.util.Comparator;
import java.util.List;

/**
 * What there is of an article, and what comes.
 *
 * @param shelf that lies there, zero or more
 * @param arrivals what is on order, the first to come first
 * @param leadDays from an order to the shelf, zero or more
 * @param soaks whether each piece lies in the oil overnight before it is fitted, as a new loop does (handbook section 3)
 */
public record Supply(double shelf, List<Arrival> arrivals, int leadDays, boolean soaks) {

    /** Something comes on a day; days from the first one of the plan. */
    public record Arrival(int day, double amount) {}

    public Supply {
        arrivals =
                arrivals.stream().sorted(Comparator.comparingInt(Arrival::day)).toList();
    }
}
