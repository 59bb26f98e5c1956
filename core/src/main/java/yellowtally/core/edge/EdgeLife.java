package yellowtally.core.edge;

import org.jspecify.annotations.Nullable;
import yellowtally.core.wear.Range;

/**
 * What is left of the cutters of a loop (handbook section 4).
 *
 * @param percentLeft 100 when new, 0 at the wear mark
 * @param latestMm shortest healthy cutter as measured last, mm
 * @param newMm length when new, mm
 * @param newKnown whether that was measured on this loop, else it is an estimate
 * @param markMm the wear mark, mm
 * @param sharpeningsLeft (est.); {@code null} with too little to tell
 * @param tanksLeft (est.); {@code null} likewise
 */
public record EdgeLife(
        double percentLeft,
        double latestMm,
        double newMm,
        boolean newKnown,
        double markMm,
        @Nullable Range sharpeningsLeft,
        @Nullable Range tanksLeft) {}
