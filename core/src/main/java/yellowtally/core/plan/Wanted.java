package yellowtally.core.plan;

import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Handle;
import yellowtally.core.steps.Power;

/**
 * How many saws of what kind a crew books (handbook section 10). Refuses, as an illegal argument, less than one saw and a bar that is none.
 *
 * @param saws how many, at least one
 * @param barAtLeastMm shortest bar that does, mm, over zero; {@code null} when any does
 * @param handle {@code null} when either does
 * @param power {@code null} when any does
 */
public record Wanted(
        int saws,
        @Nullable Double barAtLeastMm,
        @Nullable Handle handle,
        @Nullable Power power) {

    /** Bars are told in inches and in mm: the same bar may be this much shorter in the other unit. */
    private static final double SAME_BAR_MM = 2;

    public Wanted {
        if (saws < 1) {
            throw new IllegalArgumentException("a booking of no saws");
        }
        if (barAtLeastMm != null && !(barAtLeastMm > 0)) {
            throw new IllegalArgumentException("no bar: " + barAtLeastMm);
        }
    }

    /** So many saws, whichever. */
    public static Wanted any(int saws) {
        return new Wanted(saws, null, null, null);
    }

    /** What a saw may lack. */
    public enum Lack {
        BAR,
        HANDLE,
        POWER
    }

    /** What a saw lacks; empty when it does. A saw without a bar is too short for any. */
    public Set<Lack> lacks(SawTraits saw) {
        Set<Lack> lacks = EnumSet.noneOf(Lack.class);
        if (barAtLeastMm != null && (saw.barMm() == null || saw.barMm() < barAtLeastMm - SAME_BAR_MM)) {
            lacks.add(Lack.BAR);
        }
        if (handle != null && handle != saw.handle()) {
            lacks.add(Lack.HANDLE);
        }
        if (power != null && power != saw.power()) {
            lacks.add(Lack.POWER);
        }
        return lacks;
    }

    /** Whether a saw does. */
    public boolean metBy(SawTraits saw) {
        return lacks(saw).isEmpty();
    }
}
