package yellowtally.core.pack;

import org.jspecify.annotations.Nullable;

/** What the stores have of that which is packed; {@code null} where they do not keep it, or nobody asks them. */
public interface Stores {

    /** Nobody asks them. */
    Stores UNASKED = new Stores() {};

    /** Round files of a diameter, mm. */
    default @Nullable Double files(double mm) {
        return null;
    }

    /** Plugs of a code. */
    default @Nullable Double plugs(String code) {
        return null;
    }

    /** Air filters of a model. */
    default @Nullable Double airFilters(String model) {
        return null;
    }

    /** Bar oil, mL. */
    default @Nullable Double barOilMl() {
        return null;
    }

    /** Two-stroke oil, mL. */
    default @Nullable Double mixOilMl() {
        return null;
    }
}
