package yellowtally.core.diagnosis;

/**
 * A check and what it would bring.
 *
 * @param bits how much it is expected to tell, zero or more
 * @param minutes of the check and of opening and closing what is not open yet
 * @param openingMinutes the part of them for opening and closing
 */
public record OfferedCheck(Check check, double bits, double minutes, double openingMinutes) {

    /** What it tells for each minute; without bound for one that costs none. */
    public double bitsPerMinute() {
        return bits / minutes;
    }
}
