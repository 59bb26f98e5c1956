package yellowtally.server.sheets;

import java.io.IOException;
import java.io.OutputStream;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.jspecify.annotations.Nullable;

/** A workbook as spreadsheets open it. Text stays text, whatever it begins with; days and moments are such. */
public final class XlsxBook implements SheetBook {

    /** A sheet cannot have more; what is over goes on in another one. */
    private static final int MOST_ROWS = 1_048_576;

    private static final int KEPT_ROWS = 500;
    private static final double WIDE = 18;

    private final int most;
    private final Workbook book;
    private @Nullable Worksheet sheet;
    private String name = "";
    private List<String> headings = List.of();
    private int part;
    private int row;

    public XlsxBook(OutputStream out) {
        this(out, MOST_ROWS);
    }

    XlsxBook(OutputStream out, int most) {
        this.book = new Workbook(out, "Yellow Tally", "1.0");
        this.most = most;
    }

    @Override
    public void sheet(String called, List<String> columns) throws IOException {
        name = called;
        headings = List.copyOf(columns);
        part = 1;
        begin(called);
    }

    private void begin(String called) throws IOException {
        finish();
        Worksheet fresh = book.newWorksheet(called);
        fresh.freezePane(0, 1);
        for (int column = 0; column < headings.size(); column++) {
            fresh.width(column, WIDE);
            fresh.value(0, column, headings.get(column));
            fresh.style(0, column).bold().set();
        }
        sheet = fresh;
        row = 1;
    }

    private void finish() throws IOException {
        if (sheet != null) {
            sheet.finish();
        }
    }

    @Override
    public void row(List<@Nullable Object> cells) throws IOException {
        if (row == most) {
            part++;
            begin(name + " " + part);
        }
        Worksheet into = sheet;
        if (into == null) {
            throw new IllegalStateException("no sheet was begun");
        }
        for (int column = 0; column < cells.size(); column++) {
            write(into, column, cells.get(column));
        }
        row++;
        if (row % KEPT_ROWS == 0) {
            into.flush();
        }
    }

    private void write(Worksheet into, int column, @Nullable Object cell) {
        if (cell instanceof Number number) {
            into.value(row, column, number);
        } else if (cell instanceof LocalDate day) {
            into.value(row, column, day);
            into.style(row, column).format("yyyy-mm-dd").set();
        } else if (cell instanceof LocalDateTime at) {
            into.value(row, column, at);
            into.style(row, column).format("yyyy-mm-dd hh:mm").set();
        } else if (cell != null) {
            into.inlineString(row, column, cell.toString());
        }
    }

    @Override
    public void end() throws IOException {
        finish();
        book.finish();
    }
}
