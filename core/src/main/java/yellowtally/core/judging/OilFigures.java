package yellowtally.core.judging;

import yellowtally.core.oiling.OilGrade;
import yellowtally.core.steps.Measure;

/** What is read while the oil is filled: the day's temperature says which grade goes in (handbook section 7). */
final class OilFigures implements PartFigures {

    @Override
    public void read(Sheet sheet, Reading reading) {
        Double celsius = sheet.figure(Measure.AIR_TEMPERATURE);
        if (celsius != null) {
            reading.oilGrade(OilGrade.at(celsius, sheet.numbers()));
        }
    }
}
