package yellowtally.server.visit;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.measure.LengthReading;
import yellowtally.core.measure.LengthText;
import yellowtally.core.measure.LengthUnit;
import yellowtally.core.measure.NumberText;
import yellowtally.core.steps.FigureKind;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.StepReport;
import yellowtally.server.support.Violations;

/**
 * What was said of a step, figures as typed.
 *
 * @param said fine, attend or fail
 */
public record StepInput(
        StepOutcome said,
        @Nullable List<Finding> findings,
        @Nullable Map<Measure, String> figures) {

    /**
     * Reads the figures; what cannot be read is said in {@code wrong}. Blank counts as not measured. A bare length is in
     * the unit of the fleet, as its field is labelled.
     */
    StepReport report(LengthUnit unit, Violations wrong) {
        Map<Measure, Double> read = new EnumMap<>(Measure.class);
        if (figures != null) {
            figures.forEach((measure, typed) -> {
                if (!typed.isBlank()) {
                    Double figure = figure(measure, typed, unit, wrong);
                    if (figure != null) {
                        read.put(measure, figure);
                    }
                }
            });
        }
        Set<Finding> found = EnumSet.noneOf(Finding.class);
        found.addAll(findings == null ? List.of() : findings);
        return new StepReport(said, found, read);
    }

    private static @Nullable Double figure(Measure measure, String typed, LengthUnit unit, Violations wrong) {
        String field = "figures." + measure;
        if (measure.step() == Step.DEPTH_GAUGES && typed.strip().startsWith("-")) {
            wrong.add(field, "gauge.aboveCutter");
            return null;
        }
        if (measure.kind() == FigureKind.LENGTH) {
            LengthReading reading = LengthText.read(typed, unit);
            if (reading instanceof LengthReading.Read read) {
                return read.mm();
            }
            wrong.add(field, "length." + ((LengthReading.Refused) reading).why());
            return null;
        }
        OptionalDouble figure = NumberText.read(typed.replace("%", ""));
        if (figure.isEmpty()) {
            wrong.add(field, "figure.form");
            return null;
        }
        return figure.getAsDouble();
    }
}
