package yellowtally.core.backup;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/** When the next backup is due, and which are not kept any longer (general practice). Times are those of the fleet's zone. */
public final class BackupRotation {

    private BackupRotation() {}

    /**
     * Whether a backup is to be made.
     *
     * @param newest when the newest was made; {@code null} when there is none
     * @param recordedSince whether anything was recorded after it
     */
    public static boolean isDue(
            @Nullable LocalDateTime newest, boolean recordedSince, LocalDateTime now, Numbers numbers) {
        if (newest == null) {
            return true;
        }
        Duration every = Duration.ofMinutes(Math.round(60 * numbers.of(BackupSetting.EVERY_HOURS)));
        // One that seems to be of tomorrow was made by a clock that was wrong: it keeps nobody from making one.
        boolean old = !newest.plus(every).isAfter(now) || newest.isAfter(now);
        return recordedSince && old;
    }

    /**
     * Those that are not kept any longer: not among the newest, and not the last of a month that counts. The newest is never among
     * them.
     *
     * @param made when each was made, in any order
     */
    public static Set<LocalDateTime> notKept(Collection<LocalDateTime> made, Numbers numbers) {
        List<LocalDateTime> newestFirst = made.stream()
                .distinct()
                .sorted(Comparator.<LocalDateTime>naturalOrder().reversed())
                .toList();
        Set<LocalDateTime> kept =
                newestFirst.stream().limit(count(numbers, BackupSetting.KEEP)).collect(Collectors.toSet());
        TreeMap<YearMonth, LocalDateTime> lastOfMonth = new TreeMap<>(Comparator.reverseOrder());
        newestFirst.forEach(one -> lastOfMonth.putIfAbsent(YearMonth.from(one), one));
        lastOfMonth.entrySet().stream()
                .limit(count(numbers, BackupSetting.KEEP_MONTHS))
                .map(Map.Entry::getValue)
                .forEach(kept::add);
        Set<LocalDateTime> gone = new HashSet<>(newestFirst);
        gone.removeAll(kept);
        return gone;
    }

    private static long count(Numbers numbers, BackupSetting setting) {
        return Math.round(numbers.of(setting));
    }
}
