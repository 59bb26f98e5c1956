package yellowtally.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowtally.core.schedule.Uses.at;
import static yellowtally.core.schedule.Uses.day;
import static yellowtally.core.schedule.Uses.done;
import static yellowtally.core.schedule.Uses.outing;
import static yellowtally.core.schedule.Uses.told;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import yellowtally.core.edge.FilingSchool;
import yellowtally.core.edge.GaugeSchool;
import yellowtally.core.edge.Schools;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;

class ScheduleLedgerTest {

    private static final SawProfile SAW = Profiles.petrol();

    private static TaskDue assess(Task task, List<UseEntry> uses, List<StepEntry> done) {
        return assess(task, uses, done, 40);
    }

    private static TaskDue assess(Task task, List<UseEntry> uses, List<StepEntry> done, int today) {
        return Uses.of(Uses.ledger(SAW, uses, done).assess(day(today), Seasons.STANDARD, Numbers.STANDARD), task);
    }

    /** Days in use are days on which it ran: out from day 2 to day 8 with two tanks burned is two of them (est.), or as told. */
    @ParameterizedTest
    @CsvSource({
        "2, 8, 2.0,, 2",
        "2, 8, 1.5,, 2",
        "2, 3, 5,, 2",
        "2, 2, 0.1,, 1",
        "2, 8, 0,, 0",
        "2, 8, 2, 5, 5",
        "2, 8, 6, 3, 3",
        "2, 3, 2, 9, 2"
    })
    void daysInUseAreDaysOnWhichItRan(int out, int back, double tanks, @Nullable Integer told, double days) {
        UseEntry use = new UseEntry(
                at(back, 16), day(out), day(back), tanks, Set.of(), Set.of(), told, EnumSet.allOf(Subject.class));
        TaskDue card = assess(Task.OIL_CARD, List.of(use), allDone(1), 10);
        assertThat(card.limits())
                .filteredOn(limit -> limit.unit() == UseUnit.DAYS_IN_USE)
                .singleElement()
                .satisfies(limit -> assertThat(limit.raw()).isEqualTo(days));
    }

    /** In service for weeks before its first record, and never greased as far as anybody wrote down: nobody can say how far it is. */
    @ParameterizedTest
    @CsvSource({"14, false", "16, true", "30, true"})
    void aPastThatNobodyWroteDownIsUnknown(int firstRecord, boolean unknown) {
        List<StepEntry> greased = List.of(done(firstRecord, Step.TENSION));
        TaskDue bearing =
                assess(Task.BEARING, List.of(outing(firstRecord, 1), outing(firstRecord + 2, 1)), greased, 40);
        assertThat(bearing.unknown()).isEqualTo(unknown);
        assertThat(bearing.expected() == null)
                .as("no date from an unknown past")
                .isEqualTo(unknown);
        assertThat(assess(Task.BEARING, List.of(outing(31, 1)), List.of(done(30, Step.BEARING)), 40)
                        .unknown())
                .as("done once is a beginning")
                .isFalse();
    }

    /** Told on day 30 that the filter was cleaned on day 20, with tanks since; one tank on day 31 comes on top. */
    @ParameterizedTest
    @CsvSource({
        "2,    3, 3, false",
        "3.5,  4.5, 5, false",
        // Ten days at most, whatever was burned.
        "40,   41, 11, false",
        "0,    1, 1, false",
        ",     1, 1, true"
    })
    void whatWasToldCountsWithWhatFollows(@Nullable Double since, double tanks, double days, boolean unknown) {
        TaskDue filter =
                assess(Task.AIR_FILTER, List.of(outing(31, 1)), List.of(told(20, Step.AIR_FILTER, 30, since)), 40);
        assertThat(filter.limits()).extracting(LimitUse::raw).containsExactly(tanks, days);
        assertThat(filter.unknown()).isEqualTo(unknown);
        assertThat(filter.told()).isTrue();
    }

    /** The calendar needs nobody to remember tanks. */
    @Test
    void whatTheCalendarCountsIsKnownFromItsDay() {
        TaskDue hoses = assess(Task.TANKS, List.of(), List.of(told(20, Step.TANKS, 30, null)), 40);
        assertThat(hoses.unknown()).isFalse();
        assertThat(hoses.fraction()).isEqualTo(20.0 / 180);
    }

    /** A notebook that tells of one thing says nothing of the others: these stay unknown, and a look here ends that. */
    @Test
    void whatWasToldOfOneThingLeavesTheOthersUnknown() {
        List<StepEntry> notebook = List.of(told(2, Step.PLUG, 30, 3.0));
        assertThat(assess(Task.BEARING, List.of(), notebook, 40).unknown()).isTrue();
        List<StepEntry> looked = List.of(notebook.get(0), done(31, Step.BEARING), done(31, Step.RAILS));
        assertThat(assess(Task.BEARING, List.of(), looked, 40).unknown()).isFalse();
        assertThat(assess(Task.DRESS_RAILS, List.of(), looked, 40).unknown())
                .as("the rails were looked at")
                .isFalse();
        assertThat(assess(Task.EQUALISE, List.of(), looked, 40).unknown()).isTrue();
    }

    /** Four sharpenings since the gauges, the last of them told as well: they are four. One done here makes five. */
    @Test
    void sharpeningsThatWereToldAreNotCountedTwice() {
        List<StepEntry> notebook = List.of(told(5, Step.DEPTH_GAUGES, 30, 4.0), told(20, Step.SHARPEN, 30, 2.0));
        assertThat(assess(Task.DEPTH_GAUGES, List.of(), notebook, 40).fraction())
                .isEqualTo(0.8);
        List<StepEntry> more = new ArrayList<>(notebook);
        more.add(done(35, Step.SHARPEN));
        assertThat(assess(Task.DEPTH_GAUGES, List.of(), more, 40).due()).isTrue();
        List<StepEntry> dayAlone = List.of(told(5, Step.DEPTH_GAUGES, 30, null), told(20, Step.SHARPEN, 30, 2.0));
        TaskDue unknown = assess(Task.DEPTH_GAUGES, List.of(), dayAlone, 40);
        assertThat(unknown.unknown()).isTrue();
        assertThat(unknown.limits().get(0).raw())
                .as("at least the one that was told")
                .isEqualTo(1);
    }

    /** A loop that was new when it was fitted has its whole past on record, however old its saw is. */
    @ParameterizedTest
    @CsvSource({"true, false", "false, true"})
    void aNewLoopHasNoUnknownPast(boolean newLoop, boolean unknown) {
        ScheduleLedger ledger = new ScheduleLedger(
                SAW,
                Uses.START,
                List.of(outing(31, 1)),
                SawLog.of(List.of(done(30, Step.TENSION))),
                List.of(),
                null,
                newLoop);
        List<TaskDue> tasks = ledger.assess(day(40), Seasons.STANDARD, Numbers.STANDARD);
        assertThat(Uses.of(tasks, Task.SHARPEN).unknown()).isEqualTo(unknown);
        assertThat(Uses.of(tasks, Task.PLUG).unknown()).as("of the saw").isTrue();
    }

    /** The table of handbook section 10: what uses the limit up, and what falls one unit short of it. */
    @ParameterizedTest
    @CsvSource({
        "TENSION,      1,   1,    1",
        "BRAKE,        1,   0.2,  1",
        "OUTSIDE_LOOK, 1,   0.2,  1",
        "OIL_CARD,     5,   0.2,  5",
        "FULL_CLEAN,   1,   0.2,  1",
        "SHARPEN,      3,   1,    3",
        "NOSE_GREASE,  1,   0.2,  1",
        "SPROCKET,     20,  1,   20",
        "BEARING,      20,  1,   20",
        "AIR_FILTER,   5,   1,    5",
        "AIR_FILTER,   7,   0.1,  7",
        "PLUG,         20,  2,   40",
        "ARRESTOR,     20,  2,   40",
        "STARTER,      20,  2,   40",
    })
    void usesUpItsLimit(Task task, int outings, double tanksEach, double units) {
        List<UseEntry> uses = new ArrayList<>();
        for (int i = 0; i < outings; i++) {
            uses.add(outing(2 + i, tanksEach));
        }
        List<StepEntry> doneBefore = allDone(1);
        TaskDue full = assess(task, uses, doneBefore, 2 + outings);
        assertThat(full.due()).isTrue();
        assertThat(full.binding().counted()).isCloseTo(units, within(1e-9));
        assertThat(full.fraction()).isCloseTo(1, within(1e-9));
        assertThat(full.everyTime()).isEqualTo(units == 1);

        TaskDue short1 = assess(task, uses.subList(0, outings - 1), doneBefore, 2 + outings);
        assertThat(short1.due()).isFalse();
        TaskDue reset = assess(task, uses, allDone(39));
        assertThat(reset.due()).isFalse();
        assertThat(reset.lastDone()).isEqualTo(at(39, 19));
    }

    @ParameterizedTest
    @CsvSource({"PLUG, 90", "STARTER, 90", "TANKS, 180", "STRIP_DOWN, 365"})
    void fallsDueWithTheCalendar(Task task, int days) {
        assertThat(assess(task, List.of(), allDone(1), days).due()).isFalse();
        assertThat(assess(task, List.of(), allDone(1), days + 1).due()).isTrue();
        assertThat(assess(task, List.of(), allDone(1), days - 9).expected())
                .isEqualTo(new DueDate(day(days + 1), day(days + 1), day(days + 1)));
    }

    @ParameterizedTest
    @CsvSource({"DEPTH_GAUGES, 5", "EQUALISE, 10", "GROOVE_FLIP, 1", "DRESS_RAILS, 5"})
    void countsSharpenings(Task task, int limit) {
        List<StepEntry> done = allDone(1);
        for (int i = 0; i < limit; i++) {
            assertThat(assess(task, List.of(), done).due()).isFalse();
            done.add(done(2 + i, Step.SHARPEN));
        }
        assertThat(assess(task, List.of(), done).due()).isTrue();
    }

    /** Handbook section 10: "4 tanks count as 6". On one outing the heaviest condition counts, not the product. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "SHARPEN     | 2 HARD; 1 DIRTY; 1 -       | 4 | 6",
                "SHARPEN     | 4 HARD                     | 4 | 6",
                "SHARPEN     | 2 HARD DIRTY               | 2 | 4",
                "SHARPEN     | 2 FROZEN; 1 RAIN           | 3 | 4",
                "AIR_FILTER  | 2 RAIN; 1 HARD             | 3 | 4",
                "TENSION     | 0.5 LIMBING                | 0.5 | 0.65",
                "PLUG        | 4 HARD DIRTY RAIN LIMBING  | 4 | 4",
            })
    void whatTheSawWentThroughWeighs(Task task, String outings, double raw, double counted) {
        List<UseEntry> uses = new ArrayList<>();
        int day = 2;
        for (String outing : outings.split(";")) {
            String[] words = outing.trim().split(" ");
            Condition[] conditions = Arrays.stream(words)
                    .skip(1)
                    .filter(w -> !w.equals("-"))
                    .map(Condition::valueOf)
                    .toArray(Condition[]::new);
            uses.add(outing(day++, Double.parseDouble(words[0]), conditions));
        }
        LimitUse tanks = assess(task, uses, allDone(1)).limits().stream()
                .filter(l -> l.unit() == UseUnit.TANKS)
                .findFirst()
                .orElseThrow();
        assertThat(tanks.raw()).isCloseTo(raw, within(1e-9));
        assertThat(tanks.counted()).isCloseTo(counted, within(1e-9));
        assertThat(tanks.heavier().isEmpty()).isEqualTo(raw == counted);
    }

    @ParameterizedTest
    @CsvSource({
        "GROUND_STRUCK, SHARPEN",
        "DUST_SEEN, SHARPEN",
        "CHAIN_SLACK, TENSION",
        "RAIN, FULL_CLEAN",
        "COMPLAINT, OUTSIDE_LOOK",
    })
    void anEventMakesItDueAtOnce(DueEvent event, Task task) {
        List<UseEntry> uses = List.of(outing(5, 0.1, Set.of(), Set.of(event)));
        TaskDue due = assess(task, uses, allDone(1), 7);
        assertThat(due.due()).isTrue();
        assertThat(due.events()).containsExactly(event);
        assertThat(assess(task, uses, allDone(6), 7).due()).isFalse();
    }

    @Test
    void aBatterySawCountsCharges() {
        List<UseEntry> three = List.of(outing(2, 1), outing(3, 1), outing(4, 1));
        List<TaskDue> tasks =
                Uses.ledger(Profiles.battery(), three, allDone(1)).assess(day(40), Seasons.STANDARD, Numbers.STANDARD);
        assertThat(Uses.of(tasks, Task.SHARPEN).binding().limit()).isEqualTo(4);
        assertThat(Uses.of(tasks, Task.SHARPEN).due()).isFalse();
        assertThat(tasks).extracting(TaskDue::task).doesNotContain(Task.PLUG, Task.AIR_FILTER, Task.ARRESTOR);
    }

    @Test
    void whatWasNeverDoneCountsFromTheFirstDayInService() {
        assertThat(assess(Task.PLUG, List.of(), List.of(), 89).due()).isFalse();
        assertThat(assess(Task.PLUG, List.of(), List.of(), 90).due()).isTrue();
        assertThat(assess(Task.BRAKE, List.of(), List.of(), 0).events()).containsExactly(DueEvent.NEVER_DONE);
    }

    @Test
    void aTaskOfTwoStepsIsDoneWhenBothAre() {
        List<UseEntry> uses = List.of(outing(2, 1));
        List<StepEntry> lever = new ArrayList<>(List.of(done(1, Step.BRAKE_RUNNING), done(3, Step.BRAKE_LEVER)));
        assertThat(assess(Task.BRAKE, uses, lever, 4).due()).isTrue();
        lever.add(done(3, Step.BRAKE_RUNNING));
        assertThat(assess(Task.BRAKE, uses, lever, 4).due()).isFalse();
    }

    @Test
    void aFailedStepDoesNotReset() {
        StepEntry failed = new StepEntry(
                0, Step.OIL_CARD, at(10, 19), day(10), StepOutcome.FAIL, Set.of(), null, EnumSet.allOf(Subject.class));
        List<StepEntry> done = allDone(1);
        done.add(failed);
        assertThat(assess(Task.OIL_CARD, List.of(), done).lastDone()).isEqualTo(at(1, 19));
    }

    /** A chain brings its tanks with it, the saw's own use does not count for it. */
    @Test
    void useFollowsThePart() {
        UseEntry elsewhere =
                new UseEntry(at(5, 16), day(5), day(5), 2, Set.of(), Set.of(), null, EnumSet.of(Subject.CHAIN));
        UseEntry before = new UseEntry(
                at(6, 16), day(6), day(6), 2.5, Set.of(), Set.of(), null, EnumSet.of(Subject.SAW, Subject.BAR));
        List<UseEntry> uses = List.of(elsewhere, before);
        assertThat(assess(Task.SHARPEN, uses, allDone(1)).binding().raw()).isEqualTo(2);
        assertThat(assess(Task.AIR_FILTER, uses, allDone(1)).binding().raw()).isEqualTo(2.5);
    }

    @Test
    void aLoopFittedMakesTheSprocketDue() {
        ScheduleLedger ledger =
                new ScheduleLedger(SAW, Uses.START, List.of(), SawLog.of(allDone(1)), List.of(at(3, 9)), null);
        assertThat(Uses.of(ledger.assess(day(4), Seasons.STANDARD, Numbers.STANDARD), Task.SPROCKET)
                        .due())
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "2026-03-31, 2026-03-31, false",
        "2026-04-01, 2026-04-01, true",
        "2026-09-30, 2026-04-01, true",
        "2026-10-01, 2026-04-01, false",
    })
    void theFireSeasonWakesTheArrestor(LocalDate today, LocalDate starts, boolean due) {
        List<StepEntry> done = List.of(done(1, Step.ARRESTOR));
        TaskDue arrestor = Uses.of(
                Uses.ledger(SAW, List.of(), done).assess(today, Seasons.STANDARD, Numbers.STANDARD), Task.ARRESTOR);
        assertThat(arrestor.events().contains(DueEvent.SEASON_STARTS)).isEqualTo(due);
    }

    @ParameterizedTest
    @CsvSource({
        "2026-01-10, 2026-03-31, 0",
        "2026-01-10, 2026-04-30, 30",
        "2026-09-20, 2026-12-31, 10",
        "2025-09-20, 2026-04-10, 20",
    })
    void daysOfTheFireSeason(LocalDate after, LocalDate upTo, long days) {
        assertThat(Seasons.STANDARD.fireDays(after, upTo)).isEqualTo(days);
    }

    @Test
    void aSeasonMayRunOverTheTurnOfTheYear() {
        Seasons south = new Seasons(MonthDay.of(11, 1), MonthDay.of(2, 28), MonthDay.of(5, 1), MonthDay.of(8, 31));
        assertThat(south.fire(LocalDate.of(2026, 1, 5))).isTrue();
        assertThat(south.fire(LocalDate.of(2026, 6, 5))).isFalse();
        assertThat(south.fireDays(LocalDate.of(2026, 10, 31), LocalDate.of(2027, 1, 31)))
                .isEqualTo(92);
    }

    /** One tank a day for the last 40 days: 40 tanks of plug life are used at one a day. */
    @Test
    void projectsFromRecentUse() {
        List<UseEntry> steady = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            steady.add(outing(i + 1, 0.5));
        }
        DueDate plug = assess(Task.PLUG, steady, allDone(0)).expected();
        assertThat(plug).isNotNull();
        // 20 tanks left at half a tank a day are 40 days.
        assertThat(plug.likely()).isBetween(day(79), day(82));
        assertThat(plug.early()).isBefore(plug.likely());
        assertThat(plug.late()).isAfter(plug.likely());
    }

    @Test
    void isSilentAboutAPaceWithTooLittleToTell() {
        assertThat(assess(Task.SHARPEN, List.of(outing(39, 1)), allDone(1)).expected())
                .isNull();
    }

    /** Use of late weighs more: the same tanks, spent lately, bring the date nearer. */
    @Test
    void recentUseWeighsMore() {
        DueDate lately = assess(Task.BEARING, List.of(outing(30, 2), outing(38, 2)), allDone(0))
                .expected();
        DueDate longAgo = assess(Task.BEARING, List.of(outing(2, 2), outing(10, 2)), allDone(0))
                .expected();
        assertThat(lately).isNotNull();
        assertThat(longAgo).isNotNull();
        assertThat(lately.likely()).isBefore(longAgo.likely());
    }

    @Test
    void aChangedLimitCounts() {
        Numbers often = new Numbers(Map.of(ScheduleSetting.SHARPEN_TANKS, 2.0));
        List<TaskDue> tasks =
                Uses.ledger(SAW, List.of(outing(2, 2)), allDone(1)).assess(day(40), Seasons.STANDARD, often);
        assertThat(Uses.of(tasks, Task.SHARPEN).due()).isTrue();
    }

    private static List<StepEntry> allDone(int day) {
        List<StepEntry> done = new ArrayList<>();
        for (Step step : Step.values()) {
            done.add(done(day, step));
        }
        return done;
    }

    @Test
    void anotherSprocketMakesTheNeedleBearingDue() {
        List<StepEntry> before = allDone(1);
        for (int fitted : new int[] {0, 3}) {
            ScheduleLedger ledger =
                    new ScheduleLedger(SAW, Uses.START, List.of(), SawLog.of(before), List.of(), at(fitted, 9));
            TaskDue bearing = Uses.of(ledger.assess(Uses.day(5), Seasons.STANDARD, Numbers.STANDARD), Task.BEARING);
            assertThat(bearing.due()).isEqualTo(fitted == 3);
            assertThat(bearing.events().contains(DueEvent.NEW_SPROCKET)).isEqualTo(fitted == 3);
        }
    }

    @ParameterizedTest
    @EnumSource(FilingSchool.class)
    void onlyWhoFilesByHandAndMachineHasAMachinePass(FilingSchool school) {
        SawProfile saw = Profiles.petrol(new Schools(school, GaugeSchool.FIXED, false), null);
        assertThat(Task.EQUALISE.appliesTo(saw)).isEqualTo(school == FilingSchool.HAND_AND_MACHINE);
    }

    @Test
    void useToComeGivesADateWhereThereIsAPace() {
        ScheduleLedger ledger =
                Uses.ledger(SAW, List.of(Uses.outing(33, 2), Uses.outing(35, 2), Uses.outing(38, 2)), List.of());
        DueDate date =
                ledger.after(10, Subject.CHAIN, Uses.day(40), Numbers.STANDARD).orElseThrow();
        assertThat(date.likely()).isAfter(Uses.day(40));
        assertThat(ledger.after(20, Subject.CHAIN, Uses.day(40), Numbers.STANDARD)
                        .orElseThrow()
                        .likely())
                .isAfter(date.likely());
        assertThat(Uses.ledger(SAW, List.of(), List.of()).after(10, Subject.CHAIN, Uses.day(40), Numbers.STANDARD))
                .isEmpty();
    }

    /** A weight of one weighs nothing and is not told; nor is what an outing without use went through. */
    @Test
    void onlyWhatWeighsMoreIsTold() {
        Numbers even = new Numbers(Map.of(ScheduleSetting.WEIGHT_HARD, 1.0));
        List<UseEntry> hard = List.of(outing(2, 2, Condition.HARD));
        LimitUse weighed = Uses.of(
                        Uses.ledger(SAW, hard, allDone(1)).assess(day(5), Seasons.STANDARD, even), Task.SHARPEN)
                .limits()
                .get(0);
        assertThat(weighed.heavier()).isEmpty();
        assertThat(weighed.counted()).isEqualTo(2);
        assertThat(assess(Task.SHARPEN, List.of(outing(2, 0, Condition.HARD)), allDone(1))
                        .limits()
                        .get(0)
                        .heavier())
                .isEmpty();
        assertThat(assess(Task.SHARPEN, hard, allDone(1)).limits().get(0).heavier())
                .containsExactly(Condition.HARD);
    }

    /** Bringing all cutters to one length lowers them: the gauges are due after it, and not after a look at them since. */
    @ParameterizedTest
    @CsvSource({"EQUALISE, true", "EQUALISE DEPTH_GAUGES, false", "DEPTH_GAUGES EQUALISE, true"})
    void equalisingMakesTheGaugesDue(String steps, boolean due) {
        List<StepEntry> done = allDone(20);
        int day = 21;
        for (String step : steps.split(" ")) {
            done.add(done(day++, Step.valueOf(step)));
        }
        TaskDue gauges = assess(Task.DEPTH_GAUGES, List.of(), done, 30);
        assertThat(gauges.due()).isEqualTo(due);
        assertThat(gauges.events().contains(DueEvent.EQUALISED)).isEqualTo(due);
    }

    /** Sharpenings have a pace of their own: one every two days, five of them until the gauges. */
    @Test
    void whatCountsSharpeningsIsExpectedByTheirPace() {
        List<StepEntry> done = allDone(20);
        for (int i = 22; i <= 26; i += 2) {
            done.add(done(i, Step.SHARPEN));
        }
        TaskDue gauges = assess(Task.DEPTH_GAUGES, List.of(), done, 27);
        assertThat(gauges.binding().raw()).isEqualTo(3);
        assertThat(gauges.expected()).isNotNull();
        assertThat(gauges.expected().likely()).isBetween(day(29), day(33));
        // All so long ago that no pace is left of it.
        assertThat(assess(Task.DEPTH_GAUGES, List.of(), done, 400).expected()).isNull();
    }

    /** The arrestor in the fire season: 30 of its days after it was looked at, as sure as the calendar. */
    @Test
    void theDayInTheFireSeasonIsSure() {
        LocalDate from = Seasons.STANDARD.fireDays(day(0), day(1)) > 0 ? day(0) : null;
        int first = 0;
        while (from == null) {
            first++;
            from = Seasons.STANDARD.fireDays(day(first), day(first + 1)) > 0 ? day(first) : null;
        }
        int looked = first + 2;
        TaskDue due = assess(Task.ARRESTOR, List.of(), List.of(done(looked, Step.ARRESTOR)), looked + 5);
        assertThat(due.expected()).isEqualTo(new DueDate(day(looked + 30), day(looked + 30), day(looked + 30)));
    }

    /** Two outings on one day are one day of use. */
    @Test
    void aDayIsUsedOnce() {
        List<UseEntry> twice = List.of(outing(3, 0.1), outing(3, 0.1), outing(5, 0.1));
        assertThat(Uses.of(
                                Uses.ledger(SAW, twice, allDone(1)).assess(day(6), Seasons.STANDARD, Numbers.STANDARD),
                                Task.OIL_CARD)
                        .limits()
                        .stream()
                        .filter(limit -> limit.unit() == UseUnit.DAYS_IN_USE)
                        .map(LimitUse::raw))
                .containsExactly(2.0);
    }

    /** Only loops that came onto the sprocket after it was measured count towards its next measure. */
    @Test
    void onlyLoopsSinceTheMeasureCount() {
        ScheduleLedger ledger = new ScheduleLedger(
                SAW, Uses.START, List.of(), SawLog.of(allDone(10)), List.of(at(5, 9), at(12, 9), at(14, 9)), null);
        assertThat(Uses.of(ledger.assess(day(20), Seasons.STANDARD, Numbers.STANDARD), Task.SPROCKET).limits().stream()
                        .filter(limit -> limit.unit() == UseUnit.LOOPS)
                        .map(LimitUse::raw))
                .containsExactly(2.0);
    }

    /** What was heavy so far is expected to go on: four hard tanks a day reach a limit half again as soon. */
    @Test
    void heavyWorkBringsTheDayNearer() {
        List<UseEntry> soft = new ArrayList<>();
        List<UseEntry> hard = new ArrayList<>();
        for (int i = 30; i < 40; i++) {
            soft.add(outing(i, 0.1));
            hard.add(outing(i, 0.1, Condition.HARD));
        }
        assertThat(assess(Task.SHARPEN, hard, allDone(29)).expected().likely())
                .isBefore(assess(Task.SHARPEN, soft, allDone(29)).expected().likely());
    }
}
