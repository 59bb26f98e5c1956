package yellowtally.server.usage;

import java.time.Instant;
import java.util.EnumSet;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.schedule.Condition;
import yellowtally.core.schedule.DueEvent;

/** What the rules need of an outing that ended. */
public record EndedOuting(
        UUID sawId,
        @Nullable UUID chainId,
        @Nullable UUID barId,
        @Nullable UUID sprocketId,
        @Nullable UUID fittingId,
        Instant outAt,
        Instant backAt,
        double tanks,
        @Nullable Double oilTanks,
        Set<Condition> conditions,
        Set<DueEvent> events,
        @Nullable Integer daysRun) {

    /** The same, and it went through this as well. */
    public EndedOuting with(Set<Condition> more) {
        if (conditions.containsAll(more)) {
            return this;
        }
        Set<Condition> all = EnumSet.copyOf(more);
        all.addAll(conditions);
        return new EndedOuting(
                sawId, chainId, barId, sprocketId, fittingId, outAt, backAt, tanks, oilTanks, all, events, daysRun);
    }
}
