package yellowtally.core.fitness;

import java.util.List;
import yellowtally.core.bar.Bluing;
import yellowtally.core.schedule.DueEvent;
import yellowtally.core.schedule.Task;
import yellowtally.core.steps.Finding;
import yellowtally.core.waiting.OilWaits.OilMatter;
import yellowtally.core.waiting.TensionWaits.TensionMatter;

/** What of the records of a saw speaks for one cause of a blued bar or another (handbook section 5). */
public final class BluingSuspects {

    private BluingSuspects() {}

    /** Causes that something speaks for, the strongest first. */
    public static List<Bluing.BluedBy> of(SawAccount account) {
        var sharpen = account.tasks().stream()
                .filter(due -> due.task() == Task.SHARPEN)
                .findFirst();
        boolean dry = account.findings().stream()
                .anyMatch(open -> open.finding() == Finding.OIL_FAINT || open.finding() == Finding.OIL_NONE);
        dry |= account.work().stream()
                .anyMatch(w -> w.finding() == Finding.OIL_NONE
                        || w.what() == OilMatter.NOT_OILING
                        || w.what() == OilMatter.OIL_USE_LOW);
        boolean tight = account.work().stream().anyMatch(w -> w.what() == TensionMatter.TOO_TIGHT);
        return Bluing.suspects(new Bluing.Known(
                sharpen.map(due -> due.fraction()).orElse(0.0),
                sharpen.map(due -> due.events().contains(DueEvent.DUST_SEEN)).orElse(false),
                tight,
                dry));
    }
}
