package yellowtally.server.packing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Component;
import yellowtally.core.pack.LayOut;
import yellowtally.core.pack.PackLine;
import yellowtally.core.pack.PackSaw;
import yellowtally.core.pack.Stores;
import yellowtally.core.plan.Plan;
import yellowtally.server.planning.PlannedVisits;
import yellowtally.server.settings.HouseRules;
import yellowtally.server.standing.Standing;
import yellowtally.server.stores.ForPacks;

/** What is laid out for each day of the plan. */
@Component
public class LayOuts {

    private final PlannedVisits visits;
    private final DayPacks packs;
    private final ForPacks shelf;

    LayOuts(PlannedVisits visits, DayPacks packs, ForPacks shelf) {
        this.visits = visits;
        this.packs = packs;
        this.shelf = shelf;
    }

    /**
     * A day.
     *
     * @param saws that are served on it
     * @param lines what is laid out for them; nothing on a day without a visit
     */
    public record LaidOut(LocalDate day, int saws, List<PackLine> lines) {}

    /** Each day of the plan. */
    public List<LaidOut> now() {
        PlannedVisits.Ahead ahead = visits.ahead();
        Map<String, Standing> fleet = new HashMap<>();
        ahead.fleet().forEach(standing -> fleet.put(standing.fitted().saw().tag(), standing));
        LayOut.Shelf needs =
                new LayOut.Shelf(ahead.stock().needs(), ahead.stock().supplies());
        List<Plan.Day> days = ahead.plan().days();
        Stores stores = shelf.now();
        HouseRules rules = ahead.rules();
        List<DayPacks.Pack> packed = packs.of(ahead, stores);
        List<LaidOut> laid = new ArrayList<>();
        for (int i = 0; i < days.size(); i++) {
            List<PackSaw> saws = new ArrayList<>();
            days.get(i).visits().forEach(visit -> saws.add(saw(visit, fleet)));
            List<LayOut.Soak> evening = new ArrayList<>();
            if (i + 1 < days.size()) {
                for (Plan.PlannedVisit visit : days.get(i + 1).visits()) {
                    if (visit.soaks() != null) {
                        evening.add(new LayOut.Soak(saw(visit, fleet), visit.soaks()));
                    }
                }
            }
            LocalDate day = days.get(i).day();
            for (DayPacks.Pack pack : packed) {
                if (pack.evening().equals(day)) {
                    pack.soaks().forEach(loop -> evening.add(new LayOut.Soak(spareFor(loop, fleet), loop.name())));
                }
            }
            laid.add(new LaidOut(
                    days.get(i).day(),
                    saws.size(),
                    LayOut.of(saws, evening, needs, stores, rules.volumeUnit(), rules.numbers())));
        }
        return laid;
    }

    private static PackSaw spareFor(PackLine loop, Map<String, Standing> fleet) {
        return PackFacts.of(Objects.requireNonNull(fleet.get(loop.saws().get(0))), List.of());
    }

    private static PackSaw saw(Plan.PlannedVisit visit, Map<String, Standing> fleet) {
        return PackFacts.of(Objects.requireNonNull(fleet.get(visit.tag())), visit.tasks());
    }
}
