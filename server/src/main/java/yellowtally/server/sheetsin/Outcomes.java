package yellowtally.server.sheetsin;

import java.io.Closeable;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** What came of each line of a sheet, told in the order of the sheet, however the lines were gone through. */
final class Outcomes implements Closeable {

    /** What came of a line. */
    enum LineState {
        GOOD,
        WRONG,
        /** It is here already. */
        LEFT_OUT
    }

    /** What is wrong with a line, and in which column; "" where it is no single one. */
    record LineFault(String column, String sentence) {}

    /** A line and what came of it; {@code says} is "" where it is wrong. */
    record LineOutcome(int line, LineState state, String says, List<LineFault> faults) {}

    private final RowFile rows;
    private final List<Integer> lines = new ArrayList<>();
    private final List<LineState> states = new ArrayList<>();
    private final Map<LineState, Integer> counts = new EnumMap<>(LineState.class);
    private int[] inOrder = {};

    Outcomes(RowFile rows) {
        this.rows = rows;
    }

    synchronized void add(LineOutcome outcome) throws IOException {
        List<String> cells = new ArrayList<>(List.of(outcome.state().name(), outcome.says()));
        for (LineFault fault : outcome.faults()) {
            cells.add(fault.column());
            cells.add(fault.sentence());
        }
        rows.add(new RowFile.Row(outcome.line(), cells));
        lines.add(outcome.line());
        states.add(outcome.state());
        counts.merge(outcome.state(), 1, Integer::sum);
    }

    synchronized int count(LineState state) {
        return counts.getOrDefault(state, 0);
    }

    synchronized int count() {
        return states.size();
    }

    /** Some of the lines, in their order. */
    synchronized List<LineOutcome> page(int from, int most, boolean onlyWrong) throws IOException {
        if (inOrder.length != lines.size()) {
            inOrder = IntStream.range(0, lines.size())
                    .boxed()
                    .sorted(Comparator.comparing(lines::get))
                    .mapToInt(Integer::intValue)
                    .toArray();
        }
        int[] page = Arrays.stream(inOrder)
                .filter(row -> !onlyWrong || states.get(row) == LineState.WRONG)
                .skip(from)
                .limit(most)
                .toArray();
        List<LineOutcome> found = new ArrayList<>();
        for (int row : page) {
            found.add(outcome(rows.row(row)));
        }
        return found;
    }

    private static LineOutcome outcome(RowFile.Row row) {
        List<String> cells = row.cells();
        List<LineFault> faults = new ArrayList<>();
        for (int i = 2; i + 1 < cells.size(); i += 2) {
            faults.add(new LineFault(cells.get(i), cells.get(i + 1)));
        }
        return new LineOutcome(row.line(), LineState.valueOf(cells.get(0)), cells.get(1), List.copyOf(faults));
    }

    @Override
    public void close() throws IOException {
        rows.close();
    }
}
