package yellowtally.core.tension;

import java.util.EnumSet;
import java.util.Set;
import yellowtally.core.settings.Numbers;

/** Readings and saws for the tests. */
final class Readings {

    static final Numbers STANDARD = Numbers.STANDARD;
    /** 18 in bar, .325 chain, felling, lead 0.8 mm. */
    static final TensionSubject EIGHTEEN_INCH = saw(18, 5.5, Work.FELLING);

    private Readings() {}

    static TensionSubject saw(double inches, double tang, Work work) {
        return new TensionSubject(inches * 25.4, tang, work, 0.8);
    }

    static TensionEntry fair(TensionReading reading) {
        return new TensionEntry(reading, EnumSet.allOf(FairCondition.class), Movement.ONE_FINGER, false, false, 0);
    }

    static TensionEntry without(TensionReading reading, FairCondition first, FairCondition... others) {
        Set<FairCondition> met = EnumSet.complementOf(EnumSet.of(first, others));
        return new TensionEntry(reading, met, Movement.ONE_FINGER, false, false, 0);
    }

    static TensionEntry moving(TensionReading reading, Movement movement) {
        return new TensionEntry(reading, EnumSet.allOf(FairCondition.class), movement, false, false, 0);
    }

    static TensionVerdict verdict(TensionSubject subject, TensionEntry entry) {
        return (TensionVerdict) TensionJudge.judge(subject, entry, STANDARD);
    }

    static TensionVerdict verdict(TensionSubject subject, TensionReading reading) {
        return verdict(subject, fair(reading));
    }

    /** A reading of a method from a figure; lifts spring back. */
    static TensionReading reading(TensionMethod method, double figure) {
        return switch (method) {
            case TANG_LINE -> new TensionReading.PullDown(figure);
            case LIFT_AND_SNAP -> new TensionReading.Lift(figure, true);
            case RAIL_TOUCH -> new TensionReading.RailGap(figure);
            case COIN_GAP -> new TensionReading.CoinGap(figure);
            case TWELFTH_PAST_TOUCH -> new TensionReading.PastTouch(figure);
        };
    }
}
