package yellowtally.core.tension;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/**
 * How fast a chain takes up, against its own past and against its sisters (handbook section 3: much faster means worn
 * sprocket, loose nuts or dry running).
 *
 * @param state what can be said
 * @param recentMmPerTank growth per tank over the recent readings; absent with too few
 * @param pastMmPerTank the same before that, first tank left out; absent with too few
 * @param sistersMmPerTank median of the sisters; absent with too few
 */
public record TakeUp(
        State state,
        @Nullable Double recentMmPerTank,
        @Nullable Double pastMmPerTank,
        @Nullable Double sistersMmPerTank) {

    /** What can be said of a chain's pace. */
    public enum State {
        TOO_FEW_READINGS,
        STEADY,
        FASTER_THAN_ITS_PAST,
        FASTER_THAN_ITS_SISTERS
    }

    /**
     * One check of a chain.
     *
     * @param tanks tanks burned with it since new
     * @param growthMm growth since new
     */
    public record Point(double tanks, double growthMm) {}

    /**
     * Judges the pace.
     *
     * @param points checks in order of time
     * @param sisterPaces paces of the loops of the same pitch, this one among them or not
     */
    public static TakeUp of(List<Point> points, SisterPaces sisterPaces, Numbers settings) {
        double beddedIn = settings.of(TensionSetting.TAKE_UP_BEDDING_IN);
        int recentReadings = (int) settings.of(TensionSetting.TAKE_UP_READINGS);
        List<Point> run = points.stream().filter(p -> p.tanks() >= beddedIn).toList();
        Double sisters = sisterPaces.medianWithout(rate(points), settings);
        if (run.size() <= recentReadings) {
            return new TakeUp(State.TOO_FEW_READINGS, null, null, sisters);
        }
        int turn = run.size() - recentReadings;
        Double recent = rate(run.subList(turn - 1, run.size()));
        Double past = turn < 2 ? null : rate(run.subList(0, turn));
        if (recent == null) {
            return new TakeUp(State.TOO_FEW_READINGS, null, past, sisters);
        }
        double grown = run.get(run.size() - 1).growthMm() - run.get(turn - 1).growthMm();
        double factor = settings.of(TensionSetting.TAKE_UP_FAST);
        State state = State.STEADY;
        if (grown >= settings.of(TensionSetting.TAKE_UP_LEAST)) {
            if (past != null && recent >= factor * past) {
                state = State.FASTER_THAN_ITS_PAST;
            } else if (sisters != null && recent >= factor * sisters) {
                state = State.FASTER_THAN_ITS_SISTERS;
            }
        }
        return new TakeUp(state, recent, past, sisters);
    }

    /** Growth per tank from first to last point; {@code null} when no tank was burned between them. */
    public static @Nullable Double rate(List<Point> points) {
        if (points.size() < 2) {
            return null;
        }
        Point first = points.get(0);
        Point last = points.get(points.size() - 1);
        double tanks = last.tanks() - first.tanks();
        return tanks <= 0 ? null : (last.growthMm() - first.growthMm()) / tanks;
    }
}
