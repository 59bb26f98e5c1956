package yellowtally.server.log;

import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Power;
import yellowtally.server.fleet.Crew;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.people.People;

/** What the lines of a page call persons, crews and saws, asked for once a page. */
record LogNames(Map<UUID, String> persons, Map<UUID, String> crews, Map<UUID, Fleet.SawName> saws) {

    static LogNames of(People people, Fleet fleet) {
        return new LogNames(
                people.names(),
                fleet.crews().stream().collect(Collectors.toMap(Crew::id, Crew::name)),
                fleet.sawNames());
    }

    String person(@Nullable UUID id) {
        return id == null ? "" : persons.getOrDefault(id, "");
    }

    @Nullable
    String crew(UUID id) {
        return crews.get(id);
    }

    String tag(UUID saw) {
        return saw(saw).tag();
    }

    Power power(UUID saw) {
        return saw(saw).power();
    }

    private Fleet.SawName saw(UUID id) {
        return Objects.requireNonNull(saws.get(id), "a record names a saw that is in the fleet");
    }
}
