package yellowtally.core.edge;

import yellowtally.core.settings.Numbers;

/** Whether a cutter is past its mark (handbook section 4). */
public final class WearMark {

    private WearMark() {}

    /**
     * Whether the loop is worn out.
     *
     * @param shortestMm length of the shortest cutter, mm
     */
    public static boolean passed(double shortestMm, Numbers numbers) {
        return shortestMm <= numbers.of(EdgeSetting.WEAR_MARK);
    }
}
