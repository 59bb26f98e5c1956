package yellowtally.server.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SheetsTest {

    @TempDir
    private Path place;

    /** What a spreadsheet would reckon with is marked as text; what it would not is left as it is. */
    @ParameterizedTest
    @CsvSource({
        "=1+1,        '''=1+1'",
        "+44 1,       '''+44 1'",
        "-3.2 turns,  '''-3.2 turns'",
        "@SUM(A1),    '''@SUM(A1)'",
        "YC-31,       YC-31",
        "3/8,         3/8",
        "'',          ''",
    })
    void textThatLooksLikeAFormulaIsDefused(String text, String cell) {
        assertThat(CsvSheet.harmless(text)).isEqualTo(cell);
        assertThat(CsvSheet.harmless("\t=1")).isEqualTo("'\t=1");
    }

    @Test
    void aLineOfValuesIsQuotedWhereItHasTo() throws IOException {
        StringBuilder out = new StringBuilder();
        CsvSheet sheet = new CsvSheet(out);
        sheet.row(Arrays.asList("a, b", "say \"dull\"", null, 6.2, -1.5, LocalDate.of(2026, 5, 1)));
        sheet.row(List.of(LocalDateTime.of(2026, 5, 1, 7, 3)));
        assertThat(out)
                .hasToString("\uFEFF\"a, b\",\"say \"\"dull\"\"\",,6.2,-1.5,2026-05-01\r\n2026-05-01 07:03:00\r\n");
    }

    @Test
    void aWorkbookHasDaysNumbersAndTextAsSuch() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        XlsxBook book = new XlsxBook(out);
        book.sheet("Saws", List.of("Tag", "Lead, mm", "Since", "Seen"));
        book.row(List.of("=1+1", 0.8, LocalDate.of(2026, 5, 1), LocalDateTime.of(2026, 5, 1, 7, 3)));
        book.end();
        try (ReadableWorkbook read = new ReadableWorkbook(new ByteArrayInputStream(out.toByteArray()))) {
            List<Row> rows = read.getFirstSheet().read();
            assertThat(rows.get(0).getCellText(1)).isEqualTo("Lead, mm");
            Cell tag = rows.get(1).getCell(0);
            assertThat(tag.getType()).isEqualTo(CellType.STRING);
            assertThat(tag.getText()).isEqualTo("=1+1");
            assertThat(rows.get(1).getCellAsNumber(1).orElseThrow()).isEqualByComparingTo("0.8");
            assertThat(rows.get(1).getCellAsDate(2))
                    .contains(LocalDate.of(2026, 5, 1).atStartOfDay());
            assertThat(rows.get(1).getCellAsDate(3)).contains(LocalDateTime.of(2026, 5, 1, 7, 3));
        }
    }

    @Test
    void whatASheetCannotHoldGoesOnInAnother() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        XlsxBook book = new XlsxBook(out, 1_000);
        book.sheet("Work", List.of("n"));
        for (int n = 0; n < 2_500; n++) {
            book.row(List.of(n));
        }
        book.end();
        List<String> names = new ArrayList<>();
        int rows = 0;
        try (ReadableWorkbook read = new ReadableWorkbook(new ByteArrayInputStream(out.toByteArray()))) {
            for (Sheet sheet : read.getSheets().toList()) {
                names.add(sheet.getName());
                rows += sheet.read().size() - 1;
            }
        }
        assertThat(names).containsExactly("Work", "Work 2", "Work 3");
        assertThat(rows).isEqualTo(2_500);
    }

    /** A book whose writing failed in the middle opens nowhere. */
    @Test
    void aBookThatIsNotEndedIsNone() throws IOException {
        ByteArrayOutputStream xlsx = new ByteArrayOutputStream();
        ByteArrayOutputStream csv = new ByteArrayOutputStream();
        for (SheetBook book : List.of(new XlsxBook(xlsx), new CsvBook(csv))) {
            book.sheet("Work", List.of("n"));
            for (int n = 0; n < 5_000; n++) {
                book.row(List.of(n, "so much text that some of it is on its way already"));
            }
        }
        for (ByteArrayOutputStream broken : List.of(xlsx, csv)) {
            Path file = Files.write(place.resolve("broken"), broken.toByteArray());
            assertThatThrownBy(() -> new ZipFile(file.toFile())).isInstanceOf(ZipException.class);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "saw_id,          Saw",
        "at,              When",
        "wear_mark_mm,    'Wear mark, mm'",
        "oil_tank_ml,     'Oil tank, mL'",
        "cost_cents,      'Cost, hundredths'",
        "back_person_id,  Back person",
    })
    void aColumnIsCalledAsAPersonWritesIt(String column, String heading) {
        assertThat(Heading.of(column)).isEqualTo(heading);
    }

    @Test
    void codesAreSaidAsOnTheScreens() {
        Words words = Words.ofScreens();
        assertThat(words.kinds()).contains("step", "finding", "measure", "outcome", "task", "method");
        assertThat(words.of("outcome", "ATTEND")).isEqualTo("Needs work");
        assertThat(words.of("step", "GROOVE")).isEqualTo("Groove and oil holes");
        assertThat(words.of("nothing", "SUCH_A_CODE")).isEqualTo("Such a code");
    }
}
