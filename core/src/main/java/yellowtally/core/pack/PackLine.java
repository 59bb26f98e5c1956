package yellowtally.core.pack;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One thing that is packed or laid out, as it is ticked off.
 *
 * @param kind with {@code name} what tells it from all other lines of its list
 * @param name a tag, a code, a model, its figure as text, or {@link #UNKNOWN}; never blank
 * @param figure diameter or size in mm, or ratio, see {@link PackKind}; {@code null} where it has none, or it is not known
 * @param amount how many, one or more; mL of what is measured out (est.)
 * @param mixOilMl two-stroke oil that goes into a mix, mL; {@code null} for all else, and where the ratio is not known
 * @param saws tags of the saws that it is for; empty where it is for all
 * @param there how many of it the stores have; {@code null} where they do not keep it
 * @param soaks whether it lies in the oil overnight first, as a new loop does (handbook section 3)
 * @param guessed tags of those saws of which nobody has said what it takes to reckon it: an estimate stands for them
 */
public record PackLine(
        PackKind kind,
        String name,
        @Nullable Double figure,
        double amount,
        @Nullable Double mixOilMl,
        List<String> saws,
        @Nullable Double there,
        boolean soaks,
        List<String> guessed) {

    /** What a line is called by whose code or figure nobody has said. */
    public static final String UNKNOWN = "?";

    private static final double ROUNDING = 1e-6;

    public PackLine {
        saws = List.copyOf(saws);
        guessed = List.copyOf(guessed);
    }

    /** The same with so much of it there. */
    PackLine where(double thereNow) {
        return new PackLine(kind, name, figure, amount, mixOilMl, saws, thereNow, soaks, guessed);
    }

    /** How much of it is missing, zero or more; nothing where the stores do not keep it. */
    public double missing() {
        return there == null ? 0 : Math.max(0, amount - there);
    }

    /**
     * Whether so much of it is enough.
     *
     * @param ticked how much was there when it was ticked off, zero or more
     */
    public boolean metBy(double ticked) {
        return ticked + ROUNDING >= amount;
    }
}
