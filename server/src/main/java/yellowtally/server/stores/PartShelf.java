package yellowtally.server.stores;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.plan.BackFromAway;
import yellowtally.core.schedule.DueDate;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Subject;
import yellowtally.core.stores.OrderLine;
import yellowtally.core.stores.StockNeeds;
import yellowtally.core.stores.StoresSetting;
import yellowtally.core.wear.WearKind;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Part;
import yellowtally.server.fleet.PartCheck;
import yellowtally.server.fleet.PartFinder;
import yellowtally.server.fleet.PartsElsewhere;
import yellowtally.server.standing.FittedSaw.Hung;
import yellowtally.server.standing.Standing;

/** Tagged parts by what they are interchangeable with: on the shelf, spoken for, wearing out, to be ordered. */
@Component
class PartShelf {

    private final Fleet fleet;
    private final PartFinder finder;
    private final StockRepositories.PartOrders orders;
    private final PartCheck check;
    private final PartsElsewhere elsewhere;

    PartShelf(
            Fleet fleet,
            PartFinder finder,
            StockRepositories.PartOrders orders,
            PartCheck check,
            PartsElsewhere elsewhere) {
        this.fleet = fleet;
        this.finder = finder;
        this.orders = orders;
        this.check = check;
        this.elsewhere = elsewhere;
    }

    /**
     * Parts that can take each other's place.
     *
     * @param spec what they have in common, in the trade's words
     * @param shelf tags on the shelf that may be fitted
     * @param condemned tags on the shelf that may not
     * @param away those that a mechanic or dealer has
     * @param fits saws that such a part hangs on
     * @param reserved saws whose waiting work takes one
     * @param wearing those in use that are expected to wear out within lead and cover, soonest first
     * @param like one of them, to order more of
     * @param onOrder what is awaited, the longest first
     */
    record PartGroup(
            Subject kind,
            String spec,
            List<String> shelf,
            List<String> condemned,
            List<AwayPart> away,
            Set<String> fits,
            List<String> reserved,
            List<Wearing> wearing,
            String like,
            List<OrderView> onOrder,
            @Nullable OrderLine order) {}

    /**
     * A part that somebody has.
     *
     * @param expectedOn absent while nobody said
     * @param comes whether it is counted on: the officer does, and the day is not over
     */
    record AwayPart(String part, @Nullable LocalDate expectedOn, boolean comes) {}

    /** A part that wears out. */
    record Wearing(String part, String saw, WearKind kind, DueDate date) {}

    /**
     * All groups, by kind and spec.
     *
     * @param names of people, for orders
     */
    List<PartGroup> groups(
            List<Standing> standings,
            Map<String, StockNeeds> needs,
            Map<UUID, String> names,
            Numbers numbers,
            LocalDate today) {
        Map<Key, Draft> drafts = new LinkedHashMap<>();
        Map<UUID, Key> keys = new HashMap<>();
        Map<Subject, Set<UUID>> condemned = new EnumMap<>(Subject.class);
        PartsElsewhere.Now gone = elsewhere.now();
        fleet.partsInService().forEach(part -> {
            Key key = key(part);
            keys.put(part.id(), key);
            Draft draft = drafts.computeIfAbsent(key, k -> new Draft(k, part.tag()));
            PartsElsewhere.Elsewhere with = gone.away().get(part.id());
            if (with != null) {
                draft.away.add(new AwayPart(
                        part.tag(), with.expectedOn(), BackFromAway.comes(with.expectedOn(), with.counted(), today)));
            } else if (part.sawId() == null) {
                Set<UUID> outOfUse = condemned.computeIfAbsent(key.kind(), check::condemned);
                (outOfUse.contains(part.id()) ? draft.condemned : draft.shelf).add(part.tag());
            }
        });
        OrderView.of(orders.findAllByClosedAtIsNullOrderByAt(), names).forEach((likeId, awaited) -> {
            Key known = keys.get(likeId);
            Draft draft = known == null ? null : drafts.get(known);
            if (draft == null) {
                // The part that they are like is retired by now.
                Part like = finder.find(likeId).orElseThrow();
                draft = drafts.computeIfAbsent(key(like), k -> new Draft(k, like.tag()));
            }
            draft.onOrder.addAll(awaited);
        });
        LocalDate horizon = today.plusDays(OrderLine.horizonDays(numbers));
        for (Standing standing : standings) {
            String saw = standing.fitted().saw().tag();
            StockNeeds need = Objects.requireNonNull(needs.get(saw));
            for (Hung<?> part : standing.fitted().parts()) {
                Draft draft = drafts.get(keys.get(part.id()));
                if (draft != null) {
                    draft.fits.add(saw);
                    if (need.parts().contains(part.subject())) {
                        draft.reserved.add(saw);
                    } else {
                        wearing(standing, part, today)
                                .filter(wearing -> !wearing.date().likely().isAfter(horizon))
                                .ifPresent(draft.wearing::add);
                    }
                }
            }
        }
        return drafts.values().stream()
                .sorted(Comparator.comparing((Draft d) -> d.key.kind()).thenComparing(d -> d.key.spec()))
                .map(draft -> draft.group(numbers))
                .toList();
    }

    /** The kind of wear of a part that ends it first, and when. */
    private static Optional<Wearing> wearing(Standing standing, Hung<?> part, LocalDate today) {
        return standing.wear()
                .endsFirst(part.subject())
                .flatMap(wear -> standing.ledger()
                        .schedule()
                        .after(
                                Objects.requireNonNull(wear.tanksLeft()).likely(),
                                part.subject(),
                                today,
                                standing.numbers())
                        .map(date ->
                                new Wearing(part.tag(), standing.fitted().saw().tag(), wear.kind(), date)));
    }

    private record Key(Subject kind, String spec) {}

    private static Key key(Part part) {
        return new Key(part.subject(), part.sort());
    }

    /** A group while it is put together. */
    private static final class Draft {
        private final Key key;
        private final String like;
        private final List<String> shelf = new ArrayList<>();
        private final List<String> condemned = new ArrayList<>();
        private final List<AwayPart> away = new ArrayList<>();
        private final Set<String> fits = new TreeSet<>();
        private final List<String> reserved = new ArrayList<>();
        private final List<Wearing> wearing = new ArrayList<>();
        private final List<OrderView> onOrder = new ArrayList<>();

        Draft(Key key, String like) {
            this.key = key;
            this.like = like;
        }

        PartGroup group(Numbers numbers) {
            onOrder.sort(Comparator.comparing(OrderView::at));
            wearing.sort(Comparator.comparing(w -> w.date().likely()));
            OrderLine order = OrderLine.of(
                            new OrderLine.Item(
                                    shelf.size(),
                                    reserved.size(),
                                    OrderView.amount(onOrder)
                                            + away.stream()
                                                    .filter(AwayPart::comes)
                                                    .count(),
                                    wearing.size(),
                                    0,
                                    0,
                                    numbers.of(StoresSetting.LEAD_DAYS),
                                    1),
                            numbers)
                    .orElse(null);
            return new PartGroup(
                    key.kind(), key.spec(), shelf, condemned, away, fits, reserved, wearing, like, onOrder, order);
        }
    }
}
