package yellowtally.core.tension;

import org.jspecify.annotations.Nullable;

/**
 * The figures behind a verdict; those that a reading by eye or an unfair reading does not give are absent.
 *
 * @param targetMm target pull-down on this bar for this work
 * @param placeMm the reading on the common scale, mm of equivalent pull-down
 * @param slackMm slack in the loop, mm
 * @param targetSlackMm slack at the aim of the method read, mm
 * @param ratio slack over target slack
 */
public record TensionFigures(
        double targetMm,
        @Nullable Double placeMm,
        @Nullable Double slackMm,
        double targetSlackMm,
        @Nullable Double ratio) {}
