package yellowtally.server.support;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import yellowtally.core.engine.FuelUnit;
import yellowtally.core.engine.VolumeText;
import yellowtally.core.measure.LengthReading;
import yellowtally.core.measure.LengthText;
import yellowtally.core.measure.LengthUnit;
import yellowtally.core.measure.Rounding;

/** Gathers all that is wrong with a request, so that it is told at once and not one by one. */
public final class Violations {

    private final List<Refusal.Fault> faults = new ArrayList<>();

    public void add(String field, String code, Object... figures) {
        faults.add(Refusal.Fault.of(field, code, figures));
    }

    /** Text that must be there and no longer than {@code most}; answers it trimmed. */
    public String text(String field, @Nullable String given, int most) {
        String trimmed = given == null ? "" : given.strip();
        if (trimmed.isEmpty()) {
            add(field, "missing");
        } else if (trimmed.length() > most) {
            add(field, "text.long", most);
        }
        return trimmed;
    }

    /** Text that is all that can be wrong with a write; refuses it at once where it is. */
    public static String onlyText(String field, @Nullable String given, int most) {
        Violations wrong = new Violations();
        String text = wrong.text(field, given, most);
        wrong.refuseIfAny();
        return text;
    }

    /** Text that may be absent; blank counts as absent. */
    public @Nullable String optionalText(String field, @Nullable String given, int most) {
        return given == null || given.isBlank() ? null : text(field, given, most);
    }

    /** A number within a range, both ends included. */
    public double number(String field, @Nullable Double given, double least, double most) {
        if (given == null) {
            add(field, "missing");
            return least;
        }
        if (!(given >= least && given <= most)) {
            add(field, "number.range", least, most);
            return least;
        }
        return given;
    }

    public @Nullable Double optionalNumber(String field, @Nullable Double given, double least, double most) {
        return given == null ? null : Double.valueOf(number(field, given, least, most));
    }

    /** An amount of money, hundredths of the fleet's currency; absent where nobody said. */
    public void cents(String field, @Nullable Integer given, int least, int most) {
        optionalNumber(field, given == null ? null : Double.valueOf(given), least, most);
    }

    /** A length as typed, within a range in mm. */
    public Optional<Double> length(
            String field, @Nullable String typed, LengthUnit assumed, double leastMm, double mostMm) {
        LengthReading reading = LengthText.read(typed == null ? "" : typed, assumed);
        if (reading instanceof LengthReading.Refused refused) {
            add(field, "length." + refused.why());
            return Optional.empty();
        }
        double mm = ((LengthReading.Read) reading).mm();
        if (mm < leastMm || mm > mostMm) {
            add(field, "length.range", new Said.Length(leastMm, Rounding.UP), new Said.Length(mostMm, Rounding.DOWN));
            return Optional.empty();
        }
        return Optional.of(mm);
    }

    /** What a tank holds, as typed, within a range in mL; blank counts as absent. */
    public @Nullable Double optionalVolume(
            String field, @Nullable String typed, FuelUnit assumed, double leastMl, double mostMl) {
        if (typed == null || typed.isBlank()) {
            return null;
        }
        OptionalDouble ml = VolumeText.read(typed, assumed);
        if (ml.isEmpty()) {
            add(field, "volume.form");
            return null;
        }
        if (ml.getAsDouble() < leastMl || ml.getAsDouble() > mostMl) {
            add(field, "volume.range", new Said.Volume(leastMl, Rounding.UP), new Said.Volume(mostMl, Rounding.DOWN));
            return null;
        }
        return ml.getAsDouble();
    }

    /** Adds what others found; answers whether they found anything. */
    public boolean takeOver(Violations others) {
        faults.addAll(others.faults);
        return others.found();
    }

    public List<Refusal.Fault> faults() {
        return List.copyOf(faults);
    }

    public boolean found() {
        return !faults.isEmpty();
    }

    /** Refuses when anything was found. */
    public void refuseIfAny() {
        if (found()) {
            throw Refusal.unfit(faults);
        }
    }
}
