package yellowtally.server.tension;

import java.util.EnumSet;
import java.util.OptionalDouble;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.measure.LengthReading;
import yellowtally.core.measure.LengthText;
import yellowtally.core.measure.LengthUnit;
import yellowtally.core.measure.NumberText;
import yellowtally.core.measure.Rounding;
import yellowtally.core.tension.FairCondition;
import yellowtally.core.tension.Movement;
import yellowtally.core.tension.ReadingRefusal;
import yellowtally.core.tension.TensionEntry;
import yellowtally.core.tension.TensionMethod;
import yellowtally.core.tension.TensionReading;
import yellowtally.core.tension.TipsPosition;
import yellowtally.server.support.Said;
import yellowtally.server.support.Violations;

/**
 * A reading as typed at the bench.
 *
 * @param value the figure: a length as written, or degrees for twelfth past touch; absent when read by eye
 * @param tips where the tips stand, when read by eye
 * @param springsBack asked for by lift and snap
 * @param met conditions that held
 * @param movement how the chain moves by hand; may be absent with a method that does not ask for it
 * @param turnsBefore adjuster turns since the reading before, in positive
 */
record ReadingInput(
        TensionMethod method,
        @Nullable String value,
        @Nullable TipsPosition tips,
        @Nullable Boolean springsBack,
        Set<FairCondition> met,
        @Nullable Movement movement,
        boolean tipsClearWithoutPull,
        boolean tightSpot,
        double turnsBefore) {

    private static final double MOST_TURNS = 20;

    /** A reading that is on record, as if it was typed once more; lengths are kept in mm. */
    static ReadingInput again(TensionReadingRow row) {
        Double figure = row.figure();
        return new ReadingInput(
                row.method(),
                figure == null
                        ? null
                        : row.method() == TensionMethod.TWELFTH_PAST_TOUCH ? figure + "°" : figure + " mm",
                row.tips(),
                row.springsBack(),
                met(row),
                row.movement(),
                row.tipsClear(),
                row.tightSpot(),
                row.turnsBefore());
    }

    /** Says why a reading cannot be, its figures in the unit in which they were read. */
    static void refuse(String field, ReadingRefusal refusal, Violations wrong) {
        boolean degrees = refusal.why() == ReadingRefusal.Why.MORE_THAN_ADJUSTER_ALLOWS;
        wrong.add(
                field,
                "reading." + refusal.why(),
                degrees ? Double.valueOf(refusal.given()) : new Said.Length(refusal.given()),
                degrees ? Double.valueOf(refusal.most()) : new Said.Length(refusal.most(), Rounding.DOWN));
    }

    private static Set<FairCondition> met(TensionReadingRow row) {
        Set<FairCondition> met = EnumSet.allOf(FairCondition.class);
        met.removeAll(row.unmet());
        return met;
    }

    /** The reading for the rules; {@code null} when it cannot be read, said in {@code wrong}. */
    @Nullable
    TensionEntry entry(String field, LengthUnit unit, Violations wrong) {
        if (movement == null && method.asksMovement()) {
            wrong.add(field + ".movement", "reading.movement");
        }
        if (springsBack == null && method == TensionMethod.LIFT_AND_SNAP) {
            wrong.add(field + ".springsBack", "reading.springsBack");
        }
        wrong.number(field + ".turnsBefore", turnsBefore, -MOST_TURNS, MOST_TURNS);
        TensionReading reading = reading(field + ".value", unit, wrong);
        return reading == null
                ? null
                : new TensionEntry(reading, met, movement, tipsClearWithoutPull, tightSpot, turnsBefore);
    }

    private @Nullable TensionReading reading(String field, LengthUnit unit, Violations wrong) {
        if (method == TensionMethod.TANG_LINE && tips != null && value == null) {
            return new TensionReading.TipsByEye(tips);
        }
        String typed = value == null ? "" : value;
        if (method == TensionMethod.TWELFTH_PAST_TOUCH) {
            return degrees(field, typed, wrong);
        }
        LengthReading length = LengthText.read(typed, unit);
        if (length instanceof LengthReading.Refused refused) {
            // A negative pull is told as a reading, not as a length in general.
            boolean negative = refused.why() == LengthReading.Why.NEGATIVE;
            wrong.add(field, negative ? "reading.NEGATIVE" : "length." + refused.why());
            return null;
        }
        double mm = ((LengthReading.Read) length).mm();
        return switch (method) {
            case TANG_LINE -> new TensionReading.PullDown(mm);
            case LIFT_AND_SNAP -> new TensionReading.Lift(mm, Boolean.TRUE.equals(springsBack));
            case RAIL_TOUCH -> new TensionReading.RailGap(mm);
            case COIN_GAP -> new TensionReading.CoinGap(mm);
            case TWELFTH_PAST_TOUCH -> throw new IllegalStateException("read above");
        };
    }

    static @Nullable TensionReading degrees(String field, String typed, Violations wrong) {
        OptionalDouble degrees = NumberText.read(typed.strip().replaceFirst("\\s*(°|deg|degrees)$", ""));
        if (degrees.isEmpty()) {
            wrong.add(field, "angle.form");
            return null;
        }
        return new TensionReading.PastTouch(degrees.getAsDouble());
    }
}
