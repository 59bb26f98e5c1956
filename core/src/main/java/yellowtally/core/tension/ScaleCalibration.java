package yellowtally.core.tension;

import java.util.List;
import java.util.Optional;
import yellowtally.core.settings.Numbers;

/**
 * Replaces the estimated place of a method on the common scale by what two methods read on one saw without touching the
 * adjuster in between (handbook section 3).
 */
public final class ScaleCalibration {

    private ScaleCalibration() {}

    /** The setting that a method's calibration changes; none for methods whose place is no estimate. */
    public static Optional<TensionSetting> settingOf(TensionMethod method) {
        return switch (method) {
            case RAIL_TOUCH -> Optional.of(TensionSetting.SCALE_RAIL);
            case TWELFTH_PAST_TOUCH -> Optional.of(TensionSetting.SCALE_TWELFTH);
            default -> Optional.empty();
        };
    }

    /**
     * The share of the target that one pair of readings gives.
     *
     * @param figure the reading by the method to calibrate, a {@link TensionReading.RailGap} or {@link
     *     TensionReading.PastTouch}
     * @param pullDownMm the pull-down of the same chain
     * @return the share, or empty when the pair cannot belong together or the figure carries too little (an angle under a
     *     third of the aim)
     */
    public static Optional<Double> share(
            TensionReading figure, double pullDownMm, TensionSubject subject, Numbers settings) {
        double target = TensionTarget.pullDownMm(subject, settings);
        double share;
        if (figure instanceof TensionReading.RailGap gap) {
            double slack = SlackGeometry.slackOfPull(pullDownMm, subject.barLengthMm())
                    - SlackGeometry.slackOfSag(gap.mm(), subject.barLengthMm());
            share = SlackGeometry.pullOfSlack(slack, subject.barLengthMm()) / target;
        } else if (figure instanceof TensionReading.PastTouch past) {
            double aim = settings.of(TensionSetting.TWELFTH_AIM);
            if (past.degrees() < aim / 3) {
                return Optional.empty();
            }
            double touch = settings.of(TensionSetting.SCALE_RAIL);
            share = touch - (touch - pullDownMm / target) * aim / past.degrees();
        } else {
            return Optional.empty();
        }
        TensionSetting setting = settingOf(figure.method()).orElseThrow();
        return share >= setting.min() && share <= setting.max() ? Optional.of(share) : Optional.empty();
    }

    /** The median of the shares found so far; with an even count the mean of the middle two. */
    public static double settled(List<Double> shares) {
        List<Double> sorted = shares.stream().sorted().toList();
        int middle = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(middle) : (sorted.get(middle - 1) + sorted.get(middle)) / 2;
    }
}
