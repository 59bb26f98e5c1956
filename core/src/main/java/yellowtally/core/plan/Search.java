package yellowtally.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import org.jspecify.annotations.Nullable;

/**
 * Makes a plan by hand rules and betters it step by step. Bookings first, the tightest or the first to leave before the others; then all
 * else by urgency; then single saws are moved, with what they push aside, as long as that makes the plan better.
 */
final class Search {

    private static final int ROUNDS = 8;
    /** Beyond this many of its courses a saw is not tried when it has to push others aside. */
    private static final int TRIED = 4;

    private static final int PUSHED = 3;
    /** Of a day so many visits are tried. */
    private static final int ASIDE_FROM = 16;
    /** Of its courses so many are tried for one that is pushed aside. */
    private static final int TRIED_ASIDE = 12;
    /** Beyond this many saws only so many stand in for another one in a booking. */
    private static final int STAND_INS = 40;
    /** Of the plans that were begun in different orders so many are bettered. */
    private static final int BETTERED = 2;
    /** In so many orders the saws that waited longest are tried first too. */
    private static final int CHEAPEST_TOO = 2;
    /** So many bookings are each served before the others once. */
    private static final int FIRST_IN_TURN = 4;

    private final PlanQuestion question;
    private final List<Courses> courses;
    private final List<Choices> choices;

    Search(PlanQuestion question, List<Courses> courses, List<Choices> choices) {
        this.question = question;
        this.courses = courses;
        this.choices = choices;
    }

    /** The best plan found from nothing. */
    Draft fresh() {
        List<Draft> begun = new ArrayList<>();
        List<List<Integer>> orders = orders();
        orders.forEach(order -> begun.add(begun(order, Offer.SHORTEST_FIRST)));
        orders.subList(0, Math.min(CHEAPEST_TOO, orders.size()))
                .forEach(order -> begun.add(begun(order, Offer.CHEAPEST_FIRST)));
        begun.sort(Comparator.comparing(Draft::score));
        List<Draft> best = begun.subList(0, Math.min(BETTERED, begun.size()));
        best.forEach(draft -> better(draft, true));
        return best.stream().min(Comparator.comparing(Draft::score)).orElseThrow();
    }

    private Draft begun(List<Integer> order, Comparator<Offer> first) {
        Draft draft = new Draft(question, courses);
        build(draft, order, first);
        return draft;
    }

    /** The plan of before as far as it can still be had, with what is new put in beside it. */
    Draft near(List<Integer> bookingOrder) {
        Draft draft = new Draft(question, courses);
        for (int saw = 0; saw < courses.size(); saw++) {
            PlanQuestion.Kept before =
                    question.before().get(courses.get(saw).saw().tag());
            if (before != null) {
                int here = saw;
                asBefore(draft, courses.get(saw), before)
                        .filter(course -> draft.fits(here, course))
                        .ifPresent(course -> draft.take(here, course));
            }
        }
        build(draft, bookingOrder, Offer.CHEAPEST_FIRST);
        better(draft, false);
        return draft;
    }

    /** With its bookings where it is still fit for them, else with its days alone. */
    private Optional<Course> asBefore(Draft draft, Courses saw, PlanQuestion.Kept before) {
        int days = Draft.bits(before.days()) | saw.pinned();
        long bookings = Draft.bookings(question, before.bookings());
        boolean does = bookings != 0;
        for (long left = bookings; left != 0; left &= left - 1) {
            int booking = Long.numberOfTrailingZeros(left);
            Wanted wanted = question.bookings().get(booking).wanted();
            does &= !draft.met(booking) && wanted.metBy(saw.saw().traits());
        }
        return (does ? saw.with(days, bookings) : Optional.<Course>empty()).or(() -> saw.with(days, 0));
    }

    /**
     * Orders in which bookings are served: as they leave; those with the fewest saws to choose from first; the smallest first; and of a
     * few each one before the others.
     */
    private List<List<Integer>> orders() {
        List<Integer> asTheyLeave = asTheyLeave();
        if (asTheyLeave.size() < 2) {
            return List.of(asTheyLeave);
        }
        List<Integer> tightest = new ArrayList<>(asTheyLeave);
        tightest.sort(Comparator.comparingLong(this::spare));
        List<Integer> smallest = new ArrayList<>(asTheyLeave);
        smallest.sort(
                Comparator.comparingInt(b -> question.bookings().get(b).wanted().saws()));
        List<List<Integer>> orders = new ArrayList<>(List.of(asTheyLeave, tightest, smallest));
        for (int booking = 1; booking < Math.min(FIRST_IN_TURN, asTheyLeave.size()); booking++) {
            List<Integer> order = new ArrayList<>(asTheyLeave);
            order.add(0, order.remove(booking));
            orders.add(order);
        }
        return orders.stream().distinct().toList();
    }

    List<Integer> asTheyLeave() {
        List<Integer> order = new ArrayList<>();
        for (int b = 0; b < question.bookings().size(); b++) {
            order.add(b);
        }
        return order;
    }

    private long spare(int booking) {
        Wanted wanted = question.bookings().get(booking).wanted();
        return courses.stream().filter(saw -> wanted.metBy(saw.saw().traits())).count() - wanted.saws();
    }

    private void build(Draft draft, List<Integer> bookingOrder, Comparator<Offer> first) {
        // One that cannot be met keeps nothing from the others.
        for (int booking : bookingOrder) {
            List<Course> kept = draft.kept();
            fill(draft, booking, first);
            if (!draft.met(booking)) {
                draft.restore(kept);
            }
        }
        bookingOrder.forEach(booking -> fill(draft, booking, first));
        List<Integer> waiting = new ArrayList<>();
        for (int saw = 0; saw < courses.size(); saw++) {
            if (draft.course(saw).visits() == 0 || draft.course(saw).overdue() > 0) {
                waiting.add(saw);
            }
        }
        // Who gains most for each minute comes first.
        waiting.sort(Comparator.comparingInt((Integer saw) -> -draft.course(saw).urgentDays())
                .thenComparingDouble(saw -> -gainPerMinute(draft.course(saw), saw))
                .thenComparingInt(saw -> saw));
        waiting.forEach(saw -> takeFirstThatFits(draft, saw));
    }

    private double gainPerMinute(Course course, int saw) {
        List<Course> all = choices.get(saw).serving(course.bookings());
        double minutes = all.isEmpty() ? 1 : Math.max(1, all.get(0).minutes());
        return (course.urgentDays() * 100.0 + course.overdue()) / minutes;
    }

    private boolean takeFirstThatFits(Draft draft, int saw) {
        Course now = draft.course(saw);
        Score before = draft.score();
        for (Course choice : choices.get(saw).serving(now.bookings())) {
            if (choice.sameAs(now)) {
                return false;
            }
            if (draft.fits(saw, choice)) {
                draft.take(saw, choice);
                if (draft.score().betterThan(before)) {
                    return true;
                }
                draft.take(saw, now);
            }
        }
        return false;
    }

    /** A saw that could be given to a booking, with the best course that fits. */
    private record Offer(int saw, Course choice, boolean doubtful, long costs, double minutes) {

        static final Comparator<Offer> CHEAPEST_FIRST = Comparator.comparing(Offer::doubtful)
                .thenComparingLong(Offer::costs)
                .thenComparingInt(Offer::saw);

        /** Where minutes are few, short visits make more saws fit than those that waited longest. */
        static final Comparator<Offer> SHORTEST_FIRST =
                Comparator.comparingDouble(Offer::minutes).thenComparing(CHEAPEST_FIRST);
    }

    private boolean fill(Draft draft, int booking) {
        return fill(draft, booking, Offer.CHEAPEST_FIRST);
    }

    /** Gives a booking saws in this order until it has all or none is left. */
    private boolean fill(Draft draft, int booking, Comparator<Offer> first) {
        PriorityQueue<Offer> offers = new PriorityQueue<>(first);
        for (int saw = 0; saw < courses.size() && !draft.met(booking); saw++) {
            offer(draft, saw, booking).ifPresent(offers::add);
        }
        boolean any = false;
        while (!draft.met(booking) && !offers.isEmpty()) {
            // Benches have become fuller since: what it offers now is never cheaper than what it offered.
            Optional<Offer> now = offer(draft, offers.poll().saw(), booking);
            if (now.isPresent()) {
                Offer next = offers.peek();
                if (next == null || first.compare(now.get(), next) <= 0) {
                    draft.take(now.get().saw(), now.get().choice());
                    any = true;
                } else {
                    offers.add(now.get());
                }
            }
        }
        return any;
    }

    private Optional<Offer> offer(Draft draft, int saw, int booking) {
        Course choice = servingToo(draft, saw, booking);
        return choice == null
                ? Optional.empty()
                : Optional.of(new Offer(
                        saw,
                        choice,
                        courses.get(saw).saw().doubtful(),
                        choice.cost() - draft.course(saw).cost(),
                        choice.minutes() - draft.course(saw).minutes()));
    }

    /** The first course with which a saw serves this booking too and that fits; {@code null} when there is none. */
    private @Nullable Course servingToo(Draft draft, int saw, int booking) {
        return with(saw, draft.course(saw), booking).stream()
                .filter(choice -> draft.fits(saw, choice))
                .findFirst()
                .orElse(null);
    }

    private List<Course> with(int saw, Course now, int booking) {
        Wanted wanted = question.bookings().get(booking).wanted();
        boolean does = wanted.metBy(courses.get(saw).saw().traits())
                && !now.serves(booking)
                && !courses.get(saw).clash(now.bookings(), booking);
        return does ? choices.get(saw).serving(now.bookings() | 1L << booking) : List.of();
    }

    /**
     * Betters a plan until nothing helps any more.
     *
     * @param shuffles whether a visit may be moved for anything less than a booking or a held saw
     */
    private void better(Draft draft, boolean shuffles) {
        for (int round = 0; round < ROUNDS; round++) {
            boolean any = false;
            for (int saw = 0; saw < courses.size(); saw++) {
                any |= betterForOne(draft, saw, shuffles);
            }
            for (int booking : asTheyLeave()) {
                any |= !draft.met(booking)
                        && (fill(draft, booking) || pushIn(draft, booking) || lend(draft, booking, shuffles));
                any |= standIn(draft, booking, shuffles);
            }
            if (!any) {
                return;
            }
        }
    }

    /** Another course for one saw, with what it pushes aside. */
    private boolean betterForOne(Draft draft, int saw, boolean shuffles) {
        Course now = draft.course(saw);
        List<Course> ways = choices.get(saw).serving(now.bookings());
        for (Course choice : ways.subList(0, Math.min(TRIED, ways.size()))) {
            if (choice.cost() >= now.cost()) {
                // The others are worse for this saw; they are taken when it is pushed aside.
                return false;
            }
            if (push(draft, saw, choice, shuffles)) {
                return true;
            }
        }
        return false;
    }

    /** Puts a saw into a booking that is short, whatever it pushes aside. */
    private boolean pushIn(Draft draft, int booking) {
        int saws = 0;
        for (int saw = 0; saw < courses.size() && saws < STAND_INS; saw++) {
            List<Course> ways = with(saw, draft.course(saw), booking);
            saws += ways.isEmpty() ? 0 : 1;
            for (Course choice : ways.subList(0, Math.min(TRIED, ways.size()))) {
                if (push(draft, saw, choice, true)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Gives a booking that is short a saw of another one with which it clashes, and that one another saw. */
    private boolean lend(Draft draft, int booking, boolean shuffles) {
        Wanted wanted = question.bookings().get(booking).wanted();
        int tried = 0;
        for (int saw = 0; saw < courses.size() && tried < STAND_INS; saw++) {
            Course now = draft.course(saw);
            long clashing = courses.get(saw).clashing(now.bookings(), booking);
            if (clashing == 0
                    || now.serves(booking)
                    || !wanted.metBy(courses.get(saw).saw().traits())) {
                continue;
            }
            tried++;
            if (lend(draft, saw, (now.bookings() & ~clashing) | 1L << booking, clashing, shuffles)) {
                return true;
            }
        }
        return false;
    }

    private boolean lend(Draft draft, int saw, long bookings, long left, boolean shuffles) {
        Score before = draft.score();
        Optional<Course> choice = choices.get(saw).serving(bookings).stream()
                .filter(one -> draft.fits(saw, one))
                .findFirst();
        if (choice.isEmpty()) {
            return false;
        }
        List<Course> were = draft.kept();
        draft.take(saw, choice.get());
        for (long bits = left; bits != 0; bits &= bits - 1) {
            fill(draft, Long.numberOfTrailingZeros(bits));
        }
        if (worth(before, draft.score(), shuffles)) {
            return true;
        }
        draft.restore(were);
        return false;
    }

    /** Another saw in the place of one, where that makes the plan better. */
    private boolean standIn(Draft draft, int booking, boolean shuffles) {
        boolean any = false;
        for (int saw = 0; saw < courses.size(); saw++) {
            if (!draft.course(saw).serves(booking)) {
                continue;
            }
            int tried = 0;
            for (int other = 0; other < courses.size() && tried < STAND_INS; other++) {
                if (other == saw || with(other, draft.course(other), booking).isEmpty()) {
                    continue;
                }
                tried++;
                if (exchange(draft, saw, other, booking, shuffles)) {
                    any = true;
                    break;
                }
            }
        }
        return any;
    }

    private boolean exchange(Draft draft, int saw, int other, int booking, boolean shuffles) {
        Score before = draft.score();
        Course now = draft.course(saw);
        Course ofOther = draft.course(other);
        List<Course> without = choices.get(saw).serving(now.bookings() & ~(1L << booking));
        List<Course> with = with(other, ofOther, booking);
        boolean sameDoubt =
                courses.get(saw).saw().doubtful() == courses.get(other).saw().doubtful();
        if (without.isEmpty()
                || (sameDoubt && without.get(0).cost() + with.get(0).cost() >= now.cost() + ofOther.cost())) {
            return false;
        }
        without.stream()
                .filter(choice -> draft.fits(saw, choice))
                .findFirst()
                .ifPresent(choice -> draft.take(saw, choice));
        if (!draft.course(saw).serves(booking)) {
            Course choice = servingToo(draft, other, booking);
            if (choice != null) {
                draft.take(other, choice);
                if (worth(before, draft.score(), shuffles)) {
                    return true;
                }
            }
        }
        draft.take(other, ofOther);
        draft.take(saw, now);
        return false;
    }

    /** Takes a course for a saw and moves what is in its way; false, and nothing changed, when that makes the plan no better. */
    private boolean push(Draft draft, int saw, Course choice, boolean shuffles) {
        Score before = draft.score();
        Course now = draft.course(saw);
        // What the others may lose by it at most; a booking more is worth all that.
        long worth = choice.bookings() == now.bookings() ? now.cost() - choice.cost() : Long.MAX_VALUE;
        List<Integer> touched = new ArrayList<>(List.of(saw));
        List<Course> were = new ArrayList<>(List.of(now));
        draft.take(saw, choice);
        int day = draft.tooFull(choice);
        while (day >= 0 && touched.size() <= PUSHED) {
            Offer aside = aside(draft, day, touched, worth);
            if (aside == null) {
                break;
            }
            touched.add(aside.saw());
            were.add(draft.course(aside.saw()));
            draft.take(aside.saw(), aside.choice());
            worth -= aside.costs();
            day = draft.tooFull(choice);
        }
        if (day < 0 && worth(before, draft.score(), shuffles)) {
            return true;
        }
        for (int i = touched.size() - 1; i >= 0; i--) {
            draft.take(touched.get(i), were.get(i));
        }
        return false;
    }

    /** The visit on a day that goes elsewhere at the least cost, which is less than {@code worth}; {@code null} when none does. */
    private @Nullable Offer aside(Draft draft, int day, List<Integer> touched, long worth) {
        Offer best = null;
        long least = worth;
        for (Load.Lying lying : leastUrgent(draft, day)) {
            if (lying.pinned() || touched.contains(lying.saw())) {
                continue;
            }
            Course now = draft.course(lying.saw());
            List<Course> ways = choices.get(lying.saw()).serving(now.bookings());
            for (Course choice : ways.subList(0, Math.min(TRIED_ASIDE, ways.size()))) {
                long costs = choice.cost() - now.cost();
                if (costs >= least) {
                    break;
                }
                if (!choice.on(day) && draft.fits(lying.saw(), choice)) {
                    best = new Offer(lying.saw(), choice, false, costs, 0);
                    least = costs;
                    break;
                }
            }
        }
        return best;
    }

    /** A visit, and what would be lost without it. */
    private record Staked(Load.Lying visit, long stake) {}

    /** Of a full day those visits that would lose least by not being at all. */
    private List<Load.Lying> leastUrgent(Draft draft, int day) {
        List<Load.Lying> visits = draft.load().on(day);
        if (visits.size() <= ASIDE_FROM) {
            return List.copyOf(visits);
        }
        return visits.stream()
                .map(visit -> new Staked(visit, stake(draft.course(visit.saw()), visit.saw())))
                .sorted(Comparator.comparingLong(Staked::stake)
                        .thenComparingInt(staked -> staked.visit().saw()))
                .limit(ASIDE_FROM)
                .map(Staked::visit)
                .toList();
    }

    private long stake(Course now, int saw) {
        return courses.get(saw)
                .with(courses.get(saw).pinned(), now.bookings())
                .map(none -> none.cost() - now.cost())
                .orElse(Long.MAX_VALUE);
    }

    /** A plan that shuffles nothing is bettered by bookings and held saws alone, or where no visit moves that was planned before. */
    private static boolean worth(Score before, Score after, boolean shuffles) {
        if (!after.betterThan(before)) {
            return false;
        }
        return shuffles
                || after.moved() <= before.moved()
                || after.met() != before.met()
                || after.places() != before.places()
                || after.doubtful() < before.doubtful()
                || after.close() < before.close()
                || after.urgentDays() < before.urgentDays();
    }
}
