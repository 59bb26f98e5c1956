package yellowtally.core.pack;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import yellowtally.core.engine.FuelUnit;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.settings.Numbers;

/**
 * What a gang takes along, from the saws it takes and the days it is away: loops, files, tools by nut size, fuel by ratio, bar oil in
 * the measure in which it is used beside the fuel, and spares (handbook sections 4, 7, 9 and 10; amounts are estimates).
 */
public final class DayPack {

    private static final double PERCENT = 100;

    private DayPack() {}

    /**
     * Where it goes.
     *
     * @param days that it is away, one or more
     * @param fireSeason whether one of them lies in the fire season
     */
    public record Trip(int days, boolean fireSeason) {

        public Trip {
            if (days < 1) {
                throw new IllegalArgumentException("away for no day");
            }
        }
    }

    /**
     * The pack.
     *
     * @param shelf loops that nobody else takes in these days
     * @param packed tags of loops that were ticked off for this trip already: they stay
     * @param unit in which fuel and oil are measured out
     * @param numbers of the fleet
     */
    public static List<PackLine> of(
            Trip trip,
            List<PackSaw> saws,
            Collection<ShelfLoop> shelf,
            Set<String> packed,
            Stores stores,
            FuelUnit unit,
            Numbers numbers) {
        if (saws.isEmpty()) {
            return List.of();
        }
        PackList list = new PackList(stores, unit, numbers);
        double withReserve = 1 + numbers.of(PackSetting.RESERVE) / PERCENT;
        for (PackSaw saw : saws) {
            double tanks = saw.tanksPerDay() * trip.days();
            list.want(PackKind.SAW, saw.tag(), saw, 1);
            list.tools(saw, 1);
            list.sharpened(saw, saw.sharpenings(tanks));
            list.fuel(saw, tanks * withReserve);
            list.barOil(saw, tanks * withReserve * saw.oilPerTank());
            spares(list, saw, tanks, stores);
            switch (saw.power()) {
                case BATTERY -> list.want(PackKind.CHARGES, PackKind.CHARGES.name(), saw, tanks * withReserve);
                case CORDED -> list.want(PackKind.CABLE, PackKind.CABLE.name(), saw, 1);
                case PETROL -> {}
            }
        }
        addLoops(list, trip, saws, shelf, packed, numbers);
        list.one(PackKind.GAUGE_FILE, 1);
        list.one(PackKind.FIRST_AID, 1);
        if (trip.fireSeason()) {
            list.one(PackKind.EXTINGUISHER, 1);
        }
        return list.lines();
    }

    private static void spares(PackList list, PackSaw saw, double tanks, Stores stores) {
        if (!saw.nuts().toolFree() && !saw.nuts().captive()) {
            list.want(PackKind.BAR_NUT, saw.nuts().sizeMm(), saw, 1);
        }
        if (saw.petrol()) {
            String plug = saw.plugCode();
            list.want(PackKind.PLUG, plug == null ? PackLine.UNKNOWN : plug, saw, 0)
                    .there(plug == null ? null : stores.plugs(plug));
            list.want(PackKind.PLUG_KEY, PackKind.PLUG_KEY.name(), saw, 0);
            // In so many tanks its filter wants a look: a second one is fitted, and this one is washed at home.
            if (tanks >= saw.numbers().of(ScheduleSetting.FILTER_TANKS)) {
                list.want(PackKind.AIR_FILTER, saw.model(), saw, 0).there(stores.airFilters(saw.model()));
            }
        }
    }

    /** First one for each saw, then the second ones: where they are not enough for all, none stays without while another has two. */
    private static void addLoops(
            PackList list,
            Trip trip,
            List<PackSaw> saws,
            Collection<ShelfLoop> shelf,
            Set<String> packed,
            Numbers numbers) {
        List<ShelfLoop> free = new ArrayList<>(shelf);
        free.sort(Comparator.comparing((ShelfLoop loop) -> !packed.contains(loop.tag()))
                .thenComparing(ShelfLoop::isNew)
                .thenComparing(ShelfLoop::tag));
        boolean more = true;
        for (int round = 0; more; round++) {
            more = false;
            for (PackSaw saw : saws) {
                double tanks = saw.tanksPerDay() * trip.days();
                if (saw.bar() != null && round < loops(tanks, numbers)) {
                    more = true;
                    addLoop(list, saw, free);
                }
            }
        }
    }

    private static void addLoop(PackList list, PackSaw saw, List<ShelfLoop> free) {
        Optional<ShelfLoop> loop = free.stream().filter(one -> one.fits(saw)).findFirst();
        loop.ifPresentOrElse(
                one -> {
                    free.remove(one);
                    list.want(PackKind.LOOP, one.tag(), saw, 1).soaks(one.isNew());
                },
                () -> list.want(PackKind.LOOP, saw.loopWords(), saw, 1).there(0.0));
    }

    /** Spare loops for so many tanks. */
    static int loops(double tanks, Numbers numbers) {
        return (int) Math.max(1, Math.ceil(tanks / numbers.of(PackSetting.LOOP_TANKS) - 1e-9));
    }

    /** Tags of the loops that a pack takes from the shelf. */
    public static Set<String> loopsOf(Collection<PackLine> pack) {
        Set<String> tags = new HashSet<>();
        for (PackLine line : pack) {
            if (line.kind() == PackKind.LOOP && line.there() == null) {
                tags.add(line.name());
            }
        }
        return tags;
    }
}
