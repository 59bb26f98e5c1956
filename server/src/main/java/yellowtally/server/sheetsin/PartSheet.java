package yellowtally.server.sheetsin;

import jakarta.persistence.EntityManager;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.cuttingset.CutterSequence;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.NoseKind;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.cuttingset.SprocketKind;
import yellowtally.core.steps.Subject;
import yellowtally.server.fleet.NewParts;
import yellowtally.server.fleet.SawChoices.CutterProfile;
import yellowtally.server.fleet.SetInput;
import yellowtally.server.sheets.Words;
import yellowtally.server.support.Violations;

/** Brings parts in; they lie on the shelf. */
@Component
final class PartSheet extends LineByLine {

    private final NewParts newParts;
    private final EntityManager records;
    private final SetChoices sets = new SetChoices(Words.ofScreens());

    PartSheet(NewParts newParts, EntityManager records) {
        super(SheetKind.PARTS, "tag", records);
        this.newParts = newParts;
        this.records = records;
    }

    @Override
    String bring(Line line, Told told, Violations wrong) {
        Subject kind = line.choice("kind", sets.parts, null, wrong);
        Pitch pitch = line.choice("pitch", sets.pitches, null, wrong);
        Integer cents = line.cents("cost", wrong);
        SetInput set = set(line, kind, pitch, wrong);
        wrong.refuseIfAny();
        newParts.shelve(set).forEach(part -> {
            part.costs(cents);
            records.persist(part);
        });
        return Words.sentence(String.valueOf(kind)) + " " + line.text("tag") + ", "
                + (pitch == null ? "" : pitch.label());
    }

    private SetInput set(Line line, @Nullable Subject kind, @Nullable Pitch pitch, Violations wrong) {
        return new SetInput(
                kind == Subject.CHAIN ? chain(line, pitch, wrong) : null,
                kind == Subject.BAR ? bar(line, pitch, wrong) : null,
                kind == Subject.SPROCKET ? sprocket(line, pitch, wrong) : null,
                null,
                null,
                null,
                null);
    }

    private SetInput.ChainInput chain(Line line, @Nullable Pitch pitch, Violations wrong) {
        return new SetInput.ChainInput(
                line.text("tag"),
                true,
                pitch,
                gauge(line, wrong),
                line.whole("driveLinks", wrong),
                line.choice("sequence", sets.sequences, CutterSequence.STANDARD, wrong),
                line.choice("cutterProfile", sets.profiles, CutterProfile.SEMI_CHISEL, wrong),
                line.number("topPlateAngle", wrong),
                null,
                null,
                line.textOrNull("newCutter"),
                line.textOrNull("wearMark"),
                line.textOrNull("file"));
    }

    private SetInput.BarInput bar(Line line, @Nullable Pitch pitch, Violations wrong) {
        return new SetInput.BarInput(
                line.text("tag"),
                true,
                line.text("length"),
                pitch,
                gauge(line, wrong),
                line.whole("driveLinks", wrong),
                line.choice("nose", sets.noses, NoseKind.SEALED_SPROCKET, wrong));
    }

    private SetInput.SprocketInput sprocket(Line line, @Nullable Pitch pitch, Violations wrong) {
        return new SetInput.SprocketInput(
                line.text("tag"),
                true,
                line.choice("sprocketKind", sets.sprockets, SprocketKind.RIM, wrong),
                line.whole("teeth", wrong),
                pitch);
    }

    private @Nullable Gauge gauge(Line line, Violations wrong) {
        return line.choice("gauge", sets.gauges, null, wrong);
    }

    @Override
    String field(String fault) {
        return fault.toLowerCase(Locale.ROOT).equals("set.sprocket.kind") ? "sprocketKind" : super.field(fault);
    }
}
