package yellowtally.server.planning;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import yellowtally.core.plan.Plan;
import yellowtally.core.plan.PlanQuestion;
import yellowtally.core.plan.Planner;
import yellowtally.server.planning.PlanQuestions.Known;
import yellowtally.server.support.FleetRevision;

/**
 * The plan as it is now, worked out again after a write and kept until the next; it stays near the one before. What could be otherwise is
 * worked out beside it and kept nowhere.
 */
@Service
class Plans {

    /** Of what holds no longer. */
    private static final long NO_REVISION = -1;

    private final PlanQuestions questions;
    private final PlanChanges changes;
    private final PlanKeeper keeper;
    private final FleetRevision revision;
    private final Clock clock;
    private final AtomicReference<@Nullable Made> last = new AtomicReference<>();
    private final AtomicReference<@Nullable Tried> tried = new AtomicReference<>();

    Plans(PlanQuestions questions, PlanChanges changes, PlanKeeper keeper, FleetRevision revision, Clock clock) {
        this.questions = questions;
        this.changes = changes;
        this.keeper = keeper;
        this.revision = revision;
        this.clock = clock;
    }

    /**
     * A plan and what it was made from.
     *
     * @param until when the next crew leaves, after which it is another one; {@code null} when none does
     */
    record Made(long revision, @Nullable Instant until, Known known, PlanFacts facts, Plan plan) {

        /** What the next plan stays near. */
        PlanKeeper.Before before() {
            return new PlanKeeper.Before(known.today(), plan.kept());
        }

        boolean holds(long now, LocalDate today, Instant moment) {
            return revision == now && known.today().equals(today) && (until == null || !until.isBefore(moment));
        }
    }

    /** What was tried last. */
    private record Tried(PlanChange change, Made made) {}

    /** The plan now. */
    @Transactional(readOnly = true)
    public Made now() {
        Made made = aside();
        last.set(made);
        keeper.seen(made.before());
        return made;
    }

    /** The plan now, for nobody who looks at it: the next one need not stay near it. */
    @Transactional(readOnly = true)
    public Made aside() {
        long at = revision.now();
        Made before = last.get();
        return before != null && before.holds(at, LocalDate.now(clock), clock.instant())
                ? before
                : made(at, questions.known(), changes.facts(), before);
    }

    /**
     * How it would be after a change. Minutes come after all else, near the plan that all else makes: more of them, as a booking that is
     * short is offered, never leave it worse off.
     */
    private Made with(Made now, PlanChange change) {
        Made before = now;
        if (!change.minutes().isEmpty()) {
            before = made(now.revision(), now.known(), changes.with(now.facts(), change.withoutMinutes()), now);
        }
        return made(now.revision(), now.known(), changes.with(now.facts(), change), before);
    }

    /** The same for somebody who may keep it: it is remembered until another change is tried. */
    @Transactional(readOnly = true)
    public Made tried(Made now, PlanChange change) {
        Made made = with(now, change);
        tried.set(new Tried(change, made));
        return made;
    }

    /** A change is kept: where it was tried as the fleet stood then, the next plan stays near the one that was seen. */
    void keep(PlanChange change) {
        Tried seen = tried.get();
        if (seen != null && seen.change().equals(change) && seen.made().revision() == revision.now()) {
            Made made = seen.made();
            last.set(new Made(NO_REVISION, made.until(), made.known(), made.facts(), made.plan()));
        }
    }

    private Made made(long at, Known known, PlanFacts facts, @Nullable Made before) {
        // After a start nobody has seen a plan yet: the last one of before holds.
        Map<String, PlanQuestion.Kept> kept = Optional.ofNullable(before)
                .map(Made::before)
                .or(keeper::beforeStart)
                // A clock that was set back tells nothing of days that have not come.
                .filter(one -> !one.madeOn().isAfter(known.today()))
                .map(one -> kept(one, known.today()))
                .orElse(Map.of());
        PlanQuestion question = questions.question(known, facts, kept);
        Instant until = question.bookings().stream()
                .map(questions::leaves)
                .min(Instant::compareTo)
                .orElse(null);
        return new Made(at, until, known, facts, Planner.of(question));
    }

    /** What the plan before had, on the days of a plan from today on. */
    private static Map<String, PlanQuestion.Kept> kept(PlanKeeper.Before before, LocalDate today) {
        int gone = (int) (today.toEpochDay() - before.madeOn().toEpochDay());
        Map<String, PlanQuestion.Kept> moved = new HashMap<>();
        before.kept().forEach((tag, kept) -> {
            Set<Integer> days = new HashSet<>();
            kept.days().stream().filter(day -> day >= gone).forEach(day -> days.add(day - gone));
            moved.put(tag, new PlanQuestion.Kept(days, kept.bookings()));
        });
        return moved;
    }
}
