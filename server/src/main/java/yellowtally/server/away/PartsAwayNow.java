package yellowtally.server.away;

import java.time.Instant;
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
import yellowtally.core.steps.Step;
import yellowtally.server.fleet.Part;
import yellowtally.server.fleet.PartsElsewhere;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.Writing;
import yellowtally.server.worklog.Worklog;

/** Which parts are with a mechanic or dealer now, and which are back and not looked at; kept until something is written. */
@Component
class PartsAwayNow implements PartsElsewhere {

    private final AwayRepositories.PartAways aways;
    private final Worklog worklog;
    private final FleetRevision revision;
    private volatile @Nullable Kept kept;

    PartsAwayNow(AwayRepositories.PartAways aways, Worklog worklog, FleetRevision revision) {
        this.aways = aways;
        this.worklog = worklog;
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

    private Now read() {
        Map<UUID, Elsewhere> away = new HashMap<>();
        Set<UUID> unseen = new HashSet<>();
        for (AwayRepositories.GoneOrBack row : aways.goneOrBack()) {
            PartAway gone = row.away();
            Instant back = gone.backAt();
            if (row.word() != null) {
                // What was said last comes last.
                SaidOfReturn said = row.word().said();
                away.put(gone.partId(), new Elsewhere(row.part().tag(), gone.who(), said.expectedOn(), said.counted()));
            } else if (back != null && !looksMissing(row, back).isEmpty()) {
                unseen.add(gone.partId());
            }
        }
        return new Now(away, unseen);
    }

    /** What was looked at on a saw meanwhile was seen. */
    private List<Step> looksMissing(AwayRepositories.GoneOrBack row, Instant back) {
        Part part = row.part();
        List<Step> looks = PartBack.looks(part.subject());
        if (!row.fitted()) {
            return looks;
        }
        Set<Step> seen = worklog.passedSince(part, looks, back);
        return looks.stream().filter(look -> !seen.contains(look)).toList();
    }
}
