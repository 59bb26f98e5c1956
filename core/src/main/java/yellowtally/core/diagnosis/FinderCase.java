package yellowtally.core.diagnosis;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import yellowtally.core.stages.Stage;

/**
 * The saw that a complaint is about.
 *
 * @param traits what it has
 * @param signals what is known of it
 * @param open stages that are open before the first check
 * @param onRecord checks that the bench has answered already, by their code: they cost nothing
 */
public record FinderCase(Set<SawTrait> traits, Set<Signal> signals, Set<Stage> open, Map<String, OnRecord> onRecord) {

    public FinderCase {
        traits = Set.copyOf(traits);
        signals = Set.copyOf(signals);
        open = Set.copyOf(open);
        onRecord = Collections.unmodifiableMap(new LinkedHashMap<>(onRecord));
    }

    /** A saw of which no record answers a check. */
    public FinderCase(Set<SawTrait> traits, Set<Signal> signals, Set<Stage> open) {
        this(traits, signals, open, Map.of());
    }
}
