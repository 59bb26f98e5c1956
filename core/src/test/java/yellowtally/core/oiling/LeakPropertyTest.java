package yellowtally.core.oiling;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.schedule.Uses.at;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import yellowtally.core.oiling.LeakWatch.Look;
import yellowtally.core.settings.Numbers;

/** A leak is closed only by a dry 24 h (handbook section 7). */
class LeakPropertyTest {

    private static final Instant STOOD = at(1, 8);

    private static LeakWatch after(List<Wet> seen, List<Integer> minutes, Duration now) {
        List<Look> looks = new ArrayList<>();
        for (int i = 0; i < seen.size(); i++) {
            looks.add(new Look(STOOD.plus(Duration.ofMinutes(minutes.get(i))), seen.get(i)));
        }
        return LeakWatch.of(STOOD, looks, null, STOOD.plus(now), Numbers.STANDARD);
    }

    /** Whatever was seen, less than a day on card never closes a leak. */
    @Property(tries = 400)
    void lessThanADayNeverCloses(
            @ForAll @Size(max = 6) List<Wet> seen, @ForAll @Size(6) List<@IntRange(max = 1439) Integer> minutes) {
        assertThat(after(seen, minutes, Duration.ofHours(48)).dry()).isFalse();
    }

    /** A dry look at its end, and no wet one, closes it; a wet look at the end never does. */
    @Property(tries = 400)
    void theLookAtTheEndDecides(@ForAll Wet last, @ForAll @IntRange(min = 1440, max = 4000) int minute) {
        LeakWatch watch = after(List.of(last), List.of(minute), Duration.ofMinutes(minute));
        assertThat(watch.dry()).isEqualTo(last == Wet.DRY);
    }
}
