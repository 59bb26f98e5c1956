package yellowtally.server.stores;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.stores.StockKind;
import yellowtally.server.support.Violations;

/** Something that did not lie on the shelf before. Runs within the caller's transaction. */
@Service
public class NewItems {

    private static final int MOST_LEAD_DAYS = 365;
    private static final double MOST = 100_000;

    private final StockRepositories.Items items;

    NewItems(StockRepositories.Items items) {
        this.items = items;
    }

    /** Stores an item; nothing of it lies there yet. All that is wrong with its card is told at once. */
    public StockItem add(StockKind kind, StockItem.Card card) {
        return items.save(new StockItem(UUID.randomUUID(), kind, card(null, card)));
    }

    /** A card as it is kept; {@code own} is absent for something new. */
    StockItem.Card card(@Nullable UUID own, StockItem.Card card) {
        Violations wrong = new Violations();
        String name = wrong.text("card.name", card.name(), 80);
        String fits = wrong.optionalText("card.fits", card.fits(), 80);
        wrong.number("card.least", card.least(), 0, MOST);
        wrong.number("card.pack", card.pack(), 0.01, MOST);
        if (card.leadDays() != null) {
            wrong.number("card.leadDays", card.leadDays().doubleValue(), 0, MOST_LEAD_DAYS);
        }
        if (card.costCents() != null) {
            wrong.number("card.costCents", card.costCents().doubleValue(), 0, 10_000_000);
        }
        items.findByName(name)
                .filter(other -> !other.id().equals(own))
                .ifPresent(other -> wrong.add("card.name", "stock.taken", name));
        wrong.refuseIfAny();
        return new StockItem.Card(name, fits, card.least(), card.leadDays(), card.pack(), card.costCents());
    }
}
