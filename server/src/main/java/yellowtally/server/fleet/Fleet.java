package yellowtally.server.fleet;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.server.support.Refusal;

/** Looks up saws, crews and what hangs on them, for all rooms. */
@Service
public class Fleet {

    private final FleetStores.Saws saws;
    private final FleetStores.Chains chains;
    private final FleetStores.Bars bars;
    private final FleetStores.Sprockets sprockets;
    private final FleetStores.Crews crews;
    private final FleetStores.Fittings fittings;

    Fleet(
            FleetStores.Saws saws,
            FleetStores.Chains chains,
            FleetStores.Bars bars,
            FleetStores.Sprockets sprockets,
            FleetStores.Crews crews,
            FleetStores.Fittings fittings) {
        this.saws = saws;
        this.chains = chains;
        this.bars = bars;
        this.sprockets = sprockets;
        this.crews = crews;
        this.fittings = fittings;
    }

    /** The saw with this tag, retired or not. */
    public Saw saw(String tag) {
        return saws.findByTag(tag).orElseThrow(() -> Refusal.gone("saw.unknown", tag));
    }

    /** The saw that a record names. */
    public Saw sawOf(UUID sawId) {
        return saws.findById(sawId).orElseThrow();
    }

    /** The tag of a saw that a record names. */
    public String tag(UUID sawId) {
        return sawOf(sawId).tag();
    }

    /** The saw with this tag; refuses a retired one, on which no more work is recorded. */
    public Saw sawInService(String tag) {
        Saw saw = saw(tag);
        if (saw.retiredAt() != null) {
            throw Refusal.conflict("", "saw.retired", tag);
        }
        return saw;
    }

    /** Every saw that is not retired. */
    public List<Saw> sawsInService() {
        return saws.findByRetiredAtNull();
    }

    public FittedSet set(Saw saw) {
        return new FittedSet(
                chains.findBySawId(saw.id()).orElse(null),
                bars.findBySawId(saw.id()).orElse(null),
                sprockets.findBySawId(saw.id()).orElse(null),
                saw.fittingId() == null
                        ? null
                        : fittings.findById(saw.fittingId()).orElse(null));
    }

    public Crew crew(UUID id) {
        return crews.findById(id).orElseThrow(() -> Refusal.unfit("crewId", "crew.unknown"));
    }

    public List<Crew> crews() {
        return crews.findAllByOrderByName();
    }

    /** Tags of the parts that a fitting record names. */
    public record PartTags(
            @Nullable String chain,
            @Nullable String bar,
            @Nullable String sprocket) {}

    public PartTags partTags(SetFitting fitting) {
        return new PartTags(
                fitting.chainId() == null
                        ? null
                        : chains.findById(fitting.chainId()).map(Chain::tag).orElse(null),
                fitting.barId() == null
                        ? null
                        : bars.findById(fitting.barId()).map(Bar::tag).orElse(null),
                fitting.sprocketId() == null
                        ? null
                        : sprockets
                                .findById(fitting.sprocketId())
                                .map(Sprocket::tag)
                                .orElse(null));
    }

    /** Fitting records of a saw, latest first. */
    public List<SetFitting> fittings(Saw saw) {
        return fittings.findBySawIdOrderByAtDesc(saw.id());
    }

    /** Parts that are not retired, fitted or on the shelf. */
    public List<Part> partsInService() {
        List<Part> parts = new ArrayList<>();
        parts.addAll(chains.findAllByOrderByTag());
        parts.addAll(bars.findAllByOrderByTag());
        parts.addAll(sprockets.findAllByOrderByTag());
        parts.removeIf(part -> part.retiredAt() != null);
        return parts;
    }
}
