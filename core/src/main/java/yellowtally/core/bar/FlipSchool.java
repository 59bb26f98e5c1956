package yellowtally.core.bar;

/** When a bar is turned over, so that both rails wear alike (handbook section 4). */
public enum FlipSchool {
    EVERY_SHARPENING,
    EVERY_OTHER_SHARPENING,
    EACH_NEW_CHAIN
}
