package yellowtally.core.diagnosis;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Which complaints are meant by what somebody said in words (handbook section 12): those that share words with it, the more the
 * fewer other complaints have them. It only offers; a person sorts.
 */
public final class NearestComplaints {

    private static final Pattern BETWEEN_WORDS = Pattern.compile("[^\\p{L}]+");

    /** Words shorter than this are in every title. */
    private static final int TELLING_LENGTH = 4;

    private NearestComplaints() {}

    /** A complaint and how near it is, over zero; figures compare with those of the same words only. */
    public record Near(Complaint complaint, double nearness) {}

    /**
     * The nearest of some complaints, nearest first; those that share no word are left out.
     *
     * @param told what was said
     */
    public static List<Near> of(String told, Collection<Complaint> among) {
        Set<String> said = words(told).collect(Collectors.toSet());
        Map<String, Integer> known = new HashMap<>();
        among.forEach(complaint -> stems(complaint).forEach(stem -> known.merge(stem, 1, Integer::sum)));
        return among.stream()
                .map(complaint -> new Near(
                        complaint,
                        stems(complaint).stream()
                                .filter(stem -> said.stream().anyMatch(word -> word.startsWith(stem)))
                                .mapToDouble(stem -> 1.0 / known.getOrDefault(stem, 1))
                                .sum()))
                .filter(near -> near.nearness() > 0)
                .sorted(Comparator.comparingDouble(Near::nearness).reversed())
                .toList();
    }

    private static Set<String> stems(Complaint complaint) {
        return Stream.concat(
                        complaint.words().stream(),
                        words(complaint.title()).filter(word -> word.length() >= TELLING_LENGTH))
                .collect(Collectors.toSet());
    }

    private static Stream<String> words(String text) {
        return BETWEEN_WORDS.splitAsStream(text.toLowerCase(Locale.ROOT)).filter(word -> !word.isEmpty());
    }
}
