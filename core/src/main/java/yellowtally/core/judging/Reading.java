package yellowtally.core.judging;

import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.bar.GrooveClearance;
import yellowtally.core.edge.FileBack;
import yellowtally.core.edge.SharpeningPlan;
import yellowtally.core.oiling.OilGrade;
import yellowtally.core.steps.Finding;

/** What the parts read off a sheet, gathered while each of them is asked. */
final class Reading {

    private final Set<Finding> found = EnumSet.noneOf(Finding.class);
    private @Nullable GrooveClearance clearance;
    private @Nullable Double gaugeTargetMm;
    private @Nullable SharpeningPlan plan;
    private @Nullable FileBack fileBack;
    private @Nullable OilGrade oilGrade;

    Reading(Set<Finding> chosen) {
        found.addAll(chosen);
    }

    /** Notes a finding, if it is one. */
    void found(boolean is, Finding finding) {
        if (is) {
            found.add(finding);
        }
    }

    Set<Finding> found() {
        return found;
    }

    void clearance(GrooveClearance measured) {
        this.clearance = measured;
    }

    @Nullable
    GrooveClearance clearance() {
        return clearance;
    }

    void gaugeTarget(@Nullable Double mm) {
        this.gaugeTargetMm = mm;
    }

    @Nullable
    Double gaugeTargetMm() {
        return gaugeTargetMm;
    }

    void oilGrade(OilGrade fits) {
        this.oilGrade = fits;
    }

    @Nullable
    OilGrade oilGrade() {
        return oilGrade;
    }

    void fileBack(FileBack wanted) {
        this.fileBack = wanted;
    }

    @Nullable
    FileBack fileBack() {
        return fileBack;
    }

    void plan(SharpeningPlan made) {
        this.plan = made;
    }

    @Nullable
    SharpeningPlan plan() {
        return plan;
    }
}
