package yellowtally.core.oiling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowtally.core.schedule.Uses.at;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.oiling.LeakWatch.LeakState;
import yellowtally.core.oiling.LeakWatch.Look;
import yellowtally.core.oiling.OilLadder.Rung;
import yellowtally.core.oiling.OilRatio.OilVerdict;
import yellowtally.core.oiling.OilRatio.Trend;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.OilerKind;
import yellowtally.core.steps.Power;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.SawProfile;

class OilingRulesTest {

    private static final Numbers STANDARD = Numbers.STANDARD;

    /** Outings written as tanks/oil, first one first, a day apart. */
    private static List<OilUse> uses(String written) {
        List<OilUse> uses = new ArrayList<>();
        for (String outing : written.split(" ")) {
            String[] figures = outing.split("/");
            uses.add(new OilUse(
                    at(uses.size() + 1, 16), Double.parseDouble(figures[0]), Double.parseDouble(figures[1])));
        }
        return uses;
    }

    private static ProvenOil proven(String written) {
        return written.isEmpty() ? ProvenOil.NONE : ProvenOil.of(uses(written), Power.BATTERY, STANDARD);
    }

    /** Turns as noted, a dash where the adjuster was left alone. */
    @ParameterizedTest
    @CsvSource({
        "0.25,             0.25",
        "0.25 - 0.25,      0.25 0.25 0.5",
        "- 0.5 -0.25 -0.5, 0.0 0.5 0.25 -0.25",
    })
    void thePlaceOfTheAdjusterIsTheSumOfItsTurns(String turns, String places) {
        List<Double> noted = new ArrayList<>();
        for (String turn : turns.split(" ")) {
            noted.add(turn.equals("-") ? null : Double.valueOf(turn));
        }
        assertThat(OilerTurns.places(noted))
                .containsExactlyElementsOf(
                        Stream.of(places.split(" ")).map(Double::valueOf).toList());
        assertThat(OilerTurns.places(List.of())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "0.00, NOT_OILING",
        "0.29, NOT_OILING",
        "0.30, LOW",
        "0.59, LOW",
        "0.60, RIGHT",
        "1.30, RIGHT",
        "1.31, HIGH",
    })
    void verdictOfARatio(double ratio, OilVerdict verdict) {
        assertThat(OilRatio.verdict(ratio, STANDARD)).isEqualTo(verdict);
    }

    @Test
    void moreOilNeverGetsADrierVerdict() {
        OilVerdict before = OilVerdict.NOT_OILING;
        for (int hundredths = 0; hundredths <= 300; hundredths++) {
            OilVerdict now = OilRatio.verdict(hundredths / 100.0, STANDARD);
            assertThat(now).isGreaterThanOrEqualTo(before);
            before = now;
        }
    }

    /** Worked examples of the documentation: the last outings that reach three tanks together. */
    @ParameterizedTest
    @CsvSource({
        "2/2 1/0.4 2/0.8,          0.40, LOW,        UNKNOWN",
        "2/2 2/2 2/0.8 2/0.8,      0.40, LOW,        FALLING",
        "2/0.6 1/0.2 2/1.8 2/2.2,  1.00, RIGHT,      RISING",
        "3/3 3/2.7,                0.90, RIGHT,      STEADY",
        "4/1,                      0.25, NOT_OILING, UNKNOWN",
        "1/0 3/4.5,                1.50, HIGH,       UNKNOWN",
    })
    void ratioOverTheLastTanks(String written, double ratio, OilVerdict verdict, Trend trend) {
        OilRatio found =
                OilRatio.of(uses(written), null, OilUsual.TOGETHER, STANDARD).orElseThrow();
        assertThat(found.ratio()).isCloseTo(ratio, within(1e-9));
        assertThat(found.verdict()).isEqualTo(verdict);
        assertThat(found.trend()).isEqualTo(trend);
    }

    @ParameterizedTest
    @CsvSource({"2/0.2", "0.4/0 0.5/0", "1/0.2 1/0.1 0.9/0.1", "0/1 0/1 0/1"})
    void tooFewTanksSayNothing(String written) {
        assertThat(OilRatio.of(uses(written), null, OilUsual.TOGETHER, STANDARD))
                .isEmpty();
    }

    /** A whole tank burned and the oil still full is an alarm at once; oil that was used since is the newer word. */
    @ParameterizedTest
    @CsvSource({
        "1/0, true",
        "1/0.05, true",
        "1/0.06, false",
        "0.5/0 0.5/0, true",
        "0.9/0, false",
        "1/0 1/0.8 1/0.9, false",
        "3/3 1/0, true"
    })
    void oilStillFullIsSaidAtOnce(String written, boolean full) {
        Optional<OilRatio> found = OilRatio.of(uses(written), null, OilUsual.TOGETHER, STANDARD);
        assertThat(found.map(OilRatio::stillFull).orElse(false)).isEqualTo(full);
        if (full) {
            assertThat(found.orElseThrow().verdict()).isEqualTo(OilVerdict.NOT_OILING);
        }
    }

    /** A card that passes proves no leak away: too much is told until so many tanks after it used less. */
    @ParameterizedTest
    @CsvSource({"2/3 2/3, HIGH", "2/3 2/3 | 2/2 2/2, RIGHT", "2/0.4 2/0.4, -"})
    void aPassingCardClearsTooLittleAndNotTooMuch(String written, String verdict) {
        String[] parts = written.split("\\|");
        List<OilUse> all = uses(written.replace(" |", ""));
        Instant card = uses(parts[0].strip())
                .get(uses(parts[0].strip()).size() - 1)
                .at()
                .plusSeconds(60);
        assertThat(OilRatio.of(all, card, OilUsual.TOGETHER, STANDARD)
                        .map(found -> found.verdict().name())
                        .orElse("-"))
                .isEqualTo(verdict);
    }

    /** A battery saw uses 0.3 of a tank a charge (est.): 0.27 is right there, and next to nothing beside fuel. */
    @ParameterizedTest
    @CsvSource({
        "PETROL,  0.27, NOT_OILING, GIVEN",
        "BATTERY, 0.27, RIGHT,      ESTIMATE",
        "BATTERY, 0.08, NOT_OILING, ESTIMATE",
        "BATTERY, 0.15, LOW,        ESTIMATE",
        "BATTERY, 0.45, HIGH,       ESTIMATE",
        "CORDED,  0.5,  RIGHT,      ESTIMATE",
        "CORDED,  0.15, NOT_OILING, ESTIMATE",
    })
    void theLimitsArePerKindOfPower(Power power, double perTank, OilVerdict verdict, OilUsual.UsualSource source) {
        List<OilUse> uses = uses("2/" + 2 * perTank + " 2/" + 2 * perTank);
        OilRatio found = OilRatio.of(uses, null, OilUsual.of(power, ProvenOil.NONE, ProvenOil.NONE, STANDARD), STANDARD)
                .orElseThrow();
        assertThat(found.verdict()).isEqualTo(verdict);
        assertThat(found.usual().source()).isEqualTo(source);
        assertThat(found.share()).isCloseTo(perTank / found.usual().perTank(), within(1e-9));
    }

    /** Learned from what a saw used before its cards passed, else its model; not where it ran dry; never further off than twice. */
    @ParameterizedTest
    @CsvSource({
        "3/0.6 2/0.4, '',          0.3,  ESTIMATE",
        "3/0.6 2/0.4, 3/0.6 2/0.4, 0.3,  ESTIMATE",
        "3/0.6 2/0.4, 4/1 2/0.8,   0.3,  MODEL",
        "'',          4/0.8 4/0.8, 0.2,  MODEL",
        "'',          4/0.2 2/0.2, 0.15, MODEL",
        "4/0.8 2/0.4, 9/4.5,       0.2,  LEARNED",
        "4/0.2 2/0.2, '',          0.15, LEARNED",
        "4/0.1 6/1.2, '',          0.2,  LEARNED",
        "6/0.1,       6/1.2,       0.2,  MODEL",
        "4/9 2/9,     '',          0.6,  LEARNED"
    })
    void theUsualIsLearnedFromProvenUse(String own, String ofModel, double perTank, OilUsual.UsualSource source) {
        OilUsual usual = OilUsual.of(Power.BATTERY, proven(own), proven(ofModel), STANDARD);
        assertThat(usual.perTank()).isCloseTo(perTank, within(1e-9));
        assertThat(usual.source()).isEqualTo(source);
    }

    @Test
    void aPassingCardBeginsAnew() {
        List<OilUse> dry = uses("3/0.3 3/0.3 2/2");
        assertThat(OilRatio.of(dry, at(2, 19), OilUsual.TOGETHER, STANDARD)).isEmpty();
        dry.add(new OilUse(at(9, 16), 2, 2));
        assertThat(OilRatio.of(dry, at(2, 19), OilUsual.TOGETHER, STANDARD)
                        .orElseThrow()
                        .ratio())
                .isCloseTo(1, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"-12, THIN_WINTER", "-0.1, THIN_WINTER", "0, THIRTY", "24, THIRTY"})
    void gradeByTemperature(double celsius, OilGrade grade) {
        assertThat(OilGrade.at(celsius, STANDARD)).isEqualTo(grade);
    }

    /** By the pressure of the crankcase: its check valve, and neither drive nor pump. */
    @Test
    void theLadderOfAPressureOilerEndsAtItsCheckValve() {
        SawProfile pressure = Profiles.petrol(OilerKind.CRANKCASE_PRESSURE, null);
        assertThat(OilLadder.rungs(pressure, null)).containsExactly(Rung.TANK_AND_GRADE, Rung.OUTLET_RUNS);
        assertThat(OilLadder.rungs(pressure, false))
                .contains(Rung.CHECK_VALVE)
                .doesNotContain(Rung.OIL_DRIVE, Rung.PUMP, Rung.BULB);
        for (Power power : Power.values()) {
            assertThat(OilerKind.CRANKCASE_PRESSURE.possibleOn(power)).isEqualTo(power == Power.PETROL);
        }
    }

    @Test
    void theLadderSplitsAtTheOutlet() {
        assertThat(OilLadder.rungs(Profiles.petrol(), null))
                .containsExactly(Rung.TANK_AND_GRADE, Rung.ADJUSTER, Rung.OUTLET_RUNS);
        assertThat(OilLadder.rungs(Profiles.petrol(), true)).containsExactly(Rung.BAR_BLOCKED);
        assertThat(OilLadder.rungs(Profiles.petrol(), false))
                .containsExactly(
                        Rung.OUTLET_PACKED, Rung.PICK_UP, Rung.HOSE, Rung.VENT_OR_VALVE, Rung.OIL_DRIVE, Rung.PUMP);
        assertThat(OilLadder.rungs(Profiles.battery(), null)).containsExactly(Rung.TANK_AND_GRADE, Rung.OUTLET_RUNS);
        assertThat(OilLadder.rungs(Profiles.battery(), false)).doesNotContain(Rung.OIL_DRIVE);
    }

    /** Hours after it was stood on card; looks as hours and place. */
    @ParameterizedTest
    @CsvSource({
        "1,    '',                 STANDS",
        "4,    '',                 LOOK_DUE",
        "5,    '2 DRY',            LOOK_DUE",
        "5,    '4 DRY',            DRY_SO_FAR",
        "5,    '3 CAP',            WET",
        "24,   '4 DRY',            LAST_LOOK_DUE",
        "30,   '4 DRY;23.9 DRY',   LAST_LOOK_DUE",
        "30,   '4 DRY;24 DRY',     DRY",
        "30,   '4 DRY;24 BELOW',   WET",
        "30,   '4 BELOW;24 DRY',   DRY",
    })
    void aLeakIsClosedOnlyByADryDay(double now, String looks, LeakState state) {
        Instant stood = at(1, 8);
        LeakWatch watch = LeakWatch.of(stood, looks(stood, looks), null, stood.plus(hours(now)), STANDARD);
        assertThat(watch.state()).isEqualTo(state);
        assertThat(watch.dry()).isEqualTo(state == LeakState.DRY);
    }

    private static Duration hours(double hours) {
        return Duration.ofMinutes(Math.round(hours * 60));
    }

    private static List<Look> looks(Instant stood, String written) {
        List<Look> looks = new ArrayList<>();
        for (String look : written.split(";")) {
            if (!look.isBlank()) {
                String[] parts = look.split(" ");
                looks.add(new Look(stood.plus(hours(Double.parseDouble(parts[0]))), Wet.valueOf(parts[1])));
            }
        }
        return looks;
    }

    @Test
    void standingAgainForgetsTheLooksBefore() {
        Instant first = at(1, 8);
        List<Look> looks = List.of(new Look(first.plus(hours(25)), Wet.DRY));
        LeakWatch again = LeakWatch.of(first.plus(hours(26)), looks, null, first.plus(hours(27)), STANDARD);
        assertThat(again.state()).isEqualTo(LeakState.STANDS);
        assertThat(again.nextLook()).isEqualTo(first.plus(hours(30)));
    }

    @Test
    void goingOutBreaksTheStand() {
        Instant stood = at(1, 8);
        List<Look> dry = List.of(new Look(stood.plus(hours(25)), Wet.DRY));
        assertThat(LeakWatch.of(stood, dry, stood.plus(hours(10)), stood.plus(hours(30)), STANDARD)
                        .state())
                .isEqualTo(LeakState.NOT_STANDING);
        assertThat(LeakWatch.of(null, dry, null, stood, STANDARD).state()).isEqualTo(LeakState.NOT_STANDING);
    }

    @Test
    void whereItIsWetNamesWhatMayLeak() {
        assertThat(Wet.CAP.suspects()).containsExactly(Wet.Suspect.CAP_SEAL);
        assertThat(Wet.BAR_SIDE.suspects()).contains(Wet.Suspect.HOSE, Wet.Suspect.PUMP_SEAL);
        assertThat(Wet.DRY.suspects()).isEmpty();
    }
}
