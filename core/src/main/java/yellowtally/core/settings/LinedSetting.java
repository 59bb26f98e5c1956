package yellowtally.core.settings;

import org.jspecify.annotations.Nullable;

/** A setting that keeps what it is in one {@link SettingLine}. */
public interface LinedSetting extends NumberSetting {

    /** All that is known of the setting. */
    SettingLine line();

    @Override
    default String key() {
        return line().key();
    }

    @Override
    default double standard() {
        return line().standard();
    }

    @Override
    default SettingUnit unit() {
        return line().unit();
    }

    @Override
    default double min() {
        return line().min();
    }

    @Override
    default double max() {
        return line().max();
    }

    @Override
    default boolean estimated() {
        return line().estimated();
    }

    @Override
    default String source() {
        return line().source();
    }

    @Override
    default String why() {
        return line().why();
    }

    @Override
    default @Nullable NumberSetting over() {
        return line().over();
    }

    @Override
    default boolean fleetOnly() {
        return line().fleetOnly();
    }
}
