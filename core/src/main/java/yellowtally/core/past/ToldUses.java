package yellowtally.core.past;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.log.Told;
import yellowtally.core.schedule.UseUnit;
import yellowtally.core.steps.Subject;
import yellowtally.core.wear.UseAccount.Used;

/**
 * Tanks that a part had seen before its saw was brought in, as far as they were told: they lie between the services that they were
 * told of, so that readings of a notebook stand at their use (est., handbook section 4).
 */
public final class ToldUses {

    private ToldUses() {}

    /** The tanks of a part between what was told of it, first one first; empty where nothing was. */
    public static List<Used> of(SawLog log, Subject part) {
        List<StepEntry> told = log.entries().stream()
                .filter(entry -> inTanks(entry, part))
                .sorted(Comparator.comparing(StepEntry::at).reversed())
                .toList();
        List<Used> uses = new ArrayList<>();
        double later = 0;
        for (StepEntry entry : told) {
            double since = since(entry);
            // Told at another time, it may have seen less than what came after it.
            uses.add(0, new Used(entry.at().plusSeconds(1), Math.max(0, since - later)));
            later = Math.max(later, since);
        }
        return uses;
    }

    /** Days since which the saw was used, by what was told: tanks since a service were burned no earlier than on its day. */
    public static List<LocalDate> usedSince(SawLog log) {
        return log.entries().stream()
                .filter(entry -> since(entry) > 0)
                .filter(entry -> PastLine.of(entry.step())
                        .filter(line -> line.since() == UseUnit.TANKS || line.since() == UseUnit.OUTINGS)
                        .isPresent())
                .map(StepEntry::day)
                .toList();
    }

    private static boolean inTanks(StepEntry entry, Subject part) {
        Told told = entry.told();
        return told != null
                && told.since() != null
                && entry.step().subject() == part
                && entry.speaks()
                && PastLine.of(entry.step())
                        .filter(line -> line.since() == UseUnit.TANKS)
                        .isPresent();
    }

    private static double since(StepEntry entry) {
        Told told = entry.told();
        return told == null || told.since() == null ? 0 : told.since();
    }
}
