package yellowtally.core.judging;

import yellowtally.core.drive.SprocketWear;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;

/** The figures of the drive sprocket (handbook section 6). */
final class DriveFigures implements PartFigures {

    @Override
    public void read(Sheet sheet, Reading reading) {
        Double groove = sheet.figure(Measure.SPROCKET_WEAR);
        if (groove != null) {
            SprocketWear wear = SprocketWear.of(groove, sheet.numbers());
            reading.found(wear == SprocketWear.PLAN, Finding.SPROCKET_PLAN);
            reading.found(wear == SprocketWear.REPLACE, Finding.SPROCKET_WORN_OUT);
        }
    }
}
