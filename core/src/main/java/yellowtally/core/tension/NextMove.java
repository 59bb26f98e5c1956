package yellowtally.core.tension;

import org.jspecify.annotations.Nullable;

/**
 * What the hand does next.
 *
 * @param kind the movement
 * @param turn how far to turn the adjuster; only with {@link Kind#TURN_IN}, {@link Kind#TURN_OUT} and {@link
 *     Kind#SLACKEN_BEFORE_COOLING}
 * @param exactTurns the same, unrounded, in turns; in positive, out negative
 * @param aim the figure to aim at by the method read, mm or degrees; for readings by eye the tips level
 */
public record NextMove(
        Kind kind,
        @Nullable HandTurn turn,
        @Nullable Double exactTurns,
        @Nullable Double aim) {

    /** Movements of the hand. */
    public enum Kind {
        NONE,
        TURN_IN,
        TURN_OUT,
        /** Put right what made the reading unfair, then read again. */
        READ_FAIRLY,
        /** Let the chain cool, then read again. */
        READ_COLD,
        /** Back the adjuster off before a chain that was tightened hot shrinks. */
        SLACKEN_BEFORE_COOLING,
        /** Pull round and find the bent link, the seized nose. */
        FIND_TIGHT_SPOT,
        /** It is jammed: find what holds it, a bent link, a seized nose, the band, the chain off its sprocket. */
        FIND_WHAT_HOLDS,
        /** Loose, but by eye: take a rule to know how far to turn. */
        MEASURE
    }

    static NextMove only(Kind kind, @Nullable Double aim) {
        return new NextMove(kind, null, null, aim);
    }
}
