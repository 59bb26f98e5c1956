package yellowtally.core.reminders;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.plan.Booking;
import yellowtally.core.plan.Plan;
import yellowtally.core.plan.Until;
import yellowtally.core.plan.Until.WaitCause;
import yellowtally.core.plan.Wanted;
import yellowtally.core.schedule.DueDate;
import yellowtally.core.schedule.LimitUse;
import yellowtally.core.schedule.Task;
import yellowtally.core.schedule.TaskDue;
import yellowtally.core.schedule.UseUnit;

class RemindersTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
    private static final UUID BOOKED = UUID.fromString("00000000-0000-4000-8000-000000000001");
    private static final Plan NOTHING = new Plan(List.of(), List.of(), List.of(), List.of(), 0, 0);

    private static Plan lacking(int missing) {
        Booking booking = new Booking(
                BOOKED,
                UUID.randomUUID(),
                TODAY.plusDays(2),
                LocalTime.of(7, 0),
                TODAY.plusDays(3),
                new Wanted(3, null, null, null));
        return new Plan(
                List.of(),
                List.of(new Plan.BookingAnswer(booking, List.of(), missing, 5, List.of())),
                List.of(),
                List.of(),
                0,
                0);
    }

    private static Plan soaks(int day) {
        Plan.PlannedVisit visit = new Plan.PlannedVisit(
                "09",
                1,
                20,
                List.of(),
                List.of(),
                true,
                Map.of(),
                Plan.VisitReason.HELD,
                null,
                Until.NOW,
                false,
                "Loop .325",
                false);
        return new Plan(
                List.of(new Plan.Day(TODAY.plusDays(day), 60, 20, List.of(visit))),
                List.of(),
                List.of(),
                List.of(),
                20,
                0);
    }

    private static TaskDue task(Task task, double used, double limit, int likely) {
        LocalDate day = TODAY.plusDays(likely);
        return new TaskDue(
                task,
                List.of(new LimitUse(UseUnit.TANKS, used, used, limit, Set.of())),
                Set.of(),
                null,
                new DueDate(day.minusDays(1), day, day.plusDays(2)),
                true,
                false,
                false);
    }

    private static Reminders.SawNow saw(@Nullable String away, @Nullable Integer expected, TaskDue... tasks) {
        return new Reminders.SawNow("12", List.of(tasks), away, expected == null ? null : TODAY.plusDays(expected));
    }

    private static List<Reminder> of(Plan plan, Reminders.SawNow... saws) {
        return Reminders.of(plan, List.of(), List.of(saws), List.of(), TODAY);
    }

    @Test
    void aBookingThatIsShortIsToldByHowManyAndOneThatIsMetIsNot() {
        assertThat(of(lacking(2)))
                .containsExactly(new Reminder(
                        ReminderKind.BOOKING_SHORT, BOOKED.toString(), TODAY.plusDays(2), null, 2, List.of()));
        assertThat(of(lacking(0))).isEmpty();
        assertThat(of(lacking(1))).isNotEqualTo(of(lacking(2)));
    }

    @ParameterizedTest(name = "fitted in {0} days: {1}")
    @CsvSource({"0, false", "1, true", "2, false"})
    void aLoopIsToldOnTheEveningBeforeItIsFitted(int day, boolean told) {
        assertThat(of(soaks(day)).stream().map(Reminder::kind))
                .isEqualTo(told ? List.of(ReminderKind.SOAK_TONIGHT) : List.of());
    }

    @ParameterizedTest(name = "leaves in {0} days: {1}")
    @CsvSource({"0, false", "1, true", "2, false"})
    void aNewSpareLoopIsToldOnTheEveningBeforeItsGangLeaves(int day, boolean told) {
        List<Reminders.SpareSoak> spares = List.of(new Reminders.SpareSoak("04", "YC-32", TODAY.plusDays(day)));
        assertThat(Reminders.of(NOTHING, spares, List.of(), List.of(), TODAY))
                .isEqualTo(
                        told
                                ? List.of(new Reminder(
                                        ReminderKind.SOAK_TONIGHT,
                                        "04",
                                        TODAY.plusDays(1),
                                        "YC-32 as a spare",
                                        0,
                                        List.of()))
                                : List.of());
    }

    @Test
    void aPartThatIsMissingIsToldOnceForASawWithTheDayThatWasAskedFor() {
        Until part = new Until(WaitCause.PART, 9, "Loop .325");
        Plan plan = new Plan(
                List.of(),
                List.of(),
                List.of(
                        new Plan.LeftSaw("12", 20, true, part),
                        new Plan.LeftSaw("14", 20, true, part),
                        new Plan.LeftSaw("15", 20, true, Until.NOW)),
                List.of(new Plan.PinNotKept("12", TODAY.plusDays(1), part)),
                0,
                0);
        assertThat(of(plan))
                .containsExactly(
                        new Reminder(ReminderKind.STOCK_SHORT, "14", null, "Loop .325", 0, List.of()),
                        new Reminder(ReminderKind.STOCK_SHORT, "12", TODAY.plusDays(1), "Loop .325", 0, List.of()));
    }

    @ParameterizedTest(name = "expected in {0} days: {1}")
    @CsvSource({"-1, true", "0, false", "3, false", ", false"})
    void aSawIsOverdueTheDayAfterItWasExpected(@Nullable Integer expected, boolean told) {
        assertThat(of(NOTHING, saw("Hob Lane", expected)).stream().map(Reminder::kind))
                .isEqualTo(told ? List.of(ReminderKind.AWAY_OVERDUE) : List.of());
    }

    /** What went together to one place is one reminder; what nobody named a day for, or is not over, is none. */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = ';',
            value = {
                "YC-4 Hob -1, YC-9 Hob -1            ; Hob -1 YC-4, YC-9",
                "YC-9 Hob -1, YC-4 Hob -1            ; Hob -1 YC-4, YC-9",
                "YC-4 Hob -1, YC-9 Hob -3            ; Hob -3 YC-9 / Hob -1 YC-4",
                "YC-4 Hob -2, YC-9 Arn -1            ; Hob -2 YC-4 / Arn -1 YC-9",
                "YC-4 Hob 0, YC-9 Hob 3, YC-10 Hob - ; ''",
            })
    void partsThatAreOverdueAreToldByWhoHasThem(String gone, String told) {
        List<Reminders.PartGone> parts = Stream.of(gone.split(", "))
                .map(one -> one.split(" "))
                .map(one -> new Reminders.PartGone(
                        one[0], one[1], one[2].equals("-") ? null : TODAY.plusDays(Integer.parseInt(one[2]))))
                .toList();
        List<Reminder> found = Reminders.of(NOTHING, List.of(), List.of(), parts, TODAY);
        assertThat(found).allMatch(reminder -> reminder.kind() == ReminderKind.PARTS_OVERDUE);
        assertThat(found.stream()
                        .map(one -> one.about() + " " + ChronoUnit.DAYS.between(TODAY, one.day()) + " " + one.what())
                        .collect(Collectors.joining(" / ")))
                .isEqualTo(told);
    }

    // Used of a limit, and in how many days it is likely to be over.
    @ParameterizedTest(name = "{0} of {1}, in {2} days: {3}")
    @CsvSource({
        "4.5, 5, 1, true",
        "4.5, 5, 2, false",
        "4.5, 5, 0, false",
        "5, 5, 1, false",
        "0.5, 1, 1, false",
    })
    void whatFallsDueTomorrowIsToldUnlessItComesWithEveryUse(double used, double limit, int likely, boolean told) {
        assertThat(of(NOTHING, saw(null, null, task(Task.AIR_FILTER, used, limit, likely))).stream()
                        .map(Reminder::tasks))
                .isEqualTo(told ? List.of(List.of(Task.AIR_FILTER)) : List.of());
    }

    @Test
    void tasksOfASawAreToldTogetherAndNoneWhileSomebodyElseHasIt() {
        TaskDue plug = task(Task.PLUG, 39, 40, 1);
        TaskDue filter = task(Task.AIR_FILTER, 4, 5, 1);
        assertThat(of(NOTHING, saw(null, null, plug, filter)))
                .containsExactly(new Reminder(
                        ReminderKind.DUE_TOMORROW,
                        "12",
                        TODAY.plusDays(1),
                        null,
                        0,
                        List.of(Task.AIR_FILTER, Task.PLUG)));
        assertThat(of(NOTHING, saw("Hob Lane", 4, plug, filter))).isEmpty();
    }

    @Test
    void theMostPressingComesFirst() {
        Plan plan = new Plan(soaks(1).days(), lacking(1).bookings(), List.of(), List.of(), 0, 0);
        assertThat(of(plan, saw(null, null, task(Task.PLUG, 39, 40, 1)), saw("Hob Lane", -2)).stream()
                        .map(Reminder::kind))
                .containsExactly(
                        ReminderKind.BOOKING_SHORT,
                        ReminderKind.AWAY_OVERDUE,
                        ReminderKind.SOAK_TONIGHT,
                        ReminderKind.DUE_TOMORROW);
    }
}
