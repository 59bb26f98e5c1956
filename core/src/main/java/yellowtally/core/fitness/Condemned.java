package yellowtally.core.fitness;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Subject;

/** What takes a part out of use, wherever it hung (handbook section 11, rule 8). */
public final class Condemned {

    private Condemned() {}

    /** Whatever of these was ever found takes the part out of use for good: a later look does not bring it back. */
    public static Set<Finding> findings(Subject part) {
        return Arrays.stream(Finding.values())
                .filter(finding -> finding.condemns() == part)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Finding.class)));
    }
}
