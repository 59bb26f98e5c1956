package yellowtally.server.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import yellowtally.server.away.PartAwayPages;
import yellowtally.server.away.PartAwayPages.PartAwayView;
import yellowtally.server.fleet.Chain;
import yellowtally.server.fleet.PartFinder;
import yellowtally.server.paper.Page.Column;
import yellowtally.server.sheets.Words;
import yellowtally.server.signin.FleetName;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Said;

/** What goes with loops, bars and sprockets to somebody: what each is, why it comes, how it is to be filed, and room for what is done. */
@Component
class PartsAwaySheet {

    private final PartAwayPages aways;
    private final PartFinder finder;
    private final FleetName name;
    private final PaperWords words;
    private final HouseUnits house;

    PartsAwaySheet(PartAwayPages aways, PartFinder finder, FleetName name, PaperWords words, HouseUnits house) {
        this.aways = aways;
        this.finder = finder;
        this.name = name;
        this.words = words;
        this.house = house;
    }

    /** All that somebody has now. */
    Document of(String who) {
        List<PartAwayView> gone = aways.all().away().stream()
                .filter(view -> view.who().equals(who))
                .toList();
        if (gone.isEmpty()) {
            throw Refusal.gone("away.nothing", who);
        }
        String title = "Parts for " + who;
        Page page = new Page(title, PaperStyle.of(house, name.now() + ", " + title.toLowerCase(Locale.ENGLISH)));
        Element body = page.body();
        page.child(body, "h1", title);
        page.child(body, "p", name.now());
        page.table(
                body,
                List.of(
                        new Column("Tag", 10),
                        new Column("What it is", 28),
                        new Column("Why, since", 28),
                        new Column("What was done", 24),
                        new Column("Cost", 10)),
                gone.stream().map(this::row).toList());
        page.child(
                        body,
                        "p",
                        "Back here, each is looked at before it goes out: cutters, rivets, drive links and depth gauges of a loop;"
                                + " groove, rails and nose of a bar. The maker’s manual comes first.")
                .setAttribute("class", "quiet");
        return page.document();
    }

    private List<@Nullable String> row(PartAwayView view) {
        return Page.row(
                view.part(),
                words.of("part", view.kind()) + ", " + view.sort() + asked(view),
                view.why() + ", " + words.day(view.since()) + ", " + view.by(),
                null,
                null);
    }

    /** How its maker wants a loop filed, as far as anybody noted it. */
    private String asked(PartAwayView view) {
        if (!(finder.tagged(view.part()) instanceof Chain chain)) {
            return "";
        }
        List<String> said = new ArrayList<>();
        said.add("top plate " + Words.number(chain.topPlateAngle()) + "°");
        if (chain.downTilt() != 0) {
            said.add("down-tilt " + Words.number(chain.downTilt()) + "°");
        }
        Double file = chain.ofItsMaker().fileMm();
        if (file != null) {
            said.add("file " + length(file));
        }
        Double mark = chain.ofItsMaker().wearMarkMm();
        if (mark != null) {
            said.add("wear mark " + length(mark));
        }
        return "; " + String.join(", ", said);
    }

    private String length(double mm) {
        return new Said.Length(mm).in(house);
    }
}
