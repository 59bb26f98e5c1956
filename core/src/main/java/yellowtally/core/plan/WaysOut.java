package yellowtally.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What would still help a booking that is short: minutes, parts, a saw that is elsewhere, one that is not quite what was asked for. */
final class WaysOut {

    /** More than so many nobody reads. */
    private static final int SHOWN = 4;

    private static final int OF_ONE_KIND = 2;

    private static final Comparator<WayOut> CHEAPEST_FIRST = Comparator.comparingDouble(WayOut::minutes)
            .thenComparing(WayOut::kind)
            .thenComparing(way -> way.barMm() == null ? 0 : -way.barMm())
            .thenComparing(WayOut::tag);

    private final PlanQuestion question;
    private final List<Courses> courses;
    private final Times times;
    private final Draft draft;

    WaysOut(PlanQuestion question, List<Courses> courses, Times times, Draft draft) {
        this.question = question;
        this.courses = courses;
        this.times = times;
        this.draft = draft;
    }

    /** For a booking that is short, the cheapest first. */
    List<WayOut> of(int booking) {
        List<WayOut> found = new ArrayList<>();
        for (int saw = 0; saw < courses.size(); saw++) {
            Course now = draft.course(saw);
            if (!now.serves(booking) && !courses.get(saw).clash(now.bookings(), booking)) {
                with(saw, now, booking).ifPresent(found::add);
            }
        }
        found.sort(CHEAPEST_FIRST);
        Map<WayOut.WayKind, Integer> ofItsKind = new EnumMap<>(WayOut.WayKind.class);
        return found.stream()
                .filter(way -> ofItsKind.merge(way.kind(), 1, Integer::sum) <= OF_ONE_KIND)
                .limit(SHOWN)
                .toList();
    }

    private Optional<WayOut> with(int saw, Course now, int booking) {
        Courses of = courses.get(saw);
        SawOutlook outlook = of.saw();
        Set<Wanted.Lack> lacks = question.bookings().get(booking).wanted().lacks(outlook.traits());
        Times.Trip trip = times.trips().get(booking);
        if (!lacks.isEmpty()) {
            boolean fitByThen =
                    of.with(now.visits(), now.bookings() | 1L << booking).isPresent();
            return fitByThen && lacks.size() == 1
                    ? Optional.of(way(WayOut.WayKind.TAKE_OTHER, outlook, 0, null, null, null, lacks))
                    : Optional.empty();
        }
        if (outlook.here().day() > trip.lastDay()) {
            boolean withAGang = outlook.here().cause() == Until.WaitCause.OUT && trip.lastDay() >= 0;
            return withAGang
                    ? Optional.of(way(
                            WayOut.WayKind.BORROW,
                            outlook,
                            ofAVisit(outlook, trip.leaves()),
                            day(trip.lastDay()),
                            null,
                            outlook.here().what(),
                            lacks))
                    : Optional.empty();
        }
        if (outlook.ready().day() > trip.leaves()) {
            return Optional.empty();
        }
        if (of.visitable().day() > trip.lastDay()) {
            return of.visitable().cause() == Until.WaitCause.PART && trip.lastDay() >= 0
                    ? Optional.of(way(
                            WayOut.WayKind.ORDER,
                            outlook,
                            ofAVisit(outlook, trip.leaves()),
                            day(trip.lastDay()),
                            null,
                            of.visitable().what(),
                            lacks))
                    : Optional.empty();
        }
        return workLonger(saw, now, booking);
    }

    /** The day on which the fewest minutes are missing. */
    private Optional<WayOut> workLonger(int saw, Course now, int booking) {
        Courses of = courses.get(saw);
        int best = -1;
        double least = Double.MAX_VALUE;
        for (int day = 0; day <= times.trips().get(booking).lastDay(); day++) {
            Optional<Course> course = of.with(1 << day | of.pinned(), now.bookings() | 1L << booking);
            if (course.isPresent()) {
                double asked = course.get().minutesOn(day);
                double more = draft.load().missing(day, saw, asked);
                if (more < least) {
                    least = more;
                    best = day;
                }
            }
        }
        return best < 0
                ? Optional.empty()
                : Optional.of(way(
                        WayOut.WayKind.WORK_LONGER,
                        of.saw(),
                        Math.ceil(least),
                        day(best),
                        longest(best) + Math.ceil(least),
                        null,
                        Set.of()));
    }

    private double longest(int day) {
        return question.benches().stream()
                .filter(slot -> slot.day() == day)
                .mapToDouble(BenchSlot::minutes)
                .max()
                .orElse(0);
    }

    private double ofAVisit(SawOutlook saw, int dueBy) {
        return Courses.minutes(
                saw.chores().stream().filter(chore -> chore.due() <= dueBy).toList(), question.numbers());
    }

    private LocalDate day(int day) {
        return question.today().plusDays(day);
    }

    private static WayOut way(
            WayOut.WayKind kind,
            SawOutlook saw,
            double minutes,
            @Nullable LocalDate day,
            @Nullable Double dayMinutes,
            @Nullable String what,
            Set<Wanted.Lack> lacks) {
        return new WayOut(
                kind,
                saw.tag(),
                minutes,
                day,
                dayMinutes,
                what,
                lacks,
                saw.traits().barMm());
    }
}
