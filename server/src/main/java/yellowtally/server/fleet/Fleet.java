package yellowtally.server.fleet;

import jakarta.persistence.EntityManager;
import java.sql.PreparedStatement;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.hibernate.Session;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.steps.Power;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Writing;

/** Looks up saws, crews and what hangs on them, for all rooms. */
@Service
public class Fleet {

    private static final String LOCK = "select id from saw where id = ? for update";

    private final FleetRepositories.Saws saws;
    private final FleetRepositories.Parts parts;
    private final FleetRepositories.Crews crews;
    private final FleetRepositories.Fittings fittings;
    private final FleetRepositories.FormerTags formerTags;
    private final EntityManager records;

    Fleet(
            FleetRepositories.Saws saws,
            FleetRepositories.Parts parts,
            FleetRepositories.Crews crews,
            FleetRepositories.Fittings fittings,
            FleetRepositories.FormerTags formerTags,
            EntityManager records) {
        this.saws = saws;
        this.parts = parts;
        this.crews = crews;
        this.fittings = fittings;
        this.formerTags = formerTags;
        this.records = records;
    }

    /**
     * The saw with this tag, retired or not. A write waits here for any other write about this saw: whatever it reads of the saw
     * from then on still holds when it is done.
     */
    public Saw saw(String tag) {
        Saw saw = tagged(tag);
        if (Writing.now()) {
            lock(saw.id());
            records.refresh(saw);
        }
        return saw;
    }

    /** Which saw has this tag, asked for before any wait. */
    public UUID idOf(String tag) {
        return tagged(tag).id();
    }

    /** By its tag, or by one that it once had: old labels still find it. */
    private Saw tagged(String tag) {
        return saws.findByTag(tag)
                .or(() -> formerTags.findById(FormerTag.key(tag)).flatMap(former -> saws.findById(former.sawId())))
                .orElseThrow(() -> Refusal.gone("saw.unknown", tag));
    }

    /** Tags that a saw once had, by their letters. */
    List<String> formerTags(Saw saw) {
        return formerTags.findBySawId(saw.id()).stream()
                .map(FormerTag::tagKey)
                .sorted()
                .toList();
    }

    /** Lets a write wait for any other write about a saw that is known by its id. */
    public void lock(UUID sawId) {
        // What this write has changed so far must not be lost when the saw is read again.
        records.flush();
        records.unwrap(Session.class).doWork(connection -> {
            try (PreparedStatement wait = connection.prepareStatement(LOCK)) {
                wait.setObject(1, sawId);
                wait.executeQuery();
            }
        });
    }

    /** The same for several, always in one order: two writes that need the same saws do not wait for each other for ever. */
    public void lock(Collection<UUID> sawIds) {
        sawIds.stream().distinct().sorted().forEach(this::lock);
    }

    /** A saw that a record names, retired or not, as it is once no other write about it is under way. */
    public Saw byId(UUID sawId) {
        return saw(tag(sawId));
    }

    private static Stream<UUID> known(@Nullable UUID... ids) {
        return Stream.of(ids).flatMap(Stream::ofNullable);
    }

    /** Saws on which any of these parts hangs now; absent ones hang nowhere. */
    public List<UUID> hangingOn(@Nullable UUID... partIds) {
        List<UUID> known = known(partIds).toList();
        return known.isEmpty() ? List.of() : parts.hangingOn(known);
    }

    /** The tag of a saw that a record names. */
    public String tag(UUID sawId) {
        return saws.findById(sawId).orElseThrow().tag();
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

    /** A saw's card and its set as the screens see them. */
    public SawView view(Saw saw) {
        return SawView.of(saw, set(saw), formerTags(saw));
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

    /**
     * What hung on a saw at a moment: what is written down later belongs to the parts of then (handbook section 11, rule 10).
     * Before its first fitting that one hung on it already: a saw comes with its set.
     */
    public FittedSet setAt(Saw saw, Instant at) {
        SetFitting then = fittings.findFirstBySawIdAndAtLessThanEqualOrderByAtDesc(saw.id(), at)
                .or(() -> fittings.findFirstBySawIdOrderByAtAsc(saw.id()))
                .orElse(null);
        if (then == null || then.id().equals(saw.fittingId())) {
            return set(saw);
        }
        List<Part> hung = parts.findAllById(
                known(then.chainId(), then.barId(), then.sprocketId()).toList());
        return new FittedSet(
                Part.one(Chain.class, hung), Part.one(Bar.class, hung), Part.one(Sprocket.class, hung), then);
    }

    public Crew crew(UUID id) {
        return crews.findById(id).orElseThrow(() -> Refusal.unfit("crewId", "crew.unknown"));
    }

    /** A crew that draws saws; refuses one that draws none any more. */
    public Crew crewHere(UUID id) {
        Crew crew = crew(id);
        if (crew.leftOn() != null) {
            throw Refusal.unfit("crewId", "crew.left", crew.name());
        }
        return crew;
    }

    /** All crews by name; those that draw none any more too. */
    public List<Crew> crews() {
        return crews.findAllByOrderByName();
    }

    /** What a record says of a saw that it only names. */
    public record SawName(UUID id, String tag, Power power) {}

    /** The tag of a part. */
    record PartName(UUID id, String tag) {}

    /** The same of one saw. */
    public SawName sawName(UUID sawId) {
        Saw saw = saws.findById(sawId).orElseThrow();
        return new SawName(saw.id(), saw.tag(), saw.details().power());
    }

    /**
     * Every saw by its id, retired ones among them, asked for at once. What is read afterwards may name one that was added
     * since; what was read before cannot.
     */
    public Map<UUID, SawName> sawNames() {
        return saws.names().stream().collect(Collectors.toMap(SawName::id, name -> name));
    }

    /** Tags, by id, of all parts that these fitting records name, asked for at once; no part has no tag. */
    public Map<UUID, String> partTags(Collection<SetFitting> fittings) {
        return partTags(fittings.stream()
                .flatMap(f -> known(f.chainId(), f.barId(), f.sprocketId()))
                .collect(Collectors.toSet()));
    }

    /** Tags of parts, by id. */
    public Map<UUID, String> partTags(Set<UUID> named) {
        return parts.names(named).stream().collect(Collectors.toMap(PartName::id, PartName::tag));
    }

    /** Fitting records of a saw, latest first. */
    public List<SetFitting> fittings(Saw saw) {
        return fittings.findBySawIdOrderByAtDesc(saw.id());
    }

    /** A loop on the shelf; once it was fitted it is not new any more. */
    public record LoopOnShelf(Chain chain, boolean ran) {}

    /** Loops on the shelf, by their tags. */
    public List<LoopOnShelf> loopsOnShelf() {
        return parts.loopsOnShelf();
    }

    /** Parts that are not retired, fitted or on the shelf. */
    public List<Part> partsInService() {
        return parts.findAllByOrderByTag().stream()
                .filter(part -> part.retiredAt() == null)
                .sorted(Comparator.comparing(Part::subject))
                .toList();
    }
}
