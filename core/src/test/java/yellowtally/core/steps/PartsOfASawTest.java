package yellowtally.core.steps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import yellowtally.core.bar.NosePolicy;
import yellowtally.core.cuttingset.NoseKind;
import yellowtally.core.edge.Schools;
import yellowtally.core.log.StepEntry;
import yellowtally.core.tension.TensionSubject;
import yellowtally.core.tension.Work;

/** A step, a finding or a figure of a part that the saw has not never appears. */
class PartsOfASawTest {

    private static SawProfile saw(Power power, OilerKind oiler, NoseKind nose, boolean arrestor) {
        SawProfile like = Profiles.petrol();
        return new SawProfile(
                power,
                oiler,
                arrestor,
                true,
                nose,
                NosePolicy.EACH_USE,
                like.gauge(),
                like.pitch(),
                like.tangMm(),
                false,
                Schools.STANDARD,
                like.cutters(),
                null,
                null);
    }

    private static SawProfile petrol(NoseKind nose) {
        return saw(Power.PETROL, OilerKind.AUTOMATIC_FIXED, nose, true);
    }

    @ParameterizedTest
    @CsvSource({
        // step,        petrol, battery, corded
        "AIR_FILTER,    true,   false,   false",
        "PLUG,          true,   false,   false",
        "STARTER,       true,   false,   false",
        "ARRESTOR,      true,   false,   false",
        "BEARING,       true,   false,   false",
        "ELECTRIC_LOOK, false,  true,    true",
        "BRAKE_RUNNING, true,   true,    true",
        "OIL_CARD,      true,   true,    true",
        "TANKS,         true,   true,    true",
    })
    void stepsByPower(Step step, boolean petrol, boolean battery, boolean corded) {
        boolean[] expected = {petrol, battery, corded};
        for (Power power : Power.values()) {
            SawProfile saw = saw(power, OilerKind.AUTOMATIC_FIXED, NoseKind.SOLID, true);
            assertThat(step.appliesTo(saw)).as("%s on %s", step, power).isEqualTo(expected[power.ordinal()]);
        }
    }

    @Test
    void aSawWithoutAnArrestorHasNoScreenToLookAt() {
        assertThat(Step.ARRESTOR.appliesTo(saw(Power.PETROL, OilerKind.AUTOMATIC_FIXED, NoseKind.SOLID, false)))
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        // finding,        sealed, greased, solid
        "NOSE_SEIZED,      true,   true,    false",
        "NOSE_PLAY,        true,   true,    false",
        "ROLLERS_MISSING,  true,   true,    false",
        "NOSE_CHIPPED,     false,  false,   true",
    })
    void whatANoseCanHave(Finding finding, boolean sealed, boolean greased, boolean solid) {
        assertThat(Finding.of(Step.NOSE, petrol(NoseKind.SEALED_SPROCKET)).contains(finding))
                .isEqualTo(sealed);
        assertThat(Finding.of(Step.NOSE, petrol(NoseKind.GREASABLE_SPROCKET)).contains(finding))
                .isEqualTo(greased);
        assertThat(Finding.of(Step.NOSE, petrol(NoseKind.SOLID)).contains(finding))
                .isEqualTo(solid);
    }

    @ParameterizedTest
    @CsvSource({
        "ELECTRIC_LOOK, CABLE_DAMAGED,   CORDED",
        "ELECTRIC_LOOK, BATTERY_DAMAGED, BATTERY",
        "FILL,          FUEL_OLD,        PETROL",
        "STRIP_DOWN,    MUFFLER_LOOSE,   PETROL",
    })
    void whatOnlyOneKindOfSawCanHave(Step step, Finding finding, Power only) {
        for (Power power : Power.values()) {
            SawProfile saw = saw(power, OilerKind.AUTOMATIC_FIXED, NoseKind.SOLID, false);
            assertThat(Finding.of(step, saw).contains(finding))
                    .as("%s on %s", finding, power)
                    .isEqualTo(power == only);
        }
    }

    @ParameterizedTest
    @EnumSource(OilerKind.class)
    void whatAnOilerHas(OilerKind oiler) {
        SawProfile saw = saw(Power.PETROL, oiler, NoseKind.SOLID, false);
        List<Measure> figures = Measure.of(Step.OIL_CARD, saw);
        assertThat(figures.contains(Measure.OILER_TURNS)).isEqualTo(oiler == OilerKind.AUTOMATIC_ADJUSTABLE);
        assertThat(figures.contains(Measure.BULB_PRESSES)).isEqualTo(oiler == OilerKind.HAND_BULB);
        assertThat(Finding.of(Step.OIL_CARD, saw).contains(Finding.BULB_STAYS_FLAT))
                .isEqualTo(oiler == OilerKind.HAND_BULB);
    }

    @ParameterizedTest
    @EnumSource(Finding.class)
    void aFindingIsOfItsOwnStepAndOpensWhatItsSawHas(Finding finding) {
        SawProfile saw = petrol(NoseKind.GREASABLE_SPROCKET);
        for (Step step : Step.values()) {
            if (step != finding.step()) {
                assertThat(Finding.of(step, saw)).doesNotContain(finding);
            }
        }
        Step opened = finding.opens();
        if (opened != null) {
            assertThat(Arrays.stream(Power.values())
                            .map(power -> saw(power, OilerKind.AUTOMATIC_FIXED, NoseKind.GREASABLE_SPROCKET, true))
                            .filter(one -> finding.step().appliesTo(one)
                                    && Finding.of(finding.step(), one).contains(finding))
                            .allMatch(opened::appliesTo))
                    .as(finding + " opens " + opened)
                    .isTrue();
        }
        // What condemns a part opens the step that replaces it, or another that looks after it.
        assertThat(finding.condemns() == null || opened != null).isTrue();
    }

    /** A record of the bar goes with the bar to another saw, one of the brake stays with the saw. */
    @ParameterizedTest
    @CsvSource({
        "GROOVE,     BAR",
        "NOSE,       BAR",
        "SHARPEN,    CHAIN",
        "TENSION,    CHAIN",
        "SPROCKET,   SPROCKET",
        "BRAKE_BAND, SAW",
        "AIR_FILTER, SAW",
    })
    void whatARecordIsAbout(Step step, Subject subject) {
        assertThat(step.subject()).isEqualTo(subject);
        StepEntry elsewhere = new StepEntry(
                0,
                step,
                Instant.EPOCH,
                LocalDate.EPOCH,
                StepOutcome.FINE,
                Set.of(),
                null,
                EnumSet.complementOf(EnumSet.of(subject)));
        assertThat(elsewhere.speaks()).isFalse();
    }

    @Test
    void onlyReplacingStepsReplaceAndASawIsNeverReplaced() {
        assertThat(Stream.of(Step.values()).filter(step -> step.replaces() != null))
                .containsExactly(Step.REPLACE_SPROCKET, Step.REPLACE_BAR, Step.REPLACE_CHAIN);
        assertThat(Stream.of(Finding.values()).map(Finding::condemns)).doesNotContain(Subject.SAW);
    }

    @ParameterizedTest
    @CsvSource({
        "STROKES_LEFT, 3,    true",
        "STROKES_LEFT, 3.5,  false",
        "STROKES_LEFT, -1,   false",
        "GROOVE_DEPTH, 6.45, true",
        "GROOVE_DEPTH, 0.5,  false",
        "GROOVE_DEPTH, NaN,  false",
    })
    void aFigureIsPossibleWithinItsRangeAndWholeWhenItIsACount(Measure measure, double figure, boolean possible) {
        assertThat(measure.possible(figure)).isEqualTo(possible);
    }

    @Test
    void aNegativeOrAbsurdTensionSubjectIsRefused() {
        assertThatThrownBy(() -> new TensionSubject(100, 5.5, Work.FELLING, 0.8))
                .hasMessageContaining("bar length");
        assertThatThrownBy(() -> new TensionSubject(400, Double.NaN, Work.FELLING, 0.8))
                .hasMessageContaining("tang depth");
        assertThatThrownBy(() -> new TensionSubject(400, 5.5, Work.FELLING, 0)).hasMessageContaining("adjuster lead");
    }
}
