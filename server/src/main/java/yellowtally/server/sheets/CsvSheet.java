package yellowtally.server.sheets;

import java.io.IOException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;

/** Rows as comma-separated values (RFC 4180). */
public final class CsvSheet {

    /** By this a spreadsheet knows that what follows is UTF-8. */
    private static final char BYTE_ORDER_MARK = '\uFEFF';

    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm:ss", Locale.ROOT);
    private static final String BEGINS_A_FORMULA = "=+-@\t\r";

    private final CSVPrinter rows;

    public CsvSheet(Appendable out) throws IOException {
        out.append(BYTE_ORDER_MARK);
        this.rows = CSVFormat.RFC4180.print(out);
    }

    /** Writes a row: text, numbers, {@link java.time.LocalDate}, {@link LocalDateTime}, or nothing. */
    public void row(List<? extends @Nullable Object> cells) throws IOException {
        for (Object cell : cells) {
            rows.print(text(cell));
        }
        rows.println();
    }

    private static @Nullable Object text(@Nullable Object cell) {
        if (cell instanceof LocalDateTime at) {
            return MOMENT.format(at);
        }
        return cell instanceof String text ? harmless(text) : cell;
    }

    /** Text that a spreadsheet would reckon with is marked as text. */
    static String harmless(String text) {
        return !text.isEmpty() && BEGINS_A_FORMULA.indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }
}
