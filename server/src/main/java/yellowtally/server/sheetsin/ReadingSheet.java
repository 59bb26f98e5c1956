package yellowtally.server.sheetsin;

import jakarta.persistence.EntityManager;
import java.util.Arrays;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.past.PastLine;
import yellowtally.core.steps.Measure;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.intake.Past;
import yellowtally.server.intake.PastInput.PastLineInput;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.support.Violations;

/** Brings in figures that were read on saws before; each counts as the step that reads it. */
@Component
final class ReadingSheet extends PastSheet {

    private final Choices<Measure> measures;

    ReadingSheet(Fleet fleet, Past past, HouseUnits house, EntityManager records) {
        super(fleet, past, house, records);
        this.measures = Choices.of(
                        Arrays.stream(Measure.values())
                                .filter(ReadingSheet::canBeTold)
                                .toList(),
                        measure -> words.of("measure", measure))
                .also(Measure.GROOVE_DEPTH, "groove", "groove depth", "bar groove")
                .also(Measure.SHORTEST_CUTTER, "cutter", "cutter length", "shortest cutter")
                .also(Measure.SPROCKET_WEAR, "sprocket", "sprocket wear")
                .also(Measure.BAND_THICKNESS, "band", "brake band")
                .also(Measure.RAIL_DIFFERENCE, "rails", "rail difference");
    }

    private static boolean canBeTold(Measure measure) {
        return PastLine.of(measure.step())
                .filter(line -> line.figures().contains(measure))
                .isPresent();
    }

    @Override
    public SheetKind kind() {
        return SheetKind.READINGS;
    }

    @Override
    @Nullable
    PastLineInput read(Line line, Violations wrong) {
        Measure measure = line.choice("figure", measures, null, wrong);
        if (!line.has("day")) {
            wrong.add("day", "day.EMPTY");
        }
        if (!line.has("value")) {
            wrong.add("value", "missing");
        }
        return measure == null || wrong.found()
                ? null
                : new PastLineInput(measure.step(), line.dayText("day"), null, Map.of(measure, line.text("value")));
    }

    @Override
    String field(String fault) {
        return fault.equals("day") ? fault : "value";
    }
}
