package yellowtally.server.sheetsin;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import yellowtally.core.measure.DayText;
import yellowtally.server.sheets.Words;

/** Which column is what: guessed from what people call it, and what stands in it. */
class MatchingTest {

    private final KnownColumns known = KnownColumns.shipped();

    @TempDir
    private Path folder;

    private RowFile rows(String... lines) throws IOException {
        RowFile rows = new RowFile(folder.resolve("rows"));
        for (int i = 0; i < lines.length; i++) {
            rows.add(new RowFile.Row(i + 1, List.of(lines[i].split(" *\\| *", -1))));
        }
        return rows;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "SAWS; No. | Maker | Type | ccm | Bought; tag make model displacementCc inService",
                "SAWS; Saw | Bar | Bar tag | Chain | Spark plug; tag barLength bar chain plugCode",
                "SAWS; Remarks | SAW NO. | | make; - tag - make",
                "WORK; Saw | Date | What was done | Tanks since | Groove (mm); saw day step since GROOVE_DEPTH",
                // Of two that mean the same the first is taken.
                "WORK; Tag | Plate | When; saw - day",
                // By the name of the template before any other name.
                "STOCK; Name | Item | Kind; - name kind",
                "PARTS; Part tag | Type | DL | Bar length (in); tag kind driveLinks length",
                "PEOPLE; Who | May do; name role"
            })
    void headingsNameColumns(SheetKind kind, String headings, String fields) {
        assertThat(known.matched(kind, List.of(headings.split(" *\\| *", -1))).stream()
                        .map(field -> field == null ? "-" : field)
                        .toList())
                .isEqualTo(List.of(fields.split(" ")));
    }

    @ParameterizedTest
    @EnumSource(SheetKind.class)
    void everyTemplateIsUnderstoodAsItIs(SheetKind kind) throws IOException {
        List<KnownColumns.KnownColumn> columns = known.of(kind).columns();
        assertThat(known.matched(
                        kind,
                        columns.stream().map(KnownColumns.KnownColumn::heading).toList()))
                .isEqualTo(columns.stream().map(KnownColumns.KnownColumn::field).toList());
        try (RowFile rows = rows(columns.stream()
                .map(KnownColumns.KnownColumn::heading)
                .reduce((one, other) -> one + "|" + other)
                .orElseThrow())) {
            assertThat(Guess.of(rows, known)).isEqualTo(new Guess(kind, 0));
        }
        assertThat(columns).allSatisfy(column -> {
            assertThat(column.says()).isNotBlank();
            // A word list read as a list of answers.
            assertThat(column.also()).doesNotContain("true", "false", "null");
        });
    }

    /** Above the headings stands what people write over a sheet. */
    @Test
    void headingsAreFoundBelowATitle() throws IOException {
        try (RowFile rows =
                rows("Saws of the gang", "counted in November", "No | Make | Type | Bought", "12 | A | B | 2024")) {
            assertThat(Guess.of(rows, known)).isEqualTo(new Guess(SheetKind.SAWS, 2));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "3/4/2026, 25/4/2026, DAY_FIRST",
        "4/25/2026, 3/4/2026, MONTH_FIRST",
        "3/4/2026, 5/6/2026, UNKNOWN",
        "25/4/2026, 4/25/2026, UNKNOWN",
        "2026-04-25, 25.4.2026, UNKNOWN"
    })
    void oneDayAfterTheTwelfthTellsTheOrder(String one, String other, DayText.Order order) throws IOException {
        try (RowFile rows = rows("Saw | Day | Work", "1 | " + one + " | Sharpen", "2 | " + other + " | Sharpen")) {
            assertThat(Matching.guessed(rows, SheetKind.WORK, 0, known).order()).isEqualTo(order);
        }
    }

    /** A bare figure gets the unit of its heading; one with its own keeps it. */
    @ParameterizedTest
    @CsvSource({
        "Shortest cutter (in), 0.26, 0.26 in",
        "Shortest cutter [inches], 1/4, 1/4 in",
        "Shortest cutter (mm), '6,5', '6,5 mm'",
        "Shortest cutter (mm), 0.26 in, 0.26 in",
        "Shortest cutter, 6.5, 6.5",
        "Shortest cutter (tenths), 6.5, 6.5",
        "Shortest cutter (mm), '', ''"
    })
    void aHeadingNamesTheUnit(String heading, String cell, String read) throws IOException {
        try (RowFile rows = rows("Saw | Day | Work | " + heading, "1 | today | Chain look | " + cell)) {
            Matching matching = Matching.guessed(rows, SheetKind.WORK, 0, known);
            Map<String, String> expected = new HashMap<>(Map.of("saw", "1", "day", "today", "step", "Chain look"));
            expected.put("SHORTEST_CUTTER", read);
            assertThat(matching.lines(rows).line(0)).isEqualTo(new Line(2, expected));
        }
    }

    @ParameterizedTest
    @CsvSource({
        ".325, P_325",
        "'0,325', P_325",
        "325\", P_325",
        "3/8, P_3_8",
        "3/8 LP, P_3_8_LOW_PROFILE",
        "3/8\" low profile, P_3_8_LOW_PROFILE",
        "0.404, P_404",
        "38,",
        "half an inch,"
    })
    void pitchesAreReadAsTheyAreWritten(String text, String pitch) {
        SetChoices sets = new SetChoices(Words.ofScreens());
        assertThat(sets.pitches.read(text).map(Enum::name)).isEqualTo(Optional.ofNullable(pitch));
    }

    /** By its words, its beginning where that is enough, or another word for it; never by guessing between two. */
    @ParameterizedTest
    @CsvSource({
        "Full chisel, FULL_CHISEL",
        "full-chisel, FULL_CHISEL",
        "semi, SEMI_CHISEL",
        "LOW_PROFILE, LOW_PROFILE",
        "low pro, LOW_PROFILE",
        "chisel, FULL_CHISEL",
        "lo,",
        "round,"
    })
    void choicesAreReadAsTheyAreWritten(String text, String choice) {
        SetChoices sets = new SetChoices(Words.ofScreens());
        assertThat(sets.profiles.read(text).map(Enum::name)).isEqualTo(Optional.ofNullable(choice));
    }

    @Test
    void columnsAreCalledAsInASpreadsheet() {
        assertThat(Arrays.stream(new int[] {0, 25, 26, 51, 52, 701, 702}).mapToObj(ColumnLetters::of))
                .containsExactly("A", "Z", "AA", "AZ", "BA", "ZZ", "AAA");
    }
}
