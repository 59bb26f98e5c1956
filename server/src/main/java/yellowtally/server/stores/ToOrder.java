package yellowtally.server.stores;

import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.steps.Subject;
import yellowtally.core.stores.OrderLine;
import yellowtally.core.stores.StockKind;

/** What is to be ordered now, items and tagged parts together, for paper. */
@Service
public class ToOrder {

    private final StoresPages pages;

    ToOrder(StoresPages pages) {
        this.pages = pages;
    }

    /**
     * A line of the list.
     *
     * @param part what kind of part it is; absent for an item
     * @param item what kind of item it is; absent for a part
     * @param name as the stores call it, or what parts of this kind have in common
     * @param onOrder what is awaited already, in units
     * @param costCents of one unit; absent when nobody said
     */
    public record Line(
            @Nullable Subject part,
            @Nullable StockKind item,
            String name,
            OrderLine order,
            double shelf,
            double onOrder,
            @Nullable Integer costCents) {}

    /** All lines, items first, each by name. */
    public List<Line> lines() {
        StoresPages.StoresPage page = pages.page();
        return Stream.concat(
                        page.items().stream().flatMap(ToOrder::item),
                        page.parts().stream().flatMap(ToOrder::part))
                .toList();
    }

    private static Stream<Line> item(StoresPages.ItemView item) {
        return Stream.ofNullable(item.order())
                .map(order -> new Line(
                        null,
                        item.kind(),
                        item.card().name(),
                        order,
                        item.shelf(),
                        OrderView.amount(item.onOrder()),
                        item.card().costCents()));
    }

    private static Stream<Line> part(PartShelf.PartGroup group) {
        return Stream.ofNullable(group.order())
                .map(order -> new Line(
                        group.kind(),
                        null,
                        group.spec(),
                        order,
                        group.shelf().size(),
                        OrderView.amount(group.onOrder()),
                        null));
    }
}
