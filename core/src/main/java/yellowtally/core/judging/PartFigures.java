package yellowtally.core.judging;

import java.util.List;

/** What the figures of one part of the saw mean: its limits, its findings. A new figure is judged in its part's own file. */
interface PartFigures {

    /** Every part that has figures. */
    List<PartFigures> ALL = List.of(
            new BrakeFigures(),
            new BarFigures(),
            new EdgeFigures(),
            new DriveFigures(),
            new EngineFigures(),
            new OilFigures());

    /** Notes what follows from a sheet; figures of other parts are passed over. */
    void read(Sheet sheet, Reading reading);
}
