package yellowtally.server.paper;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import yellowtally.server.away.AwayPages;
import yellowtally.server.faults.FaultSheets;
import yellowtally.server.faults.FaultSheets.FaultSheet;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.fleet.SawDetails;
import yellowtally.server.paper.Page.Column;
import yellowtally.server.signin.FleetName;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.HouseUnits;

/** What goes with a saw to a mechanic: what it is, why it comes, what was asked and looked at already, and room for what is done. */
@Component
class AwaySheet {

    private static final List<String> TO_WRITE =
            List.of("What was found", "What was done, parts", "What was opened", "Name and day");

    private final Fleet fleet;
    private final FleetName name;
    private final Standings standings;
    private final AwayPages aways;
    private final FaultSheets faults;
    private final SawCard card;
    private final PaperWords words;
    private final HouseUnits house;

    AwaySheet(
            Fleet fleet,
            FleetName name,
            Standings standings,
            AwayPages aways,
            FaultSheets faults,
            SawCard card,
            PaperWords words,
            HouseUnits house) {
        this.fleet = fleet;
        this.name = name;
        this.standings = standings;
        this.aways = aways;
        this.faults = faults;
        this.card = card;
        this.words = words;
        this.house = house;
    }

    /** Of a saw in service, away or about to go. */
    Document of(Saw saw) {
        Standing standing = standings.of(saw);
        String title = "Saw " + saw.tag() + " for the mechanic";
        Page page = new Page(title, PaperStyle.of(house, name.now() + ", " + title.toLowerCase(Locale.ENGLISH)));
        Element body = page.body();
        page.child(body, "h1", title);
        page.child(body, "p", name.now());
        page.facts(body, facts(fleet.view(saw).card(), standing, aways.of(saw)));
        List<FaultSheet> open = faults.open(saw);
        if (open.isEmpty()) {
            page.child(body, "p", "No complaint is open.");
        }
        open.forEach(fault -> add(page, body, fault));
        page.child(body, "h2", "For the mechanic to fill in");
        for (String line : TO_WRITE) {
            page.child(body, "p", line);
            page.box(body, "line").setAttribute("style", "height: 11mm;");
        }
        page.child(
                        body,
                        "p",
                        "Back here, the saw is set back and proved before it goes out: chain the right way round, tension, nuts, chain brake.")
                .setAttribute("class", "quiet");
        return page.document();
    }

    private Map<String, @Nullable String> facts(SawDetails details, Standing standing, AwayPages.AwayPage page) {
        Map<String, @Nullable String> facts = new LinkedHashMap<>();
        AwayPages.AwayView now = page.now();
        if (now != null) {
            facts.put("Given to", now.who() + ", " + words.day(now.since()));
            facts.put("Given by", now.by());
            facts.put("Why", now.why());
        }
        facts.put("Saw", details.model().title() + ", " + words.size(standing));
        facts.putAll(card.saw(details));
        facts.put(
                "Work on record",
                words.burned(page.tanks().recorded(), standing.profile().power()));
        return facts;
    }

    private void add(Page page, Element body, FaultSheet fault) {
        page.child(body, "h2", fault.complaint());
        String seen = fault.seen() == null ? "" : "“" + fault.seen() + "”, ";
        page.child(body, "p", seen + words.moment(fault.at()) + ", " + fault.by());
        if (!fault.asked().isEmpty()) {
            page.table(
                    body,
                    List.of(new Column("Looked at", 40), new Column("What it said", 40), new Column("When", 20)),
                    fault.asked().stream()
                            .map(asked -> Page.row(asked.check(), asked.said(), words.moment(asked.at())))
                            .toList());
        }
        if (fault.cause() != null) {
            page.child(body, "p", "Found: " + fault.cause());
        } else if (!fault.suspects().isEmpty()) {
            page.child(body, "p", "Most likely by that, and not looked at yet: " + String.join("; ", fault.suspects()));
        }
    }
}
