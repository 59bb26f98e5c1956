package yellowtally.core.measure;

/** A unit in which a person reads or writes a length. Inside, every length is in millimetres. */
public enum LengthUnit {
    MM(1.0),
    INCH(25.4);

    private final double mmPerUnit;

    LengthUnit(double mmPerUnit) {
        this.mmPerUnit = mmPerUnit;
    }

    /** Converts a figure in this unit to millimetres; negative and not-a-number values pass through unchanged in kind. */
    public double toMm(double figure) {
        return figure * mmPerUnit;
    }

    /** Converts millimetres to a figure in this unit. */
    public double fromMm(double mm) {
        return mm / mmPerUnit;
    }
}
