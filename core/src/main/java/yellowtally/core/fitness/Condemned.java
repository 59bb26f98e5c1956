package yellowtally.core.fitness;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;
import yellowtally.core.log.SawLog;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;

/** Whether a part is out of use by what was found on it, wherever it hung (handbook section 11). */
public final class Condemned {

    private Condemned() {}

    /** The steps that can condemn a part of this kind. */
    public static Set<Step> steps(Subject part) {
        return Arrays.stream(Finding.values())
                .filter(finding -> finding.condemns() == part)
                .map(Finding::step)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Step.class)));
    }

    /**
     * Whether the record that speaks for one of those steps has a finding that condemns it.
     *
     * @param log of the part
     */
    public static boolean is(Subject part, SawLog log) {
        return steps(part).stream()
                .flatMap(step -> log.latest(step).stream())
                .flatMap(entry -> entry.findings().stream())
                .anyMatch(finding -> finding.condemns() == part);
    }
}
