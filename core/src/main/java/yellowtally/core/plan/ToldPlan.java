package yellowtally.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import yellowtally.core.plan.Plan.BookingAnswer;
import yellowtally.core.plan.Plan.Day;
import yellowtally.core.plan.Plan.GivenSaw;
import yellowtally.core.plan.Plan.LeftSaw;
import yellowtally.core.plan.Plan.PinNotKept;
import yellowtally.core.plan.Plan.PlannedVisit;
import yellowtally.core.plan.Plan.VisitReason;
import yellowtally.core.schedule.Task;
import yellowtally.core.stages.Bill;

/** Tells a finished draft: each visit with its reason, each booking with its saws or what would still help, each saw that is left. */
final class ToldPlan {

    private final PlanQuestion question;
    private final List<Courses> courses;
    private final Times times;
    private final Draft draft;

    ToldPlan(PlanQuestion question, List<Courses> courses, Times times, Draft draft) {
        this.question = question;
        this.courses = courses;
        this.times = times;
        this.draft = draft;
    }

    Plan plan(List<PinNotKept> notKept) {
        List<Day> days = new ArrayList<>();
        for (int day = 0; day < question.days(); day++) {
            days.add(day(day));
        }
        List<BookingAnswer> bookings = new ArrayList<>();
        for (int booking = 0; booking < question.bookings().size(); booking++) {
            bookings.add(booking(booking));
        }
        Score score = draft.score();
        return new Plan(
                days,
                bookings,
                left(),
                notKept,
                days.stream().mapToDouble(Day::planned).sum(),
                score.urgentDays());
    }

    /** A visit and where it stands in its day. */
    private record Ranked(PlannedVisit visit, int booking, double over) {}

    private static final Comparator<Ranked> ORDER_OF_DAY = Comparator.comparing(
                    (Ranked ranked) -> ranked.visit().reason())
            .thenComparingInt(Ranked::booking)
            .thenComparing(Comparator.comparingDouble(Ranked::over).reversed())
            .thenComparing(ranked -> ranked.visit().tag());

    private Day day(int day) {
        List<Ranked> visits = new ArrayList<>();
        Map<Integer, Integer> benches = draft.load().benchOf(day);
        for (Load.Lying lying : draft.load().on(day)) {
            visits.add(visit(lying.saw(), day, Objects.requireNonNull(benches.get(lying.saw()))));
        }
        return new Day(
                question.today().plusDays(day),
                draft.load().capacity(day),
                draft.load().minutes(day),
                visits.stream().sorted(ORDER_OF_DAY).map(Ranked::visit).toList());
    }

    private Ranked visit(int saw, int day, int bench) {
        Courses of = courses.get(saw);
        Course course = draft.course(saw);
        Stop stop = course.stops().stream()
                .filter(one -> one.day() == day)
                .findFirst()
                .orElseThrow();
        int booking = bookingAfter(course, day);
        List<Chore> chores = stop.chores();
        Map<Task, Double> riding = new EnumMap<>(Task.class);
        chores.subList(chores.size() - stop.riding(), chores.size()).forEach(chore -> {
            if (chore.task() != null) {
                riding.put(chore.task(), Bill.access(chore.stages(), question.numbers()));
            }
        });
        boolean others = chores.stream().anyMatch(chore -> chore.task() == null);
        VisitReason reason = reason(of, course, stop, booking);
        boolean again = course.stops().get(0).day() < day;
        return new Ranked(
                new PlannedVisit(
                        of.saw().tag(),
                        bench,
                        stop.minutes(),
                        tasks(chores, chore -> true),
                        tasks(chores, Chore::withEveryUse),
                        others,
                        riding,
                        reason,
                        booking >= 0 ? id(booking) : null,
                        again || of.visitable().day() <= 0 ? Until.NOW : of.visitable(),
                        again,
                        again ? null : soaks(of.saw()),
                        of.isPinned(day) && !(of.saw().onBench() && reason == VisitReason.ON_BENCH)),
                reason == VisitReason.BOOKING ? booking : 0,
                stop.over());
    }

    private static List<Task> tasks(List<Chore> chores, Predicate<Chore> of) {
        return chores.stream()
                .filter(of)
                .map(Chore::task)
                .<Task>mapMulti((task, to) -> {
                    if (task != null) {
                        to.accept(task);
                    }
                })
                .sorted()
                .toList();
    }

    private @Nullable String soaks(SawOutlook saw) {
        return saw.needs().keySet().stream()
                .filter(article -> {
                    Supply supply = question.supplies().get(article);
                    return supply != null && supply.soaks();
                })
                .map(Article::name)
                .findFirst()
                .orElse(null);
    }

    private UUID id(int booking) {
        return question.bookings().get(booking).id();
    }

    /** The booking for which a visit makes its saw fit; -1 for none. */
    private int bookingAfter(Course course, int day) {
        for (int booking = 0; booking < times.trips().size(); booking++) {
            int lastDay = times.trips().get(booking).lastDay();
            boolean lastBefore = course.stops().stream().noneMatch(stop -> stop.day() > day && stop.day() <= lastDay);
            if (course.serves(booking) && lastDay >= day && lastBefore) {
                return booking;
            }
        }
        return -1;
    }

    private static VisitReason reason(Courses of, Course course, Stop stop, int booking) {
        boolean first = course.stops().get(0).day() == stop.day();
        if (of.saw().onBench() && first) {
            return VisitReason.ON_BENCH;
        }
        if (booking >= 0) {
            return VisitReason.BOOKING;
        }
        List<Chore> musts = stop.chores().subList(0, stop.chores().size() - stop.riding());
        if (stop.urgent()) {
            boolean held = musts.stream().anyMatch(chore -> chore.urgent() && chore.task() == null);
            return held ? VisitReason.HELD : VisitReason.SAFETY;
        }
        if (stop.over() > 1) {
            return VisitReason.OVERDUE;
        }
        return musts.isEmpty() ? VisitReason.PINNED : VisitReason.DUE;
    }

    private BookingAnswer booking(int booking) {
        List<GivenSaw> given = new ArrayList<>();
        for (int saw = 0; saw < courses.size(); saw++) {
            Course course = draft.course(saw);
            if (course.serves(booking)) {
                Stop stop = readyBy(course, booking);
                given.add(new GivenSaw(
                        courses.get(saw).saw().tag(),
                        stop == null ? null : question.today().plusDays(stop.day()),
                        stop == null ? 0 : stop.minutes(),
                        courses.get(saw).saw().doubtful()));
            }
        }
        Booking asked = question.bookings().get(booking);
        int missing = asked.wanted().saws() - given.size();
        return new BookingAnswer(
                asked,
                given,
                missing,
                (int) courses.stream()
                        .filter(saw -> asked.wanted().metBy(saw.saw().traits()))
                        .count(),
                missing == 0 ? List.of() : new WaysOut(question, courses, times, draft).of(booking));
    }

    /** The visit after which a saw is fit for a booking; {@code null} when it needs none. */
    private @Nullable Stop readyBy(Course course, int booking) {
        Stop last = null;
        for (Stop stop : course.stops()) {
            if (stop.day() <= times.trips().get(booking).lastDay() && bookingAfter(course, stop.day()) == booking) {
                last = stop;
            }
        }
        return last;
    }

    private List<LeftSaw> left() {
        List<LeftSaw> found = new ArrayList<>();
        for (int saw = 0; saw < courses.size(); saw++) {
            Courses of = courses.get(saw);
            List<Chore> due = of.saw().chores().stream()
                    .filter(chore -> chore.due() < question.days())
                    .toList();
            if (draft.course(saw).visits() == 0 && !due.isEmpty()) {
                double minutes = Courses.minutes(due, question.numbers());
                found.add(new LeftSaw(of.saw().tag(), minutes, of.saw().urgent(), why(of, minutes)));
            }
        }
        return found;
    }

    private Until why(Courses of, double minutes) {
        Until until = of.visitable().orLater(of.saw().ready());
        if (until.day() >= question.days()) {
            return until;
        }
        return minutes > draft.load().longest() ? new Until(Until.WaitCause.TOO_LONG, Chore.NEVER, null) : Until.NOW;
    }
}
