package yellowtally.server.sheetsin;

import jakarta.persistence.EntityManager;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.past.PastLine;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.intake.Past;
import yellowtally.server.intake.PastInput.PastLineInput;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.support.Violations;

/** Brings in what was done on saws before, with what was read then. */
@Component
final class WorkSheet extends PastSheet {

    private final Choices<Step> steps;

    WorkSheet(Fleet fleet, Past past, HouseUnits house, EntityManager records) {
        super(fleet, past, house, records);
        this.steps = Choices.of(
                        Arrays.stream(Step.values())
                                .filter(step -> PastLine.of(step).isPresent())
                                .toList(),
                        step -> words.of("step", step))
                .also(Step.SHARPEN, "sharpened", "sharpening", "filed", "filing", "chain sharpened")
                .also(Step.AIR_FILTER, "filter", "air filter", "filter cleaned")
                .also(Step.PLUG, "plug", "spark plug", "new plug")
                .also(Step.GROOVE, "groove", "groove depth", "bar groove")
                .also(Step.SPROCKET, "sprocket", "sprocket wear")
                .also(Step.DEPTH_GAUGES, "depth gauges", "rakers", "gauges")
                .also(Step.EQUALISE, "equalised", "equalising");
    }

    @Override
    public SheetKind kind() {
        return SheetKind.WORK;
    }

    @Override
    @Nullable
    PastLineInput read(Line line, Violations wrong) {
        Step step = line.choice("step", steps, null, wrong);
        if (!line.has("day")) {
            wrong.add("day", "day.EMPTY");
        }
        Map<Measure, String> figures = new EnumMap<>(Measure.class);
        if (step != null) {
            for (Measure measure : Measure.values()) {
                if (line.has(measure.name())) {
                    figures.put(measure, line.text(measure.name()));
                }
            }
        }
        return step == null || wrong.found()
                ? null
                : new PastLineInput(step, line.dayText("day"), line.textOrNull("since"), Map.copyOf(figures));
    }

    @Override
    String field(String fault) {
        return fault;
    }
}
