package yellowtally.core.steps;

import yellowtally.core.bar.NosePolicy;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.NoseKind;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.edge.LoopCutters;
import yellowtally.core.edge.Schools;
import yellowtally.core.settings.Numbers;

/** Saws that tests of several rooms use. */
public final class Profiles {

    private Profiles() {}

    /** A petrol saw, .325" chain on a greased nose, arrestor fitted, out of the fire season. */
    public static SawProfile petrol() {
        return petrol(Schools.STANDARD, LoopCutters.of(Pitch.P_325, 9.5, null, null, Numbers.STANDARD));
    }

    /** The same with another oiler, and with so many dressings left on its bar; {@code null} while its groove was never measured. */
    public static SawProfile petrol(OilerKind oiler, Integer dressingsLeft) {
        SawProfile saw = petrol();
        return petrol(oiler, true, false, saw.schools(), saw.cutters(), dressingsLeft);
    }

    /** The same in the fire season. */
    public static SawProfile petrolInFireSeason() {
        return inFireSeason(true);
    }

    /** The same in the fire season, and its arrestor taken off. */
    public static SawProfile petrolWithoutArrestor() {
        return inFireSeason(false);
    }

    private static SawProfile inFireSeason(boolean arrestor) {
        SawProfile saw = petrol();
        return petrol(saw.oiler(), arrestor, true, saw.schools(), saw.cutters(), null);
    }

    /** The petrol saw with other ways of working and another loop. */
    public static SawProfile petrol(Schools schools, LoopCutters cutters) {
        return petrol(OilerKind.AUTOMATIC_ADJUSTABLE, true, false, schools, cutters, null);
    }

    private static SawProfile petrol(
            OilerKind oiler,
            boolean arrestor,
            boolean fireSeason,
            Schools schools,
            LoopCutters cutters,
            Integer dressingsLeft) {
        return new SawProfile(
                Power.PETROL,
                oiler,
                arrestor,
                true,
                NoseKind.GREASABLE_SPROCKET,
                NosePolicy.EACH_USE,
                Gauge.G_050,
                Pitch.P_325,
                5.5,
                fireSeason,
                schools,
                cutters,
                null,
                dressingsLeft);
    }

    /** A battery saw on a sealed nose. */
    public static SawProfile battery() {
        return new SawProfile(
                Power.BATTERY,
                OilerKind.AUTOMATIC_FIXED,
                false,
                false,
                NoseKind.SEALED_SPROCKET,
                NosePolicy.NEVER,
                Gauge.G_043,
                Pitch.P_3_8_LOW_PROFILE,
                5.0,
                false,
                Schools.STANDARD,
                LoopCutters.of(Pitch.P_3_8_LOW_PROFILE, null, null, null, Numbers.STANDARD),
                null,
                null);
    }

    /** A petrol saw without bar and chain. */
    public static SawProfile bare() {
        return new SawProfile(
                Power.PETROL,
                OilerKind.AUTOMATIC_FIXED,
                false,
                false,
                null,
                NosePolicy.NEVER,
                null,
                null,
                null,
                false,
                Schools.STANDARD,
                null,
                null,
                null);
    }
}
