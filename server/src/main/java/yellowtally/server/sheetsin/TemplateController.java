package yellowtally.server.sheetsin;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.sheets.CsvSheet;
import yellowtally.server.sheets.XlsxBook;
import yellowtally.server.support.Attached;
import yellowtally.server.support.Streamed;

/** Empty sheets to fill in, with the headings that are known. */
@RestController
class TemplateController {

    private static final String XLSX = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";
    private static final String CSV = "text/csv";

    private final KnownColumns known = KnownColumns.shipped();

    /** All kinds in one workbook, and a sheet that says what stands in each column. */
    @GetMapping("/api/sheets-in/template.xlsx")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = XLSX, schema = @Schema(type = "string", format = "binary")))
    void workbook(HttpServletResponse response) throws IOException {
        Streamed.write(response, () -> {
            response.setContentType(XLSX);
            response.setHeader(HttpHeaders.CONTENT_DISPOSITION, Attached.as("yellow-tally-to-fill-in.xlsx"));
            XlsxBook book = new XlsxBook(response.getOutputStream());
            for (SheetKind kind : SheetKind.values()) {
                book.sheet(known.of(kind).called(), headings(kind));
            }
            book.sheet("What it is", List.of("Sheet", "Column", "What stands in it", "Needed"));
            for (SheetKind kind : SheetKind.values()) {
                KnownColumns.Known of = known.of(kind);
                book.row(List.of(of.called(), "", of.says(), ""));
                for (KnownColumns.KnownColumn column : of.columns()) {
                    book.row(List.of(of.called(), column.heading(), column.says(), column.required() ? "yes" : ""));
                }
            }
            book.end();
        });
    }

    /** One kind as CSV. */
    @GetMapping("/api/sheets-in/template/{kind}.csv")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = CSV, schema = @Schema(type = "string", format = "binary")))
    void csv(@PathVariable SheetKind kind, HttpServletResponse response) throws IOException {
        String name = known.of(kind).called().toLowerCase(Locale.ROOT).replace(' ', '-');
        Streamed.write(response, () -> {
            response.setContentType(CSV);
            response.setCharacterEncoding(StandardCharsets.UTF_8.name());
            response.setHeader(HttpHeaders.CONTENT_DISPOSITION, Attached.as("yellow-tally-" + name + ".csv"));
            Writer out = new OutputStreamWriter(response.getOutputStream(), StandardCharsets.UTF_8);
            new CsvSheet(out).row(headings(kind));
            out.flush();
        });
    }

    private List<String> headings(SheetKind kind) {
        return known.of(kind).columns().stream()
                .map(KnownColumns.KnownColumn::heading)
                .toList();
    }
}
