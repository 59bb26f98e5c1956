package yellowtally.core.pack;

import org.jspecify.annotations.Nullable;

/** What the stores have of that which is packed; {@code null} everywhere where they do not keep it. */
public interface Stores {

    /** Nobody asks them. */
    Stores UNASKED = new Stores() {
        @Override
        public @Nullable Double files(double mm) {
            return null;
        }

        @Override
        public @Nullable Double plugs(String code) {
            return null;
        }

        @Override
        public @Nullable Double airFilters(String model) {
            return null;
        }

        @Override
        public @Nullable Double barOilMl() {
            return null;
        }

        @Override
        public @Nullable Double mixOilMl() {
            return null;
        }
    };

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
