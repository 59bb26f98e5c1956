package yellowtally.core.measure;

/** What {@link LengthText} made of a text: a length, or the reason why it is none. */
public sealed interface LengthReading {

    /**
     * A length that was read.
     *
     * @param mm millimetres, zero or more, finite
     * @param unit the unit in which it was written
     */
    record Read(double mm, LengthUnit unit) implements LengthReading {}

    /** A text that is no length. */
    record Refused(Why why) implements LengthReading {}

    /** Why a text was refused. */
    enum Why {
        EMPTY,
        NOT_A_LENGTH,
        DIVIDED_BY_ZERO,
        NEGATIVE
    }
}
