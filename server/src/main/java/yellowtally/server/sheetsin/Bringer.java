package yellowtally.server.sheetsin;

import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import yellowtally.core.measure.DayText;
import yellowtally.server.people.Person;
import yellowtally.server.support.Refusal;

/** Brings in the lines of one kind of sheet. Runs within the caller's transaction, which is taken back where any line is wrong. */
interface Bringer {

    SheetKind kind();

    /** Stores what the lines say, and tells of each of them what came of it. */
    void bring(Lines lines, Told told, Report report) throws IOException;

    /** The lines of a sheet, each read when it is asked for. */
    interface Lines {
        int size();

        Line line(int index) throws IOException;
    }

    /** Who brings it in, on which day, and what they said of it. */
    record Told(Person by, LocalDate today, DayText.Order order) {}

    /** What came of each line; each method may end the work by what it throws. */
    interface Report {
        void good(Line line, String says);

        void wrong(Line line, List<Refusal.Fault> faults);
    }
}
