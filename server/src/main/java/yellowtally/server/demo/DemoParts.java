package yellowtally.server.demo;

import java.time.LocalDate;
import java.util.UUID;
import yellowtally.core.cuttingset.CutterSequence;
import yellowtally.core.cuttingset.SprocketKind;
import yellowtally.core.edge.EdgeSetting;
import yellowtally.core.measure.LengthUnit;
import yellowtally.core.steps.Power;
import yellowtally.server.fleet.Bar;
import yellowtally.server.fleet.Chain;
import yellowtally.server.fleet.Model;
import yellowtally.server.fleet.OfItsMaker;
import yellowtally.server.fleet.SawChoices;
import yellowtally.server.fleet.SawDetails;
import yellowtally.server.fleet.Sprocket;

/** Cards and parts of the demo saws, made from their lines. */
final class DemoParts {

    /** Its loop was misread at first. */
    static final String OLDEST = "13";

    static final double LEAD_MM = 0.8;
    static final double TRAVEL_MM = 20;

    private DemoParts() {}

    static SawDetails card(DemoSaw line, Model made, LocalDate today) {
        DemoSaw.Model model = line.model();
        boolean petrol = model.power == Power.PETROL;
        boolean large = model.strength >= 60;
        return new SawDetails(
                made,
                model.power,
                model.handle,
                petrol ? model.strength : null,
                petrol ? null : model.strength,
                today.minusDays(400L + 90L * Integer.parseInt(line.tag())),
                petrol ? Integer.valueOf(large ? 40 : 50) : null,
                petrol ? Double.valueOf(large ? 720 : 460) : null,
                large ? 360.0 : 250.0,
                model.oiler,
                model.brakeSeat,
                model.adjuster,
                LEAD_MM,
                TRAVEL_MM,
                model.adjuster == SawChoices.Adjuster.TOOL_FREE ? null : Double.valueOf(large ? 19 : 13),
                model.adjuster == SawChoices.Adjuster.SIDE,
                petrol,
                petrol ? "P-" + Math.round(model.strength) : null,
                line.ownMethod(),
                line.work());
    }

    static Chain chain(DemoSaw line, String tag) {
        DemoSaw.Model m = line.model();
        boolean large = m.strength >= 60;
        Chain chain = new Chain(
                UUID.randomUUID(),
                tag,
                m.pitch,
                m.gauge,
                m.driveLinks,
                CutterSequence.STANDARD,
                large ? SawChoices.CutterProfile.FULL_CHISEL : SawChoices.CutterProfile.SEMI_CHISEL,
                30,
                large ? 10 : 0,
                // The oldest model's loops are marked, and want a file of their own.
                new OfItsMaker(
                        null,
                        EdgeSetting.newLengthOf(m.pitch).standard(),
                        OLDEST.equals(line.tag()) ? Double.valueOf(4.5) : null,
                        OLDEST.equals(line.tag()) ? Double.valueOf(5.2) : null));
        chain.costs(1000 + 24 * m.driveLinks);
        return chain;
    }

    static Bar bar(DemoSaw line, String tag) {
        DemoSaw.Model m = line.model();
        Bar bar =
                new Bar(UUID.randomUUID(), tag, LengthUnit.INCH.toMm(m.inches), m.pitch, m.gauge, m.driveLinks, m.nose);
        bar.costs(1500 + (int) Math.round(m.inches * 180));
        return bar;
    }

    static Sprocket sprocket(DemoSaw line, String tag) {
        DemoSaw.Model m = line.model();
        SprocketKind kind = m.strength >= 45 ? SprocketKind.RIM : SprocketKind.SPUR;
        Sprocket sprocket = new Sprocket(UUID.randomUUID(), tag, kind, m.teeth, m.pitch);
        sprocket.costs(1450);
        return sprocket;
    }
}
