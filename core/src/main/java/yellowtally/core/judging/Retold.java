package yellowtally.core.judging;

import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.StepReport;

/** What was said of a step, as far as its record tells it: to be judged again on the saw that it was done on in truth. */
public final class Retold {

    private Retold() {}

    /**
     * The report behind a record. What its figures made of it is left out, since they are judged anew; what nothing that was
     * found accounts for was said by the officer's own eye, and is said again.
     *
     * @param outcome as recorded, on {@code saw}
     * @param findings chosen and measured
     * @param figures as measured
     */
    public static StepReport of(
            StepOutcome outcome, Set<Finding> findings, Map<Measure, Double> figures, SawProfile saw) {
        Set<Finding> chosen = EnumSet.noneOf(Finding.class);
        findings.stream().filter(found -> !found.measured()).forEach(chosen::add);
        boolean accounted = findings.stream().anyMatch(found -> found.outcome(saw) == outcome);
        return new StepReport(accounted ? StepOutcome.FINE : outcome, chosen, figures);
    }
}
