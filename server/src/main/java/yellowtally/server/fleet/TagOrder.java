package yellowtally.server.fleet;

import java.math.BigInteger;
import java.util.Comparator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Tags as a person counts them: 2 before 10, L2 before L10, and capitals do not matter. Never equal for two different tags. */
public final class TagOrder implements Comparator<String> {

    public static final TagOrder NATURAL = new TagOrder();

    private static final Pattern RUN = Pattern.compile("[0-9]+|[^0-9]+");

    private TagOrder() {}

    @Override
    public int compare(String one, String other) {
        Matcher left = RUN.matcher(one);
        Matcher right = RUN.matcher(other);
        while (left.find()) {
            if (!right.find()) {
                return 1;
            }
            int byRun = compareRuns(left.group(), right.group());
            if (byRun != 0) {
                return byRun;
            }
        }
        return right.find() ? -1 : one.compareTo(other);
    }

    private static int compareRuns(String one, String other) {
        return number(one) && number(other)
                ? new BigInteger(one).compareTo(new BigInteger(other))
                : one.compareToIgnoreCase(other);
    }

    /** Runs of other scripts' digits are text, as the pattern takes them. */
    private static boolean number(String run) {
        return run.charAt(0) >= '0' && run.charAt(0) <= '9';
    }
}
