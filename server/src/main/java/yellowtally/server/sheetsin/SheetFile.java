package yellowtally.server.sheetsin;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import yellowtally.server.support.Refusal;

/** A file that somebody has, read by what is in it and not by its name. What cannot be read is refused in words. */
final class SheetFile {

    static final int MOST_LINES = 50_000;
    static final int MOST_COLUMNS = 100;
    static final int LONGEST_CELL = 1_000;

    private static final int BEGINNING = 8;

    private SheetFile() {}

    /** Where the rows of a sheet are written to. */
    interface Rows {
        RowFile next() throws IOException;
    }

    /** All sheets of a file that say something. */
    static List<FoundSheet> read(Path file, String name, Rows rows) throws IOException {
        byte[] beginning = beginning(file);
        if (beginning.length == BEGINNING && ReadableWorkbook.isOLE2Header(beginning)) {
            throw Refusal.unfit("file", "sheet.old");
        }
        Sheets into = new Sheets(rows);
        try {
            if (beginning.length >= 2 && beginning[0] == 'P' && beginning[1] == 'K') {
                WorkbookRows.read(file, into);
            } else {
                CsvRows.read(file, name, into);
            }
            List<FoundSheet> found = into.found();
            if (found.isEmpty()) {
                throw Refusal.unfit("file", "sheet.empty");
            }
            return found;
        } catch (IOException | RuntimeException e) {
            into.discard();
            throw e;
        }
    }

    private static byte[] beginning(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return in.readNBytes(BEGINNING);
        }
    }

    /** The sheets while they are read. */
    static final class Sheets {
        private final Rows rows;
        private final List<FoundSheet> begun = new ArrayList<>();

        private Sheets(Rows rows) {
            this.rows = rows;
        }

        void begin(String name) throws IOException {
            begun.add(new FoundSheet(name, rows.next()));
        }

        /** A row of the sheet that was begun last; a blank one says nothing. */
        void row(int line, List<String> cells) throws IOException {
            int last = cells.size();
            while (last > 0 && cells.get(last - 1).isBlank()) {
                last--;
            }
            if (last == 0) {
                return;
            }
            FoundSheet sheet = begun.get(begun.size() - 1);
            if (sheet.rows().size() > MOST_LINES) {
                throw Refusal.unfit("file", "sheet.lines", sheet.name(), MOST_LINES);
            }
            if (last > MOST_COLUMNS) {
                throw Refusal.unfit("file", "sheet.columns", sheet.name(), line, MOST_COLUMNS);
            }
            for (int column = 0; column < last; column++) {
                if (cells.get(column).length() > LONGEST_CELL) {
                    throw Refusal.unfit("file", "sheet.cell", line, ColumnLetters.of(column), LONGEST_CELL);
                }
            }
            sheet.rows().add(new RowFile.Row(line, List.copyOf(cells.subList(0, last))));
        }

        private List<FoundSheet> found() throws IOException {
            List<FoundSheet> found = new ArrayList<>();
            for (FoundSheet sheet : begun) {
                if (sheet.rows().size() > 0) {
                    found.add(sheet);
                } else {
                    sheet.rows().close();
                }
            }
            return List.copyOf(found);
        }

        private void discard() throws IOException {
            for (FoundSheet sheet : begun) {
                sheet.rows().close();
            }
        }
    }
}
