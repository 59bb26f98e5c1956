package yellowtally.server.sheetsin;

import java.util.List;
import yellowtally.core.cuttingset.CutterSequence;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.NoseKind;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.cuttingset.SprocketKind;
import yellowtally.core.steps.Subject;
import yellowtally.server.fleet.SawChoices.CutterProfile;
import yellowtally.server.sheets.Words;

/** How people write what parts of a cutting set are. */
final class SetChoices {

    final Choices<Subject> parts = Choices.of(
                    List.of(Subject.CHAIN, Subject.BAR, Subject.SPROCKET), part -> Words.sentence(part.name()))
            .also(Subject.CHAIN, "loop", "saw chain")
            .also(Subject.BAR, "guide bar");
    final Choices<Pitch> pitches = Choices.of(Pitch.class, Pitch::label)
            .also(Pitch.P_325, "0.325", "325")
            .also(Pitch.P_404, "0.404", "404")
            .also(Pitch.P_1_4, "1/4", "0.25")
            .also(Pitch.P_3_8, "3/8", "0.375", "375")
            .also(Pitch.P_3_8_LOW_PROFILE, "3/8 lp", "3/8 low", "3/8lowprofile");
    final Choices<Gauge> gauges = Choices.of(Gauge.class, Gauge::label)
            .also(Gauge.G_043, "0.043", "043", "43", "1.1 mm", "1.1")
            .also(Gauge.G_050, "0.050", "0.05", ".05", "050", "50", "1.3 mm", "1.3")
            .also(Gauge.G_058, "0.058", "058", "58", "1.5 mm", "1.5")
            .also(Gauge.G_063, "0.063", "063", "63", "1.6 mm", "1.6");
    final Choices<NoseKind> noses;
    final Choices<SprocketKind> sprockets;
    final Choices<CutterSequence> sequences;
    final Choices<CutterProfile> profiles;

    SetChoices(Words words) {
        this.noses = Choices.of(NoseKind.class, one -> words.of("nose", one))
                .also(NoseKind.SEALED_SPROCKET, "sealed", "sprocket")
                .also(NoseKind.GREASABLE_SPROCKET, "greasable", "grease")
                .also(NoseKind.SOLID, "hard", "hard nose");
        this.sprockets = Choices.of(SprocketKind.class, one -> words.of("sprocketKind", one));
        this.sequences = Choices.of(CutterSequence.class, one -> words.of("sequence", one))
                .also(CutterSequence.STANDARD, "full", "full comp", "none");
        this.profiles = Choices.of(CutterProfile.class, one -> words.of("profile", one))
                .also(CutterProfile.FULL_CHISEL, "full", "chisel")
                .also(CutterProfile.SEMI_CHISEL, "semi");
    }
}
