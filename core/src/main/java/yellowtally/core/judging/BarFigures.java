package yellowtally.core.judging;

import yellowtally.core.bar.GrooveClearance;
import yellowtally.core.bar.GrooveWidth;
import yellowtally.core.bar.RailHeight;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;

/** The figures of the bar: groove and rails (handbook section 5). */
final class BarFigures implements PartFigures {

    @Override
    public void read(Sheet sheet, Reading reading) {
        readDepth(sheet, reading);
        Double width = sheet.figure(Measure.GROOVE_WIDTH);
        if (width != null && sheet.saw().gauge() != null) {
            reading.found(GrooveWidth.tooWide(width, sheet.saw().gauge(), sheet.numbers()), Finding.GROOVE_WIDE);
        }
        Double rails = sheet.figure(Measure.RAIL_DIFFERENCE);
        if (rails != null) {
            RailHeight height = RailHeight.of(rails, sheet.numbers());
            boolean noRoom = sheet.saw().dressingsLeft() != null && sheet.saw().dressingsLeft() == 0;
            reading.found(height == RailHeight.DRESS && !noRoom, Finding.RAILS_UNEVEN);
            reading.found(height == RailHeight.DRESS && noRoom, Finding.RAILS_WITHOUT_ROOM);
            reading.found(height == RailHeight.SCRAP, Finding.RAILS_SPENT);
        }
    }

    private static void readDepth(Sheet sheet, Reading reading) {
        Double depth = sheet.figure(Measure.GROOVE_DEPTH);
        Double tang = sheet.saw().tangMm();
        if (depth == null || tang == null) {
            return;
        }
        Double dressing = sheet.saw().dressingMm();
        GrooveClearance clearance = dressing == null
                ? GrooveClearance.of(depth, tang, sheet.numbers())
                : GrooveClearance.of(depth, tang, dressing, sheet.numbers());
        reading.clearance(clearance);
        reading.found(clearance.verdict() == GrooveClearance.Verdict.WATCH, Finding.GROOVE_WATCH);
        reading.found(clearance.verdict() == GrooveClearance.Verdict.SCRAP, Finding.GROOVE_WORN_OUT);
    }
}
