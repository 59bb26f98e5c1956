package yellowtally.server.seal;

import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A seal that was printed or stands in the name of a backup, held beside the chain.
 *
 * @param n the line that it names
 * @param at when the record of this line was sealed; absent when the chain does not reach so far
 */
public record Paper(PaperKind kind, long n, @Nullable Instant at) {

    private static final Pattern CODE = Pattern.compile("(\\d{1,15})-([0-9a-f]{16})");

    /** What the chain says to it. */
    public enum PaperKind {
        /** The chain still goes through it. */
        STANDS,
        /** At this place the chain says something else: what was recorded up to there was altered since. */
        ALTERED,
        /** The chain does not reach so far: the records at its end are missing. */
        CUT_OFF
    }

    /** Looks a code up; empty when it is none. */
    public static Optional<Paper> of(Connection database, String code) throws SQLException {
        String typed = code.strip().toLowerCase(Locale.ROOT);
        Matcher parts = CODE.matcher(typed);
        if (!parts.matches()) {
            return Optional.empty();
        }
        long n = Long.parseLong(parts.group(1));
        if (n > SealBook.head(database).n()) {
            return Optional.of(new Paper(PaperKind.CUT_OFF, n, null));
        }
        Optional<Seal> line = SealBook.line(database, n);
        String there = line.map(Seal::head).map(Seal.Head::code).orElse("");
        PaperKind kind = there.equals(typed) ? PaperKind.STANDS : PaperKind.ALTERED;
        return Optional.of(new Paper(kind, n, line.map(Seal::at).orElse(null)));
    }
}
