package yellowtally.core.cuttingset;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.cuttingset.SetReading.Figure;

class SetTextTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "16 .325 .050 66 7                         | 16 | P_325            | G_050 | 66 | SEALED_SPROCKET    | RIM  | 7",
                "16 in, .325\", .050\", 66 links, 7 t      | 16 | P_325            | G_050 | 66 | SEALED_SPROCKET    | RIM  | 7",
                "16in 325 050 66dl 7t spur                 | 16 | P_325            | G_050 | 66 | SEALED_SPROCKET    | SPUR | 7",
                "14 3/8 lp .043 52 6 rim                   | 14 | P_3_8_LOW_PROFILE| G_043 | 52 | SEALED_SPROCKET    | RIM  | 6",
                "14\" 3/8\" low profile 1.3 52             | 14 | P_3_8_LOW_PROFILE| G_050 | 52 | SEALED_SPROCKET    |      |",
                "20 3/8 .058 72 7 solid                    | 20 | P_3_8            | G_058 | 72 | SOLID              | RIM  | 7",
                "72 links 7 .063 3/8                       |       |                  |       |    |                    |      |",
                "15.5 in 3/8 1.6mm 60 greasable             | 15.5 | P_3_8            | G_063 | 60 | GREASABLE_SPROCKET |      |",
                "25 .404 .063 84 7                         | 25 | P_404            | G_063 | 84 | SEALED_SPROCKET    | RIM  | 7",
                "10 1/4 .050 58 8                          | 10 | P_1_4            | G_050 | 58 | SEALED_SPROCKET    | RIM  | 8",
                // The order after the length does not matter.
                "7t 16 .325 .050 66                        |       |                  |       |    |                    |      |",
                "16 66 7 .050 .325                         | 16 | P_325            | G_050 | 66 | SEALED_SPROCKET    | RIM  | 7"
            })
    void readsASetByItsFigures(
            String text,
            @Nullable Double inches,
            @Nullable Pitch pitch,
            @Nullable Gauge gauge,
            @Nullable Integer links,
            @Nullable NoseKind nose,
            @Nullable SprocketKind kind,
            @Nullable Integer teeth) {
        if (inches == null || pitch == null || gauge == null || links == null || nose == null) {
            assertThat(SetText.read(text)).isInstanceOf(SetReading.Refused.class);
            return;
        }
        SprocketSpec sprocket = kind == null || teeth == null ? null : new SprocketSpec(kind, teeth, pitch);
        assertThat(SetText.read(text))
                .isEqualTo(new SetReading.Read(
                        new BarSpec(inches * 25.4, pitch, gauge, links, nose),
                        new LoopSpec(pitch, gauge, links),
                        sprocket));
    }

    /** All that is missing at once, and the first word that says nothing. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "16                        | PITCH GAUGE DRIVE_LINKS        |",
                ".325 .050 66              | LENGTH                         |",
                "16 .325 66                | GAUGE                          |",
                "16 3/7 .050 66            | PITCH                          | 3/7",
                "16 .325 .050 66 red       |                                | red",
                "16 .325 .050 66 72        |                                | 72",
                "16 .325 .050 .063 66      |                                | .063",
                "16 .325 .050 66 7 8       |                                | 8",
                "3 .325 .050 66            | LENGTH                         | 3",
                "16 .325 .050 15           | DRIVE_LINKS                    | 15"
            })
    void saysWhatIsMissing(String text, @Nullable String missing, @Nullable String unread) {
        Set<Figure> figures = EnumSet.noneOf(Figure.class);
        if (missing != null) {
            for (String figure : missing.split(" ")) {
                figures.add(Figure.valueOf(figure));
            }
        }
        assertThat(SetText.read(text)).isEqualTo(new SetReading.Refused(figures, unread));
    }

    /** What is written for a set is read as the same set, whatever it is. */
    @Test
    void readsWhatItWrites() {
        for (Pitch pitch : Pitch.values()) {
            for (Gauge gauge : Gauge.values()) {
                for (NoseKind nose : NoseKind.values()) {
                    for (double inches : new double[] {6, 12, 16, 20.5, 36, 60}) {
                        BarSpec bar = new BarSpec(inches * 25.4, pitch, gauge, 66, nose);
                        for (SprocketKind kind : SprocketKind.values()) {
                            SprocketSpec sprocket = new SprocketSpec(kind, 9, pitch);
                            assertThat(SetText.read(SetText.of(bar, sprocket)))
                                    .isEqualTo(new SetReading.Read(bar, new LoopSpec(pitch, gauge, 66), sprocket));
                        }
                        assertThat(SetText.read(SetText.of(bar, null)))
                                .isEqualTo(new SetReading.Read(bar, new LoopSpec(pitch, gauge, 66), null));
                    }
                }
            }
        }
    }

    /** A bar in centimetres or millimetres is as good as one in inches. */
    @ParameterizedTest
    @CsvSource({"40 cm 3/8 .063 60, 400", "450mm 3/8 .063 60, 450"})
    void readsALengthInItsOwnUnit(String text, double mm) {
        assertThat(SetText.read(text))
                .isInstanceOfSatisfying(
                        SetReading.Read.class,
                        set -> assertThat(set.bar().lengthMm()).isEqualTo(mm));
    }

    @Test
    void refusesANovelUnread() {
        assertThat(SetText.read("16 ".repeat(40))).isInstanceOf(SetReading.Refused.class);
        assertThat(SetText.read("")).isEqualTo(new SetReading.Refused(EnumSet.allOf(Figure.class), null));
    }
}
