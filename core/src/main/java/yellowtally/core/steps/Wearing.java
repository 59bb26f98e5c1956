package yellowtally.core.steps;

import java.util.Comparator;
import java.util.function.ToDoubleFunction;

/**
 * What wears one way only and is measured, with the error of measuring it (est., general practice). A reading that goes the
 * other way by more than the error was measured wrongly, or something was worked on (handbook section 11, rule 7).
 */
public enum Wearing {
    /** Cutters get shorter; of a few that are measured the shortest one may be missed. */
    CUTTERS(false, 0.3),
    /** The groove gets shallower with its rails; dirt in it takes some off. */
    GROOVE(false, 0.3),
    GROOVE_WIDTH(true, 0.1),
    /** One rail gets lower than the other; dressing brings them level. */
    RAILS(true, 0.1),
    SPROCKET(true, 0.1),
    /** A depth gauge that is too low stays so until the cutters are filed. */
    GAUGES(true, 0.1);

    private final boolean grows;
    private final double errorMm;

    Wearing(boolean grows, double errorMm) {
        this.grows = grows;
        this.errorMm = errorMm;
    }

    /** The most worn one first. */
    public <T> Comparator<T> worstFirst(ToDoubleFunction<? super T> mm) {
        Comparator<T> byFigure = Comparator.comparingDouble(mm);
        return grows ? byFigure.reversed() : byFigure;
    }

    /** Two readings of one thing may differ by so much, mm. */
    public double errorMm() {
        return errorMm;
    }

    /** Whether the second figure is better than the first by more than the error, mm. */
    public boolean heals(double before, double now) {
        return (grows ? before - now : now - before) > errorMm + 1e-9;
    }
}
