package yellowtally.core.holds;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.schedule.Uses.at;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import yellowtally.core.holds.Hold.HoldOrigin;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;

/** A hold ends by proof of the same thing, and by nothing else (handbook section 11, rules 1, 3 and 8). */
class ProvingTest {

    private static String said(Proving proving) {
        return proving.missing().stream()
                .map(need -> need.kind() + " " + need.step())
                .collect(Collectors.joining("; "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                // what failed             | what was recorded since                              | what is missing
                // A test is proved by the test.
                "CHAIN_NOT_STOPPED    | -                                                | PASS BRAKE_RUNNING",
                "CHAIN_NOT_STOPPED    | BRAKE_RUNNING                                    | -",
                "CHAIN_NOT_STOPPED    | BRAKE_RUNNING ATTEND                             | PASS BRAKE_RUNNING",
                "CHAIN_NOT_STOPPED    | BRAKE_RUNNING; BRAKE_RUNNING FAIL                | PASS BRAKE_RUNNING",
                "CHAIN_NOT_STOPPED    | BRAKE_LEVER; NEW_BAND                            | PASS BRAKE_RUNNING",
                "OIL_NONE             | OIL_CARD ATTEND                                  | PASS OIL_CARD",
                "OIL_NONE             | OIL_CARD                                         | -",
                // A figure by the same figure, a good one.
                "BAND_THIN            | BRAKE_BAND                                       | FIGURE BRAKE_BAND",
                "BAND_THIN            | BRAKE_BAND 0.5                                   | FIGURE BRAKE_BAND",
                "BAND_THIN            | BRAKE_BAND 0.9                                   | -",
                "BAND_THIN            | BRAKE_BAND 0.9; BRAKE_BAND                       | -",
                "BAND_THIN            | BRAKE_BAND 0.9; BRAKE_BAND FAIL                  | FIGURE BRAKE_BAND",
                "BAND_THIN            | BRAKE_BAND ATTEND 0.9                            | FIGURE BRAKE_BAND",
                "GAUGES_LOW           | DEPTH_GAUGES 0.85                                | FIGURE DEPTH_GAUGES",
                "GAUGES_KICKBACK      | SHARPEN 6; DEPTH_GAUGES 0.7                      | -",
                // What stands in a notebook proves nothing, whatever was done here without the figure.
                "BAND_THIN            | BRAKE_BAND NOTEBOOK 0.9                          | FIGURE BRAKE_BAND",
                "BAND_THIN            | BRAKE_BAND NOTEBOOK 0.9; BRAKE_BAND              | FIGURE BRAKE_BAND",
                "BAND_THIN            | BRAKE_BAND NOTEBOOK 0.9; BRAKE_BAND 0.9          | -",
                "CHAIN_NOT_STOPPED    | BRAKE_RUNNING NOTEBOOK                           | PASS BRAKE_RUNNING",
                "HAND_GUARD_BROKEN    | NEW_GUARD NOTEBOOK; OUTSIDE_LOOK NOTEBOOK        | REPAIR NEW_GUARD; PASS OUTSIDE_LOOK",
                // A broken thing by its repair and then a look.
                "HAND_GUARD_BROKEN    | OUTSIDE_LOOK                                     | REPAIR NEW_GUARD",
                "HAND_GUARD_BROKEN    | NEW_GUARD                                        | PASS OUTSIDE_LOOK",
                "HAND_GUARD_BROKEN    | OUTSIDE_LOOK; NEW_GUARD                          | PASS OUTSIDE_LOOK",
                "HAND_GUARD_BROKEN    | NEW_GUARD; OUTSIDE_LOOK ATTEND                   | PASS OUTSIDE_LOOK",
                "HAND_GUARD_BROKEN    | NEW_GUARD; OUTSIDE_LOOK                          | -",
                "HAND_GUARD_BROKEN    | NEW_CATCHER; OUTSIDE_LOOK                        | REPAIR NEW_GUARD",
                "BAND_CRACKED         | BRAKE_BAND 0.9                                   | REPAIR NEW_BAND",
                "THROTTLE_LOCK_FAILS  | CONTROLS ATTEND; CONTROLS                        | REPAIR NEW_CONTROL_PART",
                "NUT_OR_STUD_BAD      | TIGHTEN; NUTS                                    | -",
                "PLUG_WHITE           | PLUG                                             | REPAIR TUNE",
                "PLUG_WHITE           | TUNE; CONTROLS                                   | PASS PLUG",
                "CASE_CRACKED         | NEW_CASE_PART; STRIP_DOWN                        | -",
                // What was seen from outside is looked at where it is.
                "CHAIN_DAMAGE_SEEN    | OUTSIDE_LOOK                                     | PASS CHAIN_LOOK",
                "CHAIN_DAMAGE_SEEN    | CHAIN_LOOK                                       | -",
                // What is out of use is replaced, whatever is said of it later.
                "CUTTER_MISSING       | CHAIN_LOOK                                       | NEW_PART REPLACE_CHAIN",
                "RIVET_OPEN           | SHARPEN 4; CHAIN_LOOK 7                          | NEW_PART REPLACE_CHAIN",
                "CUTTER_PAST_MARK     | CHAIN_LOOK 6                                     | NEW_PART REPLACE_CHAIN",
                "BAR_BENT             | GROOVE 8                                         | NEW_PART REPLACE_BAR",
                "NOSE_SEIZED          | NOSE                                             | NEW_PART REPLACE_BAR",
                "GROOVE_WORN_OUT      | GROOVE 8                                         | NEW_PART REPLACE_BAR",
            })
    void whatEndsIt(Finding failed, String since, String missing) {
        Proving proving = Told.of(since).proving(failed);
        assertThat(said(proving)).isEqualTo(missing == null ? "" : missing);
        assertThat(proving.proved()).isEqualTo(missing == null);
        if (missing == null) {
            assertThat(proving.proofs()).as("a release stands on records").isNotEmpty();
        }
    }

    /** What fails is proved in one of four ways; a bare look proves a test and nothing else. */
    @ParameterizedTest
    @EnumSource
    void aBareLookProvesATestOnly(Finding finding) {
        if (!finding.mayFail()) {
            return;
        }
        boolean test = EnumSet.of(
                        Finding.LEVER_DOES_NOT_SNAP,
                        Finding.CHAIN_DRAWN_WITH_BRAKE_ON,
                        Finding.CHAIN_DRAGS_WITH_BRAKE_OFF,
                        Finding.INERTIA_NOT_TRIPPED,
                        Finding.DRUM_GREASY,
                        Finding.CHAIN_NOT_STOPPED,
                        Finding.CHAIN_STOPS_SLOWLY,
                        Finding.CHAIN_CREEPS,
                        Finding.OIL_NONE)
                .contains(finding);
        SawProfile saw = Profiles.petrol();
        if (finding.step().appliesTo(saw)) {
            assertThat(Told.of(finding.step().name()).proving(finding).proved()).isEqualTo(test);
        }
    }

    @Test
    void whatIsNotOnTheSawAnyMoreHoldsNoMore() {
        HoldEvidence nothing = Told.of(null).evidence(Profiles.petrol());
        Set<Subject> otherChain = EnumSet.complementOf(EnumSet.of(Subject.CHAIN));
        assertThat(Proving.of(hold(otherChain, Finding.STRAP_CRACKED), nothing).proved())
                .isTrue();
        assertThat(Proving.of(hold(otherChain, Finding.STRAP_CRACKED, Finding.RIVET_OPEN), nothing)
                        .proved())
                .isTrue();
        assertThat(Proving.of(hold(otherChain, Finding.LEVER_DOES_NOT_SNAP), nothing)
                        .proved())
                .as("a brake is not replaced with the set")
                .isFalse();
    }

    private static Hold hold(Set<Subject> subjects, Finding... findings) {
        return Hold.failed("hold", at(2, 12), findings[0].step(), Set.of(findings), subjects);
    }

    /** Two things at once need both proofs. */
    @Test
    void eachFindingNeedsItsOwn() {
        Proving both = Told.of("NEW_GUARD; OUTSIDE_LOOK").proving(Finding.HAND_GUARD_BROKEN, Finding.CATCHER_BROKEN);
        assertThat(said(both)).isEqualTo("REPAIR NEW_CATCHER");
    }

    /** A failure that was struck out leaves the saw held until somebody looks; a look from before tells nothing. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "2, -,                          false",
                "3, BRAKE_RUNNING,              false",
                "2, BRAKE_RUNNING,              true",
                "3, CONTROLS; BRAKE_RUNNING,    true",
                "2, BRAKE_RUNNING ATTEND,       false",
                "2, BRAKE_LEVER,                false",
            })
    void aStruckFailureIsLookedAtAnew(long strike, String since, boolean proved) {
        Hold struck = new Hold(
                "hold",
                at(2, 12),
                HoldOrigin.RULE,
                Step.BRAKE_RUNNING,
                Set.of(Finding.CHAIN_NOT_STOPPED),
                Told.ALL,
                strike,
                null);
        assertThat(Proving.of(struck, Told.of(since).evidence(Profiles.petrol()))
                        .proved())
                .isEqualTo(proved);
    }

    /** A step that the saw has not got any more is looked at from outside: no hold can stand for ever. */
    @Test
    void whatTheSawHasNotGotIsSeenFromOutside() {
        SawProfile without = Profiles.petrolWithoutArrestor();
        Hold screen = hold(Told.ALL, Finding.SCREEN_MISSING);
        assertThat(said(Proving.of(screen, Told.of(null).evidence(without)))).isEqualTo("PASS OUTSIDE_LOOK");
        assertThat(Proving.of(screen, Told.of("OUTSIDE_LOOK").evidence(without)).proved())
                .isTrue();
    }

    /** A doubtful figure clears nothing: a gauge does not rise by itself (rule 7). */
    @ParameterizedTest
    @CsvSource({
        "DEPTH_GAUGES 0.65,                    false",
        "DEPTH_GAUGES 0.65; DEPTH_GAUGES 0.66, true",
        "DEPTH_GAUGES 0.65; DEPTH_GAUGES 1.05, false",
        "SHARPEN 8; DEPTH_GAUGES 0.65,         true",
        "SHARPEN 0; DEPTH_GAUGES 0.65,         false",
    })
    void aDoubtfulFigureClearsNothing(String since, boolean proved) {
        assertThat(Told.of(since)
                        .before(Measure.GAUGE_SETTING, 1.05)
                        .proving(Finding.GAUGES_KICKBACK)
                        .proved())
                .isEqualTo(proved);
    }

    /** What was put right out of the season needs no release in it; what was not holds on its first day. */
    @Test
    void aWinterFindingHoldsWhenTheSeasonComes() {
        Hold holed = hold(Told.ALL, Finding.SCREEN_HOLED);
        SawProfile winter = Profiles.petrol();
        SawProfile summer = Profiles.petrolInFireSeason();
        assertThat(HoldBook.of(List.of(holed), Told.of(null).evidence(winter)).inForce())
                .isEmpty();
        assertThat(HoldBook.of(List.of(holed), Told.of(null).evidence(winter)).outOfSeason())
                .containsExactly(Finding.SCREEN_HOLED);
        for (String still : new String[] {null, "ARRESTOR", "NEW_SCREEN"}) {
            HoldBook book = HoldBook.of(List.of(holed), Told.of(still).evidence(summer));
            assertThat(book.inForce()).as(String.valueOf(still)).hasSize(1);
            assertThat(book.mayRelease()).isFalse();
        }
        HoldBook mended =
                HoldBook.of(List.of(holed), Told.of("NEW_SCREEN; ARRESTOR").evidence(summer));
        assertThat(mended.inForce()).as("mended in January").isEmpty();
    }
}
