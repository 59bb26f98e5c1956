package yellowtally.core.edge;

import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.settings.Numbers;

/**
 * Which file, held how (handbook section 4).
 *
 * @param fileMm diameter of the round file, mm
 * @param angleDegrees top-plate angle, degrees
 * @param downTiltDegrees how far the handle is lowered, degrees
 */
public record FileChoice(double fileMm, double angleDegrees, double downTiltDegrees) {

    /**
     * Chooses for a loop.
     *
     * @param loopFile diameter that its maker asks for, mm; {@code null} for that of its pitch
     * @param loopAngle angle that the chain asks for, degrees
     * @param loopTilt down-tilt that the chain asks for, degrees; 0 where it asks for none
     * @param hardWood whether it works in hard or frozen wood
     */
    public static FileChoice of(
            Pitch pitch,
            @Nullable Double loopFile,
            double loopAngle,
            double loopTilt,
            boolean hardWood,
            Numbers numbers) {
        double angle = hardWood ? Math.min(loopAngle, numbers.of(EdgeSetting.ANGLE_HARD)) : loopAngle;
        return new FileChoice(fileMm(pitch, loopFile, numbers), angle, loopTilt);
    }

    /**
     * The diameter alone, mm.
     *
     * @param loopFile diameter that the maker of the loop asks for, mm; {@code null} for that of its pitch
     */
    public static double fileMm(Pitch pitch, @Nullable Double loopFile, Numbers numbers) {
        return loopFile == null ? numbers.of(EdgeSetting.fileOf(pitch)) : loopFile;
    }
}
