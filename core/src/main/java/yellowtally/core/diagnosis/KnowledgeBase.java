package yellowtally.core.diagnosis;

import java.util.Collections;
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

    /** Checks that tell at least two of these causes apart on a saw of this kind. */
    public List<Check> telling(List<Cause> among, Set<SawTrait> saw) {
        return checks.values().stream()
                .filter(check -> check.possibleOn(saw)
                        && among.stream()
                                        .map(cause -> check.row(cause.code()))
                                        .distinct()
                                        .count()
                                > 1)
                .toList();
    }
}
