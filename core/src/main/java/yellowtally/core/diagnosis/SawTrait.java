package yellowtally.core.diagnosis;

import java.util.EnumSet;
import java.util.Set;
import yellowtally.core.cuttingset.NoseKind;
import yellowtally.core.steps.OilerKind;
import yellowtally.core.steps.Power;
import yellowtally.core.steps.SawProfile;

/** What a saw has, as far as causes and checks ask for it. */
public enum SawTrait {
    PETROL,
    /** Battery or cable. */
    ELECTRIC,
    BATTERY,
    CORDED,
    /** Oils as it runs, without a hand. */
    AUTOMATIC_OILER,
    /** By the chain drive. */
    DRIVEN_OILER,
    /** By the pressure of the crankcase. */
    PRESSURE_OILER,
    ADJUSTABLE_OILER,
    HAND_BULB,
    /** A spark arrestor is fitted. */
    ARRESTOR,
    BRAKE_IN_COVER,
    /** The nose of the bar has a sprocket. */
    TURNING_NOSE;

    /** The traits of a saw as it is fitted now. */
    public static Set<SawTrait> of(SawProfile saw) {
        boolean turning = saw.nose() == NoseKind.SEALED_SPROCKET || saw.nose() == NoseKind.GREASABLE_SPROCKET;
        return of(saw.power(), saw.oiler(), saw.petrol() && saw.sparkArrestor(), saw.brakeInCover(), turning);
    }

    static Set<SawTrait> of(Power power, OilerKind oiler, boolean arrestor, boolean brakeInCover, boolean turningNose) {
        Set<SawTrait> traits = EnumSet.noneOf(SawTrait.class);
        switch (power) {
            case PETROL -> traits.add(PETROL);
            case BATTERY -> traits.addAll(Set.of(ELECTRIC, BATTERY));
            case CORDED -> traits.addAll(Set.of(ELECTRIC, CORDED));
        }
        switch (oiler) {
            case AUTOMATIC_FIXED -> traits.addAll(Set.of(AUTOMATIC_OILER, DRIVEN_OILER));
            case AUTOMATIC_ADJUSTABLE -> traits.addAll(Set.of(AUTOMATIC_OILER, DRIVEN_OILER, ADJUSTABLE_OILER));
            case CRANKCASE_PRESSURE -> traits.addAll(Set.of(AUTOMATIC_OILER, PRESSURE_OILER));
            case HAND_BULB -> traits.add(HAND_BULB);
        }
        add(traits, arrestor, ARRESTOR);
        add(traits, brakeInCover, BRAKE_IN_COVER);
        add(traits, turningNose, TURNING_NOSE);
        return traits;
    }

    private static void add(Set<SawTrait> traits, boolean has, SawTrait trait) {
        if (has) {
            traits.add(trait);
        }
    }
}
