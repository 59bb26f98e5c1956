package yellowtally.server.away;

import java.time.Clock;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.server.support.Violations;

/** What may be written down of somebody else having something of the fleet; all that is wrong is told at once. */
@Component
class GoingChecks {

    static final int SENTENCE = 300;
    static final int MOST_CENTS = 100_000_000;
    private static final int NAME = 80;
    private static final int FARTHEST_DAYS = 730;
    private static final int LONGEST_AGO = 3650;

    private final Clock clock;

    GoingChecks(Clock clock) {
        this.clock = clock;
    }

    /** That it goes, since a day that is today at the latest. */
    TimeAway.Going going(@Nullable String who, @Nullable String why, LocalDate since, Violations wrong) {
        LocalDate today = LocalDate.now(clock);
        if (since.isAfter(today)) {
            wrong.add("since", "time.future");
        } else if (since.isBefore(today.minusDays(LONGEST_AGO))) {
            wrong.add("since", "away.longAgo");
        }
        return new TimeAway.Going(
                wrong.text("who", who, NAME), wrong.text("why", why, SENTENCE), since, clock.instant());
    }

    /** What was said of its return. */
    SaidOfReturn said(SaidOfReturn said, Violations wrong) {
        LocalDate today = LocalDate.now(clock);
        LocalDate expected = said.expectedOn();
        if (expected != null && expected.isBefore(today)) {
            wrong.add("said.expectedOn", "away.expectedPast");
        } else if (expected != null && expected.isAfter(today.plusDays(FARTHEST_DAYS))) {
            wrong.add("said.expectedOn", "away.far");
        }
        if (expected == null && said.counted()) {
            wrong.add("said.expectedOn", "away.countedOnNothing");
        }
        wrong.cents("said.quoteCents", said.quoteCents(), 0, MOST_CENTS);
        wrong.cents("said.newCents", said.newCents(), 1, MOST_CENTS);
        return new SaidOfReturn(
                expected,
                said.counted(),
                said.quoteCents(),
                said.newCents(),
                wrong.optionalText("said.note", said.note(), SENTENCE));
    }
}
