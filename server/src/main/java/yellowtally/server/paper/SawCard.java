package yellowtally.server.paper;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import yellowtally.core.edge.FileChoice;
import yellowtally.core.measure.Rounding;
import yellowtally.server.fleet.BarView;
import yellowtally.server.fleet.Chain;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.fleet.SawDetails;
import yellowtally.server.fleet.SawView;
import yellowtally.server.fleet.SprocketView;
import yellowtally.server.sharpening.EdgeOfLoop;
import yellowtally.server.sheets.Words;
import yellowtally.server.signin.FleetName;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.support.Said;

/** A saw's card: what it is, what is on it and by which figures it is set, to hang beside it; a code leads to its page. */
@Component
class SawCard {

    private final Fleet fleet;
    private final FleetName name;
    private final Standings standings;
    private final PaperWords words;
    private final HouseUnits house;
    private final EdgeOfLoop edge;
    private final Clock clock;

    SawCard(
            Fleet fleet,
            FleetName name,
            Standings standings,
            PaperWords words,
            HouseUnits house,
            EdgeOfLoop edge,
            Clock clock) {
        this.fleet = fleet;
        this.name = name;
        this.standings = standings;
        this.words = words;
        this.house = house;
        this.edge = edge;
        this.clock = clock;
    }

    /**
     * Makes it.
     *
     * @param saw one in service
     * @param address of its page
     */
    Document of(Saw saw, String address) {
        SawView view = fleet.view(saw);
        Standing standing = standings.of(saw);
        String title = "Saw " + saw.tag();
        Page page = new Page(title, PaperStyle.of(house, name.now() + ", card of saw " + saw.tag()));
        Element body = page.body();
        body.setAttribute("class", "card");
        Element code = page.child(body, "img");
        code.setAttribute("src", QrCode.picture(address));
        code.setAttribute("alt", "Leads to " + address);
        code.setAttribute("style", "float: right; width: 26mm; height: 26mm;");
        page.child(body, "h1", title);
        page.child(body, "p", view.card().model().title() + ", " + words.size(standing));
        page.child(body, "p", name.now());
        page.child(body, "h2", "Saw");
        page.facts(body, saw(view.card()));
        Chain chain = fleet.set(saw).chain();
        if (chain != null) {
            page.child(body, "h2", "Chain " + chain.tag());
            page.facts(body, chain(chain, standing));
        }
        if (view.bar() != null) {
            page.child(body, "h2", "Bar " + view.bar().tag());
            page.facts(body, bar(view.bar()));
        }
        if (view.sprocket() != null) {
            page.child(body, "h2", "Sprocket " + view.sprocket().tag());
            page.facts(body, sprocket(view.sprocket()));
        }
        page.child(
                        body,
                        "p",
                        "As it is fitted on " + words.day(clock.instant())
                                + ". Another set makes another card. The maker’s manual comes first.")
                .setAttribute("class", "quiet");
        return page.document();
    }

    /** What the card of a saw says of the saw itself. */
    Map<String, @Nullable String> saw(SawDetails card) {
        Map<String, @Nullable String> facts = new LinkedHashMap<>();
        facts.put("Power", words.of("power", card.power()));
        facts.put("Handle", words.of("handle", card.handle()));
        facts.put("Displacement", figure(card.displacementCc(), " cc"));
        facts.put("Voltage", figure(card.volts(), " V"));
        facts.put("Mix", card.fuelRatio() == null ? null : card.fuelRatio() + " to 1");
        facts.put("Fuel tank", volume(card.fuelTankMl()));
        facts.put("Oil tank", volume(card.oilTankMl()));
        facts.put("Oiler", words.of("oiler", card.oiler()));
        facts.put("Chain brake", words.of("brakeSeat", card.brakeSeat()));
        facts.put("Adjuster", words.of("adjuster", card.adjuster()) + ", " + length(card.adjusterLeadMm()) + " a turn");
        facts.put(
                "Bar nuts", card.nutMm() == null ? null : house.lengthUnit().saidOfKey(card.nutMm()) + " across flats");
        facts.put("Plug", card.plugCode());
        facts.put("Spark arrestor", card.sparkArrestor() ? "fitted" : null);
        facts.put("In service since", words.day(card.inService()));
        return facts;
    }

    private Map<String, @Nullable String> chain(Chain chain, Standing standing) {
        FileChoice file = edge.file(chain, standing);
        Map<String, @Nullable String> facts = new LinkedHashMap<>();
        facts.put(
                "Loop",
                "%s, %s, %d drive links"
                        .formatted(chain.pitch().label(), chain.gauge().label(), chain.driveLinks()));
        facts.put(
                "Cutters",
                "%d, %s, %s"
                        .formatted(
                                chain.cutters(),
                                words.of("sequence", chain.sequence()),
                                words.of("profile", chain.cutterProfile())));
        facts.put("File", "%s round, %s°".formatted(length(file.fileMm()), Words.number(file.angleDegrees())));
        facts.put("Down-tilt", file.downTiltDegrees() == 0 ? null : Words.number(file.downTiltDegrees()) + "°");
        facts.put(
                "Tension",
                words.aim(standing, house)
                        .map(aim -> "pull down " + aim + " at mid bar")
                        .orElse(null));
        return facts;
    }

    private Map<String, @Nullable String> bar(BarView bar) {
        Map<String, @Nullable String> facts = new LinkedHashMap<>();
        facts.put("Groove", bar.gauge().label() + ", for " + bar.driveLinks() + " drive links");
        facts.put("Nose", words.of("nose", bar.nose()) + ", " + bar.pitch().label());
        return facts;
    }

    private Map<String, @Nullable String> sprocket(SprocketView sprocket) {
        Map<String, @Nullable String> facts = new LinkedHashMap<>();
        facts.put(
                "Kind",
                words.of("sprocketKind", sprocket.kind()) + ", " + sprocket.teeth() + " teeth, "
                        + sprocket.pitch().label());
        return facts;
    }

    private @Nullable String figure(@Nullable Double figure, String unit) {
        return figure == null ? null : Words.number(figure) + unit;
    }

    private @Nullable String volume(@Nullable Double ml) {
        return ml == null ? null : house.volumeUnit().saidSmall(ml, Rounding.NEAREST);
    }

    private String length(double mm) {
        return new Said.Length(mm).in(house);
    }
}
