package yellowtally.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What would still help a booking that is short: minutes, parts, a saw that is elsewhere, one that is not quite what was asked for. */
final class WaysOut {

    /** More than so many nobody reads. */
    private static final int SHOWN = 4;

    private static final int OF_ONE_KIND = 2;

    private static final Comparator<WayOut> CHEAPEST_FIRST = Comparator.comparing((WayOut way) -> !way.inTime())
            .thenComparingDouble(WayOut::minutes)
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
                    ? Optional.of(new WayOut(
                            WayOut.WayKind.TAKE_OTHER,
                            outlook.tag(),
                            0,
                            null,
                            null,
                            null,
                            null,
                            true,
                            lacks,
                            outlook.traits().barMm()))
                    : Optional.empty();
        }
        if (outlook.here().day() > trip.lastDay()) {
            boolean withAGang = outlook.here().cause() == Until.WaitCause.OUT && trip.lastDay() >= 0;
            return withAGang ? Optional.of(borrow(outlook, trip)) : Optional.empty();
        }
        if (outlook.ready().day() > trip.leaves()) {
            return Optional.empty();
        }
        if (of.visitable().day() > trip.lastDay()) {
            return of.visitable().cause() == Until.WaitCause.PART && trip.lastDay() >= 0
                    ? Optional.of(order(outlook, of.visitable(), trip))
                    : Optional.empty();
        }
        return workLonger(saw, now, booking);
    }

    /** It comes from use, and all is due that falls due with every use. */
    private WayOut borrow(SawOutlook saw, Times.Trip trip) {
        List<Chore> due = saw.chores().stream()
                .filter(chore -> chore.due() <= trip.leaves() || chore.withEveryUse())
                .toList();
        return new WayOut(
                WayOut.WayKind.BORROW,
                saw.tag(),
                Courses.minutes(due, question.numbers()),
                day(trip.lastDay()),
                null,
                saw.here().what(),
                null,
                true,
                Set.of(),
                saw.traits().barMm());
    }

    /** What is ordered today is there after its usual days; a loop lies in the oil for one night more. */
    private WayOut order(SawOutlook saw, Until missing, Times.Trip trip) {
        Integer usual = null;
        int night = 0;
        for (Article article : saw.needs().keySet()) {
            Supply supply = question.supplies().get(article);
            if (supply != null && article.name().equals(missing.what())) {
                usual = supply.leadDays();
                night = supply.soaks() ? 1 : night;
            }
        }
        return new WayOut(
                WayOut.WayKind.ORDER,
                saw.tag(),
                ofAVisit(saw, trip.leaves()),
                day(trip.lastDay() - night),
                null,
                missing.what(),
                usual,
                usual == null || usual + night <= trip.lastDay(),
                Set.of(),
                saw.traits().barMm());
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
                : Optional.of(new WayOut(
                        WayOut.WayKind.WORK_LONGER,
                        of.saw().tag(),
                        Math.ceil(least),
                        day(best),
                        longest(best) + Math.ceil(least),
                        null,
                        null,
                        true,
                        Set.of(),
                        of.saw().traits().barMm()));
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
}
