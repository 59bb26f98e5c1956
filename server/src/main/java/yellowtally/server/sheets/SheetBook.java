package yellowtally.server.sheets;

import java.io.IOException;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Sheets, one after the other, each row after row: none is kept longer than it takes to write it. */
public interface SheetBook {

    /** Begins the next sheet. */
    void sheet(String name, List<String> headings) throws IOException;

    /**
     * Writes the next row of the sheet.
     *
     * @param cells text, numbers, {@link java.time.LocalDate}, {@link java.time.LocalDateTime}, or nothing
     */
    void row(List<@Nullable Object> cells) throws IOException;

    /** Ends the book, when all of it is written: one that is not ended is none, so that a part is not taken for the whole. */
    void end() throws IOException;
}
