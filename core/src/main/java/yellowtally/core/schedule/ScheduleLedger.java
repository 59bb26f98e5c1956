package yellowtally.core.schedule;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.log.Told;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;

/**
 * The records of one saw and of its parts, read as an account of use and work. Every due date follows from it and can be
 * rebuilt from the records at any time (handbook section 10).
 *
 * @param saw what the saw has
 * @param inService first day in service; what was never done counts from here
 * @param uses outings that have ended
 * @param log steps on record; those that failed do not count as done
 * @param loopsFitted when a loop was fitted on the sprocket that is on the saw now, the first one left out
 * @param newSprocketAt when another sprocket came on this saw last; {@code null} while it has its first
 * @param newLoop whether the loop was new when it was fitted: then all of its past is on record
 */
public record ScheduleLedger(
        SawProfile saw,
        LocalDate inService,
        List<UseEntry> uses,
        SawLog log,
        List<Instant> loopsFitted,
        @Nullable Instant newSprocketAt,
        boolean newLoop) {

    public ScheduleLedger {
        uses = uses.stream().sorted(Comparator.comparing(UseEntry::backAt)).toList();
        loopsFitted = List.copyOf(loopsFitted);
    }

    /** Of a saw whose loop was used before it came here. */
    public ScheduleLedger(
            SawProfile saw,
            LocalDate inService,
            List<UseEntry> uses,
            SawLog log,
            List<Instant> loopsFitted,
            @Nullable Instant newSprocketAt) {
        this(saw, inService, uses, log, loopsFitted, newSprocketAt, false);
    }

    /** Where every task that this saw can have stands, in the order of the handbook. Cost grows in proportion to records. */
    public List<TaskDue> assess(LocalDate today, Seasons seasons, Numbers numbers) {
        return new Account(today, seasons, numbers).assess();
    }

    /** When a part will have seen this many tanks more, at the pace of late (est.); empty without a pace, or too far off. */
    public Optional<DueDate> after(double tanks, Subject part, LocalDate today, Numbers numbers) {
        return new Account(today, Seasons.STANDARD, numbers)
                .pace(part, UseUnit.TANKS)
                .flatMap(pace -> pace.reach(tanks, today, numbers.of(ScheduleSetting.FARTHEST)));
    }

    /** One reading of the ledger on one day. */
    private final class Account {
        private final LocalDate today;
        private final Seasons seasons;
        private final Numbers numbers;
        private final Map<Subject, Map<UseUnit, Optional<Pace>>> paces = new EnumMap<>(Subject.class);

        Account(LocalDate today, Seasons seasons, Numbers numbers) {
            this.today = today;
            this.seasons = seasons;
            this.numbers = numbers;
        }

        List<TaskDue> assess() {
            List<TaskDue> found = new ArrayList<>();
            for (Task task : Task.values()) {
                if (task.appliesTo(saw)) {
                    found.add(assess(task));
                }
            }
            return List.copyOf(found);
        }

        private TaskDue assess(Task task) {
            StepEntry last = lastDone(task);
            Since since = new Since(task, last);
            List<LimitUse> limits = task.limits(saw).stream()
                    .map(limit -> since.use(limit.unit(), numbers.of(limit.setting())))
                    .toList();
            TaskDue due = new TaskDue(
                    task,
                    limits,
                    since.events(),
                    last == null ? null : last.at(),
                    null,
                    since.used(),
                    unknown(task, last),
                    last != null && last.told() != null);
            // Of what was before the first record nobody can say how far it is.
            return due.due() || due.unknown() ? due : due.expected(expected(task, limits));
        }

        /** Whether its past is known to nobody, and nobody has looked at the thing itself since. */
        private boolean unknown(Task task, @Nullable StepEntry last) {
            boolean untold = last == null ? neverWrittenDown(task) : sinceUnknown(task, last.told());
            return untold
                    && !task.firstLook().stream()
                            .allMatch(look -> log.latestPassed(look)
                                    .filter(looked -> looked.told() == null)
                                    .isPresent());
        }

        /** Told when, and not what was used since; the calendar counts by itself. */
        private boolean sinceUnknown(Task task, @Nullable Told told) {
            return told != null
                    && told.since() == null
                    && !task.limits(saw).stream().allMatch(limit -> limit.unit().ofCalendar());
        }

        /** Whether it has no record on a saw that was in use before its records begin. */
        private boolean neverWrittenDown(Task task) {
            boolean newPart = switch (task.subject()) {
                case CHAIN -> newLoop;
                case SPROCKET -> newSprocketAt != null;
                default -> false;
            };
            return !newPart
                    && recordsBegin().isAfter(inService.plusDays((long) numbers.of(ScheduleSetting.PAST_UNKNOWN)));
        }

        /**
         * Outings are all at hand, steps from before the last weeks only where nothing came after them. What was told out of a
         * notebook says nothing of what else was done then.
         */
        private LocalDate recordsBegin() {
            return Stream.concat(
                            uses.stream()
                                    .filter(use -> use.subjects().contains(Subject.SAW))
                                    .map(UseEntry::firstDay),
                            log.entries().stream()
                                    .filter(entry -> entry.told() == null)
                                    .map(StepEntry::day))
                    .min(Comparator.naturalOrder())
                    .orElse(today);
        }

        /** The oldest of the latest records of the steps it takes: done only when all of them are. */
        private @Nullable StepEntry lastDone(Task task) {
            StepEntry oldest = null;
            for (Step step : task.steps()) {
                StepEntry record = log.latestPassed(step).orElse(null);
                if (record == null) {
                    return null;
                }
                oldest = oldest == null || oldest.after(record) ? record : oldest;
            }
            return oldest;
        }

        private @Nullable DueDate expected(Task task, List<LimitUse> limits) {
            DueDate soonest = null;
            for (LimitUse use : limits) {
                DueDate date = reach(task, use).orElse(null);
                if (date != null && (soonest == null || date.likely().isBefore(soonest.likely()))) {
                    soonest = date;
                }
            }
            return soonest;
        }

        private Optional<DueDate> reach(Task task, LimitUse use) {
            double remaining = use.limit() - use.counted();
            return switch (use.unit()) {
                case DAYS -> Optional.of(sure(today.plusDays((long) Math.ceil(remaining))));
                case FIRE_SEASON_DAYS -> fireDate(remaining);
                case LOOPS -> Optional.empty();
                default -> {
                    // What weighs more now is expected to go on weighing so.
                    double heavier = use.raw() > 0 ? use.counted() / use.raw() : 1;
                    yield pace(task.subject(), use.unit())
                            .flatMap(pace -> new Pace(pace.perDay() * heavier, pace.spread())
                                    .reach(remaining, today, numbers.of(ScheduleSetting.FARTHEST)));
                }
            };
        }

        private Optional<DueDate> fireDate(double remaining) {
            for (int days = 1; days <= 366; days++) {
                if (seasons.fireDays(today, today.plusDays(days)) >= remaining) {
                    return Optional.of(sure(today.plusDays(days)));
                }
            }
            return Optional.empty();
        }

        private static DueDate sure(LocalDate day) {
            return new DueDate(day, day, day);
        }

        private Optional<Pace> pace(Subject subject, UseUnit unit) {
            return paces.computeIfAbsent(subject, s -> new EnumMap<>(UseUnit.class))
                    .computeIfAbsent(unit, u -> counted(subject, u));
        }

        private Optional<Pace> counted(Subject subject, UseUnit unit) {
            Pace.Counter counter = new Pace.Counter(today, numbers);
            if (unit == UseUnit.SHARPENINGS) {
                log.sharpenings(subject).stream()
                        .filter(step -> !counter.forgets(step.day()))
                        .forEach(step -> counter.add(step.day(), 1));
                return counter.pace();
            }
            LocalDate before = LocalDate.MIN;
            for (int i = firstRemembered(counter); i < uses.size(); i++) {
                UseEntry use = uses.get(i);
                if (use.subjects().contains(subject)) {
                    double amount = switch (unit) {
                        case TANKS -> use.tanks();
                        case OUTINGS -> 1;
                        default -> newDays(use, before);
                    };
                    counter.add(use.lastDay(), amount);
                    before = use.lastDay().isAfter(before) ? use.lastDay() : before;
                }
            }
            return counter.pace();
        }

        private int firstRemembered(Pace.Counter counter) {
            int i = uses.size();
            while (i > 0 && !counter.forgets(uses.get(i - 1).lastDay())) {
                i--;
            }
            return i;
        }

        /** What happened since a task was last done. */
        private final class Since {
            private final Task task;
            private final @Nullable StepEntry last;
            private final List<UseEntry> outings;
            private final LocalDate from;

            Since(Task task, @Nullable StepEntry last) {
                this.task = task;
                this.last = last;
                this.from = last == null ? inService : last.day();
                this.outings = usesAfter(last == null ? Instant.MIN : last.at());
            }

            private List<UseEntry> usesAfter(Instant at) {
                int i = uses.size();
                while (i > 0 && uses.get(i - 1).backAt().isAfter(at)) {
                    i--;
                }
                return uses.subList(i, uses.size());
            }

            /** Whether the thing that it is about was used since. */
            boolean used() {
                Double told = toldSince();
                return (told != null && told > 0)
                        || outings.stream()
                                .anyMatch(outing ->
                                        outing.tanks() > 0 && outing.subjects().contains(task.subject()));
            }

            Set<DueEvent> events() {
                Set<DueEvent> events = EnumSet.noneOf(DueEvent.class);
                for (UseEntry outing : outings) {
                    if (outing.subjects().contains(task.subject())) {
                        outing.events().stream().filter(task::wokenBy).forEach(events::add);
                    }
                }
                if (task.wokenBy(DueEvent.GROUND_STRUCK) && struckSinceLook()) {
                    events.add(DueEvent.GROUND_STRUCK);
                }
                if (task.wokenBy(DueEvent.SEASON_STARTS) && seasons.startedFor(task, from, today)) {
                    events.add(DueEvent.SEASON_STARTS);
                }
                if (task.wokenBy(DueEvent.EQUALISED) && equalisedSince()) {
                    events.add(DueEvent.EQUALISED);
                }
                if (newSprocketAt != null
                        && task.wokenBy(DueEvent.NEW_SPROCKET)
                        && (last == null || last.at().isBefore(newSprocketAt))) {
                    events.add(DueEvent.NEW_SPROCKET);
                }
                if (last == null && task.wokenBy(DueEvent.NEVER_DONE)) {
                    events.add(DueEvent.NEVER_DONE);
                }
                return events;
            }

            private boolean equalisedSince() {
                return log.latestPassed(Step.EQUALISE)
                        .filter(equalised -> last == null || equalised.after(last))
                        .isPresent();
            }

            /** A strike is cleared by a look at the chain and a sharpening, not by either alone (handbook section 4). */
            private boolean struckSinceLook() {
                Instant looked =
                        log.latestPassed(Step.CHAIN_LOOK).map(StepEntry::at).orElse(Instant.MIN);
                return usesAfter(looked).stream()
                        .anyMatch(outing -> outing.subjects().contains(task.subject())
                                && outing.events().contains(DueEvent.GROUND_STRUCK));
            }

            LimitUse use(UseUnit unit, double limit) {
                return switch (unit) {
                    case DAYS -> plain(unit, (double) Math.max(0, ChronoUnit.DAYS.between(from, today)), limit);
                    case FIRE_SEASON_DAYS -> plain(unit, (double) seasons.fireDays(from, today), limit);
                    case SHARPENINGS -> plain(unit, sharpeningsSince() + told(unit), limit);
                    case LOOPS ->
                        plain(
                                unit,
                                (double) loopsFitted.stream()
                                        .filter(at -> last == null || at.isAfter(last.at()))
                                        .count(),
                                limit);
                    default -> weighed(unit, limit);
                };
            }

            private static LimitUse plain(UseUnit unit, double units, double limit) {
                return new LimitUse(unit, units, units, limit, Set.of());
            }

            /** Sharpenings of the same visit belong to the work that was done in it. */
            private long sharpeningsSince() {
                return log.sharpenings(task.subject()).stream()
                        // Those that were told are among what was told of the time since.
                        .filter(step -> last == null || toldSince() == null || step.told() == null)
                        .filter(step -> last == null
                                || (step.at().isAfter(last.at())
                                        && !(last.visit() != null
                                                && last.visit().equals(step.visit()))))
                        .count();
            }

            private @Nullable Double toldSince() {
                return last == null || last.told() == null ? null : last.told().since();
            }

            /**
             * What was used before the saw was brought in. Where days are counted and tanks or outings were told, each of them
             * makes a day, but no more days than there were (est.): that is never too few.
             */
            private double told(UseUnit unit) {
                Double since = toldSince();
                if (since == null || last == null || last.told() == null) {
                    return 0;
                }
                return unit == UseUnit.DAYS_IN_USE
                        ? Math.min(Math.ceil(since), (double) Math.max(
                                0,
                                ChronoUnit.DAYS.between(last.day(), last.told().on())))
                        : since;
            }

            private LimitUse weighed(UseUnit unit, double limit) {
                double raw = told(unit);
                double counted = raw;
                Set<Condition> heavier = EnumSet.noneOf(Condition.class);
                LocalDate before = LocalDate.MIN;
                for (UseEntry outing : outings) {
                    if (!outing.subjects().contains(task.subject())) {
                        continue;
                    }
                    double units = switch (unit) {
                        case TANKS -> outing.tanks();
                        case OUTINGS -> 1;
                        default -> newDays(outing, before);
                    };
                    before = outing.lastDay().isAfter(before) ? outing.lastDay() : before;
                    double weight = 1;
                    for (Condition condition : outing.conditions()) {
                        ScheduleSetting setting = condition.weightFor(task);
                        if (setting != null && numbers.of(setting) > 1 && units > 0) {
                            weight = Math.max(weight, numbers.of(setting));
                            heavier.add(condition);
                        }
                    }
                    raw += units;
                    counted += units * weight;
                }
                return new LimitUse(unit, raw, counted, limit, heavier);
            }
        }
    }

    /** Days of an outing on which the saw ran and that no earlier outing has counted already. */
    private static double newDays(UseEntry use, LocalDate counted) {
        LocalDate first = use.firstDay().isAfter(counted) ? use.firstDay() : counted.plusDays(1);
        return Math.min(use.mostDaysRun(), Math.max(0.0, (double) ChronoUnit.DAYS.between(first, use.lastDay()) + 1));
    }
}
