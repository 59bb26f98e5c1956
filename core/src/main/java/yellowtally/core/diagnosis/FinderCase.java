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
 * @param onRecord answers that stand without being asked for, by the code of their check
 * @param settled codes of the causes that were put right and proved, after which the complaint was still there
 * @param tried codes of the causes that were found not to be it
 */
public record FinderCase(
        Set<SawTrait> traits,
        Set<Signal> signals,
        Set<Stage> open,
        Map<String, OnRecord> onRecord,
        Set<String> settled,
        Set<String> tried) {

    public FinderCase {
        traits = Set.copyOf(traits);
        signals = Set.copyOf(signals);
        open = Set.copyOf(open);
        onRecord = Collections.unmodifiableMap(new LinkedHashMap<>(onRecord));
        settled = Set.copyOf(settled);
        tried = Set.copyOf(tried);
    }

    /** A saw of which no record answers a check, and no cause was tried. */
    public FinderCase(Set<SawTrait> traits, Set<Signal> signals, Set<Stage> open) {
        this(traits, signals, open, Map.of(), Set.of(), Set.of());
    }

    /** The same with causes that were put right while the complaint stayed. */
    public FinderCase settling(Set<String> causes) {
        return new FinderCase(traits, signals, open, onRecord, causes, tried);
    }
}
