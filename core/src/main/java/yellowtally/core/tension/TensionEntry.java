package yellowtally.core.tension;

import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A reading with all that the hand and the eye noticed while taking it.
 *
 * @param reading the reading by its method
 * @param met the conditions that held; a condition left out counts as not met
 * @param movement how the chain moves by hand; {@code null} when nobody tried
 * @param tipsClearWithoutPull whether drive-link tips hang clear of the groove with nobody pulling
 * @param tightSpot whether the chain binds in one place as it is pulled round
 * @param turnsBefore adjuster turns made since the previous reading, in positive, out negative
 */
public record TensionEntry(
        TensionReading reading,
        Set<FairCondition> met,
        @Nullable Movement movement,
        boolean tipsClearWithoutPull,
        boolean tightSpot,
        double turnsBefore) {

    public TensionEntry {
        met = Set.copyOf(met);
    }
}
