package yellowtally.core.measure;

/** A unit in which a person reads or writes a length. Inside, every length is in millimetres. */
public enum LengthUnit {
    MM(1.0, 2, "mm"),
    INCH(25.4, 3, "in");

    private final double mmPerUnit;
    private final int digits;
    /** A size in inches is never so near to a whole millimetre, up to the largest bar nut. */
    private static final double STAMPED_MM = 0.01;

    /** The finest marks of a rule in inches. */
    private static final int MARKS_OF_INCH = 64;

    private final String sign;

    LengthUnit(double mmPerUnit, int digits, String sign) {
        this.mmPerUnit = mmPerUnit;
        this.digits = digits;
        this.sign = sign;
    }

    /** Converts a figure in this unit to millimetres; negative and not-a-number values pass through unchanged in kind. */
    public double toMm(double figure) {
        return figure * mmPerUnit;
    }

    /** Converts millimetres to a figure in this unit. */
    public double fromMm(double mm) {
        return mm / mmPerUnit;
    }

    /**
     * A length as a steel rule shows it: to a tenth of a millimetre, or as a fraction of an inch in sixty-fourths at most
     * (general practice).
     *
     * @param mm any length, 0 or more
     */
    public String saidByRule(double mm) {
        if (this == MM) {
            return NumberText.said(mm, digits - 1) + " " + sign;
        }
        long marks = Math.round(fromMm(mm) * MARKS_OF_INCH);
        long whole = marks / MARKS_OF_INCH;
        long top = marks % MARKS_OF_INCH;
        long bottom = MARKS_OF_INCH;
        while (top > 0 && top % 2 == 0) {
            top /= 2;
            bottom /= 2;
        }
        String part = top == 0 ? "" : top + "/" + bottom;
        String said = whole == 0 && top > 0 ? part : whole + (top > 0 ? " " + part : "");
        return said + " " + sign;
    }

    /**
     * The size of a key or a nut, as it is stamped: one that is made in whole millimetres is no fraction of an inch.
     *
     * @param mm across flats, mm, over zero
     */
    public String saidOfKey(double mm) {
        boolean metric = Math.abs(mm - Math.rint(mm)) < STAMPED_MM;
        return metric && this == INCH ? "metric " + Math.round(mm) : saidByRule(mm);
    }

    /** How it is written behind a figure. */
    public String sign() {
        return sign;
    }

    /**
     * A length in a sentence, as a caliper shows it: to a hundredth of a millimetre or a thousandth of an inch, without
     * idle noughts (general practice).
     *
     * @param mm any finite length
     */
    public String said(double mm) {
        return said(mm, Rounding.NEAREST);
    }

    /**
     * The same, rounded as it is meant: the end of a range never wider than it is, and told a decimal finer, for some ranges begin
     * below what a caliper shows.
     *
     * @param mm any finite length
     */
    public String said(double mm, Rounding rounding) {
        return NumberText.said(fromMm(mm), rounding == Rounding.NEAREST ? digits : digits + 1, rounding) + " " + sign;
    }
}
