package yellowtally.core.tension;

import yellowtally.core.settings.Numbers;

/** The pull-down that the house aims at on one bar (handbook section 3). */
public final class TensionTarget {

    private TensionTarget() {}

    /**
     * Target pull-down in mm: the smaller of tang depth × √(S / 400) and tang depth + 2 mm, times the work factor. A longer
     * bar never gets a smaller target; limbing stays tighter than bucking on every bar.
     */
    public static double pullDownMm(TensionSubject subject, Numbers settings) {
        double grown = subject.tangDepthMm()
                * Math.sqrt(subject.barLengthMm() / settings.of(TensionSetting.TARGET_REFERENCE_LENGTH));
        double most = subject.tangDepthMm() + settings.of(TensionSetting.TARGET_MOST_OVER_TANG);
        return Math.min(grown, most) * settings.of(subject.work().factor());
    }

    /** Slack in mm that the target pull-down shows. */
    static double slackMm(TensionSubject subject, Numbers settings) {
        return SlackGeometry.slackOfPull(pullDownMm(subject, settings), subject.barLengthMm());
    }
}
