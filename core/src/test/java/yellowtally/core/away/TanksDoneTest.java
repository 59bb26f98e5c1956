package yellowtally.core.away;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.schedule.Uses.day;
import static yellowtally.core.schedule.Uses.outing;

import java.util.List;
import org.junit.jupiter.api.Test;

class TanksDoneTest {

    /** Ten tanks in twenty days are half a tank a day, and so they were in the thirty days before. */
    @Test
    void beforeTheRecordsItDidAsMuchADayAsSince() {
        assertThat(TanksDone.of(List.of(outing(30, 4), outing(40, 6)), day(0), day(49)))
                .isEqualTo(new TanksDone(10, 15));
        assertThat(TanksDone.of(List.of(outing(30, 4), outing(40, 6)), day(0), day(49))
                        .all())
                .isEqualTo(25);
    }

    /** A saw that was on record from its first day has nothing before; a few days are no pace. */
    @Test
    void whatIsKnownIsNotGuessed() {
        assertThat(TanksDone.of(List.of(outing(3, 4)), day(3), day(40))).isEqualTo(new TanksDone(4, 0));
        assertThat(TanksDone.of(List.of(outing(39, 4)), day(0), day(40))).isEqualTo(new TanksDone(4, 0));
        assertThat(TanksDone.of(List.of(), day(0), day(40))).isEqualTo(new TanksDone(0, 0));
    }
}
