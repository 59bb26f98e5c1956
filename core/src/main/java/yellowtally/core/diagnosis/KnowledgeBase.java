package yellowtally.core.diagnosis;

import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * All that is known of faults: complaints, causes and checks, each by its code, in the order of their files. May hold
 * faults of its own; ask {@link KnowledgeFaults} before it is used.
 */
public record KnowledgeBase(Map<String, Complaint> complaints, Map<String, Cause> causes, Map<String, Check> checks) {

    public KnowledgeBase {
        complaints = Collections.unmodifiableMap(new LinkedHashMap<>(complaints));
        causes = Collections.unmodifiableMap(new LinkedHashMap<>(causes));
        checks = Collections.unmodifiableMap(new LinkedHashMap<>(checks));
    }

    /** This with more: what has a known code takes the place of what stood there. */
    public KnowledgeBase with(KnowledgeBase more) {
        return new KnowledgeBase(
                merged(complaints, more.complaints), merged(causes, more.causes), merged(checks, more.checks));
    }

    private static <T> Map<String, T> merged(Map<String, T> these, Map<String, T> those) {
        Map<String, T> all = new LinkedHashMap<>(these);
        all.putAll(those);
        return all;
    }

    /** A complaint by its code. */
    public Optional<Complaint> complaint(String code) {
        return Optional.ofNullable(complaints.get(code));
    }

    /** What can be behind a complaint on a saw of this kind, in the order of the file. */
    public List<Cause> behind(Complaint complaint, Set<SawTrait> saw) {
        return complaint.causes().keySet().stream()
                .map(causes::get)
                .filter(cause -> cause != null && cause.possibleOn(saw))
                .toList();
    }

    /** Whether a saw of this kind can make a complaint, and has something that can be behind it. */
    public boolean possible(Complaint complaint, Set<SawTrait> saw) {
        return complaint.possibleOn(saw) && !behind(complaint, saw).isEmpty();
    }

    /** Complaints that a saw of this kind can make, in the order of the file. */
    public List<Complaint> possible(Set<SawTrait> saw) {
        return complaints.values().stream()
                .filter(complaint -> possible(complaint, saw))
                .toList();
    }

    /** Checks that can be made of a complaint on a saw of this kind, and tell two of these causes apart or look at one of them. */
    public List<Check> telling(Complaint complaint, List<Cause> among, Set<SawTrait> saw) {
        return checks.values().stream()
                .filter(check -> check.possibleOn(saw)
                        && check.possibleWith(complaint)
                        && (tells(check, among)
                                || among.stream().anyMatch(cause -> looks(cause).contains(check.code()))))
                .toList();
    }

    private static boolean tells(Check check, List<Cause> among) {
        return among.stream().map(cause -> check.row(cause.code())).distinct().count() > 1;
    }

    /**
     * Codes of the checks that look at the very thing (handbook section 12: look before you conclude): those that the cause
     * names, else the one that shows it and names the fewest causes beside it. Empty when no check shows it.
     */
    public Set<String> looks(Cause cause) {
        if (!cause.seen().isEmpty()) {
            return cause.seen();
        }
        return checks.values().stream()
                .filter(check ->
                        check.answers().keySet().stream().anyMatch(answer -> check.shows(answer, cause.code())))
                .min(Comparator.comparingInt(check -> check.when().size()))
                .map(check -> Set.of(check.code()))
                .orElse(Set.of());
    }
}
