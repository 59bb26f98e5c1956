package yellowtally.server.sheetsin;

import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.steps.Handle;
import yellowtally.core.steps.OilerKind;
import yellowtally.core.steps.Power;
import yellowtally.core.tension.Work;
import yellowtally.server.fleet.NewSaws;
import yellowtally.server.fleet.PartFinder;
import yellowtally.server.fleet.SawChoices;
import yellowtally.server.fleet.SawInput;
import yellowtally.server.fleet.SetInput;
import yellowtally.server.sheets.Words;
import yellowtally.server.support.Violations;

/** Brings saws in, each with its set or without. None of them is proved by it: each is held until its first visit. */
@Component
final class SawSheet extends LineByLine {

    private static final int USUAL_RATIO = 50;
    private static final String SET = "figures";

    private final NewSaws newSaws;
    private final PartFinder parts;
    private final Words words = Words.ofScreens();
    private final SetChoices sets = new SetChoices(words);
    private final Choices<Power> powers = Choices.of(Power.class, one -> words.of("power", one))
            .also(Power.PETROL, "gas", "gasoline", "two stroke", "2-stroke", "engine")
            .also(Power.BATTERY, "cordless", "akku")
            .also(Power.CORDED, "electric", "mains", "cord");
    private final Choices<Handle> handles = Choices.of(Handle.class, one -> words.of("handle", one));
    private final Choices<OilerKind> oilers = Choices.of(OilerKind.class, one -> words.of("oiler", one))
            .also(OilerKind.AUTOMATIC_FIXED, "automatic", "fixed")
            .also(OilerKind.AUTOMATIC_ADJUSTABLE, "adjustable")
            .also(OilerKind.CRANKCASE_PRESSURE, "crankcase", "pressure")
            .also(OilerKind.HAND_BULB, "manual", "bulb", "hand");
    private final Choices<SawChoices.BrakeSeat> seats =
            Choices.of(SawChoices.BrakeSeat.class, one -> words.of("brakeSeat", one));
    private final Choices<SawChoices.Adjuster> adjusters =
            Choices.of(SawChoices.Adjuster.class, one -> words.of("adjuster", one));

    SawSheet(NewSaws newSaws, PartFinder parts, EntityManager records) {
        super(SheetKind.SAWS, "tag", records);
        this.newSaws = newSaws;
        this.parts = parts;
    }

    @Override
    String bring(Line line, Told told, Violations wrong) {
        SawInput card = card(line, told, wrong);
        SetInput set = set(line, wrong);
        wrong.refuseIfAny();
        if (card == null) {
            throw new IllegalStateException("no card, and nothing said of it");
        }
        newSaws.add(UUID.randomUUID(), line.text("tag"), card, set, told.by());
        return "Saw " + line.text("tag") + ", " + card.make() + " " + card.model() + ", "
                + words.of("power", card.power()).toLowerCase(Locale.ROOT) + ", since " + card.inService()
                + (set == null ? ", without a set" : ", with its set");
    }

    private @Nullable SawInput card(Line line, Told told, Violations wrong) {
        Power power = line.choice("power", powers, line.has("volts") ? Power.BATTERY : Power.PETROL, wrong);
        LocalDate since = line.day("inService", told.today(), told.order(), wrong);
        Handle handle = line.choice("handle", handles, Handle.REAR, wrong);
        OilerKind oiler = line.choice("oiler", oilers, OilerKind.AUTOMATIC_FIXED, wrong);
        SawChoices.BrakeSeat seat = line.choice("brakeSeat", seats, SawChoices.BrakeSeat.BODY, wrong);
        SawChoices.Adjuster adjuster = line.choice("adjuster", adjusters, SawChoices.Adjuster.SIDE, wrong);
        Integer ratio = line.whole("fuelRatio", wrong);
        Double displacement = line.number("displacementCc", wrong);
        Double volts = line.number("volts", wrong);
        boolean captive = line.yes("captiveNuts", false, wrong);
        boolean arrestor = line.yes("sparkArrestor", true, wrong);
        if (power == null || since == null || handle == null || oiler == null || seat == null || adjuster == null) {
            // Beside them, so that nobody mends a line twice.
            wrong.text("make", line.text("make"), 60);
            wrong.text("model", line.text("model"), 60);
            return null;
        }
        return new SawInput(
                line.text("make"),
                line.text("model"),
                power,
                handle,
                displacement,
                volts,
                since,
                ratio == null ? Integer.valueOf(USUAL_RATIO) : ratio,
                line.textOrNull("fuelTank"),
                line.textOrNull("oilTank"),
                oiler,
                seat,
                adjuster,
                null,
                null,
                line.textOrNull("nutSize"),
                captive,
                arrestor,
                line.textOrNull("plugCode"),
                null,
                Work.FELLING);
    }

    /** Its parts by their tags: those that are here, and new ones with the figures of the set. */
    private @Nullable SetInput set(Line line, Violations wrong) {
        String figures = line.has(SET) ? line.text(SET) : figures(line, wrong);
        if (!line.has("chain") && !line.has("bar") && !line.has("sprocket")) {
            if (!figures.isEmpty()) {
                wrong.add(SET, "line.untagged");
            }
            return null;
        }
        boolean anew = Stream.of("chain", "bar", "sprocket").anyMatch(part -> isNew(line, part));
        if (anew && figures.isEmpty()) {
            wrong.add(SET, "line.noFigures");
            return null;
        }
        return new SetInput(
                line.has("chain") ? chain(line) : null,
                line.has("bar") ? bar(line) : null,
                line.has("sprocket") ? sprocket(line) : null,
                anew ? figures : null,
                false,
                null,
                null);
    }

    /** What stands in columns of its own, as it would be told in one line. */
    private String figures(Line line, Violations wrong) {
        List<String> told = new ArrayList<>();
        if (line.has("barLength")) {
            told.add(line.text("barLength"));
        }
        if (line.has("pitch")) {
            Pitch pitch = line.choice("pitch", sets.pitches, null, wrong);
            told.add(pitch == null ? "" : pitch == Pitch.P_3_8_LOW_PROFILE ? "3/8 lp" : pitch.label());
        }
        if (line.has("gauge")) {
            Gauge gauge = line.choice("gauge", sets.gauges, null, wrong);
            told.add(gauge == null ? "" : gauge.label());
        }
        if (line.has("driveLinks")) {
            told.add(line.text("driveLinks") + " links");
        }
        if (line.has("teeth")) {
            told.add(line.text("teeth") + " t");
        }
        return String.join(", ", told);
    }

    private boolean isNew(Line line, String part) {
        return line.has(part) && !parts.isKnown(line.text(part));
    }

    private SetInput.ChainInput chain(Line line) {
        return new SetInput.ChainInput(
                line.text("chain"),
                isNew(line, "chain"),
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    private SetInput.BarInput bar(Line line) {
        return new SetInput.BarInput(line.text("bar"), isNew(line, "bar"), null, null, null, null, null);
    }

    private SetInput.SprocketInput sprocket(Line line) {
        return new SetInput.SprocketInput(line.text("sprocket"), isNew(line, "sprocket"), null, null, null);
    }

    /** A part is at fault by its tag, what does not fit together by its figures. */
    @Override
    String field(String fault) {
        if (fault.startsWith("set.") && fault.endsWith(".tag")) {
            return fault.substring("set.".length(), fault.length() - ".tag".length());
        }
        return fault.equals("set") || fault.startsWith("set.") ? SET : super.field(fault);
    }
}
