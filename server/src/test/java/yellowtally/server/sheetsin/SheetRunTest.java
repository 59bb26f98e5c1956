package yellowtally.server.sheetsin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import yellowtally.core.measure.DayText;
import yellowtally.server.sheetsin.Outcomes.LineState;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Refusal.Fault;
import yellowtally.server.support.Sentences;

/** What a run tells of its lines, and what ends it. */
class SheetRunTest {

    private static final Line LINE = new Line(2, Map.of("saw", "12"));
    private static final List<Fault> KNOWN = List.of(Fault.of("day", "past.toldAlready"));
    private static final List<Fault> WRONG =
            List.of(Fault.of("day", "past.toldAlready"), Fault.of("saw", "line.noSaw", "12"));

    private final Sentences sentences = mock(Sentences.class);

    @TempDir
    private Path folder;

    private FoundSheet sheet;
    private SheetRun run;

    private RowFile rows() throws IOException {
        return new RowFile(Files.createTempFile(folder, "", ""));
    }

    @BeforeEach
    void sheet() throws IOException {
        when(sentences.of(any())).thenReturn("No.");
        sheet = new FoundSheet("Book", rows());
        sheet.rows().add(new RowFile.Row(1, List.of("Saw", "Day", "Work")));
        sheet.rows().add(new RowFile.Row(2, List.of("12", "today", "Sharpen")));
        run = run(true);
    }

    @AfterEach
    void close() throws IOException {
        run.close();
        sheet.rows().close();
    }

    private SheetRun run(boolean leaveOutKnown) throws IOException {
        Matching matching = new Matching(
                SheetKind.WORK, 0, List.of("saw", "day", "step"), List.of("", "", ""), DayText.Order.UNKNOWN);
        return new SheetRun(
                UUID.randomUUID(), new SheetRun.Asked(0, matching, leaveOutKnown, true), sheet, sentences, this::rows);
    }

    /** What is here already is left out only where that was asked for, and only where nothing else is wrong with it. */
    @Test
    void onlyWhatIsHereAlreadyIsLeftOut() throws IOException {
        run.wrong(LINE, KNOWN);
        run.wrong(LINE, WRONG);
        assertThat(run.outcomes().count(LineState.LEFT_OUT)).isEqualTo(1);
        assertThat(run.outcomes().count(LineState.WRONG)).isEqualTo(1);
        assertThat(run.outcomes().page(0, 10, true).get(0).faults())
                .extracting(Outcomes.LineFault::column)
                .containsExactly("B, Day", "A, Saw");
        try (SheetRun strict = run(false)) {
            strict.wrong(LINE, KNOWN);
            assertThat(strict.outcomes().count(LineState.WRONG)).isEqualTo(1);
        }
    }

    /** Somebody retired its saw after it was judged: nothing of the sheet comes in, and not all but that. */
    @Test
    void whatIsWrongOnlyNowEndsIt() {
        Bringer.Report again = run.again();
        again.good(LINE, "");
        again.wrong(LINE, KNOWN);
        assertThatThrownBy(() -> again.wrong(LINE, WRONG))
                .isInstanceOfSatisfying(
                        Refusal.class, race -> assertThat(race.faults()).containsExactly(Fault.of("", "race")));
        assertThat(run.outcomes().count()).as("it was told before").isZero();
    }

    @Test
    void itIsStoppedBetweenTwoLines() {
        run.good(LINE, "Right.");
        run.stop();
        assertThatThrownBy(() -> run.good(LINE, "Right.")).isInstanceOf(SheetRun.Stopped.class);
        assertThatThrownBy(() -> run.again().good(LINE, "Right.")).isInstanceOf(SheetRun.Stopped.class);
    }
}
