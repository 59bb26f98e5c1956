package yellowtally.core.access;

import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/** How far the saw is opened for a step. Some stages need another one first (handbook section 10). */
public enum Stage {
    /** Nothing opened. */
    CLOSED(null, null, null),
    COVER_OFF(null, AccessSetting.COVER_OPEN, AccessSetting.COVER_CLOSE),
    BAR_OFF(COVER_OFF, AccessSetting.BAR_OPEN, AccessSetting.BAR_CLOSE),
    DRUM_OFF(BAR_OFF, AccessSetting.DRUM_OPEN, AccessSetting.DRUM_CLOSE),
    TOP_COVER_OFF(null, AccessSetting.TOP_COVER_OPEN, AccessSetting.TOP_COVER_CLOSE),
    SCREEN_OUT(null, AccessSetting.SCREEN_OPEN, AccessSetting.SCREEN_CLOSE),
    STARTER_OFF(null, AccessSetting.STARTER_OPEN, AccessSetting.STARTER_CLOSE),
    TANKS_DRAINED(null, AccessSetting.TANKS_OPEN, AccessSetting.TANKS_CLOSE),
    /** Closed up and running. */
    RUNNING(null, null, null);

    private final @Nullable Stage needs;
    private final @Nullable AccessSetting open;
    private final @Nullable AccessSetting close;

    Stage(@Nullable Stage needs, @Nullable AccessSetting open, @Nullable AccessSetting close) {
        this.needs = needs;
        this.open = open;
        this.close = close;
    }

    /** The stages that must be open, this one and those under it; empty for closed and running. */
    public Set<Stage> opened() {
        Set<Stage> opened = EnumSet.noneOf(Stage.class);
        for (Stage stage = this; stage != null; stage = stage.needs) {
            if (stage.open != null) {
                opened.add(stage);
            }
        }
        return opened;
    }

    /** Minutes to open and close this stage alone, zero for closed and running. */
    public double minutes(Numbers numbers) {
        return open == null || close == null ? 0 : numbers.of(open) + numbers.of(close);
    }
}
