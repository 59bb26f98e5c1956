package yellowtally.server.sheetsin;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.measure.DayText;
import yellowtally.server.sheetsin.Outcomes.LineOutcome;
import yellowtally.server.sheetsin.Outcomes.LineState;
import yellowtally.server.support.TakesFiles;
import yellowtally.server.support.Violations;

/** Sheets are brought, matched, tried, and brought in. */
@RestController
class SheetsInController {

    private static final String ADDRESS = "/api/sheets-in";
    private static final int SHOWN_ROWS = 24;
    private static final int MOST_OUTCOMES = 200;
    private static final int LONGEST_NAME = 120;

    private final SheetsIn sheetsIn;

    SheetsInController(SheetsIn sheetsIn) {
        this.sheetsIn = sheetsIn;
    }

    /** A kind of sheet and the columns that it may have. */
    record SheetKindView(SheetKind kind, String called, String says, int most, List<KnownColumnView> columns) {}

    /** A column that a sheet may have; {@code measured} where a unit may stand behind its figures. */
    record KnownColumnView(String field, String heading, String says, boolean required, boolean measured) {}

    /** A file that was read. */
    record FoundFile(UUID fileId, String name, List<FoundSheetView> sheets) {}

    /**
     * A sheet of it.
     *
     * @param rows how many rows say something
     * @param kind what it seems to hold
     * @param headings number of the row with the headings, from 0
     * @param first its first rows
     */
    record FoundSheetView(String name, int rows, SheetKind kind, int headings, List<FoundRow> first) {}

    /** A row of a file, and where it stands in it. */
    record FoundRow(int line, List<String> cells) {}

    /** How the columns of a sheet are read: for each its field, or "", and its unit, or "". */
    record SheetMatch(List<String> columns, List<String> units, DayText.Order order) {}

    /**
     * What is to be done with a sheet.
     *
     * @param forReal whether it is brought in, if all lines can be
     */
    record NewSheetRun(
            UUID id,
            int sheet,
            SheetKind kind,
            int headings,
            List<String> columns,
            List<String> units,
            DayText.Order order,
            boolean leaveOutKnown,
            boolean forReal) {}

    /** Somebody stops what is under way. */
    record StopSheetRun(UUID id) {}

    /**
     * How far it is.
     *
     * @param runId of the write that began it
     * @param sentence why it could not be done; absent where it could
     */
    record SheetRunView(
            UUID runId,
            SheetRun.RunState state,
            int sheet,
            boolean forReal,
            int lines,
            int done,
            int good,
            int wrong,
            int leftOut,
            @Nullable String sentence) {}

    /** What came of some lines. */
    record OutcomePage(List<LineOutcome> lines) {}

    @GetMapping(ADDRESS + "/kinds")
    List<SheetKindView> kinds() {
        return Arrays.stream(SheetKind.values()).map(this::view).toList();
    }

    private SheetKindView view(SheetKind kind) {
        KnownColumns.Known known = sheetsIn.known().of(kind);
        return new SheetKindView(
                kind,
                known.called(),
                known.says(),
                kind.most(),
                known.columns().stream()
                        .map(column -> new KnownColumnView(
                                column.field(), column.heading(), column.says(), column.required(), column.measured()))
                        .toList());
    }

    /** The body is the file. */
    @PostMapping(ADDRESS)
    FoundFile take(@RequestParam UUID id, @RequestParam String name, HttpServletRequest request) throws IOException {
        String called = Violations.onlyText("name", name, LONGEST_NAME);
        return view(sheetsIn.take(id, called, TakesFiles.file(request)));
    }

    /** A file that was brought, for a page that is opened again. */
    @GetMapping(ADDRESS + "/{fileId}")
    FoundFile found(@PathVariable UUID fileId) throws IOException {
        return view(sheetsIn.find(fileId));
    }

    private FoundFile view(SheetsIn.InHand file) throws IOException {
        List<FoundSheetView> sheets = new ArrayList<>();
        for (FoundSheet sheet : file.sheets()) {
            Guess guess = Guess.of(sheet.rows(), sheetsIn.known());
            List<FoundRow> first = new ArrayList<>();
            for (int row = 0; row < Math.min(SHOWN_ROWS, sheet.rows().size()); row++) {
                RowFile.Row read = sheet.rows().row(row);
                first.add(new FoundRow(read.line(), read.cells()));
            }
            sheets.add(new FoundSheetView(
                    sheet.name(), sheet.rows().size(), guess.kind(), guess.headings(), List.copyOf(first)));
        }
        return new FoundFile(file.id(), file.name(), List.copyOf(sheets));
    }

    /** How the columns of a sheet seem to be meant, if it holds this and its headings stand there. */
    @GetMapping(ADDRESS + "/{fileId}/match")
    SheetMatch match(
            @PathVariable UUID fileId,
            @RequestParam int sheet,
            @RequestParam SheetKind kind,
            @RequestParam int headings)
            throws IOException {
        RowFile rows = sheetsIn.find(fileId).sheet(sheet).rows();
        Matching guessed = Matching.guessed(rows, kind, Math.max(0, headings), sheetsIn.known());
        return new SheetMatch(guessed.columns(), guessed.units(), guessed.order());
    }

    @PostMapping(ADDRESS + "/{fileId}/run")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void run(@PathVariable UUID fileId, @RequestBody NewSheetRun given) throws IOException {
        sheetsIn.begin(
                given.id(),
                fileId,
                new SheetRun.Asked(
                        given.sheet(),
                        new Matching(
                                given.kind(),
                                given.headings(),
                                List.copyOf(given.columns()),
                                List.copyOf(given.units()),
                                given.order()),
                        given.leaveOutKnown(),
                        given.forReal()));
    }

    @GetMapping(ADDRESS + "/{fileId}/run")
    SheetRunView run(@PathVariable UUID fileId) {
        SheetRun run = sheetsIn.find(fileId).run();
        // Before what was counted: a run that has ended is counted to its end.
        SheetRun.RunState state = run.state();
        Outcomes outcomes = run.outcomes();
        return new SheetRunView(
                run.id(),
                state,
                run.asked().sheet(),
                run.asked().forReal(),
                run.lines().size(),
                outcomes.count(),
                outcomes.count(LineState.GOOD),
                outcomes.count(LineState.WRONG),
                outcomes.count(LineState.LEFT_OUT),
                run.sentence());
    }

    /** What came of each line, in the order of the sheet. */
    @GetMapping(ADDRESS + "/{fileId}/lines")
    OutcomePage lines(
            @PathVariable UUID fileId,
            @RequestParam(defaultValue = "0") int from,
            @RequestParam(defaultValue = "false") boolean wrong)
            throws IOException {
        return new OutcomePage(sheetsIn.find(fileId).run().outcomes().page(Math.max(0, from), MOST_OUTCOMES, wrong));
    }

    @PostMapping(ADDRESS + "/{fileId}/stop")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop(@PathVariable UUID fileId, @RequestBody StopSheetRun given) {
        sheetsIn.stop(fileId);
    }

    /** A sheet may be this long; what cannot be a sheet of a fleet is not read at all. */
    @Component
    static class TakesSheets extends TakesFiles {

        TakesSheets() {
            super(ADDRESS, 30L * 1024 * 1024);
        }
    }
}
