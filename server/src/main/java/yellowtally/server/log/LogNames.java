package yellowtally.server.log;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Power;
import yellowtally.server.fleet.Crew;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.people.People;

/** What the lines of a page call persons, crews and saws. Asked for once a page; a saw that came meanwhile is asked for by itself. */
final class LogNames {

    private final Fleet fleet;
    private final Map<UUID, String> persons;
    private final Map<UUID, String> crews;
    private final Map<UUID, Fleet.SawName> saws;

    LogNames(People people, Fleet fleet) {
        this.fleet = fleet;
        this.persons = people.names();
        this.crews = fleet.crews().stream().collect(Collectors.toMap(Crew::id, Crew::name));
        this.saws = new HashMap<>(fleet.sawNames());
    }

    String person(@Nullable UUID id) {
        return id == null ? "" : persons.getOrDefault(id, "");
    }

    @Nullable
    String crew(UUID id) {
        return crews.get(id);
    }

    String tag(UUID saw) {
        return saws.computeIfAbsent(saw, fleet::sawName).tag();
    }

    Power power(UUID saw) {
        return saws.computeIfAbsent(saw, fleet::sawName).power();
    }
}
