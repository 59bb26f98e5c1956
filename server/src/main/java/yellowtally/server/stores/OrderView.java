package yellowtally.server.stores;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Something that is awaited; {@code supplier} and {@code expectedOn} are absent when nobody said. */
record OrderView(
        UUID id,
        double amount,
        @Nullable String supplier,
        @Nullable LocalDate expectedOn,
        Instant at,
        String by) {

    /** Orders by what they are of, in the order given; {@code names} are those of people. */
    static Map<UUID, List<OrderView>> of(Collection<? extends Awaited> orders, Map<UUID, String> names) {
        Map<UUID, List<OrderView>> found = new HashMap<>();
        orders.forEach(order -> found.computeIfAbsent(order.of(), of -> new ArrayList<>())
                .add(order.view(names.getOrDefault(order.personId(), ""))));
        return found;
    }

    /** How much is awaited by these. */
    static double amount(List<OrderView> orders) {
        return orders.stream().mapToDouble(OrderView::amount).sum();
    }
}
