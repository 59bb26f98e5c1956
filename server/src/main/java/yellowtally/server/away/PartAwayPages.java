package yellowtally.server.away;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.holds.PartBack;
import yellowtally.core.plan.BackFromAway;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;
import yellowtally.server.away.AwayPages.BackView;
import yellowtally.server.away.AwayPages.SaidView;
import yellowtally.server.fleet.Part;
import yellowtally.server.fleet.PartFinder;
import yellowtally.server.fleet.TagOrder;
import yellowtally.server.people.People;

/** Which parts a mechanic or dealer has, which are back and wait for a look, and where one part has been. */
@Service
public class PartAwayPages {

    private final AwayRepositories.Aways saws;
    private final AwayRepositories.PartAways aways;
    private final AwayRepositories.PartWords words;
    private final AwayRepositories.Looks looks;
    private final PartsAwayNow now;
    private final PartFinder finder;
    private final People people;
    private final Clock clock;

    PartAwayPages(
            AwayRepositories.Aways saws,
            AwayRepositories.PartAways aways,
            AwayRepositories.PartWords words,
            AwayRepositories.Looks looks,
            PartsAwayNow now,
            PartFinder finder,
            People people,
            Clock clock) {
        this.saws = saws;
        this.aways = aways;
        this.words = words;
        this.looks = looks;
        this.now = now;
        this.finder = finder;
        this.people = people;
        this.clock = clock;
    }

    /**
     * What is not where it should be.
     *
     * @param away by who has them, then by their tags
     * @param unseen what is back on the shelf and was not looked at
     * @param names with whom something of the fleet has been
     */
    public record PartsAwayPage(List<PartAwayView> away, List<PartAwayView> unseen, List<String> names) {}

    /**
     * One time away of a part.
     *
     * @param sort what it has in common with all that can take its place
     * @param said what was said, the first first; what was said last counts
     * @param overdue whether the day that was named last is over
     * @param back absent while it is away
     * @param asked the looks that it asks for when it is back
     * @param unseen whether it lies on the shelf and these are missing
     * @param looks what was looked at on the shelf, struck or not
     */
    public record PartAwayView(
            UUID id,
            String part,
            Subject kind,
            String sort,
            String who,
            String why,
            LocalDate since,
            String by,
            List<SaidView> said,
            boolean overdue,
            @Nullable BackView back,
            List<Step> asked,
            boolean unseen,
            List<LookView> looks) {}

    /** Somebody looked at it; {@code struckAt}, {@code struckBy} and {@code reason} are absent while that stands. */
    public record LookView(
            UUID id,
            Instant at,
            String by,
            @Nullable Instant struckAt,
            @Nullable String struckBy,
            @Nullable String reason) {}

    /** Of all parts. */
    public PartsAwayPage all() {
        List<PartAway> gone = new ArrayList<>();
        Map<UUID, Part> parts = new HashMap<>();
        for (AwayRepositories.GoneOrBack row : now.rows()) {
            parts.put(row.part().id(), row.part());
            if (!gone.contains(row.away())) {
                gone.add(row.away());
            }
        }
        List<PartAwayView> views = views(gone, parts);
        TreeSet<String> names = new TreeSet<>(saws.names());
        names.addAll(aways.names());
        return new PartsAwayPage(
                views.stream()
                        .filter(view -> view.back() == null)
                        .sorted(Comparator.comparing(PartAwayView::who)
                                .thenComparing(PartAwayView::part, TagOrder.NATURAL))
                        .toList(),
                views.stream()
                        .filter(PartAwayView::unseen)
                        .sorted(Comparator.comparing(PartAwayView::part, TagOrder.NATURAL))
                        .toList(),
                List.copyOf(names));
    }

    /** Of one part, what went last first. */
    public List<PartAwayView> ofPart(String tag) {
        Part part = finder.tagged(tag);
        return views(aways.findByPartIdOrderByAtDesc(part.id()), Map.of(part.id(), part));
    }

    private List<PartAwayView> views(List<PartAway> all, Map<UUID, Part> parts) {
        List<UUID> ids = all.stream().map(PartAway::id).toList();
        Map<UUID, String> names = people.names();
        Map<UUID, List<SaidView>> said = new HashMap<>();
        words.findByAwayIdInOrderByAt(ids)
                .forEach(word -> said.computeIfAbsent(word.awayId(), id -> new ArrayList<>())
                        .add(AwayPages.view(word, names)));
        Map<UUID, List<LookView>> looked = new HashMap<>();
        looks.findByAwayIdInOrderByAt(ids)
                .forEach(look -> looked.computeIfAbsent(look.awayId(), id -> new ArrayList<>())
                        .add(view(look, names)));
        LocalDate today = LocalDate.now(clock);
        // Of each part what went last comes first: the look is asked for what it came back from last.
        Set<UUID> unseen = new HashSet<>(now.now().unseen());
        List<PartAwayView> views = new ArrayList<>();
        for (PartAway away : all) {
            Part part = Objects.requireNonNull(parts.get(away.partId()));
            List<SaidView> words = said.getOrDefault(away.id(), List.of());
            views.add(new PartAwayView(
                    away.id(),
                    part.tag(),
                    part.subject(),
                    part.sort(),
                    away.who(),
                    away.why(),
                    away.since(),
                    AwayPages.name(names, away.personId()),
                    words,
                    away.backAt() == null
                            && BackFromAway.overdue(words.get(words.size() - 1).expectedOn(), today),
                    AwayPages.back(away, names),
                    PartBack.looks(part.subject()),
                    unseen.remove(part.id()),
                    looked.getOrDefault(away.id(), List.of())));
        }
        return views;
    }

    private static LookView view(PartLook look, Map<UUID, String> names) {
        return new LookView(
                look.id(),
                look.at(),
                AwayPages.name(names, look.personId()),
                look.struckAt(),
                look.struckBy() == null ? null : AwayPages.name(names, look.struckBy()),
                look.struckReason());
    }
}
