package yellowtally.server.usage;

import java.util.Collection;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;

/** A few choices in one column, as words between spaces. */
final class EnumWords {

    private EnumWords() {}

    static String write(Collection<? extends Enum<?>> chosen) {
        return chosen.stream().map(Enum::name).sorted().collect(Collectors.joining(" "));
    }

    static <E extends Enum<E>> Set<E> read(Class<E> kind, String words) {
        Set<E> chosen = EnumSet.noneOf(kind);
        for (String word : words.split(" ", -1)) {
            if (!word.isEmpty()) {
                chosen.add(Enum.valueOf(kind, word));
            }
        }
        return chosen;
    }
}
