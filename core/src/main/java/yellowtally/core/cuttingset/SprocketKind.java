package yellowtally.core.cuttingset;

/** Build of a drive sprocket. */
public enum SprocketKind {
    SPUR,
    RIM
}
