package yellowtally.server.fleet;

import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import yellowtally.server.support.Refusal;

/** Finds a part whatever its kind. */
@Service
public class PartFinder {

    private final FleetRepositories.Parts parts;

    PartFinder(FleetRepositories.Parts parts) {
        this.parts = parts;
    }

    public Optional<Part> find(UUID id) {
        return parts.findById(id);
    }

    /** Whether there is a part with this tag. */
    public boolean isKnown(String tag) {
        return parts.findByTag(tag).isPresent();
    }

    /** The part with this tag, for a write: whoever fits it at the same moment waits; empty for none. */
    public Optional<Part> claimed(String tag) {
        return parts.claimed(tag);
    }

    /** The same by its id. */
    public Optional<Part> claimed(UUID id) {
        return parts.claimed(id);
    }

    /** The part with this tag; a tag is one part's alone. */
    public Part tagged(String tag) {
        return parts.findByTag(tag).orElseThrow(() -> Refusal.gone("part.unknown", tag));
    }
}
