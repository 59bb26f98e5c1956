package yellowtally.server.fleet;

import java.util.Comparator;

/** Tags as a person counts them: 2 before 10, L2 before L10, and capitals do not matter. Never equal for two different tags. */
public final class TagOrder implements Comparator<String> {

    public static final TagOrder NATURAL = new TagOrder();

    private TagOrder() {}

    @Override
    public int compare(String one, String other) {
        int i = 0;
        int j = 0;
        while (i < one.length() && j < other.length()) {
            int endOfOne = endOfRun(one, i);
            int endOfOther = endOfRun(other, j);
            int byRun = compareRuns(one.substring(i, endOfOne), other.substring(j, endOfOther));
            if (byRun != 0) {
                return byRun;
            }
            i = endOfOne;
            j = endOfOther;
        }
        boolean oneEnds = i == one.length();
        return oneEnds == (j == other.length()) ? one.compareTo(other) : oneEnds ? -1 : 1;
    }

    /** Where digits end, or what is none. */
    private static int endOfRun(String tag, int from) {
        boolean number = digit(tag.charAt(from));
        int end = from + 1;
        while (end < tag.length() && digit(tag.charAt(end)) == number) {
            end++;
        }
        return end;
    }

    private static int compareRuns(String one, String other) {
        if (!digit(one.charAt(0)) || !digit(other.charAt(0))) {
            return one.compareToIgnoreCase(other);
        }
        String left = withoutZeros(one);
        String right = withoutZeros(other);
        return left.length() == right.length() ? left.compareTo(right) : left.length() - right.length();
    }

    private static String withoutZeros(String number) {
        int first = 0;
        while (first < number.length() && number.charAt(first) == '0') {
            first++;
        }
        return number.substring(first);
    }

    /** Digits of other scripts are text. */
    private static boolean digit(char sign) {
        return sign >= '0' && sign <= '9';
    }
}
