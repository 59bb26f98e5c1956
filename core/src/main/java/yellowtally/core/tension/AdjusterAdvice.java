package yellowtally.core.tension;

import yellowtally.core.settings.Numbers;

/** How far to turn the adjuster (handbook section 3): moving the bar by x takes up 2·x of loop. */
final class AdjusterAdvice {

    /** The smallest step a hand makes, in turns. */
    static final double SMALLEST_STEP = 1.0 / 12;

    private AdjusterAdvice() {}

    /** Turns that bring the reading to its aim, in positive, out negative. Followed exactly, the next reading is the aim. */
    static double turns(
            TensionReading reading, TensionSubject subject, double slackMm, double aimSlackMm, Numbers settings) {
        if (reading instanceof TensionReading.PastTouch past) {
            return (settings.of(TensionSetting.TWELFTH_AIM) - past.degrees()) / 360;
        }
        return (slackMm - aimSlackMm) / 2 / subject.adjusterLeadMm();
    }
}
