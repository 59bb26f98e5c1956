package yellowtally.core.bar;

import java.util.ArrayList;
import java.util.List;

/** What most likely blued a bar: a dull chain, a tight one, or no oil (handbook section 5). */
public final class Bluing {

    private Bluing() {}

    /** What heats a bar. */
    public enum BluedBy {
        DULL,
        TIGHT,
        DRY
    }

    /**
     * What is known of the saw already.
     *
     * @param edgeUsed share of the sharpening limit used up since the last one; 1 and more is overdue
     * @param dustSeen whether the crew saw dust instead of chips
     * @param readTight whether the last reading of the chain was too tight
     * @param oilDoubtful whether the last card test was faint or showed none, or too little oil goes beside the fuel
     */
    public record Known(double edgeUsed, boolean dustSeen, boolean readTight, boolean oilDoubtful) {}

    /** Causes that something speaks for, the strongest first; empty when nothing does. */
    public static List<BluedBy> suspects(Known known) {
        List<BluedBy> found = new ArrayList<>();
        // A card without oil is a finding of its own; so is a tight reading. A chain past its limit is only likely
        // dull.
        if (known.oilDoubtful()) {
            found.add(BluedBy.DRY);
        }
        if (known.readTight()) {
            found.add(BluedBy.TIGHT);
        }
        if (known.dustSeen() || known.edgeUsed() >= 1) {
            found.add(BluedBy.DULL);
        }
        return List.copyOf(found);
    }
}
