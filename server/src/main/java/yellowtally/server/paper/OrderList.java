package yellowtally.server.paper;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import yellowtally.core.engine.FuelUnit;
import yellowtally.core.stores.OrderLine.OrderReason;
import yellowtally.core.stores.StockKind.StockUnit;
import yellowtally.server.paper.Page.Column;
import yellowtally.server.sheets.Words;
import yellowtally.server.signin.FleetName;
import yellowtally.server.stores.ToOrder;
import yellowtally.server.support.HouseUnits;

/** What is to be ordered, as a list that goes to a supplier or to a shop. */
@Component
class OrderList {

    private final ToOrder orders;
    private final FleetName name;
    private final PaperWords words;
    private final HouseUnits house;
    private final Clock clock;

    OrderList(ToOrder orders, FleetName name, PaperWords words, HouseUnits house, Clock clock) {
        this.orders = orders;
        this.name = name;
        this.words = words;
        this.house = house;
        this.clock = clock;
    }

    Document now() {
        String day = words.day(LocalDate.now(clock));
        Page page = new Page("Order list", PaperStyle.of(house, name.now() + ", order list of " + day));
        Element body = page.body();
        page.child(body, "h1", "Order list");
        page.child(body, "p", name.now() + ", " + day);
        List<ToOrder.Line> lines = orders.lines();
        if (lines.isEmpty()) {
            page.child(body, "p", "Nothing is to be ordered: there is enough of everything.");
        } else {
            page.ticks(page.table(
                    body,
                    List.of(
                            new Column("Done", 6),
                            new Column("Quantity", 10),
                            new Column("What", 32),
                            new Column("Why", 32),
                            new Column("On the shelf", 10),
                            new Column("On order already", 10)),
                    lines.stream().map(this::row).toList()));
            page.child(
                            body,
                            "p",
                            "How fast things are used up, and when parts are worn out, are estimates from the records.")
                    .setAttribute("class", "quiet");
        }
        return page.document();
    }

    private List<@Nullable String> row(ToOrder.Line line) {
        StockUnit unit = line.item() == null ? StockUnit.PIECE : line.item().unit();
        String kind = line.item() == null
                ? words.of("part", Objects.requireNonNull(line.part()))
                : words.of("stock", line.item());
        return Page.row(
                null,
                amount(line.order().quantity(), unit),
                line.name().equalsIgnoreCase(kind) ? kind : kind + ": " + line.name(),
                line.order().reasons().stream().sorted().map(OrderList::reason).collect(Collectors.joining(", ")),
                amount(line.shelf(), unit),
                line.onOrder() == 0 ? null : amount(line.onOrder(), unit));
    }

    private String amount(double amount, StockUnit unit) {
        return switch (unit) {
            // The stores count in litres.
            case LITRE -> house.volumeUnit().said(FuelUnit.LITRE.toMl(amount));
            case SHOT -> Words.number(amount) + (amount == 1 ? " shot" : " shots");
            case PIECE -> Words.number(amount);
        };
    }

    private static String reason(OrderReason reason) {
        return switch (reason) {
            case RESERVED_EXCEEDS_SHELF -> "waiting work needs more than there is";
            case BELOW_LEAST -> "below the minimum";
            case RUNS_OUT_BEFORE_DELIVERY -> "runs out before an order would arrive (est.)";
            case PARTS_WEAR_OUT -> "parts in use wear out by then (est.)";
        };
    }
}
