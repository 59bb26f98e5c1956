package yellowtally.core.settings;

import org.jspecify.annotations.Nullable;

/** A number that an officer can change. Rooms list theirs as enums, so that each has one home. */
public interface NumberSetting {

    /** Stable name under which a changed value is stored, such as {@code tension.right.to}. */
    String key();

    /** The value that holds until somebody changes it. */
    double standard();

    SettingUnit unit();

    /** Smallest value that is taken, inclusive. */
    double min();

    /** Largest value that is taken, inclusive. */
    double max();

    /** Whether the standard value is a starting estimate, to be said on screen. */
    boolean estimated();

    /** Where the standard value comes from, such as {@code handbook 3}. */
    String source();

    /** One sentence: what the value does. */
    String why();

    /** The setting that it must stay over, since the two make no sense otherwise; {@code null} for none. */
    @Nullable
    NumberSetting over();

    /** Whether no model and no saw may have its own. */
    boolean fleetOnly();
}
