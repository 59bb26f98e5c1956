package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.fitness.Served.entry;
import static yellowtally.core.schedule.Uses.at;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.holds.PartBack;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.log.Told;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;
import yellowtally.core.waiting.BackWaits;
import yellowtally.core.waiting.FitState;

/** What a mechanic or dealer had is looked at before it goes out (handbook section 11, rule 5). */
class PartBackTest {

    private static List<BackWaits> waits(Served saw) {
        return saw.assess(6).work().stream()
                .flatMap(work -> work instanceof BackWaits back ? Stream.of(back) : Stream.empty())
                .toList();
    }

    private static String missing(Served saw) {
        return waits(saw).stream()
                .flatMap(waits -> waits.provedBy().stream())
                .map(Step::name)
                .collect(Collectors.joining(" "));
    }

    /** It came back on day 4 at noon; everything had been looked at on day 1. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "CHAIN    | -                              | CHAIN_LOOK DEPTH_GAUGES",
                "CHAIN    | 5 CHAIN_LOOK                   | DEPTH_GAUGES",
                "CHAIN    | 5 CHAIN_LOOK, 5 DEPTH_GAUGES   | ''",
                "CHAIN    | 3 CHAIN_LOOK, 5 DEPTH_GAUGES   | CHAIN_LOOK",
                "CHAIN    | 5 SHARPEN, 5 TENSION           | CHAIN_LOOK DEPTH_GAUGES",
                "BAR      | -                              | GROOVE RAILS NOSE",
                "BAR      | 5 GROOVE, 5 RAILS              | NOSE",
                "BAR      | 5 GROOVE, 5 RAILS, 5 NOSE      | ''",
                "SPROCKET | -                              | SPROCKET",
                "SPROCKET | 5 SPROCKET                     | ''",
            })
    void asksForTheLooksThatAreNotOnRecordSince(Subject part, String looks, String missing) {
        StepEntry[] entries = Stream.of(looks == null ? new String[0] : looks.split(", "))
                .map(look -> look.split(" "))
                .map(look -> entry(Integer.parseInt(look[0]), Step.valueOf(look[1]), StepOutcome.FINE))
                .toArray(StepEntry[]::new);
        Served saw = Served.onDayOne(entries).back(part, 4);
        assertThat(missing(saw)).isEqualTo(missing);
        assertThat(saw.assess(6).state() == FitState.HELD).isEqualTo(!missing.isEmpty());
    }

    /** A groove to watch was seen; a look that failed was none. */
    @ParameterizedTest
    @CsvSource({"ATTEND, RAILS NOSE", "FAIL, GROOVE RAILS NOSE"})
    void aLookThatDidNotFailIsOne(StepOutcome outcome, String missing) {
        assertThat(missing(Served.onDayOne(entry(5, Step.GROOVE, outcome)).back(Subject.BAR, 4)))
                .isEqualTo(missing);
    }

    /** What somebody told when the saw was brought in is no look of ours, and one of another loop none of this. */
    @Test
    void aLookIsMadeHereAndOnThisVeryPart() {
        StepEntry own = entry(5, Step.CHAIN_LOOK, StepOutcome.FINE);
        StepEntry told = like(own, own.subjects(), new Told(own.day(), null));
        StepEntry ofAnother = like(own, Set.of(Subject.SAW, Subject.BAR), null);
        assertThat(missing(Served.onDayOne(told).back(Subject.CHAIN, 4))).startsWith("CHAIN_LOOK");
        assertThat(missing(Served.onDayOne(ofAnother).back(Subject.CHAIN, 4))).startsWith("CHAIN_LOOK");
        assertThat(missing(Served.onDayOne(own).back(Subject.CHAIN, 4))).isEqualTo("DEPTH_GAUGES");
    }

    private static StepEntry like(StepEntry look, Set<Subject> subjects, @Nullable Told told) {
        return new StepEntry(
                look.seq(), look.step(), look.at(), look.day(), look.outcome(), Set.of(), null, subjects, told);
    }

    /** Whatever else is done on the saw, a look that nobody made stays missing; all of them made, nothing is. */
    @Property(tries = 200)
    void nothingElseStandsForALook(@ForAll Subject part, @ForAll @Size(max = 10) List<Step> done) {
        List<StepEntry> entries =
                done.stream().map(step -> entry(5, step, StepOutcome.FINE)).toList();
        List<Step> looks = PartBack.looks(part);
        assertThat(PartBack.missing(part, at(4, 12), SawLog.of(entries), Profiles.petrol()))
                .containsExactlyElementsOf(
                        looks.stream().filter(look -> !done.contains(look)).toList());
    }
}
