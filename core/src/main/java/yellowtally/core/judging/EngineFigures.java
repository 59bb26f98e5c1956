package yellowtally.core.judging;

import yellowtally.core.engine.FuelAge;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;

/** The figures of engine and fuel (handbook section 9). */
final class EngineFigures implements PartFigures {

    @Override
    public void read(Sheet sheet, Reading reading) {
        Double age = sheet.figure(Measure.FUEL_AGE);
        if (age != null) {
            reading.found(FuelAge.tooOld(age, sheet.numbers()), Finding.FUEL_OLD);
        }
    }
}
