package yellowtally.core.pack;

import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import yellowtally.core.engine.FuelUnit;
import yellowtally.core.plan.Article;
import yellowtally.core.plan.Supply;
import yellowtally.core.schedule.Task;
import yellowtally.core.settings.Numbers;

/**
 * What is laid out for a day at the bench: what the work takes from the shelf, files by size, tools, and what fills the tanks when a
 * visit ends (handbook sections 1, 4, 9 and 10; amounts are the most that may be wanted).
 */
public final class LayOut {

    private static final Set<Task> GREASED = EnumSet.of(Task.NOSE_GREASE, Task.BEARING);

    private LayOut() {}

    /**
     * What is taken from the shelf.
     *
     * @param needs by the tag of the saw
     * @param supplies what there is of it
     */
    public record Shelf(Map<String, Map<Article, Double>> needs, Map<Article, Supply> supplies) {}

    /** A loop that goes into the oil in the evening, for the day after. */
    public record Soak(PackSaw saw, String what) {}

    /**
     * For a day.
     *
     * @param saws that are served on it, in their order, each with its tasks
     * @param evening what goes into the oil when the day is over
     * @param unit in which fuel and oil are measured out
     * @param numbers of the fleet
     */
    public static List<PackLine> of(
            List<PackSaw> saws, Collection<Soak> evening, Shelf shelf, Stores stores, FuelUnit unit, Numbers numbers) {
        PackList list = new PackList(stores, unit, numbers);
        for (PackSaw saw : saws) {
            list.want(PackKind.SAW, saw.tag(), saw, 1);
            shelf.needs().getOrDefault(saw.tag(), Map.of()).forEach((article, amount) -> {
                Supply supply = shelf.supplies().get(article);
                list.want(PackKind.ARTICLE, article.name(), saw, amount)
                        .there(supply == null ? null : Double.valueOf(supply.shelf()));
            });
            list.tools(saw, 0);
            if (saw.tasks().contains(Task.SHARPEN)) {
                list.sharpened(saw, 1);
            }
            if (saw.tasks().contains(Task.DEPTH_GAUGES)) {
                list.want(PackKind.GAUGE_FILE, PackKind.GAUGE_FILE.name(), saw, 0);
            }
            if (saw.tasks().stream().anyMatch(GREASED::contains)) {
                list.want(PackKind.GREASE_GUN, PackKind.GREASE_GUN.name(), saw, 0);
            }
            list.fuel(saw, 1);
            list.barOil(saw, 1);
        }
        evening.forEach(
                soak -> list.want(PackKind.LOOP, soak.what(), soak.saw(), 1).soaks(true));
        return list.lines();
    }
}
