package yellowtally.server.sheetsin;

import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ExcelReaderException;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;
import org.jspecify.annotations.Nullable;
import yellowtally.server.support.Refusal;

/** Rows of a workbook. Of a formula the value counts that its own program left in the file. */
final class WorkbookRows {

    /** Unpacked it may be no larger, whatever it says of itself. */
    private static final long MOST_BYTES = 200L * 1024 * 1024;

    /** The texts of all sheets are kept in memory while they are read. */
    private static final long MOST_TEXT_BYTES = 30L * 1024 * 1024;

    private static final int MOST_PARTS = 1_000;
    private static final String TEXTS = "sharedstrings";
    private static final int DIGITS = 9;
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm", Locale.ROOT);

    private WorkbookRows() {}

    static void read(Path file, SheetFile.Sheets into) throws IOException {
        refuseBomb(file);
        try (ReadableWorkbook book = open(file)) {
            for (Sheet sheet : book.getSheets().toList()) {
                into.begin(sheet.getName());
                try (Stream<Row> rows = sheet.openStream()) {
                    for (Iterator<Row> each = rows.iterator(); each.hasNext(); ) {
                        Row row = each.next();
                        into.row(row.getRowNum(), cells(row));
                    }
                }
            }
        } catch (Refusal refused) {
            throw refused;
        } catch (RuntimeException | IOException e) {
            // Whatever its reader stumbles over: the file is not as workbooks are.
            throw Refusal.unfit("file", "sheet.broken");
        }
    }

    /** One without formats has no days that could be told from figures, and is read all the same. */
    private static ReadableWorkbook open(Path file) throws IOException {
        try {
            return new ReadableWorkbook(file.toFile(), new ReadingOptions(true, true));
        } catch (ExcelReaderException e) {
            return new ReadableWorkbook(file.toFile(), new ReadingOptions(false, true));
        }
    }

    /** Unpacks it once without keeping anything: what is said of its size in the file may be anything. */
    private static void refuseBomb(Path file) throws IOException {
        try (ZipFile parts = new ZipFile(file.toFile())) {
            if (parts.size() > MOST_PARTS) {
                throw Refusal.unfit("file", "sheet.bomb");
            }
            long left = MOST_BYTES;
            for (ZipEntry part : Collections.list(parts.entries())) {
                boolean texts = part.getName().toLowerCase(Locale.ROOT).contains(TEXTS);
                left -= unpacked(parts, part, texts ? Math.min(left, MOST_TEXT_BYTES) : left);
            }
        } catch (ZipException e) {
            throw Refusal.unfit("file", "sheet.broken");
        }
    }

    private static long unpacked(ZipFile parts, ZipEntry part, long most) throws IOException {
        byte[] some = new byte[64 * 1024];
        long length = 0;
        try (InputStream in = parts.getInputStream(part)) {
            for (int read = in.read(some); read > 0; read = in.read(some)) {
                length += read;
                if (length > most) {
                    throw Refusal.unfit("file", "sheet.bomb");
                }
            }
        }
        return length;
    }

    private static List<String> cells(Row row) {
        int last = Math.min(row.getCellCount(), SheetFile.MOST_COLUMNS + 1);
        List<String> cells = new ArrayList<>(last);
        for (int column = 0; column < last; column++) {
            cells.add(text(row.getCell(column)));
        }
        return cells;
    }

    private static String text(@Nullable Cell cell) {
        if (cell == null || cell.getType() == CellType.EMPTY || cell.getType() == CellType.ERROR) {
            return "";
        }
        String raw = cell.getRawValue() == null ? "" : cell.getRawValue();
        return switch (cell.getType()) {
            case NUMBER -> number(cell, raw);
            case BOOLEAN -> raw.equals("1") || raw.equalsIgnoreCase("true") ? "yes" : "no";
            case FORMULA ->
                raw.isEmpty() ? String.valueOf(cell.getValue() == null ? "" : cell.getValue()) : figure(raw);
            default -> cell.getText() == null ? raw : cell.getText().strip();
        };
    }

    private static String number(Cell cell, String raw) {
        if (!DayFormat.shows(cell.getDataFormatId(), cell.getDataFormatString())) {
            return figure(raw);
        }
        LocalDateTime at = cell.asDate();
        return at.toLocalTime().equals(LocalTime.MIDNIGHT) ? at.toLocalDate().toString() : MOMENT.format(at);
    }

    /** As somebody would write it: what a machine adds to a decimal far behind is left off. */
    private static String figure(String raw) {
        try {
            BigDecimal figure =
                    new BigDecimal(raw).setScale(DIGITS, RoundingMode.HALF_UP).stripTrailingZeros();
            return figure.toPlainString();
        } catch (NumberFormatException e) {
            return raw;
        }
    }
}
