package yellowtally.core.steps;

import java.util.Arrays;
import java.util.List;

/**
 * A figure that a step takes. A figure outside its range is no reading and is refused; the ranges are wide (general
 * practice), so that a worn part is never taken for a slip of the pen.
 */
public enum Measure {
    BAND_THICKNESS(Step.BRAKE_BAND, FigureKind.LENGTH, 0.1, 5, false),
    GROOVE_DEPTH(Step.GROOVE, FigureKind.LENGTH, 1, 15, false),
    GROOVE_WIDTH(Step.GROOVE, FigureKind.LENGTH, 0.8, 4, false),
    RAIL_DIFFERENCE(Step.RAILS, FigureKind.LENGTH, 0, 5, false),
    SHORTEST_CUTTER(Step.CHAIN_LOOK, FigureKind.LENGTH, 0.5, 16, false),
    SPROCKET_WEAR(Step.SPROCKET, FigureKind.LENGTH, 0, 5, false),
    STROKES_LEFT(Step.SHARPEN, FigureKind.COUNT, 0, 60, true),
    STROKES_RIGHT(Step.SHARPEN, FigureKind.COUNT, 0, 60, true),
    /** Cutter lengths as they were found, before the first stroke. */
    LEFT_SHORTEST(Step.SHARPEN, FigureKind.LENGTH, 0.5, 16, false),
    LEFT_LONGEST(Step.SHARPEN, FigureKind.LENGTH, 0.5, 16, false),
    RIGHT_SHORTEST(Step.SHARPEN, FigureKind.LENGTH, 0.5, 16, false),
    RIGHT_LONGEST(Step.SHARPEN, FigureKind.LENGTH, 0.5, 16, false),
    /** How deep stone or metal has bitten into the worst cutter. */
    DAMAGE_DEPTH(Step.SHARPEN, FigureKind.LENGTH, 0, 6, false),
    GAUGE_SETTING(Step.DEPTH_GAUGES, FigureKind.LENGTH, 0, 3, true),
    EQUALISED_LENGTH(Step.EQUALISE, FigureKind.LENGTH, 0.5, 16, false),
    GREASE_PUMPS(Step.NOSE_GREASE, FigureKind.COUNT, 1, 20, false),
    FUEL_AGE(Step.FILL, FigureKind.DAYS, 0, 720, false),
    /** Share of the oil tank still full before filling, percent. */
    OIL_LEFT(Step.FILL, FigureKind.PERCENT, 0, 100, false),
    /** How far an adjustable oiler was turned: out, for more, positive. */
    OILER_TURNS(Step.OIL_CARD, FigureKind.TURNS, -6, 6, false),
    /** Presses of a hand bulb until oil came. */
    BULB_PRESSES(Step.OIL_CARD, FigureKind.COUNT, 1, 60, false);

    private final Step step;
    private final FigureKind kind;
    private final double min;
    private final double max;
    private final boolean needed;

    Measure(Step step, FigureKind kind, double min, double max, boolean needed) {
        this.step = step;
        this.kind = kind;
        this.min = min;
        this.max = max;
        this.needed = needed;
    }

    /** The step that takes it. */
    public Step step() {
        return step;
    }

    /** What is counted. */
    public FigureKind kind() {
        return kind;
    }

    /** Smallest possible figure. */
    public double min() {
        return min;
    }

    /** Largest possible figure. */
    public double max() {
        return max;
    }

    /** Whether the step cannot be recorded without it. */
    public boolean needed() {
        return needed;
    }

    /** Whether a saw of this kind has it: no fuel age on an electric saw, no adjuster where there is none. */
    public boolean appliesTo(SawProfile saw) {
        return switch (this) {
            case FUEL_AGE -> saw.petrol();
            case OILER_TURNS -> saw.oiler() == OilerKind.AUTOMATIC_ADJUSTABLE;
            case BULB_PRESSES -> saw.oiler() == OilerKind.HAND_BULB;
            default -> true;
        };
    }

    /** Whether it is the length of a cutter, which is never more than the loop had when new. */
    public boolean ofCutter() {
        return switch (this) {
            case SHORTEST_CUTTER, EQUALISED_LENGTH, LEFT_SHORTEST, LEFT_LONGEST, RIGHT_SHORTEST, RIGHT_LONGEST -> true;
            default -> false;
        };
    }

    /** Whether the figure is possible: within its range, and whole when it is a count. */
    public boolean possible(double figure) {
        boolean whole = kind != FigureKind.COUNT || figure == Math.rint(figure);
        return whole && figure >= min && figure <= max;
    }

    /** The figures of a step on this saw. */
    public static List<Measure> of(Step step, SawProfile saw) {
        return Arrays.stream(values())
                .filter(measure -> measure.step == step && measure.appliesTo(saw))
                .toList();
    }
}
