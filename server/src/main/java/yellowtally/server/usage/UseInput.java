package yellowtally.server.usage;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.schedule.Wood;
import yellowtally.core.tension.Work;

/**
 * What a saw did, as typed.
 *
 * @param tanks tanks, charges or run hours
 * @param oilShare tanks of bar oil used; absent when nobody looked
 * @param chainSlack whether the chain hung slack when it was handed back; absent counts as not
 * @param daysRun days of a longer outing on which it ran; absent when nobody said
 * @param sure says that an unlikely figure is right all the same
 */
public record UseInput(
        @Nullable Double tanks,
        @Nullable Double oilShare,
        @Nullable Set<Work> works,
        @Nullable Set<Wood> woods,
        boolean rain,
        boolean groundStruck,
        boolean dustSeen,
        @Nullable Boolean chainSlack,
        @Nullable String complaint,
        @Nullable Double daysRun,
        @Nullable Boolean sure) {}
