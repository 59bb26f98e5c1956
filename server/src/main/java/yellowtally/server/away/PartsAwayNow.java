package yellowtally.server.away;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.holds.PartBack;
import yellowtally.core.steps.Subject;
import yellowtally.server.fleet.PartsElsewhere;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.Writing;
import yellowtally.server.worklog.WorkOutcome;

/** Which parts are with a mechanic or dealer now, and which are back and not looked at; kept until something is written. */
@Component
class PartsAwayNow implements PartsElsewhere {

    private static final Set<WorkOutcome> PASSING = Set.of(WorkOutcome.FINE, WorkOutcome.ATTEND);

    private final AwayRepositories.PartAways aways;
    private final FleetRevision revision;
    private volatile @Nullable Kept kept;

    PartsAwayNow(AwayRepositories.PartAways aways, FleetRevision revision) {
        this.aways = aways;
        this.revision = revision;
    }

    private record Kept(long revision, Now now) {}

    @Override
    public Optional<String> who(UUID partId) {
        return aways.findByOpenPartId(partId).map(PartAway::who);
    }

    @Override
    public Now now() {
        if (Writing.now()) {
            return read();
        }
        long asked = revision.now();
        Kept before = kept;
        if (before != null && before.revision() == asked) {
            return before.now();
        }
        Now read = read();
        // A write meanwhile has another number: what was read is not taken for what is there then.
        kept = new Kept(asked, read);
        return read;
    }

    /** What is away, with all that was said of it, the first first; and what is back on the shelf without a look there. */
    List<AwayRepositories.GoneOrBack> rows() {
        return aways.goneOrBack(
                PartBack.looks(Subject.CHAIN), PartBack.looks(Subject.BAR), PartBack.looks(Subject.SPROCKET), PASSING);
    }

    private Now read() {
        Map<UUID, Elsewhere> away = new HashMap<>();
        Set<UUID> unseen = new HashSet<>();
        for (AwayRepositories.GoneOrBack row : rows()) {
            PartAway gone = row.away();
            if (row.word() != null) {
                // What was said last comes last.
                SaidOfReturn said = row.word().said();
                away.put(gone.partId(), new Elsewhere(row.part().tag(), gone.who(), said.expectedOn(), said.counted()));
            } else if (row.looks() < PartBack.looks(row.part().subject()).size()) {
                unseen.add(gone.partId());
            }
        }
        return new Now(away, unseen);
    }
}
