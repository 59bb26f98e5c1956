package yellowtally.core.steps;

import static yellowtally.core.steps.MeasureFacts.celsius;
import static yellowtally.core.steps.MeasureFacts.count;
import static yellowtally.core.steps.MeasureFacts.days;
import static yellowtally.core.steps.MeasureFacts.length;
import static yellowtally.core.steps.MeasureFacts.percent;
import static yellowtally.core.steps.MeasureFacts.turns;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A figure that a step takes. A figure outside its range is no reading and is refused; the ranges are wide (general
 * practice), so that a worn part is never taken for a slip of the pen.
 */
public enum Measure {
    BAND_THICKNESS(length(Step.BRAKE_BAND, 0.1, 5)),
    GROOVE_DEPTH(length(Step.GROOVE, 1, 15).wears(Wearing.GROOVE)),
    GROOVE_WIDTH(length(Step.GROOVE, 0.8, 4).wears(Wearing.GROOVE_WIDTH)),
    RAIL_DIFFERENCE(length(Step.RAILS, 0, 5).wears(Wearing.RAILS)),
    SHORTEST_CUTTER(length(Step.CHAIN_LOOK, 0.5, 16).ofCutter().wears(Wearing.CUTTERS)),
    SPROCKET_WEAR(length(Step.SPROCKET, 0, 5).wears(Wearing.SPROCKET)),
    STROKES_LEFT(count(Step.SHARPEN, 0, 120).needed()),
    STROKES_RIGHT(count(Step.SHARPEN, 0, 120).needed()),
    /** Cutter lengths as they were found, before the first stroke. */
    LEFT_SHORTEST(length(Step.SHARPEN, 0.5, 16).ofCutter().wears(Wearing.CUTTERS)),
    LEFT_LONGEST(length(Step.SHARPEN, 0.5, 16).ofCutter()),
    RIGHT_SHORTEST(length(Step.SHARPEN, 0.5, 16).ofCutter().wears(Wearing.CUTTERS)),
    RIGHT_LONGEST(length(Step.SHARPEN, 0.5, 16).ofCutter()),
    /** The shortest cutter after the last stroke, where it was measured again. */
    FILED_SHORTEST(length(Step.SHARPEN, 0.5, 16).ofCutter().wears(Wearing.CUTTERS)),
    /** The middle length of each side after the last stroke, where both were measured again. */
    FILED_LEFT(length(Step.SHARPEN, 0.5, 16).ofCutter()),
    FILED_RIGHT(length(Step.SHARPEN, 0.5, 16).ofCutter()),
    /** How deep stone or metal has bitten into the worst cutter. */
    DAMAGE_DEPTH(length(Step.SHARPEN, 0, 6)),
    /** The largest setting of all gauges: it bites most. Taken over from both sides where they were read. */
    GAUGE_SETTING(length(Step.DEPTH_GAUGES, 0, 3).wears(Wearing.GAUGES)),
    /** The smallest setting of all gauges, taken over from both sides. */
    GAUGE_LEAST(length(Step.DEPTH_GAUGES, 0, 3).reckoned()),
    GAUGE_LEFT_LEAST(length(Step.DEPTH_GAUGES, 0, 3)),
    GAUGE_LEFT_MOST(length(Step.DEPTH_GAUGES, 0, 3)),
    GAUGE_RIGHT_LEAST(length(Step.DEPTH_GAUGES, 0, 3)),
    GAUGE_RIGHT_MOST(length(Step.DEPTH_GAUGES, 0, 3)),
    EQUALISED_LENGTH(length(Step.EQUALISE, 0.5, 16).ofCutter().wears(Wearing.CUTTERS)),
    GREASE_PUMPS(count(Step.NOSE_GREASE, 1, 20)),
    FUEL_AGE(days(Step.FILL, 0, 720).on(SawProfile::petrol)),
    /** How cold it is where the saw works today: the grade of the bar oil follows. */
    AIR_TEMPERATURE(celsius(Step.FILL, -50, 50)),
    /** Share of the oil tank still full before filling, percent. */
    OIL_LEFT(percent(Step.FILL, 0, 100)),
    /** How far an adjustable oiler was turned: out, for more, positive. */
    OILER_TURNS(turns(Step.OIL_CARD, -6, 6).on(saw -> saw.oiler() == OilerKind.AUTOMATIC_ADJUSTABLE)),
    /** Presses of a hand bulb until oil came. */
    BULB_PRESSES(count(Step.OIL_CARD, 1, 60).on(saw -> saw.oiler() == OilerKind.HAND_BULB));

    private final MeasureFacts facts;

    Measure(MeasureFacts facts) {
        this.facts = facts;
    }

    /** The step that takes it. */
    public Step step() {
        return facts.step();
    }

    /** What is counted. */
    public FigureKind kind() {
        return facts.kind();
    }

    /** Smallest possible figure. */
    public double min() {
        return facts.min();
    }

    /** Largest possible figure. */
    public double max() {
        return facts.max();
    }

    /** Whether the step cannot be recorded without it. */
    public boolean needed() {
        return facts.isNeeded();
    }

    /** Whether it follows from other figures, so that nobody is asked for it. */
    public boolean reckoned() {
        return facts.isReckoned();
    }

    /** Whether a saw of this kind has it: no fuel age on an electric saw, no adjuster where there is none. */
    public boolean appliesTo(SawProfile saw) {
        return facts.possible().test(saw);
    }

    /** Whether it is the length of a cutter, which is never more than the loop had when new. */
    public boolean ofCutter() {
        return facts.cutter();
    }

    /** What it tells the wear of; {@code null} when it may go both ways. */
    public @Nullable Wearing wearing() {
        return facts.wearing();
    }

    /** Whether the figure is possible: within its range, and whole when it is a count. */
    public boolean possible(double figure) {
        boolean whole = kind() != FigureKind.COUNT || figure == Math.rint(figure);
        return whole && figure >= min() && figure <= max();
    }

    /** The figures of a step on this saw. */
    public static List<Measure> of(Step step, SawProfile saw) {
        return Arrays.stream(values())
                .filter(measure -> measure.step() == step && measure.appliesTo(saw))
                .toList();
    }
}
