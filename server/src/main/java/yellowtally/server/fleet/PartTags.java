package yellowtally.server.fleet;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Tags that are free for parts that come; only proposed. */
@Service
public class PartTags {

    private final FleetRepositories.Parts parts;

    PartTags(FleetRepositories.Parts parts) {
        this.parts = parts;
    }

    /**
     * So many tags are wanted.
     *
     * @param of what for
     * @param like a tag that shows how they are written
     */
    public record Asked(UUID of, String like, int count) {}

    /** Tags for each, none of them twice; fewer than asked for where a tag tells no next one. */
    public Map<UUID, List<String>> free(Collection<Asked> asked) {
        if (asked.isEmpty()) {
            return Map.of();
        }
        List<String> taken = new ArrayList<>(parts.tags());
        Map<UUID, List<String>> free = new HashMap<>();
        for (Asked one : asked) {
            List<String> next = new ArrayList<>();
            Optional<String> tag = NextTag.of(one.like(), taken, one.like());
            while (next.size() < one.count() && tag.isPresent()) {
                next.add(tag.get());
                taken.add(tag.get());
                tag = NextTag.of(one.like(), taken, one.like());
            }
            free.put(one.of(), next);
        }
        return free;
    }
}
