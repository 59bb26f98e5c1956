package yellowtally.core.oiling;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.OilerKind;
import yellowtally.core.steps.SawProfile;

/** What is looked at after a faint or empty card, cheapest first, by the kind of oiler (handbook section 7). */
public final class OilLadder {

    private OilLadder() {}

    /** One rung. */
    public enum Rung {
        /** Oil in the tank, and the right grade. */
        TANK_AND_GRADE,
        ADJUSTER,
        /** Hand oiler: does the bulb spring back. */
        BULB,
        /** Bar off, brake off so that the drum turns, run: oil at the outlet? */
        OUTLET_RUNS,
        /** Clear hole and groove, card again. */
        BAR_BLOCKED,
        OUTLET_PACKED,
        PICK_UP,
        HOSE,
        VENT_OR_VALVE,
        /** Of the pressure line: blue smoke and oil loss point to it. */
        CHECK_VALVE,
        /** Not caught after a sprocket refit. */
        OIL_DRIVE,
        PUMP
    }

    /**
     * The rungs still to climb.
     *
     * @param oilAtOutlet whether oil came at the outlet with the bar off; {@code null} while nobody looked
     */
    public static List<Rung> rungs(SawProfile saw, @Nullable Boolean oilAtOutlet) {
        boolean driven = saw.oiler() == OilerKind.AUTOMATIC_FIXED || saw.oiler() == OilerKind.AUTOMATIC_ADJUSTABLE;
        boolean pressure = saw.oiler() == OilerKind.CRANKCASE_PRESSURE;
        List<Rung> rungs = new ArrayList<>();
        if (oilAtOutlet == null) {
            rungs.add(Rung.TANK_AND_GRADE);
            add(rungs, saw.oiler() == OilerKind.AUTOMATIC_ADJUSTABLE, Rung.ADJUSTER);
            add(rungs, saw.oiler() == OilerKind.HAND_BULB, Rung.BULB);
            rungs.add(Rung.OUTLET_RUNS);
        } else if (oilAtOutlet) {
            rungs.add(Rung.BAR_BLOCKED);
        } else {
            rungs.addAll(List.of(Rung.OUTLET_PACKED, Rung.PICK_UP, Rung.HOSE, Rung.VENT_OR_VALVE));
            add(rungs, pressure, Rung.CHECK_VALVE);
            add(rungs, driven && saw.petrol(), Rung.OIL_DRIVE);
            add(rungs, driven, Rung.PUMP);
        }
        return List.copyOf(rungs);
    }

    private static void add(List<Rung> rungs, boolean is, Rung rung) {
        if (is) {
            rungs.add(rung);
        }
    }
}
