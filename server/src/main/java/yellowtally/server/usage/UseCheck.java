package yellowtally.server.usage;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.oiling.FilledOut;
import yellowtally.core.schedule.Burn;
import yellowtally.core.schedule.Wood;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Power;
import yellowtally.server.fleet.Saw;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.support.Violations;

/** Reads what a saw did: refuses what cannot be, asks about what is unlikely. */
@Component
public class UseCheck {

    private static final double MOST_TANKS = 200;

    private final FleetSettings settings;
    private final Clock clock;

    UseCheck(FleetSettings settings, Clock clock) {
        this.settings = settings;
        this.clock = clock;
    }

    /** From issue to return. */
    public record Span(Instant outAt, Instant backAt) {

        double minutes() {
            return Math.max(0, Duration.between(outAt, backAt).toMinutes());
        }

        /** Days of the calendar that it touches. */
        int days(ZoneId zone) {
            LocalDate first = LocalDate.ofInstant(outAt, zone);
            return Math.max(0, (int) ChronoUnit.DAYS.between(first, LocalDate.ofInstant(backAt, zone))) + 1;
        }
    }

    /**
     * What it did, if nothing was added to {@code wrong}.
     *
     * @param logged what was logged while it was out
     * @param field what the fields are called, up to their own name
     */
    public Use use(UseInput given, String field, Saw saw, Span span, FilledOut logged, Violations wrong) {
        double tanks = wrong.number(field + "tanks", given.tanks(), 0, MOST_TANKS);
        likely(given, field, saw, span, tanks, wrong);
        if (!logged.fits(tanks)) {
            wrong.add(field + "tanks", "outing.refuels", logged.tanks());
        }
        Double oil = wrong.optionalNumber(field + "oilShare", given.oilShare(), 0, FilledOut.mostOil(tanks));
        if (oil == null) {
            oil = logged.oilOf(tanks);
        } else if (!logged.fitsOil(oil)) {
            wrong.add(field + "oilShare", "outing.oilLogged", logged.leastOil());
        }
        return new Use(
                tanks,
                oil,
                given.works() == null ? Set.of() : given.works(),
                given.woods() == null ? EnumSet.noneOf(Wood.class) : given.woods(),
                given.rain(),
                given.groundStruck(),
                given.dustSeen(),
                Boolean.TRUE.equals(given.chainSlack()),
                daysRun(given, field, span, tanks, wrong),
                wrong.optionalText(field + "complaint", given.complaint(), 300));
    }

    /** A saw that burned something ran on a day at least, and on no more days than it was out. */
    private @Nullable Integer daysRun(UseInput given, String field, Span span, double tanks, Violations wrong) {
        Double days =
                wrong.optionalNumber(field + "daysRun", given.daysRun(), tanks > 0 ? 1 : 0, span.days(clock.getZone()));
        if (days != null && days != Math.rint(days)) {
            wrong.add(field + "daysRun", "outing.wholeDays");
        }
        return days == null ? null : Integer.valueOf((int) Math.rint(days));
    }

    private void likely(UseInput given, String field, Saw saw, Span span, double tanks, Violations wrong) {
        Numbers numbers = settings.numbers(saw);
        Power power = saw.details().power();
        double most = Burn.most(power, span.minutes(), numbers);
        if (tanks > most + 1e-9) {
            wrong.add(field + "tanks", "outing.burned", tanks, Math.round(span.minutes()), Math.floor(most * 10) / 10);
        } else if (tanks > Burn.likely(power, span.minutes(), numbers) + 1e-9 && !Boolean.TRUE.equals(given.sure())) {
            wrong.add(field + "sure", "outing.unlikely", tanks, Math.round(span.minutes()));
        }
    }
}
