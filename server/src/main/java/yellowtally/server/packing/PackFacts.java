package yellowtally.server.packing;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.edge.FileChoice;
import yellowtally.core.pack.PackSaw;
import yellowtally.core.plan.DayUse;
import yellowtally.core.schedule.Task;
import yellowtally.core.settings.Numbers;
import yellowtally.server.fleet.Loop;
import yellowtally.server.fleet.SawChoices;
import yellowtally.server.fleet.SawDetails;
import yellowtally.server.standing.FittedSaw;
import yellowtally.server.standing.Standing;

/** What of a saw as it stands decides what is packed for it. */
final class PackFacts {

    private PackFacts() {}

    /** @param tasks that are done on it, where it is laid out for */
    static PackSaw of(Standing standing, List<Task> tasks) {
        FittedSaw fitted = standing.fitted();
        SawDetails card = fitted.saw().details();
        return new PackSaw(
                fitted.saw().tag(),
                card.model().title(),
                card.power(),
                DayUse.of(standing.ledger().schedule().uses(), standing.numbers()),
                card.fuelRatio(),
                card.fuelTankMl(),
                card.oilTankMl(),
                standing.account().oilUsual().perTank(),
                file(fitted, standing.numbers()),
                new PackSaw.Nuts(card.nutMm(), card.captiveNuts(), card.adjuster() == SawChoices.Adjuster.TOOL_FREE),
                fitted.bar() == null ? null : fitted.bar().spec(),
                fitted.sprocket() == null ? null : fitted.sprocket().spec(),
                card.plugCode(),
                Set.copyOf(tasks),
                standing.numbers());
    }

    private static @Nullable Double file(FittedSaw fitted, Numbers numbers) {
        if (fitted.chain() == null) {
            return null;
        }
        Loop loop = fitted.chain().spec();
        return FileChoice.fileMm(loop.pitch(), loop.maker().fileMm(), numbers);
    }
}
