package yellowtally.core.diagnosis;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.stages.Stage;
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
 * @param order what a hand can do first, and what it cannot do at all
 * @param words by which it is recognised when it is told in words, in small letters
 */
public record Complaint(
        String code,
        String title,
        boolean holds,
        Step proof,
        Set<SawTrait> needs,
        Map<String, Double> causes,
        Order order,
        List<String> words) {

    /** Code of a complaint that was told in words and that nobody has sorted yet. */
    public static final String TOLD = "told";

    /** Whether it is told in words only. */
    public boolean told() {
        return code.equals(TOLD);
    }

    /**
     * The order that the state of the saw asks for (handbook section 12: order that a hand can follow).
     *
     * @param first codes of the checks that come first, in their order
     * @param rulesOut codes of the checks that cannot be made on a saw in this state
     * @param together codes of the checks whose things go wrong together
     * @param open how far the saw is open when it comes with this complaint; {@code null} for closed
     */
    public record Order(
            List<String> first,
            Set<String> rulesOut,
            Set<String> together,
            @Nullable Stage open) {

        /** A closed saw on which every check can be made, in any order. */
        public static final Order ANY = new Order(List.of(), Set.of(), Set.of(), null);

        public Order {
            first = List.copyOf(first);
            rulesOut = Set.copyOf(rulesOut);
            together = Set.copyOf(together);
        }
    }

    public Complaint {
        needs = Set.copyOf(needs);
        causes = Collections.unmodifiableMap(new LinkedHashMap<>(causes));
        words = List.copyOf(words);
    }

    /** A complaint that asks for no order, and is known by its code alone. */
    public Complaint(
            String code, String title, boolean holds, Step proof, Set<SawTrait> needs, Map<String, Double> causes) {
        this(code, title, holds, proof, needs, causes, Order.ANY, List.of());
    }

    /** Whether a saw of this kind can make it. */
    public boolean possibleOn(Set<SawTrait> saw) {
        return saw.containsAll(needs);
    }
}
