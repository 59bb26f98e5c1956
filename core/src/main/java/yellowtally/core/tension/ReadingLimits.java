package yellowtally.core.tension;

import java.util.Optional;
import yellowtally.core.settings.Numbers;

/** What a reading can be at all. Source: general practice; the limits are settings. */
final class ReadingLimits {

    private ReadingLimits() {}

    /** The refusal of a reading that cannot be true on this bar; empty when it can. */
    static Optional<ReadingRefusal> refusal(TensionReading reading, TensionSubject subject, Numbers settings) {
        if (reading.figure().isEmpty()) {
            return Optional.empty();
        }
        double given = reading.figure().getAsDouble();
        boolean angle = reading.method() == TensionMethod.TWELFTH_PAST_TOUCH;
        double most = angle
                ? settings.of(TensionSetting.READING_MOST_DEGREES)
                : subject.barLengthMm() * settings.of(TensionSetting.READING_MOST_OF_BAR);
        ReadingRefusal.Why why = null;
        if (Double.isNaN(given) || Double.isInfinite(given)) {
            why = ReadingRefusal.Why.NOT_A_NUMBER;
        } else if (given < 0) {
            why = ReadingRefusal.Why.NEGATIVE;
        } else if (given > most) {
            why = angle ? ReadingRefusal.Why.MORE_THAN_ADJUSTER_ALLOWS : ReadingRefusal.Why.MORE_THAN_BAR_ALLOWS;
        }
        return Optional.ofNullable(why).map(w -> new ReadingRefusal(w, given, most));
    }
}
