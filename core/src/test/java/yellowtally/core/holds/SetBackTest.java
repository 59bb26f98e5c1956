package yellowtally.core.holds;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.schedule.Uses.at;

import java.time.Instant;
import java.util.List;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.Step;

/** Apart means held, until the set is back and proved (handbook section 11, rule 5). */
class SetBackTest {

    private static final String BACK = "REFIT; TENSION; NUTS; BRAKE_RUNNING";

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                // recorded                                      | fitted on day | missing
                "-                                               | - | REFIT TENSION NUTS BRAKE_RUNNING",
                "REFIT; TENSION; NUTS; BRAKE_RUNNING             | - | -",
                "GROOVE                                          | - | REFIT TENSION NUTS BRAKE_RUNNING",
                "REFIT; TENSION; NUTS; BRAKE_RUNNING; GROOVE     | - | REFIT TENSION NUTS BRAKE_RUNNING",
                "GROOVE; REFIT; TENSION; NUTS; BRAKE_RUNNING     | - | -",
                "CLEAN_COVER; REFIT; TENSION; NUTS; BRAKE_RUNNING | - | -",
                "CLEAN_COVER; TENSION; NUTS; BRAKE_RUNNING       | - | REFIT",
                "BEARING; REFIT; TENSION ATTEND; NUTS; BRAKE_RUNNING | - | TENSION",
                "BEARING; REFIT; TENSION; NUTS FAIL; BRAKE_RUNNING | - | NUTS",
                "BEARING; REFIT; TENSION; NUTS; BRAKE_RUNNING; TENSION ATTEND | - | -",
                "BEARING; TENSION ATTEND; REFIT; NUTS; BRAKE_RUNNING | - | TENSION",
                "EQUALISE; REFIT; TENSION; NUTS                  | - | BRAKE_RUNNING",
                "REFIT; TENSION; NUTS; BRAKE_RUNNING; SHARPEN    | - | -",
                "REFIT; TENSION; NUTS; BRAKE_RUNNING; PLUG       | - | -",
                "REFIT; TENSION; NUTS; BRAKE_RUNNING             | 2 | -",
                "REFIT; TENSION; NUTS; BRAKE_RUNNING             | 5 | REFIT TENSION",
                "REFIT; TENSION; NUTS; BRAKE_RUNNING             | 9 | REFIT TENSION NUTS BRAKE_RUNNING",
            })
    void whatIsMissing(String story, Integer fitted, String missing) {
        SetBack back = SetBack.of(Told.of(story).log(), fitted == null ? null : at(fitted, 12), Profiles.petrol());
        assertThat(back.missing().stream().map(Step::name).collect(Collectors.joining(" ")))
                .isEqualTo(missing == null ? "" : missing);
    }

    /** Whatever else is recorded: as long as one closing step is missing after the last opening, it is not back. */
    @Property(tries = 400)
    void everyOpeningNeedsEveryClosing(@ForAll @Size(max = 12) List<Step> steps) {
        String story = steps.stream().map(Step::name).collect(Collectors.joining("; "));
        int opened = -1;
        for (int i = 0; i < steps.size(); i++) {
            opened = steps.get(i).takesApart() ? i : opened;
        }
        List<Step> after = steps.subList(opened + 1, steps.size());
        SetBack back = SetBack.of(Told.of(story.isEmpty() ? null : story).log(), null, Profiles.petrol());
        assertThat(back.missing().isEmpty()).isEqualTo(after.containsAll(SetBack.steps(Profiles.petrol())));
        SetBack closed =
                SetBack.of(Told.of(story.isEmpty() ? BACK : story + "; " + BACK).log(), null, Profiles.petrol());
        assertThat(closed.missing()).isEmpty();
    }

    /** Fitted on day 3; opened and read with a pass on these days, or never. */
    @ParameterizedTest
    @CsvSource({",, true", ",4, false", ",2, true", "5, 4, true", "5, 6, false", "5, 5, true", "2, 4, false"})
    void whetherItWasApartThen(@Nullable Integer opened, @Nullable Integer passed, boolean apart) {
        assertThat(SetBack.wasApart(at(3, 9), moment(opened), moment(passed))).isEqualTo(apart);
    }

    private static @Nullable Instant moment(@Nullable Integer day) {
        return day == null ? null : at(day, 9);
    }
}
