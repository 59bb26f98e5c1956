package yellowtally.core.pack;

import org.jspecify.annotations.Nullable;

/** What the stores have of that which is packed; {@code null} everywhere where they do not keep it. */
public interface Stores {

    /** Round files of a diameter, mm. */
    @Nullable
    Double files(double mm);

    /** Plugs of a code. */
    @Nullable
    Double plugs(String code);

    /** Air filters of a model. */
    @Nullable
    Double airFilters(String model);

    /** Bar oil, mL. */
    @Nullable
    Double barOilMl();

    /** Two-stroke oil, mL. */
    @Nullable
    Double mixOilMl();
}
