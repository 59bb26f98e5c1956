package yellowtally.core.tension;

import yellowtally.core.settings.Numbers;

/** The pull-down that the house aims at on one bar (handbook section 3). */
public final class TensionTarget {

    private TensionTarget() {}

    /**
     * Target pull-down in mm: tang depth × √(S / 400) × work factor, never more than tang depth + 2 mm. A longer bar never
     * gets a smaller target.
     */
    public static double pullDownMm(TensionSubject subject, Numbers settings) {
        double grown = subject.tangDepthMm()
                * Math.sqrt(subject.barLengthMm() / settings.of(TensionSetting.TARGET_REFERENCE_LENGTH))
                * settings.of(subject.work().factor());
        return Math.min(grown, subject.tangDepthMm() + settings.of(TensionSetting.TARGET_MOST_OVER_TANG));
    }

    /** Slack in mm that the target pull-down shows. */
    static double slackMm(TensionSubject subject, Numbers settings) {
        return SlackGeometry.slackOfPull(pullDownMm(subject, settings), subject.barLengthMm());
    }
}
