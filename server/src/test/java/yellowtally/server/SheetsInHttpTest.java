package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.awaitility.Awaitility;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** What people have in spreadsheets is tried line by line, and then all of it comes in or nothing. */
@ExtendWith(RunningServer.class)
@Execution(ExecutionMode.SAME_THREAD)
class SheetsInHttpTest {

    private static final Path SAMPLE = Path.of("..", "docs", "samples", "lineside-gang.xlsx");
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final Api api;
    private String tag;

    SheetsInHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void tag() {
        tag = "B" + RunningServer.id().substring(0, 6).toUpperCase(Locale.ROOT);
    }

    private HttpResponse<String> bring(byte[] file, String name) {
        return api.signed()
                .send(HttpRequest.newBuilder(
                                URI.create(api.root() + "/api/sheets-in?id=" + RunningServer.id() + "&name=" + name))
                        .header("Content-Type", "application/octet-stream")
                        .POST(HttpRequest.BodyPublishers.ofByteArray(file)));
    }

    private JsonNode brought(String csv) {
        HttpResponse<String> answer = bring(csv.getBytes(StandardCharsets.UTF_8), "sheet.csv");
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        return JSON.readTree(answer.body());
    }

    /** How a sheet is gone through; what is not said here is as it was guessed. */
    private record Asked(int sheet, String kind, Map<String, String> columns, String order, boolean leaveOutKnown) {
        static final Asked GUESSED = new Asked(0, null, Map.of(), null, false);

        Asked of(String other) {
            return new Asked(sheet, other, columns, order, leaveOutKnown);
        }

        Asked leavingOutKnown() {
            return new Asked(sheet, kind, columns, order, true);
        }
    }

    private String run(JsonNode file, Asked asked, boolean forReal) {
        return run(file, asked, forReal, RunningServer.id());
    }

    private String run(JsonNode file, Asked asked, boolean forReal, String runId) {
        JsonNode sheet = file.path("sheets").path(asked.sheet());
        String kind = asked.kind() == null ? sheet.path("kind").asString() : asked.kind();
        int headings = sheet.path("headings").asInt();
        String fileId = file.path("fileId").asString();
        JsonNode match = api.get("/api/sheets-in/" + fileId + "/match?sheet=" + asked.sheet() + "&kind=" + kind
                        + "&headings=" + headings)
                .body();
        List<String> columns = new ArrayList<>();
        for (int i = 0; i < match.path("columns").size(); i++) {
            String heading =
                    sheet.path("first").path(headings).path("cells").path(i).asString();
            columns.add(asked.columns()
                    .getOrDefault(heading, match.path("columns").path(i).asString()));
        }
        Answer begun = api.post(
                "/api/sheets-in/" + fileId + "/run",
                JSON.writeValueAsString(Map.of(
                        "id",
                        runId,
                        "sheet",
                        asked.sheet(),
                        "kind",
                        kind,
                        "headings",
                        headings,
                        "columns",
                        columns,
                        "units",
                        match.path("units"),
                        "order",
                        asked.order() == null ? match.path("order").asString() : asked.order(),
                        "leaveOutKnown",
                        asked.leaveOutKnown(),
                        "forReal",
                        forReal)));
        assertThat(begun.status()).as(begun.raw().body()).isEqualTo(202);
        return runId;
    }

    private JsonNode ended(JsonNode file) {
        return Awaitility.await()
                .atMost(Duration.ofMinutes(3))
                .pollInterval(Duration.ofMillis(20))
                .until(() -> state(file), run -> !run.path("state").asString().equals("UNDER_WAY"));
    }

    private JsonNode state(JsonNode file) {
        return api.get("/api/sheets-in/" + file.path("fileId").asString() + "/run")
                .body();
    }

    private JsonNode tried(JsonNode file, Asked asked) {
        run(file, asked, false);
        return ended(file);
    }

    private JsonNode broughtIn(JsonNode file, Asked asked) {
        run(file, asked, true);
        return ended(file);
    }

    private List<String> lines(JsonNode file) {
        List<String> said = new ArrayList<>();
        for (JsonNode line : api.get("/api/sheets-in/" + file.path("fileId").asString() + "/lines")
                .body()
                .path("lines")) {
            StringBuilder text = new StringBuilder(line.path("line").asInt() + " "
                    + line.path("state").asString() + " " + line.path("says").asString());
            for (JsonNode fault : line.path("faults")) {
                text.append('[')
                        .append(fault.path("column").asString())
                        .append("] ")
                        .append(fault.path("sentence").asString());
            }
            said.add(text.toString());
        }
        return said;
    }

    private void saw(String own) {
        JsonNode file = brought(
                "Saw,Make,Model,Since,Set,Chain,Bar tag,Sprocket\n%s,Tarnwick,T 50,2020,\"16 in, .325, .050, 66, 7\",%sC,%sB,%sS\n"
                        .formatted(own, own, own, own));
        assertThat(broughtIn(file, Asked.GUESSED).path("state").asString())
                .as(() -> lines(file).toString())
                .isEqualTo("BROUGHT_IN");
    }

    /** A saw is held until its first visit, whatever its sheet says. */
    @Test
    void sawsComeInWithTheirSetsAndProveNothing() {
        saw(tag);
        JsonNode view = api.get("/api/saws/" + tag).body();
        assertThat(view.path("card").path("inService").asString()).isEqualTo("2020-01-01");
        assertThat(view.path("chain").path("tag").asString()).isEqualTo(tag + "C");
        assertThat(view.path("bar").path("driveLinks").asInt()).isEqualTo(66);
        assertThat(view.path("sprocket").path("teeth").asInt()).isEqualTo(7);
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("HELD");
        assertThat(api.post(
                                "/api/outings/issue",
                                "{\"id\":\"%s\",\"crewId\":\"%s\",\"saws\":[\"%s\"]}"
                                        .formatted(
                                                RunningServer.id(),
                                                api.get("/api/crews")
                                                        .body()
                                                        .path(0)
                                                        .path("id")
                                                        .asString(),
                                                tag))
                        .status())
                .isNotEqualTo(204);
    }

    /** What a try says is what comes of it, and a try stores nothing. */
    @Test
    void aTryStoresNothing() {
        saw(tag);
        JsonNode book = brought("""
                Saw;Date;What was done;Groove (mm);Tanks since
                %1$s;3.9.2025;sharpened;;
                %1$s;14.10.2025;bar groove;6,2;
                %1$s;14.10.2025;spark plug;;11
                """.formatted(tag));
        assertThat(tried(book, Asked.GUESSED).path("state").asString()).isEqualTo("TRIED");
        List<String> said = List.of(
                "2 GOOD Saw %s: Sharpen, 2025-09-03".formatted(tag),
                "3 GOOD Saw %s: Groove and oil holes, 2025-10-14, groove depth 6.2 mm".formatted(tag),
                "4 GOOD Saw %s: Plug, 2025-10-14, 11 tanks since".formatted(tag));
        assertThat(lines(book)).isEqualTo(said);
        assertThat(api.get("/api/saws/" + tag + "/past").body().path("told")).isEmpty();
        assertThat(broughtIn(book, Asked.GUESSED).path("state").asString()).isEqualTo("BROUGHT_IN");
        assertThat(lines(book)).isEqualTo(said);
        JsonNode told = api.get("/api/saws/" + tag + "/past").body().path("told");
        assertThat(told).hasSize(3);
        assertThat(told.path(0).path("at").asString()).startsWith("2025-09-03");
        assertThat(api.plate(tag).path("state").asString())
                .as("told proves nothing")
                .isEqualTo("HELD");
    }

    /** The answer was lost and the same is sent again: it came in once, and is told so. */
    @Test
    void aRunThatIsSentAgainIsBegunOnce() {
        saw(tag);
        JsonNode book = brought("Saw,Day,Work\n%1$s,3.9.2025,sharpened\n".formatted(tag));
        String runId = run(book, Asked.GUESSED, true);
        assertThat(ended(book).path("state").asString()).isEqualTo("BROUGHT_IN");
        run(book, Asked.GUESSED, true, runId);
        assertThat(ended(book).path("state").asString()).isEqualTo("BROUGHT_IN");
        assertThat(api.get("/api/saws/" + tag + "/past").body().path("told")).hasSize(1);
    }

    /** One wrong line, and nothing of the others comes in. */
    @Test
    void allComesInOrNothing() {
        saw(tag);
        JsonNode book = brought("Saw,Day,Work\n%1$s,3.9.2025,sharpened\n%1$s,31.2.2025,sharpened\n".formatted(tag));
        JsonNode run = broughtIn(book, Asked.GUESSED);
        assertThat(run.path("state").asString()).isEqualTo("WRONG");
        assertThat(run.path("good").asInt()).isEqualTo(1);
        assertThat(api.get("/api/saws/" + tag + "/past").body().path("told")).isEmpty();

        JsonNode saws = brought("Saw,Make,Model,Since\n%1$sX,Tarnwick,T,2020\n%1$sY,Tarnwick,,2020\n".formatted(tag));
        assertThat(broughtIn(saws, Asked.GUESSED).path("state").asString()).isEqualTo("WRONG");
        assertThat(api.get("/api/saws/" + tag + "X").status()).isEqualTo(404);
    }

    /** Each with its line and its column, in the words of the form that asks for the same. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "SAWS | Saw,Make,Model,Since;X 1,A,B,2020 | 2 WRONG [A, Saw] A tag has up to 12 letters",
                "SAWS | Saw,Make,Model,Since;@A,A,B,2020;@a,A,B,2020 | 3 WRONG [A, Saw] This is there twice: line 2 says it already.",
                "SAWS | Saw,Make,Model,Since;@A,A,B,soon | 2 WRONG [D, Since] This is not a day.",
                "SAWS | Saw,Make,Model,Since;@A,A,B,3/4/2020 | 2 WRONG [D, Since] Some write the month first",
                "SAWS | Saw,Make,Model,Since,Power;@A,A,B,2020,steam | 2 WRONG [E, Power] steam is none of these: Petrol, Battery, Corded.",
                "SAWS | Saw,Make,Model,Since,cc;@A,A,B,2020,5000 | 2 WRONG [E, cc] ",
                "SAWS | Saw,Make,Model,Since,cc;@A,A,B,2020,fifty | 2 WRONG [E, cc] This is not a number.",
                "SAWS | Saw,Make,Model,Since,Chain;@A,A,B,2020,@C | 2 WRONG [] A part that is not here yet needs the figures of its set",
                "SAWS | Saw,Make,Model,Since,Chain,Bar tag,Pitch,Gauge,Links,Bar;@A,A,B,2020,@C,@B,.404,.063,,18 | 2 WRONG [] ",
                "SAWS | Saw,Make,Model,Since;@A,=HYPERLINK(1),B,2020 | 2 GOOD Saw @A, =HYPERLINK(1) B, petrol, since 2020-01-01, without a set",
                "PARTS | Tag,Kind,Pitch;@C,Chain,3/8 | 2 WRONG [] ",
                "PARTS | Tag,Kind,Pitch,Gauge,DL;@C,loop,3/8,.050,60 | 2 GOOD Chain @C, 3/8",
                "PARTS | Tag,Kind,Pitch,Teeth;@S,Sprocket,3/8,400 | 2 WRONG [D, Teeth] ",
                "STOCK | Item,Kind,Have;Plug @A,plug,4.5 | 2 WRONG [C, Have] ",
                "STOCK | Item,Kind,Have;Oil @A,chain oil,4.5 | 2 GOOD Oil @A: 4.5 on the shelf",
                "PEOPLE | Name,Role;Ida Marsh,officer | 2 WRONG [A, Name] ",
                "PEOPLE | Name,Role;Nobody @A, | 2 GOOD Nobody @A, reader",
                "CREWS | Crew;Tunnel gang | 2 WRONG [A, Crew] ",
                "WORK | Saw,Day,Work;@A,today,sharpened | 2 WRONG [A, Saw] There is no saw @A in service here.",
                "WORK | Saw,Day,Work;05,2 d,tension check | 2 WRONG [C, Work] tension check is none of these:",
                "READINGS | Saw,Day,Figure,Value;05,,Groove depth,6 | 2 WRONG [B, Day] Say when",
                "READINGS | Saw,Day,Figure,Value;05,2 d,colour,6 | 2 WRONG [C, Figure] colour is none of these:",
                "USE | Saw,Day,Tanks;@A,2 d,1 | 2 WRONG [A, Saw] There is no saw @A in service here.",
                "USE | Saw,Day,Tanks;05,,1 | 2 WRONG [B, Day] Say when",
                "USE | Saw,Day,Tanks;05,today,1 | 2 WRONG [B, Day] ",
                "USE | Saw,Day,Tanks;05,3.5.1999,1 | 2 WRONG [B, Day] This is before the saw came into service",
                "USE | Saw,Day,Tanks;05,%1$s,one | 2 WRONG [C, Tanks] This is not a number.",
                "USE | Saw,Day,Tanks;05,%1$s,25 | 2 WRONG [C, Tanks] Give a number from 0 to 24.",
                "USE | Saw,Day,Tanks;05,%1$s, | 2 WRONG [C, Tanks] ",
                "USE | Saw,Day,Tanks;05,%1$s,1;05,%1$s,2 | 3 WRONG [B, Day] A line above tells of this saw and day already.",
                "USE | Saw,Day,Tanks;05,%1$s,1.5 | 2 GOOD Saw 05: %2$s, 1.5 tanks"
            })
    void whatIsWrongIsSaidAtItsLineAndColumn(String kind, String sheet, String said) {
        JsonNode file = brought(inIts(sheet).strip().replace("@", tag).replace(';', '\n'));
        tried(file, Asked.GUESSED.of(kind));
        List<String> lines = lines(file);
        assertThat(lines.get(lines.size() - 1))
                .startsWith(inIts(said).replace("@", tag).stripTrailing());
    }

    /** A day when saw 05 was in service, and its records here had not begun. */
    private String inIts(String said) {
        LocalDate until = LocalDate.parse(
                api.get("/api/saws/05/past").body().path("until").asString());
        LocalDate day = until.minusDays(3);
        return said.replace("%1$s", day.toString()).replace("%2$s", day.toString());
    }

    /** A service of which nobody told what was used since counts it from the days that were told, as far as they reach back. */
    @Test
    void daysOfUseSayWhatServicesHaveSeen() {
        saw(tag);
        broughtIn(brought("""
                        Saw,Day,Work,Used since
                        %1$s,9.9.2025,Plug,
                        %1$s,2.9.2025,Bearing,
                        %1$s,20.9.2025,Sharpen,7
                        """.formatted(tag)), Asked.GUESSED);
        assertThat(since("PLUG")).isNull();
        JsonNode use = brought("""
                Saw,Date,Tanks burned
                %1$s,8.9.2025,1
                %1$s,9.9.2025,"1,5"
                %1$s,15.9.2025,2
                %1$s,21.9.2025,0.5
                """.formatted(tag));
        assertThat(tried(use, Asked.GUESSED).path("state").asString()).isEqualTo("TRIED");
        assertThat(since("PLUG")).as("a try stores nothing").isNull();
        assertThat(broughtIn(use, Asked.GUESSED).path("state").asString()).isEqualTo("BROUGHT_IN");
        assertThat(since("PLUG")).isEqualTo(4);
        assertThat(since("SHARPEN")).as("what was told with it stands").isEqualTo(7);
        assertThat(since("BEARING")).as("the days do not reach back so far").isNull();
        assertThat(api.plate(tag).path("state").asString())
                .as("it proves nothing")
                .isEqualTo("HELD");
        JsonNode told = api.get("/api/saws/" + tag + "/past").body().path("use");
        assertThat(told.path("days").asInt()).isEqualTo(4);
        assertThat(told.path("tanks").asDouble()).isEqualTo(5);

        assertThat(tried(use, Asked.GUESSED).path("wrong").asInt()).isEqualTo(4);
        assertThat(tried(use, Asked.GUESSED.leavingOutKnown()).path("leftOut").asInt())
                .isEqualTo(4);

        String strike = "{\"id\":\"%s\",\"reason\":\"Of another saw\"}";
        String path = "/api/saws/" + tag + "/past/use/strike";
        assertThat(api.as(Signed.OPERATOR)
                        .post(path, strike.formatted(RunningServer.id()))
                        .status())
                .isEqualTo(403);
        assertThat(api.post(path, strike.formatted(RunningServer.id())).status())
                .isEqualTo(204);
        assertThat(since("PLUG")).isNull();
        assertThat(api.get("/api/saws/" + tag + "/past").body().has("use")).isFalse();
        assertThat(api.post(path, strike.formatted(RunningServer.id())).status())
                .isEqualTo(409);
    }

    /** What a task of the schedule counts as used since it was done; nothing while nobody knows. */
    private @Nullable Double since(String task) {
        for (JsonNode one : api.get("/api/saws/" + tag + "/schedule").body().path("tasks")) {
            if (one.path("task").asString().equals(task)) {
                return one.path("unknown").asBoolean()
                        ? null
                        : Double.valueOf(
                                one.path("limits").get(0).path("counted").asDouble());
            }
        }
        throw new AssertionError("no task " + task);
    }

    /** Of a saw that has its past told: nothing twice, nothing after its records begin, nothing that could not be. */
    @Test
    void aPastMustAgreeWithItself() {
        saw(tag);
        JsonNode file = brought("""
                Saw,Day,Work,Used since,Groove depth
                %1$s,2 Sep 2025,Plug,20,
                %1$s,2 Sep 2025,Plug,20,
                %1$s,9 Sep 2025,Air filter,21,
                %1$s,9 Sep 2019,Air filter,,
                %1$s,9 Oct 2025,Sharpen,,4
                %1$s,9 Nov 2025,Bar groove,,900
                """.formatted(tag));
        JsonNode run = tried(file, Asked.GUESSED);
        assertThat(lines(file))
                .satisfiesExactly(
                        line -> assertThat(line).startsWith("2 GOOD"),
                        line -> assertThat(line).startsWith("3 WRONG [B, Day] This line is there twice."),
                        line -> assertThat(line)
                                .startsWith("4 WRONG [D, Used since] What was done on 2 Sep 2025 has seen only 20"),
                        line -> assertThat(line)
                                .startsWith("5 WRONG [B, Day] This is before the saw came into service"),
                        line -> assertThat(line).startsWith("6 WRONG [E, Groove depth]"),
                        line -> assertThat(line).startsWith("7 WRONG [E, Groove depth]"));
        assertThat(run.path("wrong").asInt()).isEqualTo(5);
    }

    /** A sheet that has grown is brought again: what is here already is left out where that is asked for. */
    @Test
    void aSheetThatHasGrownIsBroughtAgain() {
        saw(tag);
        String first = "Saw,Day,Work\n%1$s,3.9.2025,sharpened\n".formatted(tag);
        assertThat(broughtIn(brought(first), Asked.GUESSED).path("state").asString())
                .isEqualTo("BROUGHT_IN");
        JsonNode grown = brought(first + tag + ",4.10.2025,sharpened\n");
        assertThat(tried(grown, Asked.GUESSED).path("state").asString()).isEqualTo("WRONG");
        JsonNode run = broughtIn(grown, Asked.GUESSED.leavingOutKnown());
        assertThat(run.path("state").asString()).isEqualTo("BROUGHT_IN");
        assertThat(run.path("leftOut").asInt()).isEqualTo(1);
        assertThat(api.get("/api/saws/" + tag + "/past").body().path("told")).hasSize(2);
    }

    /** The messy sheet of the tour: one column to be named by hand, one order of days to be chosen. */
    @Test
    void theSampleComesInOnceItsColumnsAreMended() throws IOException {
        HttpResponse<String> answer = bring(Files.readAllBytes(SAMPLE), "lineside-gang.xlsx");
        JsonNode file = JSON.readTree(answer.body());
        Asked saws = new Asked(0, null, Map.of("Thickness", "gauge"), null, true);
        JsonNode run = broughtIn(file, saws);
        assertThat(run.path("state").asString())
                .as(() -> lines(file).toString())
                .isEqualTo("BROUGHT_IN");
        assertThat(run.path("good").asInt() + run.path("leftOut").asInt()).isEqualTo(5);
        Asked book = new Asked(1, null, Map.of(), "DAY_FIRST", true);
        assertThat(broughtIn(file, book).path("state").asString())
                .as(() -> lines(file).toString())
                .isEqualTo("BROUGHT_IN");
        for (JsonNode told : api.get("/api/saws/N41/past").body().path("told")) {
            if (told.path("figures").has("FILED_SHORTEST")
                    && told.path("at").asString().startsWith("2026-09-07")) {
                assertThat(told.path("figures").path("FILED_SHORTEST").asDouble())
                        .isEqualTo(6.35);
                return;
            }
        }
        throw new AssertionError("no sharpening of the 7th of September");
    }

    /** A long sheet is stopped between two of its lines, and nothing of it stays. */
    @Test
    void aLongSheetIsStopped() {
        saw(tag);
        StringBuilder sheet = new StringBuilder("Saw,Day,Work\n");
        LocalDate day = LocalDate.of(2020, 2, 1);
        for (int i = 0; i < 2_000; i++) {
            sheet.append(tag).append(',').append(day.plusDays(i)).append(",sharpened\n");
        }
        JsonNode file = brought(sheet.toString());
        String runId = run(file, Asked.GUESSED, true);
        api.post(
                "/api/sheets-in/" + file.path("fileId").asString() + "/stop",
                "{\"id\":\"" + RunningServer.id() + "\"}");
        JsonNode run = ended(file);
        assertThat(run.path("runId").asString()).isEqualTo(runId);
        assertThat(run.path("state").asString()).isEqualTo("STOPPED");
        assertThat(run.path("done").asInt()).isLessThan(2_000);
        assertThat(api.get("/api/saws/" + tag + "/past").body().path("told")).isEmpty();
    }

    @Test
    void whatIsTooLargeIsRefusedBeforeItIsRead() {
        HttpResponse<String> answer = bring(new byte[31 * 1024 * 1024], "large.csv");
        assertThat(answer.statusCode()).isEqualTo(413);
        assertThat(answer.body()).contains("at most 30,720 kB");
        assertThat(bring("Saw\n\n".getBytes(StandardCharsets.UTF_8), "s.csv").statusCode())
                .isEqualTo(200);
        assertThat(bring(new byte[] {'P', 'K', 3, 4}, "s.xlsx").body()).contains("cannot be read to its end");
    }

    /** Whoever forgets a column, or names one twice, is told so before anything is tried. */
    @Test
    void columnsMustBeNamed() {
        JsonNode file = brought("Saw,Day,Note\n1,today,x\n");
        Answer answer = api.post(
                "/api/sheets-in/" + file.path("fileId").asString() + "/run", """
                {"id":"%s","sheet":0,"kind":"WORK","headings":0,"columns":["saw","saw","colour"],"units":["","parsecs",""],
                 "order":"UNKNOWN","leaveOutKnown":false,"forReal":true}""".formatted(RunningServer.id()));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.raw().body())
                .contains("Saw is chosen for two columns", "There is no column colour", "Say which column is: Day")
                .contains("Say which column is: Work", "Choose a unit");
        assertThat(api.get("/api/sheets-in/" + RunningServer.id()).status()).isEqualTo(404);
    }

    @Test
    void templatesAreSheetsToFillIn() throws IOException {
        HttpResponse<byte[]> workbook = api.signed()
                .send(
                        HttpRequest.newBuilder(URI.create(api.root() + "/api/sheets-in/template.xlsx")),
                        HttpResponse.BodyHandlers.ofByteArray());
        try (ReadableWorkbook book = new ReadableWorkbook(new ByteArrayInputStream(workbook.body()))) {
            assertThat(book.getSheets().map(sheet -> sheet.getName()))
                    .containsExactly(
                            "People",
                            "Crews",
                            "Stock",
                            "Parts",
                            "Saws",
                            "Past work",
                            "Readings",
                            "Past use",
                            "What it is");
        }
        JsonNode file = JSON.readTree(bring(workbook.body(), "filled.xlsx").body());
        for (JsonNode sheet : file.path("sheets")) {
            if (!sheet.path("name").asString().equals("What it is")) {
                assertThat(sheet.path("kind").asString().replace('_', ' '))
                        .isEqualToIgnoringCase(sheet.path("name").asString().replace("Past ", ""));
            }
        }
        assertThat(api.get("/api/sheets-in/template/READINGS.csv").raw().body())
                .isEqualTo("\uFEFFSaw,Day,Figure,Value\r\n");
    }
}
