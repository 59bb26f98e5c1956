package yellowtally.core.tension;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import yellowtally.core.settings.Numbers;

/**
 * One scale for all methods on one bar: every reading and every method's own aim is placed by its equivalent light
 * pull-down in mm (handbook section 3). The places of rail touch and twelfth past touch are estimates until calibrated,
 * see {@link ScaleCalibration}.
 *
 * @param targetMm target pull-down on this bar
 * @param endMm where the drawn scale ends
 * @param bands what the judged method calls each stretch, from tight to slack, without gaps
 * @param marks the aim of each method, in order of place
 */
public record CommonScale(double targetMm, double endMm, List<Band> bands, List<Mark> marks) {

    /** A stretch of the scale that gets one outcome. */
    public record Band(TensionOutcome outcome, double fromMm, double toMm) {}

    /** Where a method's aim lies. */
    public record Mark(TensionMethod method, double placeMm, boolean estimated) {}

    /** The scale for this bar and work with the bands of {@code judged}. */
    public static CommonScale of(TensionSubject subject, TensionMethod judged, Numbers settings) {
        double target = TensionTarget.pullDownMm(subject, settings);
        double end = throwRiskFromMm(subject, settings) * 1.3;
        List<Mark> marks = new ArrayList<>();
        for (TensionMethod method : TensionMethod.values()) {
            boolean estimated = (method == TensionMethod.TWELFTH_PAST_TOUCH
                            && !settings.changed().containsKey(TensionSetting.SCALE_TWELFTH))
                    || (method == TensionMethod.RAIL_TOUCH
                            && !settings.changed().containsKey(TensionSetting.SCALE_RAIL));
            marks.add(new Mark(method, aimPlaceMm(method, subject, settings), estimated));
        }
        marks.sort(Comparator.comparingDouble(Mark::placeMm));
        return new CommonScale(target, end, bands(subject, judged, settings, end), List.copyOf(marks));
    }

    /** Where the aim of a method lies, mm of equivalent pull-down. */
    static double aimPlaceMm(TensionMethod method, TensionSubject subject, Numbers settings) {
        return placeMm(method, aimFigure(method, subject, settings), subject, settings);
    }

    /** The figure to aim at, in the method's own unit. */
    static double aimFigure(TensionMethod method, TensionSubject subject, Numbers settings) {
        return switch (method) {
            case TANG_LINE, LIFT_AND_SNAP -> TensionTarget.pullDownMm(subject, settings);
            case RAIL_TOUCH -> 0;
            case COIN_GAP -> coinMm(TensionSetting.COIN_THICKNESS, subject, settings);
            case TWELFTH_PAST_TOUCH -> settings.of(TensionSetting.TWELFTH_AIM);
        };
    }

    /**
     * A border of the coin band on this bar, mm: like the pull it grows with the root of the bar's length, and never lies below
     * its own (est.).
     */
    static double coinMm(TensionSetting border, TensionSubject subject, Numbers settings) {
        double reference = settings.of(TensionSetting.TARGET_REFERENCE_LENGTH);
        return settings.of(border) * Math.max(1, Math.sqrt(subject.barLengthMm() / reference));
    }

    /** The equivalent pull-down in mm of a figure read by a method; grows with slack for every method. */
    static double placeMm(TensionMethod method, double figure, TensionSubject subject, Numbers settings) {
        double target = TensionTarget.pullDownMm(subject, settings);
        double touch = settings.of(TensionSetting.SCALE_RAIL) * target;
        return switch (method) {
            case TANG_LINE, LIFT_AND_SNAP, COIN_GAP -> figure;
            // Slack adds up: what a light pull still shows at touch, and what the sag shows without one.
            case RAIL_TOUCH ->
                SlackGeometry.pullOfSlack(
                        SlackGeometry.slackOfPull(touch, subject.barLengthMm())
                                + SlackGeometry.slackOfSag(figure, subject.barLengthMm()),
                        subject.barLengthMm());
            // Between touch and a twelfth past it, and on, in proportion to the angle (est.).
            case TWELFTH_PAST_TOUCH -> {
                double twelfth = settings.of(TensionSetting.SCALE_TWELFTH) * target;
                yield Math.max(0, touch - (touch - twelfth) * figure / settings.of(TensionSetting.TWELFTH_AIM));
            }
        };
    }

    /**
     * The pull-down from which any method's reading is a throw risk. The handbook gives the ratio for the pulled methods;
     * the same slack throws the chain however it was read, so the other methods inherit it.
     */
    static double throwRiskFromMm(TensionSubject subject, Numbers settings) {
        return TensionTarget.pullDownMm(subject, settings) * Math.sqrt(settings.of(TensionSetting.RATIO_THROW));
    }

    private static List<Band> bands(TensionSubject subject, TensionMethod judged, Numbers settings, double end) {
        double target = TensionTarget.pullDownMm(subject, settings);
        double thrown = throwRiskFromMm(subject, settings);
        BandRow row = new BandRow();
        switch (judged) {
            case TANG_LINE, LIFT_AND_SNAP -> {
                row.to(TensionOutcome.TOO_TIGHT, target * Math.sqrt(settings.of(TensionSetting.RATIO_TOO_TIGHT)));
                row.to(TensionOutcome.FIRM, target * Math.sqrt(settings.of(TensionSetting.RATIO_FIRM)));
                row.to(TensionOutcome.RIGHT, target * Math.sqrt(settings.of(TensionSetting.RATIO_RIGHT)));
            }
            case RAIL_TOUCH -> {
                row.to(TensionOutcome.FIRM, placeMm(judged, 0, subject, settings));
                row.to(
                        TensionOutcome.RIGHT,
                        placeMm(judged, settings.of(TensionSetting.RAIL_GOOD_TO), subject, settings));
                // Tips hang clear of the groove once the sag passes the tang depth: that is a throw risk by itself.
                thrown = Math.min(thrown, placeMm(judged, subject.tangDepthMm(), subject, settings));
            }
            case COIN_GAP -> {
                row.to(TensionOutcome.TOO_TIGHT, coinMm(TensionSetting.COIN_TOO_TIGHT, subject, settings));
                row.to(TensionOutcome.FIRM, coinMm(TensionSetting.COIN_GOOD_FROM, subject, settings));
                row.to(TensionOutcome.RIGHT, coinMm(TensionSetting.COIN_GOOD_TO, subject, settings));
            }
            case TWELFTH_PAST_TOUCH -> {
                row.to(TensionOutcome.TOO_TIGHT, place(judged, TensionSetting.TWELFTH_TOO_TIGHT, subject, settings));
                row.to(TensionOutcome.FIRM, place(judged, TensionSetting.TWELFTH_GOOD_TO, subject, settings));
                row.to(TensionOutcome.RIGHT, place(judged, TensionSetting.TWELFTH_GOOD_FROM, subject, settings));
            }
        }
        row.to(TensionOutcome.LOOSE, thrown);
        row.to(TensionOutcome.THROW_RISK, end);
        return List.copyOf(row.bands);
    }

    private static double place(TensionMethod method, TensionSetting figure, TensionSubject subject, Numbers settings) {
        return placeMm(method, settings.of(figure), subject, settings);
    }

    /** Lays bands end to end; a band that would be empty is left out. */
    private static final class BandRow {
        private final List<Band> bands = new ArrayList<>();
        private double reached;

        void to(TensionOutcome outcome, double toMm) {
            if (toMm > reached) {
                bands.add(new Band(outcome, reached, toMm));
                reached = toMm;
            }
        }
    }
}
