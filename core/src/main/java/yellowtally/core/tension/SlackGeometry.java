package yellowtally.core.tension;

/**
 * Slack in a loop from what is seen at mid-run, for small pulls on a long straight run (handbook section 3). S is the
 * nominal bar length; all lengths in mm, zero or more.
 */
final class SlackGeometry {

    private SlackGeometry() {}

    /** Slack e = 2·d²/S of a pull d. */
    static double slackOfPull(double pullMm, double barLengthMm) {
        return 2 * pullMm * pullMm / barLengthMm;
    }

    /** The pull d that shows a slack e; none below zero slack. */
    static double pullOfSlack(double slackMm, double barLengthMm) {
        return Math.sqrt(Math.max(0, slackMm) * barLengthMm / 2);
    }

    /** Slack e = 8·g²/(3·S) of a sag g that shows without pull. */
    static double slackOfSag(double sagMm, double barLengthMm) {
        return 8 * sagMm * sagMm / (3 * barLengthMm);
    }
}
