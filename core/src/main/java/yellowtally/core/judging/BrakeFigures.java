package yellowtally.core.judging;

import yellowtally.core.brake.BandThickness;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;

/** The figures of the chain brake (handbook section 8). */
final class BrakeFigures implements PartFigures {

    @Override
    public void read(Sheet sheet, Reading reading) {
        Double band = sheet.figure(Measure.BAND_THICKNESS);
        if (band != null) {
            reading.found(BandThickness.tooThin(band, sheet.numbers()), Finding.BAND_THIN);
        }
    }
}
