package yellowtally.core.stores;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import yellowtally.core.settings.Numbers;

/**
 * One line of an order list, with its reasons (general practice).
 *
 * @param quantity whole packs, in units of the item, over zero
 * @param reasons why it is ordered, never empty
 */
public record OrderLine(double quantity, Set<OrderReason> reasons) {

    public OrderLine {
        reasons = Set.copyOf(reasons);
    }

    /** Why something is ordered. */
    public enum OrderReason {
        /** Work that waits needs more than there is. */
        RESERVED_EXCEEDS_SHELF,
        BELOW_LEAST,
        /** What is free would be used up before an order comes. */
        RUNS_OUT_BEFORE_DELIVERY,
        /** Parts in use are expected to be worn out by then. */
        PARTS_WEAR_OUT
    }

    /**
     * How an item stands.
     *
     * @param shelf on the shelf, zero or more
     * @param reserved for work that waits
     * @param onOrder that is awaited, zero or more: it is not ordered again
     * @param wornOut expected to be needed within lead and cover, besides what is used steadily
     * @param perDay used steadily, zero when not known
     * @param least that should always lie there
     * @param leadDays from order to shelf
     * @param pack units of a pack, over zero
     */
    public record Item(
            double shelf,
            double reserved,
            double onOrder,
            double wornOut,
            double perDay,
            double least,
            double leadDays,
            double pack) {}

    /** How far ahead parts are ordered that wear out, whole days: until an order comes, and as long as it should last. */
    public static long horizonDays(Numbers numbers) {
        return Math.round(numbers.of(StoresSetting.LEAD_DAYS) + numbers.of(StoresSetting.COVER_DAYS));
    }

    /** The line for an item; empty when there is enough. */
    public static Optional<OrderLine> of(Item item, Numbers numbers) {
        double free = item.shelf() + item.onOrder() - item.reserved();
        double atDelivery = free - item.perDay() * item.leadDays();
        Set<OrderReason> reasons = EnumSet.noneOf(OrderReason.class);
        if (free < 0) {
            reasons.add(OrderReason.RESERVED_EXCEEDS_SHELF);
        }
        if (free < item.least()) {
            reasons.add(OrderReason.BELOW_LEAST);
        }
        if (item.perDay() > 0 && atDelivery <= 0) {
            reasons.add(OrderReason.RUNS_OUT_BEFORE_DELIVERY);
        }
        if (item.wornOut() > Math.max(0, free)) {
            reasons.add(OrderReason.PARTS_WEAR_OUT);
        }
        if (reasons.isEmpty()) {
            return Optional.empty();
        }
        double wanted = item.least()
                + item.wornOut()
                + item.perDay() * (item.leadDays() + numbers.of(StoresSetting.COVER_DAYS))
                - free;
        double packs = Math.max(1, Math.ceil(wanted / item.pack() - 1e-9));
        return Optional.of(new OrderLine(packs * item.pack(), reasons));
    }
}
