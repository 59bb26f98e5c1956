package yellowtally.core.stages;

import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/** How far the saw is opened for a step. Some stages need another one first (handbook section 10). */
public enum Stage {
    /** Nothing opened. */
    CLOSED(null, null, null),
    COVER_OFF(null, StageSetting.COVER_OPEN, StageSetting.COVER_CLOSE),
    BAR_OFF(COVER_OFF, StageSetting.BAR_OPEN, StageSetting.BAR_CLOSE),
    DRUM_OFF(BAR_OFF, StageSetting.DRUM_OPEN, StageSetting.DRUM_CLOSE),
    TOP_COVER_OFF(null, StageSetting.TOP_COVER_OPEN, StageSetting.TOP_COVER_CLOSE),
    SCREEN_OUT(null, StageSetting.SCREEN_OPEN, StageSetting.SCREEN_CLOSE),
    STARTER_OFF(null, StageSetting.STARTER_OPEN, StageSetting.STARTER_CLOSE),
    TANKS_DRAINED(null, StageSetting.TANKS_OPEN, StageSetting.TANKS_CLOSE),
    /** Closed up and running. */
    RUNNING(null, null, null);

    private final @Nullable Stage needs;
    private final @Nullable StageSetting open;
    private final @Nullable StageSetting close;

    Stage(@Nullable Stage needs, @Nullable StageSetting open, @Nullable StageSetting close) {
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

    /** The number that says how long opening it takes, that under it apart; {@code null} for closed and running. */
    public @Nullable StageSetting opening() {
        return open;
    }

    /** The number that says how long closing it takes; {@code null} for closed and running. */
    public @Nullable StageSetting closing() {
        return close;
    }

    /** Minutes to open and close this stage alone, zero for closed and running. */
    public double minutes(Numbers numbers) {
        return open == null || close == null ? 0 : numbers.of(open) + numbers.of(close);
    }
}
