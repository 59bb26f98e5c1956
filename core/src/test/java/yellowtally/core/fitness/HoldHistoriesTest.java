package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.fitness.Served.ALL;
import static yellowtally.core.schedule.Uses.START;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.jspecify.annotations.Nullable;
import yellowtally.core.brake.BrakeSetting;
import yellowtally.core.drive.LoopsRun;
import yellowtally.core.holds.Hold;
import yellowtally.core.holds.Hold.HoldOrigin;
import yellowtally.core.holds.HoldBook;
import yellowtally.core.log.MeasureEntry;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.schedule.ScheduleLedger;
import yellowtally.core.schedule.Seasons;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.waiting.FitState;

/**
 * No sequence of records, strikes, releases, settings and seasons ends with a saw that may go out while some failure stands
 * without its proof. The rules of handbook section 11 are said a second time here, plainly and slowly, and random histories are
 * held against both.
 */
class HoldHistoriesTest {

    /** What a person can do. */
    private enum Act {
        STOPS(Step.BRAKE_RUNNING, StepOutcome.FINE, null, null),
        DOES_NOT_STOP(Step.BRAKE_RUNNING, StepOutcome.FAIL, Finding.CHAIN_NOT_STOPPED, null),
        STOPS_SO_SO(Step.BRAKE_RUNNING, StepOutcome.ATTEND, null, null),
        LOOKS_FINE(Step.OUTSIDE_LOOK, StepOutcome.FINE, null, null),
        GUARD_BROKEN(Step.OUTSIDE_LOOK, StepOutcome.FAIL, Finding.HAND_GUARD_BROKEN, null),
        NEW_GUARD(Step.NEW_GUARD, StepOutcome.FINE, null, null),
        BAND_FINE(Step.BRAKE_BAND, StepOutcome.FINE, null, null),
        BAND_THICK(Step.BRAKE_BAND, StepOutcome.FINE, null, 0.7),
        BAND_THIN(Step.BRAKE_BAND, StepOutcome.FAIL, Finding.BAND_THIN, 0.3),
        SCREEN_FINE(Step.ARRESTOR, StepOutcome.FINE, null, null),
        SCREEN_HOLED(Step.ARRESTOR, StepOutcome.ATTEND, Finding.SCREEN_HOLED, null),
        NEW_SCREEN(Step.NEW_SCREEN, StepOutcome.FINE, null, null),
        BACK(Step.REFIT, StepOutcome.FINE, null, null),
        TENSE(Step.TENSION, StepOutcome.FINE, null, null),
        TENSION_UNFAIR(Step.TENSION, StepOutcome.ATTEND, null, null),
        NUTS(Step.NUTS, StepOutcome.FINE, null, null),
        LEVER(Step.BRAKE_LEVER, StepOutcome.FINE, null, null),
        STRIKE_LAST(null, null, null, null),
        STRIKE_EARLIER(null, null, null, null),
        RELEASE(null, null, null, null),
        NEXT_SEASON(null, null, null, null),
        MOVE_LIMIT(null, null, null, null);

        private final @Nullable Step step;
        private final @Nullable StepOutcome outcome;
        private final @Nullable Finding finding;
        private final @Nullable Double mm;

        Act(@Nullable Step step, @Nullable StepOutcome outcome, @Nullable Finding finding, @Nullable Double mm) {
            this.step = step;
            this.outcome = outcome;
            this.finding = finding;
            this.mm = mm;
        }
    }

    private record Written(long seq, Act act, LocalDate day) {
        StepEntry entry() {
            return new StepEntry(
                    seq,
                    act.step,
                    at(seq),
                    day,
                    act.outcome,
                    act.finding == null ? Set.of() : Set.of(act.finding),
                    null,
                    ALL);
        }
    }

    private record Released(Set<Long> holds, Set<Long> proofs) {}

    private static Instant at(long seq) {
        return START.atStartOfDay().toInstant(ZoneOffset.UTC).plusSeconds(60 * seq);
    }

    /** A database in a few lists. */
    private static final class Saw {
        private final List<Written> written = new ArrayList<>();
        private final Map<Long, Long> struck = new TreeMap<>();
        private final List<Released> releases = new ArrayList<>();
        private long seq;
        private LocalDate today = START;
        private boolean strict;

        void does(Act act) {
            seq++;
            switch (act) {
                case STRIKE_LAST -> strike(written.size() - 1);
                case STRIKE_EARLIER -> strike(written.size() / 2);
                case RELEASE -> release();
                // From winter to summer and back.
                case NEXT_SEASON -> today = today.plusDays(183);
                case MOVE_LIMIT -> strict = !strict;
                default -> written.add(new Written(seq, act, today));
            }
        }

        private void strike(int index) {
            if (index >= 0) {
                struck.putIfAbsent(written.get(index).seq(), seq);
            }
        }

        private void release() {
            HoldBook book = assess().holds();
            if (book.mayRelease()) {
                book.inForce()
                        .forEach(held -> assertThat(proven((Long) held.hold().id()))
                                .as("%s may be released", held.hold())
                                .isTrue());
                Set<Long> holds = new HashSet<>();
                Set<Long> proofs = new HashSet<>();
                book.inForce().forEach(held -> {
                    holds.add((Long) held.hold().id());
                    proofs.addAll(held.proving().proofs());
                });
                releases.add(new Released(holds, proofs));
            }
        }

        boolean stands(Written record) {
            return !struck.containsKey(record.seq());
        }

        boolean released(long hold) {
            return releases.stream()
                    .anyMatch(release -> release.holds().contains(hold)
                            && release.proofs().stream().noneMatch(struck::containsKey));
        }

        SawAccount assess() {
            boolean fire = Seasons.STANDARD.fire(today);
            SawProfile profile = fire ? Profiles.petrolInFireSeason() : Profiles.petrol();
            List<StepEntry> entries = new ArrayList<>();
            List<MeasureEntry> figures = new ArrayList<>();
            List<Hold> holds = new ArrayList<>();
            for (Written record : written) {
                if (stands(record)) {
                    entries.add(record.entry());
                    if (record.act().mm != null) {
                        figures.add(new MeasureEntry(
                                record.seq(), record.seq(), Measure.BAND_THICKNESS, at(record.seq()), record.act().mm));
                    }
                }
                Finding finding = record.act().finding;
                if (finding != null && !released(record.seq())) {
                    holds.add(new Hold(
                            record.seq(),
                            at(record.seq()),
                            HoldOrigin.RULE,
                            finding.step(),
                            Set.of(finding),
                            ALL,
                            struck.get(record.seq()),
                            null));
                }
            }
            SawLog log = SawLog.of(entries);
            TensionLedger loop = Loops.read(at(0), TensionOutcome.RIGHT);
            return new SawLedger(
                            loop,
                            new ScheduleLedger(profile, today, List.of(), log, List.of(), null),
                            HoldRecords.of(holds),
                            List.of(),
                            List.of(),
                            PartLedger.of(figures, List.of(), List.of(), LoopsRun.NONE, null))
                    .assess(Sisters.NONE, new SawLedger.Rules(numbers(), Seasons.STANDARD, today));
        }

        private Numbers numbers() {
            return strict ? new Numbers(Map.of(BrakeSetting.BAND_THIN, 0.8)) : Numbers.STANDARD;
        }

        // From here on the rules once more, in plain words.

        private List<Written> standing(Predicate<Written> which) {
            return written.stream().filter(this::stands).filter(which).toList();
        }

        private boolean after(long moment, Act act) {
            return !standing(r -> r.act() == act && r.seq() > moment).isEmpty();
        }

        /** The last word on a step is good. */
        private boolean lastGood(Step step, long moment) {
            List<Written> all = standing(r -> r.act().step == step);
            return !all.isEmpty()
                    && all.get(all.size() - 1).seq() > moment
                    && all.get(all.size() - 1).act().outcome == StepOutcome.FINE;
        }

        private boolean proven(long hold) {
            Written failure = written.stream()
                    .filter(record -> record.seq() == hold)
                    .findFirst()
                    .orElseThrow();
            Step step = failure.act().step;
            Long strike = struck.get(hold);
            if (strike != null) {
                return lastGood(step, strike);
            }
            return switch (failure.act()) {
                case DOES_NOT_STOP -> lastGood(step, hold);
                case GUARD_BROKEN -> mended(Act.NEW_GUARD, step, hold);
                case SCREEN_HOLED -> mended(Act.NEW_SCREEN, step, hold);
                case BAND_THIN -> {
                    List<Written> measured = standing(r -> r.act().mm != null);
                    Written last = measured.isEmpty() ? failure : measured.get(measured.size() - 1);
                    yield lastGood(step, hold) && last.seq() > hold && last.act().mm >= (strict ? 0.8 : 0.6);
                }
                default -> false;
            };
        }

        private boolean mended(Act repair, Step look, long failure) {
            List<Written> repairs = standing(r -> r.act() == repair && r.seq() > failure);
            return !repairs.isEmpty()
                    && lastGood(look, repairs.get(repairs.size() - 1).seq());
        }

        /** Something found that is not proved away, and nobody released it for a proof that stands. */
        @Nullable
        String whyItMustStay() {
            boolean fire = Seasons.STANDARD.fire(today);
            for (Written failure : written) {
                Finding finding = failure.act().finding;
                if (finding == null || released(failure.seq())) {
                    continue;
                }
                boolean winterOnly = finding == Finding.SCREEN_HOLED;
                if (winterOnly && !fire) {
                    continue;
                }
                if (winterOnly && stands(failure) && mendedInWinter(failure)) {
                    continue;
                }
                if (winterOnly && !stands(failure) && seenInWinter(failure)) {
                    continue;
                }
                return finding + " of " + failure.seq() + " was never released";
            }
            return missingProof();
        }

        private boolean mendedInWinter(Written failure) {
            return after(failure.seq(), Act.NEW_SCREEN) && seenInWinter(failure);
        }

        private boolean seenInWinter(Written failure) {
            List<Written> looks = standing(r -> r.act().step == Step.ARRESTOR || r.act().step == Step.NEW_SCREEN);
            return lastGood(Step.ARRESTOR, failure.seq())
                    && looks.stream()
                            .filter(r -> r.seq() > failure.seq())
                            .anyMatch(r -> !Seasons.STANDARD.fire(r.day()));
        }

        private @Nullable String missingProof() {
            List<Written> apart =
                    standing(r -> r.act().step != null && r.act().step.takesApart());
            long opened = apart.isEmpty() ? 0 : apart.get(apart.size() - 1).seq();
            for (Step step : List.of(Step.REFIT, Step.TENSION, Step.NUTS, Step.BRAKE_RUNNING)) {
                boolean closed = !standing(
                                r -> r.act().step == step && r.seq() > opened && r.act().outcome == StepOutcome.FINE)
                        .isEmpty();
                if (!closed) {
                    return step + " is missing since " + opened;
                }
            }
            if (standing(r -> r.act() == Act.LEVER).isEmpty()) {
                return "no brake test";
            }
            List<Written> measured = standing(r -> r.act().mm != null);
            if (!measured.isEmpty()) {
                double last = measured.get(measured.size() - 1).act().mm;
                if (last < (strict ? 0.8 : 0.6)) {
                    return "band of " + last;
                }
            }
            return null;
        }
    }

    @Provide
    Arbitrary<List<Act>> histories() {
        List<Act> served = List.of(Act.LEVER, Act.BACK, Act.TENSE, Act.NUTS, Act.STOPS, Act.LOOKS_FINE);
        Arbitrary<List<Act>> acts =
                Arbitraries.of(Act.class).list().ofMinSize(1).ofMaxSize(24);
        Arbitrary<List<Act>> proofs = Arbitraries.of(
                        Act.STOPS, Act.LOOKS_FINE, Act.NEW_GUARD, Act.BAND_THICK, Act.NEW_SCREEN, Act.SCREEN_FINE)
                .list()
                .ofMaxSize(6);
        Arbitrary<List<Act>> back = Arbitraries.of(
                List.of(Act.BACK, Act.TENSE, Act.NUTS, Act.STOPS, Act.RELEASE),
                List.of(Act.BACK, Act.TENSE, Act.NUTS, Act.STOPS_SO_SO, Act.RELEASE),
                List.of(Act.RELEASE, Act.BACK, Act.TENSION_UNFAIR, Act.NUTS, Act.STOPS),
                List.of(Act.RELEASE, Act.STOPS, Act.RELEASE));
        Arbitrary<List<Act>> ends = Arbitraries.of(
                        Act.RELEASE, Act.STRIKE_LAST, Act.STRIKE_EARLIER, Act.NEXT_SEASON, Act.MOVE_LIMIT)
                .list()
                .ofMaxSize(4);
        // Served, anything at all, put right more or less, set back, released, and undone again.
        return Combinators.combine(acts, proofs, back, ends).as((any, put, closed, end) -> {
            List<Act> all = new ArrayList<>(served);
            all.addAll(any);
            all.addAll(put);
            all.addAll(closed);
            all.addAll(end);
            return all;
        });
    }

    private static int free;
    private static int all;

    @Property(tries = 2000)
    void nothingUnprovenGoesOut(@ForAll("histories") List<Act> acts) {
        Saw saw = new Saw();
        boolean asked = false;
        for (Act act : acts) {
            saw.does(act);
            asked |= act == Act.RELEASE;
            if (!asked) {
                continue;
            }
            all++;
            if (saw.assess().state() != FitState.HELD) {
                free++;
                assertThat(saw.whyItMustStay()).as("%s", acts).isNull();
            }
        }
    }

    /** A check of the check: enough of these histories do end in a saw that may go out. */
    @net.jqwik.api.lifecycle.AfterContainer
    static void manyOfThemMayGoOut() {
        assertThat(free).isGreaterThan(all / 20);
    }
}
