package yellowtally.server.sheetsin;

import java.io.Closeable;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.sheetsin.Outcomes.LineFault;
import yellowtally.server.sheetsin.Outcomes.LineOutcome;
import yellowtally.server.sheetsin.Outcomes.LineState;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Sentences;

/** One way through a sheet: tried, or brought in. */
final class SheetRun implements Bringer.Report, Closeable {

    /** Of what was brought in before, or typed. */
    private static final Set<String> HERE_ALREADY = Set.of(
            "person.taken",
            "person.takenLeft",
            "crew.taken",
            "crew.takenLeft",
            "stock.taken",
            "part.taken",
            "saw.taken",
            "pastUse.told",
            "saw.tagKept",
            "past.toldAlready");

    /** How far it is. */
    enum RunState {
        UNDER_WAY,
        /** Tried: all lines can be brought in. */
        TRIED,
        /** Lines are wrong, and nothing was stored. */
        WRONG,
        BROUGHT_IN,
        /** Somebody stopped it, and nothing was stored. */
        STOPPED,
        /** It could not be done, and nothing was stored. */
        FAILED
    }

    /** Somebody stops it. */
    static final class Stopped extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    private final UUID id;
    private final Asked asked;
    private final FoundSheet sheet;
    private final Sentences sentences;
    private final SheetFile.Rows scratch;
    private volatile Outcomes outcomes;
    private volatile RunState state = RunState.UNDER_WAY;
    private volatile @Nullable String sentence;
    private volatile boolean stop;
    private Runnable between = () -> {};

    /**
     * What is to be done with a sheet.
     *
     * @param leaveOutKnown whether what is here already is left out instead of being wrong
     * @param forReal whether it is brought in, if all lines can be
     */
    record Asked(int sheet, Matching matching, boolean leaveOutKnown, boolean forReal) {}

    SheetRun(UUID id, Asked asked, FoundSheet sheet, Sentences sentences, SheetFile.Rows scratch) throws IOException {
        this.id = id;
        this.asked = asked;
        this.sheet = sheet;
        this.sentences = sentences;
        this.scratch = scratch;
        this.outcomes = new Outcomes(scratch.next());
    }

    /** Of the write that began it. */
    UUID id() {
        return id;
    }

    Asked asked() {
        return asked;
    }

    Bringer.Lines lines() {
        return asked.matching().lines(sheet.rows());
    }

    /**
     * From the first line on: what was tried before was taken back.
     *
     * @param between what is done between the lines; may end the work by what it throws
     */
    void begins(Runnable between) throws IOException {
        this.between = between;
        if (outcomes.count() > 0) {
            Outcomes before = outcomes;
            outcomes = new Outcomes(scratch.next());
            before.close();
        }
    }

    @Override
    public void good(Line line, String says) {
        add(new LineOutcome(line.number(), LineState.GOOD, says, List.of()));
    }

    /** The same once more, when all was told already: it can still be stopped, and what is wrong only now ends it. */
    Bringer.Report again() {
        return new Bringer.Report() {
            @Override
            public void good(Line line, String says) {
                goOn();
            }

            @Override
            public void wrong(Line line, List<Refusal.Fault> faults) {
                goOn();
                if (!leftOut(faults)) {
                    throw Refusal.conflict("", "race");
                }
            }
        };
    }

    private boolean leftOut(List<Refusal.Fault> faults) {
        return asked.leaveOutKnown() && faults.stream().allMatch(fault -> HERE_ALREADY.contains(fault.code()));
    }

    @Override
    public void wrong(Line line, List<Refusal.Fault> faults) {
        add(new LineOutcome(
                line.number(),
                leftOut(faults) ? LineState.LEFT_OUT : LineState.WRONG,
                "",
                faults.stream().map(this::said).toList()));
    }

    private LineFault said(Refusal.Fault fault) {
        try {
            return new LineFault(asked.matching().called(fault.field(), sheet.rows()), sentences.of(fault));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void add(LineOutcome outcome) {
        try {
            outcomes.add(outcome);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        goOn();
    }

    private void goOn() {
        between.run();
        if (stop) {
            throw new Stopped();
        }
    }

    /** Ends it before its next line. */
    void stop() {
        stop = true;
    }

    void ends(RunState with, @Nullable String why) {
        sentence = why;
        state = with;
    }

    RunState state() {
        return state;
    }

    @Nullable
    String sentence() {
        return sentence;
    }

    Outcomes outcomes() {
        return outcomes;
    }

    @Override
    public void close() throws IOException {
        outcomes.close();
    }
}
