package yellowtally.core.visit;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import yellowtally.core.stages.Stage;
import yellowtally.core.steps.Step;

/** How far a saw lies open on the bench, read off the steps of its visit (handbook sections 1 and 10). */
public final class OpenStages {

    private static final Set<Stage> UNDER_THE_COVER = EnumSet.of(Stage.COVER_OFF, Stage.BAR_OFF, Stage.DRUM_OFF);

    private OpenStages() {}

    /** Stages that are open after these steps, in the order in which they were done; running closes all. */
    public static Set<Stage> after(List<Step> done) {
        Set<Stage> open = EnumSet.noneOf(Stage.class);
        for (Step step : done) {
            switch (step) {
                case REFIT -> open.removeAll(Set.of(Stage.BAR_OFF, Stage.DRUM_OFF));
                case TENSION, NUTS -> open.removeAll(UNDER_THE_COVER);
                case FILL, BRAKE_RUNNING, CONTROLS, OIL_CARD -> open.clear();
                default -> open.addAll(step.stage().opened());
            }
        }
        return open;
    }
}
