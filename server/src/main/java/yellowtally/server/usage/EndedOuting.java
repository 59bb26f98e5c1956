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
        Set<DueEvent> events) {

    /** What the stored words and marks of an outing mean to the schedule. */
    public static Set<Condition> conditions(String works, String woods, boolean rain) {
        Set<Condition> conditions = EnumSet.noneOf(Condition.class);
        for (Wood wood : EnumWords.read(Wood.class, woods)) {
            switch (wood) {
                case HARD -> conditions.add(Condition.HARD);
                case DIRTY -> conditions.add(Condition.DIRTY);
                case FROZEN -> conditions.add(Condition.FROZEN);
                case SOFT -> {
                    // Weighs nothing.
                }
            }
        }
        if (rain) {
            conditions.add(Condition.RAIN);
        }
        if (works.contains("LIMBING")) {
            conditions.add(Condition.LIMBING);
        }
        return conditions;
    }

    /** What makes tasks due at once. */
    public static Set<DueEvent> events(boolean rain, boolean groundStruck, boolean dustSeen, boolean complaint) {
        Set<DueEvent> events = EnumSet.noneOf(DueEvent.class);
        if (rain) {
            events.add(DueEvent.RAIN);
        }
        if (groundStruck) {
            events.add(DueEvent.GROUND_STRUCK);
        }
        if (dustSeen) {
            events.add(DueEvent.DUST_SEEN);
        }
        if (complaint) {
            events.add(DueEvent.COMPLAINT);
        }
        return events;
    }
}
