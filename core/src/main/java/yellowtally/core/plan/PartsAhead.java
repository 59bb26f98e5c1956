package yellowtally.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * When each saw has the parts that its work needs: what lies there and what comes is given out, saws that a booking could take before
 * the others, then held ones. A new loop lies in the oil overnight, so that it is fitted the day after it is there (handbook section 3).
 */
final class PartsAhead {

    private PartsAhead() {}

    /** From when each saw has its parts, by tag; {@link Until#NOW} where it needs none that is not there. */
    static Map<String, Until> of(PlanQuestion question) {
        Map<Article, List<Supply.Arrival>> left = new TreeMap<>();
        question.supplies().forEach((article, supply) -> {
            List<Supply.Arrival> comes = new ArrayList<>();
            comes.add(new Supply.Arrival(0, supply.shelf()));
            comes.addAll(supply.arrivals());
            left.put(article, comes);
        });
        List<SawOutlook> order = new ArrayList<>(question.saws());
        order.sort(Comparator.comparingInt((SawOutlook saw) -> firstBooking(question, saw))
                .thenComparing(saw -> !saw.urgent())
                .thenComparing(SawOutlook::tag));
        Map<String, Until> when = new HashMap<>();
        for (SawOutlook saw : order) {
            Until until = Until.NOW;
            for (Map.Entry<Article, Double> need : new TreeMap<>(saw.needs()).entrySet()) {
                until = until.orLater(give(need.getKey(), need.getValue(), question, left));
            }
            when.put(saw.tag(), until);
        }
        return when;
    }

    private static int firstBooking(PlanQuestion question, SawOutlook saw) {
        for (int b = 0; b < question.bookings().size(); b++) {
            if (question.bookings().get(b).wanted().metBy(saw.traits())) {
                return b;
            }
        }
        return Integer.MAX_VALUE;
    }

    private static Until give(
            Article article, double needed, PlanQuestion question, Map<Article, List<Supply.Arrival>> left) {
        double wanted = needed;
        int day = 0;
        List<Supply.Arrival> comes = left.getOrDefault(article, List.of());
        for (int i = 0; i < comes.size() && wanted > 0; i++) {
            Supply.Arrival there = comes.get(i);
            double given = Math.min(wanted, there.amount());
            if (given > 0) {
                comes.set(i, new Supply.Arrival(there.day(), there.amount() - given));
                wanted -= given;
                day = there.day();
            }
        }
        if (wanted > 0) {
            return new Until(Until.WaitCause.PART, Chore.NEVER, article.name());
        }
        Supply supply = question.supplies().get(article);
        boolean soaks = supply != null && supply.soaks();
        if (day == 0 && soaks) {
            return new Until(Until.WaitCause.SOAK, 1, article.name());
        }
        return day == 0 ? Until.NOW : new Until(Until.WaitCause.PART, soaks ? day + 1 : day, article.name());
    }
}
