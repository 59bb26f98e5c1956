package yellowtally.server.fleet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Tags that are free for parts that come; only proposed. */
@Service
public class PartTags {

    private final FleetRepositories.Parts parts;

    PartTags(FleetRepositories.Parts parts) {
        this.parts = parts;
    }

    /** So many that come after those that are written like another; fewer where its tag tells none. */
    public List<String> after(String like, int count) {
        List<String> taken = new ArrayList<>(parts.tags());
        List<String> next = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Optional<String> tag = NextTag.of(like, taken, like);
            if (tag.isEmpty()) {
                break;
            }
            taken.add(tag.get());
            next.add(tag.get());
        }
        return next;
    }
}
