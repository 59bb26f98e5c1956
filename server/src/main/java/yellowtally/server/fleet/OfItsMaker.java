package yellowtally.server.fleet;

import org.jspecify.annotations.Nullable;
import yellowtally.core.measure.LengthUnit;
import yellowtally.server.support.Violations;

/**
 * What was measured on a new loop or is marked on it, mm, to a thousandth: typed in inches or not, it is the
 * figure that is shown. For what is absent that of its pitch holds.
 *
 * @param tangDepthMm from strap to tip of a drive link
 * @param newCutterMm length of its cutters when new
 * @param wearMarkMm length at its wear mark
 * @param fileMm diameter of the file that its maker asks for
 */
public record OfItsMaker(
        @Nullable Double tangDepthMm,
        @Nullable Double newCutterMm,
        @Nullable Double wearMarkMm,
        @Nullable Double fileMm) {

    /** Nothing known but its pitch. */
    public static final OfItsMaker NONE = new OfItsMaker(null, null, null, null);

    private static final double MOST_TANG_MM = 20;
    private static final double LEAST_CUTTER_MM = 4;
    private static final double MOST_CUTTER_MM = 16;
    private static final double LEAST_MARK_MM = 1;
    private static final double MOST_MARK_MM = 12;
    private static final double LEAST_FILE_MM = 3;
    private static final double MOST_FILE_MM = 8;

    public OfItsMaker {
        tangDepthMm = thousandth(tangDepthMm);
        newCutterMm = thousandth(newCutterMm);
        wearMarkMm = thousandth(wearMarkMm);
        fileMm = thousandth(fileMm);
    }

    /** What another loop of the same sort has too; what was measured on this one alone is left out. */
    OfItsMaker ofItsKind() {
        return new OfItsMaker(null, null, wearMarkMm, fileMm);
    }

    private static @Nullable Double thousandth(@Nullable Double mm) {
        return mm == null ? null : Double.valueOf(Math.round(mm * 1000) / 1000.0);
    }

    /** The same as typed, the unit of the fleet where none stands; empty or absent for what nobody knows. */
    public record Typed(
            @Nullable String tangDepth,
            @Nullable String newCutter,
            @Nullable String wearMark,
            @Nullable String file) {}

    /**
     * Reads what was typed; what cannot be is said in {@code wrong}.
     *
     * @param unit what a bare figure means
     * @param fields what stands before the names of the fields
     */
    static OfItsMaker read(Typed typed, LengthUnit unit, String fields, Violations wrong) {
        OfItsMaker read = new OfItsMaker(
                length(fields + "tangDepth", typed.tangDepth(), unit, 1, MOST_TANG_MM, wrong),
                length(fields + "newCutter", typed.newCutter(), unit, LEAST_CUTTER_MM, MOST_CUTTER_MM, wrong),
                length(fields + "wearMark", typed.wearMark(), unit, LEAST_MARK_MM, MOST_MARK_MM, wrong),
                length(fields + "file", typed.file(), unit, LEAST_FILE_MM, MOST_FILE_MM, wrong));
        if (read.newCutterMm != null && read.wearMarkMm != null && read.wearMarkMm >= read.newCutterMm) {
            wrong.add(fields + "wearMark", "chain.markOverNew");
        }
        return read;
    }

    private static @Nullable Double length(
            String field, @Nullable String typed, LengthUnit unit, double least, double most, Violations wrong) {
        return typed == null || typed.isBlank()
                ? null
                : wrong.length(field, typed, unit, least, most).orElse(null);
    }
}
