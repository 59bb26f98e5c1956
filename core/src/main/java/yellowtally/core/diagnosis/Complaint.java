package yellowtally.core.diagnosis;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import yellowtally.core.steps.Step;

/**
 * What a crew says.
 *
 * @param code stable name
 * @param title in words
 * @param holds whether the saw is held before the first question
 * @param proof the step that shows the complaint is gone
 * @param needs what a saw must have to make it; empty for every saw
 * @param causes code of each cause that may be behind it, with its weight, over zero
 */
public record Complaint(
        String code, String title, boolean holds, Step proof, Set<SawTrait> needs, Map<String, Double> causes) {

    public Complaint {
        needs = Set.copyOf(needs);
        causes = Collections.unmodifiableMap(new LinkedHashMap<>(causes));
    }

    /** Whether a saw of this kind can make it. */
    public boolean possibleOn(Set<SawTrait> saw) {
        return saw.containsAll(needs);
    }
}
