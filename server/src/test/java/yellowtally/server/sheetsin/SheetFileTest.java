package yellowtally.server.sheetsin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import yellowtally.server.sheets.XlsxBook;
import yellowtally.server.support.Refusal;

/** A file is read by what is in it; what cannot be read is refused, and nothing of it is left. */
class SheetFileTest {

    @TempDir
    private Path folder;

    private Path scratch() throws IOException {
        Path rows = folder.resolve("rows");
        Files.createDirectories(rows);
        return rows;
    }

    private List<FoundSheet> read(byte[] bytes) throws IOException {
        Path file = Files.write(folder.resolve("sheet"), bytes);
        Path rows = scratch();
        return SheetFile.read(file, "sheet.csv", () -> new RowFile(Files.createTempFile(rows, "", "")));
    }

    private List<List<String>> cells(byte[] bytes) throws IOException {
        List<List<String>> cells = new ArrayList<>();
        for (FoundSheet sheet : read(bytes)) {
            for (int row = 0; row < sheet.rows().size(); row++) {
                cells.add(sheet.rows().row(row).cells());
            }
            sheet.rows().close();
        }
        return cells;
    }

    private void refused(byte[] bytes, String code, Object... figures) throws IOException {
        assertThatThrownBy(() -> read(bytes))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        refusal ->
                                assertThat(refusal.faults()).containsExactly(Refusal.Fault.of("file", code, figures)));
        try (Stream<Path> left = Files.list(scratch())) {
            assertThat(left).as("nothing is left of it").isEmpty();
        }
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    /** Whatever stands between the cells, and however often it stands within them. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Saw,Day,Done\n1,\"3,5\",yes\n2,4,no\n",
                "Saw;Day;Done\r\n1;3,5;yes\r\n2;4;no\r\n",
                "Saw\tDay\tDone\n1\t3,5\tyes\n2\t4\tno",
                "Saw|Day|Done\n1|3,5|yes\n2|4|no\n",
                "\uFEFFSaw;Day;Done\n\n1;3,5;yes;;\n;;\n2 ; 4;no\n"
            })
    void cellsArePartedByWhatPartsThem(String text) throws IOException {
        List<List<String>> expected =
                List.of(List.of("Saw", "Day", "Done"), List.of("1", "3,5", "yes"), List.of("2", "4", "no"));
        assertThat(cells(utf8(text))).isEqualTo(expected);
        assertThat(cells(("\uFEFF" + text.replace("\uFEFF", "")).getBytes(StandardCharsets.UTF_16LE)))
                .isEqualTo(expected);
        assertThat(cells(("\uFEFF" + text.replace("\uFEFF", "")).getBytes(StandardCharsets.UTF_16BE)))
                .isEqualTo(expected);
    }

    @Test
    void aRowIsFoundWhereItStandsInItsFile() throws IOException {
        FoundSheet sheet = read(utf8("Saw,Note\n\n1,\"two\nlines\"\n2,one\n")).get(0);
        assertThat(List.of(
                        sheet.rows().row(0).line(),
                        sheet.rows().row(1).line(),
                        sheet.rows().row(2).line()))
                .containsExactly(1, 3, 5);
        sheet.rows().close();
    }

    /** Read as UTF-8 it would have other letters, and nobody would notice. */
    @Test
    void anotherEncodingIsRefusedWhereItShows() throws IOException {
        byte[] western = "Saw,By\n1,Ida\n2,Bj\u00F6rn\n".getBytes(Charset.forName("windows-1252"));
        refused(western, "sheet.encoding", 3, 5);
        byte[] long1 = utf8("Saw,By\n" + "1,Ida\n".repeat(30_000));
        byte[] far = Arrays.copyOf(long1, long1.length + 4);
        System.arraycopy("2,\u00F6\n".getBytes(Charset.forName("windows-1252")), 0, far, long1.length, 4);
        refused(far, "sheet.encoding", 30_002, 3);
    }

    @Test
    void whatIsNoSheetIsRefused() throws IOException {
        refused(new byte[] {}, "sheet.empty");
        refused(utf8(" \n;;\n"), "sheet.empty");
        refused(new byte[] {'a', 0, 'b'}, "sheet.noText", 1, 2);
        refused(
                new byte[] {(byte) 0xD0, (byte) 0xCF, 0x11, (byte) 0xE0, (byte) 0xA1, (byte) 0xB1, 0x1A, (byte) 0xE1, 0
                },
                "sheet.old");
        refused(utf8("PK and no workbook"), "sheet.broken");
        refused(utf8("Saw,Note\n1,ok\n2,\"never closed\n3,more\n"), "sheet.quote", 3L);
        refused(utf8("Saw\n" + "x".repeat(1_001) + "\n"), "sheet.cell", 2, "A", 1_000);
        refused(utf8("a" + ",a".repeat(100)), "sheet.columns", "sheet.csv", 1, 100);
        refused(utf8("Saw\n" + "1\n".repeat(50_001)), "sheet.lines", "sheet.csv", 50_000);
        assertThat(cells(utf8("Saw\n" + "1\n".repeat(50_000)))).hasSize(50_001);
    }

    /** Days are days, figures are as somebody would write them, and a formula is what it came to. */
    @Test
    void cellsOfAWorkbookAreReadAsTheyAreSeen() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        XlsxBook book = new XlsxBook(bytes);
        book.sheet("One", List.of("Saw", "Day", "Tanks", "Note"));
        book.row(List.of("12", LocalDate.of(2025, 11, 12), 0.1 + 0.2, "=1+1"));
        book.row(List.of("13", LocalDate.of(2025, 11, 2).atTime(7, 30), 4, " spaced "));
        book.sheet("Empty", List.of());
        book.end();
        assertThat(cells(bytes.toByteArray()))
                .containsExactly(
                        List.of("Saw", "Day", "Tanks", "Note"),
                        List.of("12", "2025-11-12", "0.3", "=1+1"),
                        List.of("13", "2025-11-02 07:30", "4", "spaced"));
    }

    @ParameterizedTest
    @CsvSource({
        "14, General, true",
        ", yyyy-mm-dd, true",
        ", d.m.yy, true",
        ", General, false",
        ", '#,##0.00 \"days\"', false",
        ", [Red]0.0, false",
        "2, 0.00, false"
    })
    void aDayIsToldByItsFormat(Integer id, String format, boolean day) {
        assertThat(DayFormat.shows(id, format)).isEqualTo(day);
    }

    private static byte[] workbook(String sheet, String strings) throws IOException {
        String relations = "http://schemas.openxmlformats.org/officeDocument/2006/relationships";
        String main = "http://schemas.openxmlformats.org/spreadsheetml/2006/main";
        String parts = "http://schemas.openxmlformats.org/package/2006/relationships";
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            put(
                    zip,
                    "[Content_Types].xml",
                    "<Types xmlns=\"http://schemas.openxmlformats.org/package/2006/content-types\">"
                            + "<Override PartName=\"/xl/workbook.xml\" ContentType=\"application/vnd.openxmlformats-officedocument"
                            + ".spreadsheetml.sheet.main+xml\"/><Override PartName=\"/xl/sharedStrings.xml\" ContentType="
                            + "\"application/vnd.openxmlformats-officedocument.spreadsheetml.sharedStrings+xml\"/></Types>");
            put(
                    zip,
                    "_rels/.rels",
                    "<Relationships xmlns=\"" + parts + "\"><Relationship Id=\"r1\" Type=\"" + relations
                            + "/officeDocument\" Target=\"xl/workbook.xml\"/></Relationships>");
            put(
                    zip,
                    "xl/workbook.xml",
                    "<workbook xmlns=\"" + main + "\" xmlns:r=\"" + relations
                            + "\"><sheets><sheet name=\"One\" sheetId=\"1\" r:id=\"r1\"/></sheets></workbook>");
            put(
                    zip,
                    "xl/_rels/workbook.xml.rels",
                    "<Relationships xmlns=\"" + parts + "\"><Relationship Id=\"r1\" Type=\""
                            + relations
                            + "/worksheet\" Target=\"worksheets/sheet1.xml\"/><Relationship Id=\"r2\" Type=\""
                            + relations
                            + "/sharedStrings\" Target=\"sharedStrings.xml\"/></Relationships>");
            put(zip, "xl/worksheets/sheet1.xml", sheet.replace("<worksheet>", "<worksheet xmlns=\"" + main + "\">"));
            put(zip, "xl/sharedStrings.xml", strings.replace("<sst>", "<sst xmlns=\"" + main + "\">"));
        }
        return bytes.toByteArray();
    }

    private static void put(ZipOutputStream zip, String name, String text) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(utf8(text));
    }

    private static final String ROW = "<worksheet><sheetData><row r=\"3\"><c r=\"A3\" t=\"s\"><v>0</v></c>"
            + "<c r=\"C3\"><f>WEBSERVICE(\"http://somewhere\")</f><v>7.5</v></c></row></sheetData></worksheet>";

    @Test
    void aFormulaIsNeverRun() throws IOException {
        assertThat(cells(workbook(ROW, "<sst><si><t>N41</t></si></sst>"))).containsExactly(List.of("N41", "", "7.5"));
    }

    /** Two hundred megabytes out of two hundred thousand bytes, and a text that names itself over and over. */
    @Test
    void aFileThatBlowsUpIsNotRead() throws IOException {
        String spaces = " ".repeat(1 << 20);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("xl/worksheets/sheet1.xml"));
            for (int i = 0; i < 201; i++) {
                zip.write(utf8(spaces));
            }
        }
        assertThat(bytes.size()).isLessThan(1 << 20);
        refused(bytes.toByteArray(), "sheet.bomb");
        refused(workbook(ROW, "<sst><si><t>" + spaces.repeat(31) + "</t></si></sst>"), "sheet.bomb");
        StringBuilder names = new StringBuilder("<!DOCTYPE sst [<!ENTITY a0 \"saw saw saw\">");
        for (int i = 1; i < 30; i++) {
            names.append("<!ENTITY a")
                    .append(i)
                    .append(" \"&a")
                    .append(i - 1)
                    .append(";&a")
                    .append(i - 1)
                    .append(";\">");
        }
        refused(workbook(ROW, names + "]><sst><si><t>&a29;</t></si></sst>"), "sheet.broken");
    }

    @Test
    void aWorkbookThatIsCutOffIsRefused() throws IOException {
        byte[] whole = workbook(ROW, "<sst><si><t>N41</t></si></sst>");
        refused(Arrays.copyOf(whole, whole.length / 2), "sheet.broken");
        refused(workbook(ROW.replace("</sheetData>", ""), "<sst><si><t>N41</t></si></sst>"), "sheet.broken");
    }
}
