package yellowtally.server.paper;

import java.util.UUID;
import org.springframework.stereotype.Component;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import yellowtally.core.plan.Booking;
import yellowtally.server.packing.DayPacks;
import yellowtally.server.signin.FleetName;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.support.Refusal;

/** What a gang takes along, to be ticked off by pen where no screen is at hand. */
@Component
class PackSheet {

    private final DayPacks packs;
    private final PackLines lines;
    private final FleetName name;
    private final PaperWords words;
    private final HouseUnits house;

    PackSheet(DayPacks packs, PackLines lines, FleetName name, PaperWords words, HouseUnits house) {
        this.packs = packs;
        this.lines = lines;
        this.name = name;
        this.words = words;
        this.house = house;
    }

    Document of(UUID bookingId) {
        DayPacks.Pack pack = packs.now().stream()
                .filter(one -> one.booking().id().equals(bookingId))
                .findFirst()
                .orElseThrow(() -> Refusal.gone("pack.unknown"));
        Booking booking = pack.booking();
        String title = "Day pack, " + pack.crew() + ", " + words.day(booking.leaves());
        Page page = new Page(title, PaperStyle.of(house, name.now() + ", " + title));
        Element body = page.body();
        page.child(body, "h1", "Day pack, " + pack.crew());
        page.child(
                body,
                "p",
                "Leaves " + words.day(booking.leaves()) + " at " + booking.at() + ", "
                        + (pack.days() == 1 ? "1 day." : pack.days() + " days."));
        page.child(
                        body,
                        "p",
                        "A saw on this list is not released by it: a held saw stays here. Protective clothing for everybody; fuel in"
                                + " marked cans with their caps shut, away from sparks; guards on the bars. The maker’s manual and local"
                                + " rules come first.")
                .setAttribute("class", "caution");
        if (pack.lines().isEmpty()) {
            page.child(body, "p", "No saw is known yet.");
            return page.document();
        }
        lines.table(page, body, pack.lines(), pack.held());
        page.child(body, "p", "Amounts are estimates from what these saws used on their last outings, with a reserve.")
                .setAttribute("class", "quiet");
        return page.document();
    }
}
