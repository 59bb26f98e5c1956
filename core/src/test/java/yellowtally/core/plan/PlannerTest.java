package yellowtally.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.plan.Fleets.LONG;
import static yellowtally.core.plan.Fleets.MONDAY;
import static yellowtally.core.plan.Fleets.SHORT;
import static yellowtally.core.plan.Fleets.bench;
import static yellowtally.core.plan.Fleets.booking;
import static yellowtally.core.plan.Fleets.day;
import static yellowtally.core.plan.Fleets.due;
import static yellowtally.core.plan.Fleets.held;
import static yellowtally.core.plan.Fleets.later;
import static yellowtally.core.plan.Fleets.longBars;
import static yellowtally.core.plan.Fleets.question;
import static yellowtally.core.plan.Fleets.rested;
import static yellowtally.core.plan.Fleets.saw;
import static yellowtally.core.plan.Fleets.tags;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.plan.Plan.BookingAnswer;
import yellowtally.core.plan.Plan.PlannedVisit;
import yellowtally.core.plan.Plan.VisitReason;
import yellowtally.core.schedule.Task;
import yellowtally.core.settings.Numbers;

/** Worked cases of the plan (handbook section 10). */
class PlannerTest {

    private static final Article LOOP = new Article("chain .325", "Loop .325, 66 drive links");

    private static PlanQuestion with(
            PlanQuestion q, Map<Article, Supply> supplies, Map<String, Set<Integer>> pins, Set<String> leftOut) {
        return new PlanQuestion(
                q.today(),
                q.days(),
                q.benches(),
                q.saws(),
                q.bookings(),
                supplies,
                pins,
                leftOut,
                q.before(),
                Numbers.STANDARD);
    }

    private static PlanQuestion pinned(PlanQuestion question, String tag, int day) {
        return with(question, Map.of(), Map.of(tag, Set.of(day)), Set.of());
    }

    private static PlannedVisit visit(Plan plan, String tag) {
        return plan.days().stream()
                .flatMap(day -> day.visits().stream())
                .filter(visit -> visit.tag().equals(tag))
                .findFirst()
                .orElseThrow();
    }

    /** Sharpen 10, bar turned with it 4 and 7 to get there: 21. */
    @Test
    void aSharpeningBringsTheTurnOfTheBarAndCostsEachStageOnce() {
        Plan plan = Planner.of(question(
                bench(60), List.of(saw("07", LONG, due(Task.SHARPEN, 1), rested(Task.GROOVE_FLIP)))));
        assertThat(visit(plan, "07").tasks()).containsExactly(Task.SHARPEN, Task.GROOVE_FLIP);
        assertThat(visit(plan, "07").minutes()).isEqualTo(21);
        assertThat(visit(plan, "07").reason()).isEqualTo(VisitReason.DUE);
    }

    /** A booking comes before what is far over: 30 minutes on Monday go to the saw that leaves on Tuesday at seven. */
    @Test
    void aBookingIsMetBeforeAllElse() {
        Plan plan = Planner.of(question(
                bench(30, 30),
                List.of(
                        saw("03", SHORT, due(Task.STARTER, 4), due(Task.TANKS, 3)),
                        saw("07", LONG, due(Task.STARTER, 1), due(Task.TANKS, 1))),
                booking(1, longBars(1))));
        assertThat(tags(plan, 0)).containsExactly("07");
        assertThat(tags(plan, 1)).containsExactly("03");
        BookingAnswer answer = plan.bookings().get(0);
        assertThat(answer.met()).isTrue();
        assertThat(answer.saws().get(0).readyOn()).isEqualTo(MONDAY);
        assertThat(visit(plan, "07").reason()).isEqualTo(VisitReason.BOOKING);
        assertThat(visit(plan, "07").booking()).isEqualTo(answer.booking().id());
    }

    /** Held before overdue before due, as far as the minutes go. */
    @Test
    void withoutBookingsHeldSawsComeFirst() {
        Plan plan = Planner.of(question(
                bench(12, 12, 12),
                List.of(
                        saw("01", LONG, due(Task.STARTER, 1)),
                        saw("02", LONG, due(Task.STARTER, 3)),
                        saw("03", LONG, held(12)))));
        assertThat(plan.days()).extracting(day -> day.visits().get(0).tag()).containsExactly("03", "02", "01");
        assertThat(plan.days())
                .extracting(day -> day.visits().get(0).reason())
                .containsExactly(VisitReason.HELD, VisitReason.OVERDUE, VisitReason.DUE);
    }

    /** The plug falls due on Thursday, and the top cover is off on Monday for the filter: it rides along and saves a minute. */
    @Test
    void whatFallsDueWithinThePlanRidesAlong() {
        Plan plan = Planner.of(question(
                bench(60, 60, 60, 60, 60), List.of(saw("07", LONG, due(Task.AIR_FILTER, 1), later(Task.PLUG, 0, 3)))));
        assertThat(visit(plan, "07").riding()).containsExactly(Map.entry(Task.PLUG, 1.0));
        assertThat(plan.minutes()).isEqualTo(3 + 3 + 1);
        assertThat(plan.days().stream().mapToInt(day -> day.visits().size()).sum())
                .isEqualTo(1);
    }

    /** Too early to be worth it on Monday, the plug gets its own visit on the day on which it falls due. */
    @Test
    void whatIsFarFromDueWaitsForItsDay() {
        Plan plan = Planner.of(question(
                bench(60, 60, 60, 60, 60), List.of(saw("07", LONG, due(Task.AIR_FILTER, 1), later(Task.PLUG, 2, 3)))));
        assertThat(tags(plan, 0)).containsExactly("07");
        assertThat(tags(plan, 3)).containsExactly("07");
        assertThat(plan.minutes()).isEqualTo(3 + 1 + 3 + 1);
    }

    @Test
    void aDayOffHasNoVisitAndAVisitIsOnOneBenchOnly() {
        List<BenchSlot> benches = List.of(
                new BenchSlot(0, 1, 20), new BenchSlot(0, 2, 20), new BenchSlot(1, 1, 0), new BenchSlot(2, 1, 30));
        Plan plan = Planner.of(question(
                benches, List.of(saw("01", LONG, held(15)), saw("02", LONG, held(15)), saw("03", LONG, held(15)))));
        assertThat(day(plan, 0).visits()).extracting(PlannedVisit::bench).containsExactlyInAnyOrder(1, 2);
        assertThat(day(plan, 1).visits()).isEmpty();
        assertThat(day(plan, 2).visits()).hasSize(1);
    }

    /** A loop that lies there soaks tonight and is fitted tomorrow; one that comes on Wednesday is fitted on Thursday. */
    @Test
    void aLoopSoaksOvernight() {
        SawOutlook first = saw("01", LONG, Until.NOW, Until.NOW, Map.of(LOOP, 1.0), held(10));
        SawOutlook second = saw("02", LONG, Until.NOW, Until.NOW, Map.of(LOOP, 1.0), held(10));
        Supply supply = new Supply(1, List.of(new Supply.Arrival(2, 1)), 10, true);
        Plan plan = Planner.of(with(
                question(bench(60, 60, 60, 60, 60), List.of(first, second)), Map.of(LOOP, supply), Map.of(), Set.of()));
        assertThat(tags(plan, 1)).containsExactly("01");
        assertThat(visit(plan, "01").waitedFor()).isEqualTo(new Until(Until.WaitCause.SOAK, 1, LOOP.name()));
        assertThat(tags(plan, 3)).containsExactly("02");
        assertThat(visit(plan, "02").waitedFor()).isEqualTo(new Until(Until.WaitCause.PART, 3, LOOP.name()));
    }

    @Test
    void aPartThatNobodyOrderedKeepsTheSawOffTheBenchAndIsAWayOut() {
        SawOutlook saw = saw("01", LONG, Until.NOW, Until.NOW, Map.of(LOOP, 1.0), held(10));
        Plan plan = Planner.of(question(bench(60, 60, 60), List.of(saw), booking(2, longBars(1))));
        assertThat(plan.left())
                .singleElement()
                .satisfies(left -> assertThat(left.why().cause()).isEqualTo(Until.WaitCause.PART));
        assertThat(plan.bookings().get(0).waysOut())
                .containsExactly(new WayOut(
                        WayOut.WayKind.ORDER,
                        "01",
                        10,
                        MONDAY.plusDays(1),
                        null,
                        LOOP.name(),
                        null,
                        true,
                        Set.of(),
                        LONG.barMm()));
    }

    /** A loop for Friday at seven has to be in the bag on Wednesday evening: ordered on Monday, with three days to come it is late. */
    @ParameterizedTest
    @CsvSource({"1, true", "2, true", "3, false"})
    void anOrderSaysWhetherItWouldBeThereInTime(int leadDays, boolean inTime) {
        SawOutlook saw = saw("01", LONG, Until.NOW, Until.NOW, Map.of(LOOP, 1.0), held(10));
        Supply none = new Supply(0, List.of(), leadDays, true);
        Plan plan = Planner.of(with(
                question(bench(60, 60, 60, 60, 60), List.of(saw), booking(4, longBars(1))),
                Map.of(LOOP, none),
                Map.of(),
                Set.of()));
        assertThat(plan.bookings().get(0).waysOut()).singleElement().satisfies(way -> {
            assertThat(way.kind()).isEqualTo(WayOut.WayKind.ORDER);
            assertThat(way.day()).isEqualTo(MONDAY.plusDays(2));
            assertThat(way.usualDays()).isEqualTo(leadDays);
            assertThat(way.inTime()).isEqualTo(inTime);
        });
    }

    /** Two benches of 30 minutes with 20 on each have 20 left together, and still no room for a visit of 15. */
    @Test
    void minutesThatAreMissingAreThoseOfOneBench() {
        List<BenchSlot> benches = List.of(new BenchSlot(0, 1, 30), new BenchSlot(0, 2, 30), new BenchSlot(1, 1, 30));
        List<SawOutlook> saws =
                List.of(saw("01", LONG, held(20)), saw("02", LONG, held(20)), saw("03", LONG, held(15)));
        Plan plan = Planner.of(question(benches, saws, booking(1, longBars(3))));
        WayOut longer = plan.bookings().get(0).waysOut().get(0);
        assertThat(longer.kind()).isEqualTo(WayOut.WayKind.WORK_LONGER);
        assertThat(longer.minutes()).isEqualTo(5);
        assertThat(longer.dayMinutes()).isEqualTo(35);
    }

    /** Ten minutes are missing on Monday; a fit saw with a shorter bar costs none; the one that is out could be brought back. */
    @Test
    void aBookingThatIsShortSaysWhatWouldHelpTheCheapestFirst() {
        SawOutlook out = saw(
                "03",
                LONG,
                new Until(Until.WaitCause.OUT, Chore.NEVER, "Tunnel gang"),
                Until.NOW,
                Map.of(),
                due(Task.STARTER, 1),
                due(Task.TANKS, 1));
        Plan plan = Planner.of(question(
                bench(20, 20),
                List.of(saw("01", LONG, held(30)), saw("02", SHORT, rested(Task.PLUG)), out),
                booking(1, longBars(1))));
        BookingAnswer answer = plan.bookings().get(0);
        assertThat(answer.missing()).isEqualTo(1);
        assertThat(answer.waysOut())
                .extracting(WayOut::kind)
                .containsExactly(WayOut.WayKind.TAKE_OTHER, WayOut.WayKind.WORK_LONGER, WayOut.WayKind.BORROW);
        assertThat(answer.waysOut().get(0).lacks()).containsExactly(Wanted.Lack.BAR);
        assertThat(answer.waysOut().get(1).minutes()).isEqualTo(10);
        assertThat(answer.waysOut().get(1).day()).isEqualTo(MONDAY);
        assertThat(answer.waysOut().get(1).dayMinutes()).isEqualTo(30);
        assertThat(answer.waysOut().get(2).minutes())
                .as("starter 8 + 4, tanks 10 + 5")
                .isEqualTo(27);
    }

    /** Of 60 minutes 50 are worked off: what is offered is said for the whole day, and enough when it is given so. */
    @Test
    void minutesThatAreOfferedForTodayCountWhatIsDone() {
        List<SawOutlook> saws = List.of(saw("01", LONG, held(30)));
        List<BenchSlot> begun = List.of(new BenchSlot(0, 1, 60, 50), new BenchSlot(1, 1, 0));
        WayOut way = Planner.of(question(begun, saws, booking(1, Wanted.any(1))))
                .bookings()
                .get(0)
                .waysOut()
                .get(0);
        assertThat(way.minutes()).isEqualTo(20);
        assertThat(way.dayMinutes()).isEqualTo(80);
        List<BenchSlot> longer = List.of(new BenchSlot(0, 1, 80, 50), new BenchSlot(1, 1, 0));
        assertThat(Planner.of(question(longer, saws, booking(1, Wanted.any(1)))).met())
                .isEqualTo(1);
    }

    @Test
    void aCrewThatLeavesWhenTheBenchIsDoneIsServedOnThatDay() {
        Booking late = new Booking(
                new java.util.UUID(0, 1),
                new java.util.UUID(0, 2),
                MONDAY,
                java.time.LocalTime.of(15, 0),
                MONDAY,
                Wanted.any(1));
        Booking early = new Booking(
                new java.util.UUID(0, 3),
                new java.util.UUID(0, 2),
                MONDAY,
                java.time.LocalTime.of(8, 30),
                MONDAY,
                Wanted.any(1));
        List<SawOutlook> saws = List.of(saw("01", LONG, held(30)));
        assertThat(Planner.of(question(bench(60), saws, late)).met()).isEqualTo(1);
        Plan short1 = Planner.of(question(bench(60), saws, early));
        assertThat(short1.met()).isZero();
        assertThat(short1.bookings().get(0).waysOut())
                .as("no day is left to help")
                .isEmpty();
    }

    /** One saw for two crews that are out at the same time is for one of them; one after the other it is served in between. */
    @Test
    void aSawIsWithOneCrewAtATimeAndServedBetweenTwo() {
        SawOutlook saw = saw("01", LONG, rested(Task.TENSION), rested(Task.BRAKE));
        Plan both = Planner.of(question(
                bench(30, 30, 30, 30), List.of(saw), booking(1, 2, Wanted.any(1)), booking(2, 3, longBars(1))));
        assertThat(both.met()).isEqualTo(1);
        Plan turns = Planner.of(
                question(bench(30, 30, 30, 30), List.of(saw), booking(0, Wanted.any(1)), booking(3, longBars(1))));
        assertThat(turns.met()).isEqualTo(2);
        assertThat(tags(turns, 1)).containsExactly("01");
        assertThat(visit(turns, "01").tasks()).containsExactly(Task.TENSION, Task.BRAKE);
        assertThat(visit(turns, "01").minutes()).isEqualTo(2 + 1);
    }

    @Test
    void whatTheOfficerPutsOnADayStaysThereEvenWhereItDoesNotFit() {
        List<SawOutlook> saws = List.of(saw("01", LONG, held(30)), saw("02", LONG, due(Task.STARTER, 1)));
        Plan plan = Planner.of(pinned(question(bench(60, 20, 60), saws), "01", 1));
        assertThat(tags(plan, 1)).containsExactly("01");
        assertThat(visit(plan, "01").pinned()).isTrue();
        assertThat(day(plan, 1).planned()).isEqualTo(30);
        assertThat(tags(plan, 0)).containsExactly("02");
    }

    @Test
    void aVisitThatIsPutBehindItsBookingLeavesItShort() {
        List<SawOutlook> saws = List.of(saw("01", LONG, held(30)));
        PlanQuestion question = question(bench(60, 60, 60), saws, booking(1, Wanted.any(1)));
        assertThat(Planner.of(question).met()).isEqualTo(1);
        Plan behind = Planner.of(pinned(question, "01", 2));
        assertThat(behind.met()).isZero();
        assertThat(tags(behind, 2)).containsExactly("01");
    }

    @Test
    void whatCannotBeOnADayIsToldAndPlannedForAnother() {
        SawOutlook saw =
                saw("01", LONG, new Until(Until.WaitCause.OUT, 2, "Tunnel gang"), Until.NOW, Map.of(), held(10));
        Plan plan = Planner.of(pinned(question(bench(60, 60, 60), List.of(saw)), "01", 1));
        assertThat(plan.notKept())
                .containsExactly(new Plan.PinNotKept(
                        "01", MONDAY.plusDays(1), new Until(Until.WaitCause.OUT, 2, "Tunnel gang")));
        assertThat(tags(plan, 2)).containsExactly("01");
    }

    @Test
    void whatIsLeftOutOrTooLongIsToldSo() {
        PlanQuestion question = question(
                bench(20, 20), List.of(saw("01", LONG, held(30)), saw("02", LONG, held(10)), saw("03", LONG, held(5))));
        Plan plan = Planner.of(with(question, Map.of(), Map.of(), Set.of("02")));
        assertThat(plan.left()).extracting(Plan.LeftSaw::tag).containsExactly("01", "02");
        assertThat(plan.left())
                .extracting(left -> left.why().cause())
                .containsExactly(Until.WaitCause.TOO_LONG, Until.WaitCause.LEFT_OUT);
    }

    /** What nobody has looked into is taken only where nothing surer is there. */
    @Test
    void aSawWhoseCauseIsUnknownIsTheLastChoice() {
        SawOutlook doubtful =
                new SawOutlook("01", LONG, List.of(held(2)), 1.5, Until.NOW, Until.NOW, true, false, Map.of());
        Plan plan = Planner.of(
                question(bench(60, 60), List.of(doubtful, saw("02", LONG, held(40))), booking(1, Wanted.any(1))));
        assertThat(plan.bookings().get(0).saws()).extracting(Plan.GivenSaw::tag).containsExactly("02");
    }

    /** Of two plans that meet the booking the one that is ready a day before is taken. */
    @Test
    void aDayToSpareIsWorthMoreThanAHeldSawThatWaits() {
        Plan plan = Planner.of(question(
                bench(30, 30, 30),
                List.of(saw("01", LONG, due(Task.STARTER, 1), due(Task.TANKS, 1)), saw("02", SHORT, held(20))),
                booking(2, longBars(1))));
        assertThat(tags(plan, 0)).containsExactly("01");
        assertThat(tags(plan, 1)).containsExactly("02");
    }

    /** What lies open on the bench is finished first. */
    @Test
    void theOpenVisitComesFirst() {
        SawOutlook open = new SawOutlook(
                "09", LONG, List.of(due(Task.STARTER, 1)), 1.5, Until.NOW, Until.NOW, false, true, Map.of());
        Plan plan = Planner.of(question(bench(40, 40), List.of(open, saw("01", LONG, held(20)))));
        assertThat(tags(plan, 0)).containsExactly("09", "01");
        assertThat(visit(plan, "09").reason()).isEqualTo(VisitReason.ON_BENCH);
        assertThat(visit(plan, "09").pinned()).isFalse();
    }

    @Test
    void withoutAnyMinutesEverythingIsLeftAndThePlanStillAnswers() {
        Plan plan = Planner.of(question(bench(0, 0), List.of(saw("01", LONG, held(20))), booking(1, Wanted.any(1))));
        assertThat(plan.left()).extracting(Plan.LeftSaw::tag).containsExactly("01");
        assertThat(plan.bookings().get(0).waysOut())
                .extracting(WayOut::kind, WayOut::minutes)
                .containsExactly(org.assertj.core.groups.Tuple.tuple(WayOut.WayKind.WORK_LONGER, 20.0));
    }

    /** Back on Wednesday, it is on the bench on that day and not before; the visit on Friday waits for nobody any more. */
    @Test
    void aSawThatIsAwayIsOnTheBenchWhenItIsBack() {
        Until away = new Until(Until.WaitCause.AWAY, 2, "Hob Lane");
        SawOutlook saw = saw("01", LONG, away, Until.NOW, Map.of(), held(10), later(Task.PLUG, 4, 4));
        Plan plan = Planner.of(question(bench(60, 60, 60, 60, 60), List.of(saw), booking(3, longBars(1))));
        assertThat(tags(plan, 2)).containsExactly("01");
        assertThat(day(plan, 2).visits().get(0).waitedFor()).isEqualTo(away);
        assertThat(day(plan, 4).visits().get(0).waitedFor()).isEqualTo(Until.NOW);
        assertThat(plan.bookings().get(0).met()).isTrue();
        Plan nobodyKnows = Planner.of(question(
                bench(60, 60, 60, 60, 60),
                List.of(saw(
                        "01",
                        LONG,
                        new Until(Until.WaitCause.AWAY, Chore.NEVER, "Hob Lane"),
                        Until.NOW,
                        Map.of(),
                        held(10))),
                booking(3, longBars(1))));
        assertThat(nobodyKnows.bookings().get(0).missing()).isEqualTo(1);
        assertThat(nobodyKnows.bookings().get(0).waysOut()).isEmpty();
        assertThat(nobodyKnows.left().get(0).why().cause()).isEqualTo(Until.WaitCause.AWAY);
    }
}
