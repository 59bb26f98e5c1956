package yellowtally.server.fleet;

import java.math.BigInteger;
import java.util.Collection;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** The tag that comes next: YC-32 after YC-31, 13 after 12. Only proposed; what is painted on the thing is its tag. */
final class NextTag {

    private static final Pattern FORM = Pattern.compile("(?<before>.*?)(?<number>\\d{1,9})(?<after>\\D*)");

    private NextTag() {}

    /**
     * The one after the highest of those that are written like another.
     *
     * @param like absent where none shows how they are written: the tag that most are written like shows it
     * @param taken all that are there
     * @param first the first one of all
     */
    static Optional<String> of(@Nullable String like, Collection<String> taken, String first) {
        String shows = like == null ? mostAlike(taken).orElse(null) : like;
        if (shows == null) {
            return Optional.of(first);
        }
        Matcher form = FORM.matcher(shows);
        if (!form.matches()) {
            return Optional.empty();
        }
        BigInteger highest = taken.stream()
                .map(FORM::matcher)
                .filter(other -> other.matches() && alike(form, other))
                .map(other -> new BigInteger(other.group("number")))
                .max(BigInteger::compareTo)
                .orElse(BigInteger.ZERO);
        String number = highest.add(BigInteger.ONE).toString();
        String padded = "0".repeat(Math.max(0, form.group("number").length() - number.length())) + number;
        String next = form.group("before") + padded + form.group("after");
        return next.matches(PartChooser.TAG_FORM) ? Optional.of(next) : Optional.empty();
    }

    private static Optional<String> mostAlike(Collection<String> taken) {
        String best = null;
        long most = 0;
        for (String tag : taken.stream().sorted(TagOrder.NATURAL).toList()) {
            Matcher form = FORM.matcher(tag);
            if (form.matches()) {
                long same = taken.stream()
                        .map(FORM::matcher)
                        .filter(other -> other.matches() && alike(form, other))
                        .count();
                if (same > most) {
                    most = same;
                    best = tag;
                }
            }
        }
        return Optional.ofNullable(best);
    }

    private static boolean alike(Matcher one, Matcher other) {
        return one.group("before").equalsIgnoreCase(other.group("before"))
                && one.group("after").equalsIgnoreCase(other.group("after"));
    }
}
