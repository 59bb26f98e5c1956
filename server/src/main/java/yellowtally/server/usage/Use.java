package yellowtally.server.usage;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.schedule.Wood;
import yellowtally.core.tension.Work;

/**
 * What a saw did and went through on an outing.
 *
 * @param tanks tanks of fuel, charges or run hours
 * @param oilShare bar oil used over all tanks, in tanks of oil; absent when nobody looked
 * @param chainSlack whether the chain hung slack when it was handed back
 * @param daysRun days of a longer outing on which it ran; absent when nobody said
 * @param complaint in a few words; absent when there was none
 */
public record Use(
        double tanks,
        @Nullable Double oilShare,
        Set<Work> works,
        Set<Wood> woods,
        boolean rain,
        boolean groundStruck,
        boolean dustSeen,
        boolean chainSlack,
        @Nullable Integer daysRun,
        @Nullable String complaint) {}
