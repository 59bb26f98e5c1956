package yellowtally.server.sheetsin;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Refusal.Fault;

/** The saws that the lines of a sheet name by tag, each looked for once. */
final class SawTags {

    static final String FIELD = "saw";

    private final Fleet fleet;
    private final Set<UUID> inService;
    private final Map<String, Optional<UUID>> known = new HashMap<>();

    SawTags(Fleet fleet) {
        this.fleet = fleet;
        this.inService = fleet.sawsInService().stream().map(Saw::id).collect(Collectors.toSet());
    }

    /** The saw in service that a line is about; a line that names none is wrong. */
    Optional<UUID> of(Line line, Bringer.Report report) {
        String tag = line.text(FIELD);
        Optional<UUID> saw = known.computeIfAbsent(tag, this::find);
        if (saw.isEmpty()) {
            report.wrong(
                    line, List.of(tag.isEmpty() ? Fault.of(FIELD, "missing") : Fault.of(FIELD, "line.noSaw", tag)));
        }
        return saw;
    }

    private Optional<UUID> find(String tag) {
        try {
            return tag.isEmpty()
                    ? Optional.empty()
                    : Optional.of(fleet.idOf(tag)).filter(inService::contains);
        } catch (Refusal refused) {
            return Optional.empty();
        }
    }
}
