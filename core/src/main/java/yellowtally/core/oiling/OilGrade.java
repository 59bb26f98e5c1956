package yellowtally.core.oiling;

import yellowtally.core.settings.Numbers;

/** Which bar oil goes in (handbook section 7); always oil made for bars, never drained engine oil. */
public enum OilGrade {
    /** Grade 10. */
    THIN_WINTER,
    THIRTY;

    /**
     * The grade for a temperature.
     *
     * @param celsius at work, degrees
     */
    public static OilGrade at(double celsius, Numbers numbers) {
        return celsius < numbers.of(OilingSetting.THIN_BELOW) ? THIN_WINTER : THIRTY;
    }
}
