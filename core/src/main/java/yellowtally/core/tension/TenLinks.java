package yellowtally.core.tension;

import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.settings.Numbers;

/**
 * The length over ten drive links, rivet to rivet, which tells the growth of a loop (handbook section 3).
 *
 * <p>A pitch is half the length over three rivets, so ten links are twenty of it while they are new.
 */
public final class TenLinks {

    private static final int PITCHES = 20;

    private TenLinks() {}

    /** The shortest that can be, mm: under it something else was measured. */
    public static double leastMm(Pitch pitch, Numbers numbers) {
        return PITCHES * pitch.mm() * numbers.of(TensionSetting.TEN_LINKS_LEAST);
    }

    /** The longest that can be, mm: over it something else was measured. */
    public static double mostMm(Pitch pitch, Numbers numbers) {
        return PITCHES * pitch.mm() * numbers.of(TensionSetting.TEN_LINKS_MOST);
    }
}
