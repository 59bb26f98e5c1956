package yellowtally.core.drive;

import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/** Which parts may run together (handbook section 6): a new chain on a worn sprocket is spoiled, and the reverse. */
public final class Pairing {

    private Pairing() {}

    /** What is wrong with a pair. */
    public enum PairingNote {
        /** A new loop on a sprocket that is due for replacing. */
        NEW_LOOP_ON_WORN_SPROCKET,
        /** A new loop on a sprocket that nobody has measured although loops were worn out on it. */
        SPROCKET_NOT_MEASURED,
        /** A new sprocket with a loop that is worn further than its sisters may be. */
        WORN_LOOP_ON_NEW_SPROCKET,
        /** Loops that share a sprocket are worn too differently. */
        LOOPS_APART
    }

    /**
     * A loop and a sprocket.
     *
     * @param loopGrowthPercent growth of the loop, percent of its length; {@code null} when not known
     * @param loopNew whether the loop has never run
     * @param sprocketMm wear groove of the sprocket, mm; {@code null} when not measured
     * @param sprocketNew whether the sprocket has never run
     * @param sisterGrowthPercent growth of the other loop that runs on this sprocket; {@code null} when there is none
     */
    public record Pair(
            @Nullable Double loopGrowthPercent,
            boolean loopNew,
            @Nullable Double sprocketMm,
            boolean sprocketNew,
            @Nullable Double sisterGrowthPercent) {}

    /** What speaks against running a pair; empty when nothing does. */
    public static Set<PairingNote> notes(Pair pair, Numbers numbers) {
        Set<PairingNote> notes = EnumSet.noneOf(PairingNote.class);
        double growth = pair.loopGrowthPercent() == null || pair.loopNew() ? 0 : pair.loopGrowthPercent();
        double apart = numbers.of(DriveSetting.SISTER_GROWTH);
        boolean sprocketNew = pair.sprocketNew();
        if (pair.loopNew() && pair.sprocketMm() == null && !sprocketNew) {
            notes.add(PairingNote.SPROCKET_NOT_MEASURED);
        }
        if (pair.loopNew()
                && pair.sprocketMm() != null
                && SprocketWear.of(pair.sprocketMm(), numbers) != SprocketWear.GOOD) {
            notes.add(PairingNote.NEW_LOOP_ON_WORN_SPROCKET);
        }
        if (sprocketNew && growth > apart) {
            notes.add(PairingNote.WORN_LOOP_ON_NEW_SPROCKET);
        }
        if (!sprocketNew
                && pair.sisterGrowthPercent() != null
                && Math.abs(growth - pair.sisterGrowthPercent()) > apart) {
            notes.add(PairingNote.LOOPS_APART);
        }
        return notes;
    }
}
