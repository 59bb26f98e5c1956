package yellowtally.server.sheetsin;

import java.io.BufferedInputStream;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Utf8Check;

/** Rows of a text file, whatever stands between its cells: a comma, a semicolon, a tab or a stroke. */
final class CsvRows {

    private static final char[] BETWEEN = {',', ';', '\t', '|'};
    private static final int LOOKED_AT = 64 * 1024;
    private static final int RECORDS_LOOKED_AT = 40;
    private static final char BYTE_ORDER_MARK = '\uFEFF';

    private CsvRows() {}

    static void read(Path file, String name, SheetFile.Sheets into) throws IOException {
        Charset written = encoding(file);
        if (written.equals(StandardCharsets.UTF_8)) {
            Utf8Check.refuseElse(file, "sheet");
        }
        char between = between(beginning(file, written));
        into.begin(name);
        try (Reader text = text(file, written);
                CSVParser parser = form(between).parse(text)) {
            rows(parser, into);
        }
    }

    private static void rows(CSVParser parser, SheetFile.Sheets into) throws IOException {
        long line = 1;
        try {
            for (CSVRecord row : parser) {
                into.row((int) line, row.toList());
                line = parser.getCurrentLineNumber() + 1;
            }
        } catch (UncheckedIOException e) {
            throw Refusal.unfit("file", "sheet.quote", line);
        }
    }

    private static CSVFormat form(char between) {
        return CSVFormat.DEFAULT
                .builder()
                .setDelimiter(between)
                .setIgnoreEmptyLines(false)
                .setIgnoreSurroundingSpaces(true)
                .setTrailingData(true)
                .get();
    }

    /** By the mark at its beginning; text without one is UTF-8 or refused. */
    private static Charset encoding(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            byte[] mark = in.readNBytes(2);
            if (mark.length == 2 && mark[0] == (byte) 0xFF && mark[1] == (byte) 0xFE) {
                return StandardCharsets.UTF_16LE;
            }
            return mark.length == 2 && mark[0] == (byte) 0xFE && mark[1] == (byte) 0xFF
                    ? StandardCharsets.UTF_16BE
                    : StandardCharsets.UTF_8;
        }
    }

    private static Reader text(Path file, Charset written) throws IOException {
        Reader text =
                new BufferedReader(new InputStreamReader(new BufferedInputStream(Files.newInputStream(file)), written));
        text.mark(1);
        if (text.read() != BYTE_ORDER_MARK) {
            text.reset();
        }
        return text;
    }

    private static String beginning(Path file, Charset written) throws IOException {
        try (Reader text = text(file, written)) {
            char[] some = new char[LOOKED_AT];
            int length = 0;
            int read;
            while (length < some.length && (read = text.read(some, length, some.length - length)) > 0) {
                length += read;
            }
            return new String(some, 0, length);
        }
    }

    /** Whatever parts the most lines into equally many cells. */
    private static char between(String beginning) throws IOException {
        char best = BETWEEN[0];
        long most = 0;
        for (char candidate : BETWEEN) {
            long cells = cellsAlike(beginning, candidate);
            if (cells > most) {
                most = cells;
                best = candidate;
            }
        }
        return best;
    }

    private static long cellsAlike(String beginning, char between) throws IOException {
        Map<Integer, Integer> linesOf = new HashMap<>();
        try (CSVParser parser = form(between).parse(new StringReader(beginning))) {
            int looked = 0;
            for (CSVRecord row : parser) {
                if (row.size() > 1) {
                    linesOf.merge(row.size(), 1, Integer::sum);
                }
                if (++looked == RECORDS_LOOKED_AT) {
                    break;
                }
            }
        } catch (UncheckedIOException e) {
            // What was parted until then tells enough.
        }
        return linesOf.entrySet().stream()
                .mapToLong(lines -> (long) (lines.getKey() - 1) * lines.getValue() * lines.getValue())
                .max()
                .orElse(0);
    }
}
