package yellowtally.server.sheetsin;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What may stand in a cell that chooses: the words of the screens, and what else people write for them. */
final class Choices<E extends Enum<E>> {

    /** Shorter beginnings of a word could be anything. */
    private static final int LETTERS = 4;

    private static final int SAID = 12;

    private final Map<String, E> byText = new LinkedHashMap<>();
    private final List<String> words = new ArrayList<>();

    private Choices() {}

    /** All of a kind, in words. */
    static <E extends Enum<E>> Choices<E> of(Class<E> kind, Function<E, String> words) {
        return of(List.of(kind.getEnumConstants()), words);
    }

    static <E extends Enum<E>> Choices<E> of(List<E> some, Function<E, String> words) {
        Choices<E> choices = new Choices<>();
        for (E one : some) {
            choices.words.add(words.apply(one));
            choices.byText.putIfAbsent(plain(words.apply(one)), one);
        }
        some.forEach(one -> choices.byText.putIfAbsent(plain(one.name()), one));
        return choices;
    }

    /** The same, with what else people write for one of them. */
    Choices<E> also(E one, String... texts) {
        for (String text : texts) {
            byText.put(plain(text), one);
        }
        return this;
    }

    /** Letters and digits and what tells figures apart: 3/8 is not 38. */
    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}/]", "");
    }

    /** The one that is meant: as written, or the only one that begins as this does, or with which this begins. */
    Optional<E> read(String text) {
        String plain = plain(text);
        E exactly = byText.get(plain);
        if (exactly != null) {
            return Optional.of(exactly);
        }
        if (plain.length() < LETTERS) {
            return Optional.empty();
        }
        Set<E> near = byText.entrySet().stream()
                .filter(known -> known.getKey().startsWith(plain)
                        || (known.getKey().length() >= LETTERS && plain.startsWith(known.getKey())))
                .map(Map.Entry::getValue)
                .collect(Collectors.toSet());
        return near.size() == 1 ? near.stream().findFirst() : Optional.empty();
    }

    /** What it may be, for a sentence. */
    String said() {
        return words.size() <= SAID
                ? String.join(", ", words)
                : String.join(", ", words.subList(0, SAID)) + " and " + (words.size() - SAID) + " more";
    }
}
