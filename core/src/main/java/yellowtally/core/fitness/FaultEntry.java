package yellowtally.core.fitness;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import yellowtally.core.diagnosis.FaultProgress;
import yellowtally.core.log.SawLog;
import yellowtally.core.oiling.LeakWatch;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.SawProfile;

/**
 * A fault of a saw that is not closed yet.
 *
 * @param id any value that equals itself
 * @param facts the complaint, its cause, and its records
 */
public record FaultEntry(Object id, FaultProgress.Facts facts) {

    /**
     * Its stand on card.
     *
     * @param lastBack when the saw came back last; {@code null} when it was never out
     */
    public LeakWatch watch(@Nullable Instant lastBack, Instant now, Numbers numbers) {
        return LeakWatch.of(facts.story().stoodAt(), facts.story().looks(), lastBack, now, numbers);
    }

    /** How far it is. */
    public FaultProgress progress(SawProfile saw, SawLog log, LeakWatch watch) {
        return FaultProgress.of(facts, saw, log, watch);
    }

    /** What it is called: by its cause once that is found. */
    String title() {
        return facts.cause() == null ? facts.complaint().title() : facts.cause().title();
    }
}
