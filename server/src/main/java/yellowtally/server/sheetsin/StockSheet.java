package yellowtally.server.sheetsin;

import jakarta.persistence.EntityManager;
import java.util.UUID;
import org.springframework.stereotype.Component;
import yellowtally.core.measure.NumberText;
import yellowtally.core.stores.StockKind;
import yellowtally.server.sheets.Words;
import yellowtally.server.stores.NewItems;
import yellowtally.server.stores.Stock;
import yellowtally.server.stores.StockItem;
import yellowtally.server.support.Violations;

/** Brings in what lies on the shelf, with how much of it. */
@Component
final class StockSheet extends LineByLine {

    private static final String NOTE = "Brought in with a sheet";

    private final NewItems newItems;
    private final Stock stock;
    private final EntityManager records;
    private final Choices<StockKind> kinds;

    StockSheet(NewItems newItems, Stock stock, EntityManager records) {
        super(SheetKind.STOCK, "name", records);
        this.newItems = newItems;
        this.stock = stock;
        this.records = records;
        Words words = Words.ofScreens();
        this.kinds = Choices.of(StockKind.class, kind -> words.of("stock", kind))
                .also(StockKind.PLUG, "spark plug")
                .also(StockKind.FILE, "round file", "chain file")
                .also(StockKind.BAR_OIL, "chain oil")
                .also(StockKind.TWO_STROKE_OIL, "2-stroke oil", "two stroke", "2 stroke")
                .also(StockKind.NEEDLE_BEARING, "bearing");
    }

    @Override
    String bring(Line line, Told told, Violations wrong) {
        StockKind kind = line.choice("kind", kinds, null, wrong);
        Double amount = line.number("amount", wrong);
        Double least = line.number("least", wrong);
        Double pack = line.number("pack", wrong);
        StockItem.Card card = new StockItem.Card(
                line.text("name"),
                line.textOrNull("fits"),
                least == null ? 0 : least,
                line.whole("leadDays", wrong),
                pack == null ? 1 : pack,
                line.cents("cost", wrong));
        wrong.refuseIfAny();
        if (kind == null) {
            throw new IllegalStateException("no kind, and nothing said of it");
        }
        StockItem item = newItems.add(kind, card);
        if (amount != null && amount != 0) {
            records.flush();
            stock.receive(
                    UUID.randomUUID(), item.id(), amount, null, NOTE, told.by().id());
        }
        return card.name() + ": " + (amount == null ? "none" : NumberText.said(amount, 2)) + " on the shelf";
    }

    @Override
    String field(String fault) {
        return fault.equals("card.costCents") ? "cost" : super.field(fault);
    }
}
