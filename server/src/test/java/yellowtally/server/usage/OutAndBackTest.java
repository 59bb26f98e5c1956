package yellowtally.server.usage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mockito.ArgumentCaptor;
import yellowtally.core.engine.FuelUnit;
import yellowtally.core.measure.LengthUnit;
import yellowtally.core.schedule.Seasons;
import yellowtally.core.schedule.Wood;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Power;
import yellowtally.core.steps.Step;
import yellowtally.core.tension.TensionMethod;
import yellowtally.core.tension.Work;
import yellowtally.server.fleet.Crew;
import yellowtally.server.fleet.FittedSet;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.fleet.SawDetails;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.settings.HouseRules;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.Refusal;
import yellowtally.server.worklog.SawHold;
import yellowtally.server.worklog.Worklog;

/** What is written down when saws go out and come back, with everything around it made up. */
class OutAndBackTest {

    private static final Instant NOW = Instant.parse("2026-05-04T16:00:00Z");
    private static final Person OPERATOR = new Person(UUID.randomUUID(), "Jess Fenn", Person.Role.OPERATOR);
    private static final Crew CREW = new Crew(UUID.randomUUID(), "Tunnel gang");

    private final Fleet fleet = mock(Fleet.class);
    private final Outings outings = mock(Outings.class);
    private final MayGoOut mayGoOut = mock(MayGoOut.class);
    private final People people = mock(People.class);
    private final FleetSettings settings = mock(FleetSettings.class);
    private final Worklog worklog = mock(Worklog.class);
    private final TakesComplaints complaints = mock(TakesComplaints.class);
    private final SeesReturns returns = mock(SeesReturns.class);
    private final EntityManager records = mock(EntityManager.class);
    private final OutAndBack comings = new OutAndBack(
            fleet,
            outings,
            mayGoOut,
            new UseCheck(settings, Clock.fixed(NOW, ZoneOffset.UTC)),
            mock(OutingBook.class),
            people,
            settings,
            worklog,
            complaints,
            returns,
            new FleetRevision(),
            records,
            Clock.fixed(NOW, ZoneOffset.UTC));
    private final Saw first = saw("06");
    private final Saw second = saw("07");

    private Saw saw(String tag) {
        Saw saw = mock(Saw.class);
        SawDetails details = mock(SawDetails.class);
        when(details.power()).thenReturn(Power.PETROL);
        when(saw.id()).thenReturn(UUID.randomUUID());
        when(saw.tag()).thenReturn(tag);
        when(saw.details()).thenReturn(details);
        when(fleet.saw(tag)).thenReturn(saw);
        when(fleet.sawInService(tag)).thenReturn(saw);
        when(fleet.setAt(eq(saw), any())).thenReturn(new FittedSet(null, null, null, null));
        when(settings.numbers(saw)).thenReturn(Numbers.STANDARD);
        when(settings.rules())
                .thenReturn(new HouseRules(
                        Numbers.STANDARD, Seasons.STANDARD, TensionMethod.TANG_LINE, LengthUnit.MM, FuelUnit.LITRE));
        when(outings.findByOpenSawId(saw.id())).thenReturn(Optional.empty());
        when(outings.refuels(any(Outing.class))).thenCallRealMethod();
        return saw;
    }

    @BeforeEach
    void aCrew() {
        when(people.acting()).thenReturn(OPERATOR);
        when(fleet.crewHere(CREW.id())).thenReturn(CREW);
    }

    private void issue(@Nullable Instant at, @Nullable String reason, String... tags) {
        comings.issue(new OutAndBack.Issue(UUID.randomUUID(), CREW.id(), at, reason, List.of(tags)));
    }

    /** Out since {@code hours} hours. */
    private Outing out(Saw saw, int hours) {
        Outing outing = new Outing(
                UUID.randomUUID(),
                saw,
                new FittedSet(null, null, null, null),
                CREW.id(),
                Outing.Moment.now(NOW.minus(Duration.ofHours(hours))),
                OPERATOR.id());
        when(outings.findByOpenSawId(saw.id())).thenReturn(Optional.of(outing));
        return outing;
    }

    private static OutAndBack.BackSaw back(String tag, double tanks) {
        return new OutAndBack.BackSaw(
                tag,
                tanks,
                null,
                Set.of(Work.FELLING),
                Set.of(Wood.SOFT),
                false,
                false,
                false,
                null,
                null,
                null,
                null,
                false,
                null);
    }

    private static OutAndBack.BackSaw complaining(
            String tag, @Nullable String said, @Nullable String code, boolean hold) {
        return new OutAndBack.BackSaw(
                tag, 1.0, null, Set.of(), Set.of(), false, false, false, null, null, said, code, hold, null);
    }

    /** The crew says that the figure is right, however unlikely. */
    private static OutAndBack.BackSaw sure(OutAndBack.BackSaw said) {
        return new OutAndBack.BackSaw(
                said.tag(),
                said.tanks(),
                said.oilShare(),
                said.works(),
                said.woods(),
                said.rain(),
                said.groundStruck(),
                said.dustSeen(),
                said.chainSlack(),
                said.daysRun(),
                said.complaint(),
                said.complaintCode(),
                said.hold(),
                true);
    }

    /** It burned a tank, and ran on so many days. */
    private static OutAndBack.BackSaw ran(String tag, double tanks, @Nullable Double days) {
        return new OutAndBack.BackSaw(
                tag, tanks, null, Set.of(), Set.of(), false, false, false, null, days, null, null, false, null);
    }

    private void takeBack(OutAndBack.BackSaw... saws) {
        comings.takeBack(new OutAndBack.Return(UUID.randomUUID(), null, null, List.of(saws)));
    }

    private static List<String> codes(Runnable refused) {
        Refusal refusal = catchThrowableOfType(Refusal.class, refused::run);
        assertThat(refusal).isNotNull();
        return refusal.faults().stream()
                .map(fault -> fault.field() + " " + fault.code())
                .toList();
    }

    @Test
    void sawsGoOutTogetherWithTheSetThatHangsOnThem() {
        issue(null, null, "06", "07");
        ArgumentCaptor<Outing> written = ArgumentCaptor.forClass(Outing.class);
        verify(records, times(2)).persist(written.capture());
        assertThat(written.getAllValues()).extracting(Outing::sawId).containsExactly(first.id(), second.id());
        assertThat(written.getAllValues()).allSatisfy(outing -> {
            assertThat(outing.outAt()).isEqualTo(NOW);
            assertThat(outing.crewId()).isEqualTo(CREW.id());
            assertThat(outing.outReason()).isNull();
        });
    }

    @Test
    void theSameRequestAgainNamesTheSameOutings() {
        OutAndBack.Issue given = new OutAndBack.Issue(UUID.randomUUID(), CREW.id(), null, null, List.of("06"));
        comings.issue(given);
        comings.issue(given);
        ArgumentCaptor<Outing> written = ArgumentCaptor.forClass(Outing.class);
        verify(records, times(2)).persist(written.capture());
        assertThat(written.getAllValues())
                .extracting(Outing::id)
                .containsOnly(written.getValue().id());
    }

    @Test
    void anUnfitSawStopsTheWholeRequest() {
        doThrow(Refusal.conflict("", "saw.held", "07")).when(mayGoOut).refuseUnfit(second);
        assertThatThrownBy(() -> issue(null, null, "07", "06")).hasMessage("saw.held");
        verify(records, never()).persist(any());
    }

    @Test
    void aSawThatIsOutCannotGoOut() {
        out(first, 2);
        assertThat(codes(() -> issue(null, null, "06"))).containsExactly(" saw.out");
    }

    @ParameterizedTest
    @CsvSource({
        "0,    '',           ",
        "9,    '',           ",
        "11,   '',           reason missing",
        "11,   Rush at gate, ",
        "-1,   Rush at gate, at time.future",
    })
    void laterThanTenMinutesNeedsAReason(int minutesAgo, String reason, @Nullable String refused) {
        Instant at = NOW.minus(Duration.ofMinutes(minutesAgo));
        if (refused == null) {
            issue(at, reason, "06");
            verify(records).persist(any(Outing.class));
        } else {
            assertThat(codes(() -> issue(at, reason, "06"))).containsExactly(refused);
            verify(records, never()).persist(any());
        }
    }

    @Test
    void noneAndTwiceTheSameAreRefused() {
        assertThat(codes(() -> issue(null, null))).containsExactly("saws outing.saws");
        assertThat(codes(() -> issue(null, null, "06", "06"))).containsExactly("saws outing.twice");
    }

    @Test
    void whatASawDidIsWrittenIntoItsOuting() {
        Outing outing = out(first, 4);
        takeBack(back("06", 3));
        assertThat(outing.backAt()).isEqualTo(NOW);
        assertThat(outing.use()).isNotNull();
        assertThat(outing.use().tanks()).isEqualTo(3);
        assertThat(outing.use().works()).containsExactly(Work.FELLING);
    }

    /** One tank in hand and one for each half hour: two hours are five, and more is asked about. */
    @ParameterizedTest
    @CsvSource({"5, true", "5.1, false"})
    void whatIsUnlikelyIsAskedAbout(double tanks, boolean likely) {
        Outing outing = out(first, 2);
        if (!likely) {
            assertThat(codes(() -> takeBack(back("06", tanks)))).containsExactly("saws[0].sure outing.unlikely");
        }
        takeBack(likely ? back("06", tanks) : sure(back("06", tanks)));
        assertThat(outing.use()).isNotNull();
    }

    /** One tank in hand and one for each quarter of an hour: two hours are nine, whatever anybody says. */
    @ParameterizedTest
    @CsvSource({"9, true", "9.1, false"})
    void noMoreIsBurnedThanTheTimeAllows(double tanks, boolean possible) {
        Outing outing = out(first, 2);
        if (possible) {
            takeBack(sure(back("06", tanks)));
            assertThat(outing.backAt()).isNotNull();
        } else {
            assertThat(codes(() -> takeBack(back("06", tanks)))).containsExactly("saws[0].tanks outing.burned");
        }
    }

    /** Two days ago until now are three days of the calendar; what burned ran on one of them at least. */
    @ParameterizedTest
    @CsvSource({
        "1, , ",
        "1, 1, ",
        "1, 3, ",
        "0, 0, ",
        "1, 0, saws[0].daysRun number.range",
        "1, 4, saws[0].daysRun number.range",
        "1, 1.5, saws[0].daysRun outing.wholeDays"
    })
    void aSawRanOnNoMoreDaysThanItWasOut(double tanks, @Nullable Double days, @Nullable String refused) {
        Outing outing = out(first, 48);
        if (refused == null) {
            takeBack(ran("06", tanks, days));
            assertThat(outing.use()).isNotNull();
            assertThat(outing.use().daysRun()).isEqualTo(days == null ? null : days.intValue());
        } else {
            assertThat(codes(() -> takeBack(ran("06", tanks, days)))).containsExactly(refused);
        }
    }

    @Test
    void whatIsWrongWithEverySawIsToldAtOnce() {
        out(first, 2);
        out(second, 2);
        assertThat(codes(() -> takeBack(back("06", -1), back("07", 500))))
                .contains("saws[0].tanks number.range", "saws[1].tanks number.range");
    }

    @ParameterizedTest
    @CsvSource({
        // logged, of them with oil, oil, tanks back, oil back, oil on record, refused
        "2, 2, 0.5, 2,   0.5, 0.5, ",
        "2, 2, 0.5, 2,   ,    0.5, ",
        "2, 1, 0.5, 2,   ,    ,    ",
        "2, 2, 0.5, 2.5, ,    ,    ",
        "2, 1, 0.5, 2,   1.5, 1.5, ",
        "2, 2, 0.5, 1,   0.5, ,    saws[0].tanks outing.refuels",
        "2, 2, 0.5, 2,   0.4, ,    saws[0].oilShare outing.oilLogged",
        "2, 1, 0.5, 2,   0.4, ,    saws[0].oilShare outing.oilLogged",
        "2, 0, ,    2,   0.1, 0.1, ",
        "2, 0, ,    2,   ,    ,    ",
    })
    void whatWasLoggedMeanwhileIsTheLeast(
            int logged,
            int told,
            @Nullable Double oilLogged,
            double tanks,
            @Nullable Double oil,
            @Nullable Double onRecord,
            @Nullable String refused) {
        Outing outing = out(first, 3);
        when(outings.refuels(List.of(outing.id())))
                .thenReturn(List.of(new Refuelled(outing.id(), (long) logged, (long) told, oilLogged)));
        OutAndBack.BackSaw saw = new OutAndBack.BackSaw(
                "06", tanks, oil, Set.of(), Set.of(), false, false, false, null, null, null, null, false, null);
        if (refused == null) {
            takeBack(saw);
            assertThat(outing.use().oilShare())
                    .as("what nobody says again is what was logged, where all of it was")
                    .isEqualTo(onRecord);
        } else {
            assertThat(codes(() -> takeBack(saw))).containsExactly(refused);
        }
    }

    @Test
    void aComplaintOfTheFinderOpensAFaultOnceTheSawIsBack() {
        Outing outing = out(first, 2);
        when(complaints.title("runs-dry")).thenReturn("Chain runs dry");
        takeBack(complaining("06", null, "runs-dry", false));
        ArgumentCaptor<TakesComplaints.Said> said = ArgumentCaptor.forClass(TakesComplaints.Said.class);
        verify(complaints).take(any(), said.capture());
        assertThat(said.getValue().complaint()).isEqualTo("runs-dry");
        assertThat(said.getValue().outingId()).isEqualTo(outing.id());
        assertThat(outing.use().complaint())
                .as("chosen only: on record in its own words")
                .isEqualTo("Chain runs dry");
    }

    @Test
    void anUnknownComplaintOpensNothing() {
        out(first, 2);
        assertThat(codes(() -> takeBack(complaining("06", "Odd", "no-such", false))))
                .containsExactly("saws[0].complaintCode complaint.unknown");
        verify(complaints, never()).take(any(), any());
    }

    @Test
    void aHoldOfACrewSaysWhy() {
        out(first, 2);
        takeBack(complaining("06", "Kicks", null, true));
        ArgumentCaptor<SawHold> hold = ArgumentCaptor.forClass(SawHold.class);
        verify(worklog, times(3)).hold(hold.capture());
        assertThat(hold.getAllValues()).extracting(SawHold::note).containsOnly("Kicks");
        assertThat(hold.getAllValues())
                .as("nobody knows what it is yet")
                .extracting(SawHold::step)
                .containsExactlyInAnyOrder(Step.OUTSIDE_LOOK, Step.BRAKE_LEVER, Step.CONTROLS);
        out(second, 2);
        assertThat(codes(() -> takeBack(complaining("07", " ", null, true))))
                .containsExactly("saws[0].complaint missing");
    }
}
