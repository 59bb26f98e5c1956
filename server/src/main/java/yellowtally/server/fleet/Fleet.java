package yellowtally.server.fleet;

import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.server.support.Refusal;

/** Looks up saws, crews and what hangs on them, for all rooms. */
@Service
public class Fleet {

    private final FleetRepositories.Saws saws;
    private final FleetRepositories.Parts parts;
    private final FleetRepositories.Crews crews;
    private final FleetRepositories.Fittings fittings;

    Fleet(
            FleetRepositories.Saws saws,
            FleetRepositories.Parts parts,
            FleetRepositories.Crews crews,
            FleetRepositories.Fittings fittings) {
        this.saws = saws;
        this.parts = parts;
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
        List<Part> hanging = parts.findBySawId(saw.id());
        return new FittedSet(
                Part.one(Chain.class, hanging),
                Part.one(Bar.class, hanging),
                Part.one(Sprocket.class, hanging),
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
        return new PartTags(tagOf(fitting.chainId()), tagOf(fitting.barId()), tagOf(fitting.sprocketId()));
    }

    private @Nullable String tagOf(@Nullable UUID partId) {
        return partId == null ? null : parts.findById(partId).map(Part::tag).orElse(null);
    }

    /** Fitting records of a saw, latest first. */
    public List<SetFitting> fittings(Saw saw) {
        return fittings.findBySawIdOrderByAtDesc(saw.id());
    }

    /** Parts that are not retired, fitted or on the shelf. */
    public List<Part> partsInService() {
        return parts.findAllByOrderByTag().stream()
                .filter(part -> part.retiredAt() == null)
                .sorted(Comparator.comparing(Part::subject))
                .toList();
    }
}
