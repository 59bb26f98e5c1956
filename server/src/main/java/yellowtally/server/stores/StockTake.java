package yellowtally.server.stores;

import java.util.UUID;

/** Something taken from the shelf; the amount in units of the item. */
public record StockTake(UUID itemId, double amount) {}
