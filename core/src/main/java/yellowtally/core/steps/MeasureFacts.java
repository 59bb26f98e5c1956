package yellowtally.core.steps;

import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * All that is to be said of a figure, in its own line.
 *
 * @param step that takes it
 * @param kind what is counted
 * @param min smallest possible figure
 * @param max largest possible figure
 * @param isNeeded whether the step cannot be recorded without it
 * @param cutter whether it is the length of a cutter
 * @param wearing what it tells the wear of; {@code null} when it may go both ways
 * @param isReckoned whether it follows from others and is not asked for
 * @param possible on which saws it can be taken
 */
record MeasureFacts(
        Step step,
        FigureKind kind,
        double min,
        double max,
        boolean isNeeded,
        boolean cutter,
        @Nullable Wearing wearing,
        boolean isReckoned,
        Predicate<SawProfile> possible) {

    private static MeasureFacts of(Step step, FigureKind kind, double min, double max) {
        return new MeasureFacts(step, kind, min, max, false, false, null, false, saw -> true);
    }

    /** Millimetres. */
    static MeasureFacts length(Step step, double min, double max) {
        return of(step, FigureKind.LENGTH, min, max);
    }

    static MeasureFacts count(Step step, double min, double max) {
        return of(step, FigureKind.COUNT, min, max);
    }

    static MeasureFacts days(Step step, double min, double max) {
        return of(step, FigureKind.DAYS, min, max);
    }

    static MeasureFacts percent(Step step, double min, double max) {
        return of(step, FigureKind.PERCENT, min, max);
    }

    static MeasureFacts celsius(Step step, double min, double max) {
        return of(step, FigureKind.CELSIUS, min, max);
    }

    static MeasureFacts turns(Step step, double min, double max) {
        return of(step, FigureKind.TURNS, min, max);
    }

    MeasureFacts needed() {
        return new MeasureFacts(step, kind, min, max, true, cutter, wearing, isReckoned, possible);
    }

    /** Follows from other figures, and is not asked for. */
    MeasureFacts reckoned() {
        return new MeasureFacts(step, kind, min, max, isNeeded, cutter, wearing, true, possible);
    }

    MeasureFacts ofCutter() {
        return new MeasureFacts(step, kind, min, max, isNeeded, true, wearing, isReckoned, possible);
    }

    MeasureFacts wears(Wearing what) {
        return new MeasureFacts(step, kind, min, max, isNeeded, cutter, what, isReckoned, possible);
    }

    MeasureFacts on(Predicate<SawProfile> saws) {
        return new MeasureFacts(step, kind, min, max, isNeeded, cutter, wearing, isReckoned, saws);
    }
}
