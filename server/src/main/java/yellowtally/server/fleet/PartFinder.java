package yellowtally.server.fleet;

import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import yellowtally.server.support.Refusal;

/** Finds a part whatever its kind. */
@Service
public class PartFinder {

    private final FleetStores.Chains chains;
    private final FleetStores.Bars bars;
    private final FleetStores.Sprockets sprockets;

    PartFinder(FleetStores.Chains chains, FleetStores.Bars bars, FleetStores.Sprockets sprockets) {
        this.chains = chains;
        this.bars = bars;
        this.sprockets = sprockets;
    }

    public Optional<Part> find(UUID id) {
        return chains.findById(id)
                .<Part>map(part -> part)
                .or(() -> bars.findById(id))
                .or(() -> sprockets.findById(id));
    }

    /** The part with this tag; a tag is one part's alone. */
    public Part tagged(String tag) {
        return chains.findByTag(tag)
                .<Part>map(part -> part)
                .or(() -> bars.findByTag(tag))
                .or(() -> sprockets.findByTag(tag))
                .orElseThrow(() -> Refusal.gone("part.unknown", tag));
    }
}
