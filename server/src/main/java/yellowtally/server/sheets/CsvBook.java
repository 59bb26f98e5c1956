package yellowtally.server.sheets;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.jspecify.annotations.Nullable;

/** A zip with a CSV file for each sheet. */
public final class CsvBook implements SheetBook {

    private final ZipOutputStream zip;
    private final Writer text;
    private @Nullable CsvSheet sheet;

    public CsvBook(OutputStream out) {
        this.zip = new ZipOutputStream(out);
        this.text = new BufferedWriter(new OutputStreamWriter(zip, StandardCharsets.UTF_8));
    }

    @Override
    public void sheet(String name, List<String> headings) throws IOException {
        text.flush();
        zip.putNextEntry(new ZipEntry(name.toLowerCase(Locale.ROOT).replace(' ', '-') + ".csv"));
        sheet = new CsvSheet(text);
        row(List.copyOf(headings));
    }

    @Override
    public void row(List<@Nullable Object> cells) throws IOException {
        if (sheet == null) {
            throw new IllegalStateException("no sheet was begun");
        }
        sheet.row(cells);
    }

    @Override
    public void end() throws IOException {
        text.flush();
        zip.finish();
    }
}
