package yellowtally.core.diagnosis;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import yellowtally.core.steps.OilerKind;
import yellowtally.core.steps.Power;

/** Every kind of saw that there can be, as far as the fault finder tells them apart: what is known must hold for all. */
public final class SawKinds {

    private static final List<Boolean> BOTH = List.of(true, false);

    private SawKinds() {}

    /** All kinds, each once. */
    public static List<Set<SawTrait>> all() {
        Set<Set<SawTrait>> kinds = new LinkedHashSet<>();
        for (Power power : Power.values()) {
            for (OilerKind oiler : OilerKind.values()) {
                if (!oiler.possibleOn(power)) {
                    continue;
                }
                for (boolean inCover : BOTH) {
                    for (boolean turning : BOTH) {
                        kinds.add(SawTrait.of(power, oiler, false, inCover, turning));
                        if (power == Power.PETROL) {
                            kinds.add(SawTrait.of(power, oiler, true, inCover, turning));
                        }
                    }
                }
            }
        }
        return List.copyOf(kinds);
    }
}
