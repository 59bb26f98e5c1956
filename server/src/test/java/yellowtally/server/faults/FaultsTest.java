package yellowtally.server.faults;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyList;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import yellowtally.core.access.Stage;
import yellowtally.core.diagnosis.Cause;
import yellowtally.core.diagnosis.Check;
import yellowtally.core.diagnosis.Complaint;
import yellowtally.core.diagnosis.FaultEvent;
import yellowtally.core.diagnosis.FaultEventKind;
import yellowtally.core.diagnosis.FaultProgress;
import yellowtally.core.diagnosis.FaultProgress.FaultStage;
import yellowtally.core.diagnosis.FaultStory;
import yellowtally.core.diagnosis.Finder;
import yellowtally.core.diagnosis.FinderCase;
import yellowtally.core.diagnosis.KnowledgeBase;
import yellowtally.core.diagnosis.OnRecord;
import yellowtally.core.oiling.LeakWatch;
import yellowtally.core.oiling.Wet;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Step;
import yellowtally.server.bench.BenchWork;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.knowledge.Knowledge;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.standing.Standing;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Sentences;
import yellowtally.server.usage.Outings;
import yellowtally.server.worklog.SawHold;
import yellowtally.server.worklog.Worklog;

/** What the service writes down and when it holds, with everything around it made up. */
class FaultsTest {

    private static final Instant NOW = Instant.parse("2026-05-04T07:00:00Z");
    private static final UUID SAW = UUID.randomUUID();
    private static final UUID FAULT = UUID.randomUUID();
    private static final Person OFFICER = new Person(UUID.randomUUID(), "Ida Marsh", Person.Role.OFFICER);

    private static final Cause BAND = new Cause(
            "band", "Band worn", List.of(Step.BRAKE_BAND), null, Set.of(), true, false, false, Set.of(), Map.of());
    private static final Cause SPRING =
            new Cause("spring", "Spring broken", List.of(), null, Set.of(), true, false, true, Set.of(), Map.of());
    private static final Check LOOK = check("look");
    private static final Check TRY = check("try");
    private static final Complaint BRAKE = new Complaint(
            "brake", "Brake does not stop", true, Step.BRAKE_RUNNING, Set.of(), Map.of("band", 3.0, "spring", 1.0));
    private static final KnowledgeBase KNOWN = new KnowledgeBase(
            Map.of("brake", BRAKE), Map.of("band", BAND, "spring", SPRING), Map.of("look", LOOK, "try", TRY));

    private final Fleet fleet = mock(Fleet.class);
    private final People people = mock(People.class);
    private final Knowledge knowledge = mock(Knowledge.class);
    private final Outings outings = mock(Outings.class);
    private final FaultStore store = mock(FaultStore.class);
    private final FaultReader reader = mock(FaultReader.class);
    private final Worklog worklog = mock(Worklog.class);
    private final BenchWork bench = mock(BenchWork.class);
    private final FleetRevision revision = mock(FleetRevision.class);
    private final Saw saw = mock(Saw.class);
    private final Fault fault = new Fault(new Fault.Said(
            FAULT, SAW, "brake", FaultOrigin.PERSON, null, NOW.minusSeconds(600), OFFICER.id(), "test", null));
    private final Faults faults = new Faults(
            fleet,
            people,
            knowledge,
            outings,
            store,
            reader,
            new FaultHolds(worklog, Clock.fixed(NOW, ZoneOffset.UTC)),
            bench,
            revision,
            mock(Sentences.class),
            Clock.fixed(NOW, ZoneOffset.UTC));

    @BeforeEach
    void aSawWithAFault() {
        when(saw.id()).thenReturn(SAW);
        when(saw.tag()).thenReturn("06");
        when(fleet.tag(SAW)).thenReturn("06");
        when(fleet.sawInService("06")).thenReturn(saw);
        when(people.require(OFFICER.id())).thenReturn(OFFICER);
        when(people.requireOfficer(OFFICER.id())).thenReturn(OFFICER);
        when(knowledge.base()).thenReturn(KNOWN);
        when(knowledge.complaint("brake")).thenReturn(BRAKE);
        when(store.findForWriting(FAULT)).thenReturn(Optional.of(fault));
        when(worklog.openHolds(SAW)).thenReturn(List.of());
    }

    private void stands(FaultStage stage, @Nullable Cause cause, FaultEvent... events) {
        stands(Map.of(), stage, cause, events);
    }

    private void stands(Map<String, OnRecord> onRecord, FaultStage stage, @Nullable Cause cause, FaultEvent... events) {
        FaultStory story = FaultStory.of(List.of(events));
        List<FaultEventRow> rows = List.of(events).stream()
                .map(event -> new FaultEventRow(UUID.randomUUID(), FAULT, event, null, OFFICER.id(), "test"))
                .toList();
        when(reader.read(fault))
                .thenReturn(new FaultReader.Read(
                        fault,
                        rows,
                        story,
                        BRAKE,
                        mock(Standing.class),
                        Set.of(),
                        Set.of(),
                        onRecord,
                        new Finder(
                                KNOWN, BRAKE, new FinderCase(Set.of(), Set.of(), Set.of(), onRecord), Numbers.STANDARD),
                        LeakWatch.of(null, List.of(), null, NOW, Numbers.STANDARD),
                        new FaultProgress(
                                stage, cause == null ? List.of() : cause.steps(), Step.BRAKE_RUNNING, false)));
    }

    private static Check check(String code) {
        return new Check(
                code,
                code,
                "look",
                null,
                Stage.CLOSED,
                null,
                1,
                Set.of(),
                Map.of("good", new Check.Answer("Good", "good"), "bad", new Check.Answer("Bad", "bad")),
                Map.of("good", 0.9, "bad", 0.1),
                Map.of("band", Map.of("good", 0.1, "bad", 0.9)),
                null);
    }

    private static FaultController.By by() {
        return new FaultController.By(UUID.randomUUID(), OFFICER.id(), "test");
    }

    private FaultEvent written() {
        ArgumentCaptor<FaultEventRow> row = ArgumentCaptor.forClass(FaultEventRow.class);
        verify(store).add(row.capture());
        return row.getValue().event();
    }

    @Test
    void anAnswerIsWrittenAfterWhateverHappenedLast() {
        Instant later = NOW.plusSeconds(5);
        stands(FaultStage.FIND, null, new FaultEvent(FaultEventKind.CAUSE_DROPPED, later, null, null, null, null));
        faults.answer(FAULT, new FaultController.Answer(by(), "look", "bad", 0));
        FaultEvent event = written();
        assertThat(event.kind()).isEqualTo(FaultEventKind.ANSWERED);
        assertThat(event.answer()).isEqualTo("bad");
        assertThat(event.at()).isAfter(later);
        verify(revision).touches(SAW);
    }

    @Test
    void whatIsTakenFromTheRecordsIsWrittenOneByOneInItsOrder() {
        stands(
                Map.of("look", new OnRecord("bad", NOW), "try", new OnRecord("good", NOW)),
                FaultStage.FIND,
                null,
                new FaultEvent(FaultEventKind.CAUSE_DROPPED, NOW.plusSeconds(5), null, null, null, null));
        faults.takeFromRecords(FAULT, new FaultController.FromRecords(by(), 0));
        ArgumentCaptor<FaultEventRow> rows = ArgumentCaptor.forClass(FaultEventRow.class);
        verify(store, times(2)).add(rows.capture());
        List<FaultEvent> events =
                rows.getAllValues().stream().map(FaultEventRow::event).toList();
        assertThat(events).allMatch(event -> event.kind() == FaultEventKind.ANSWERED);
        assertThat(events.get(0).at()).isAfter(NOW.plusSeconds(5));
        assertThat(events.get(1).at())
                .as("no two events of one moment")
                .isAfter(events.get(0).at());
        assertThat(events.stream().map(FaultEvent::check)).containsExactlyInAnyOrder("look", "try");
    }

    @Test
    void nothingOnRecordWritesNothing() {
        stands(FaultStage.FIND, null);
        assertThatThrownBy(() -> faults.takeFromRecords(FAULT, new FaultController.FromRecords(by(), 0)))
                .hasMessage("fault.noneOnRecord");
        verify(store, never()).add(any(FaultEventRow.class));
    }

    @Test
    void aStaleAnswerWritesNothing() {
        stands(FaultStage.FIND, null);
        assertThatThrownBy(() -> faults.answer(FAULT, new FaultController.Answer(by(), "look", "bad", 2)))
                .isInstanceOf(Refusal.class)
                .hasMessage("fault.stale");
        verify(store, never()).add(any(FaultEventRow.class));
    }

    @Test
    void aCauseHoldsAndJoinsTheBench() {
        stands(FaultStage.FIND, null);
        faults.cause(FAULT, new FaultController.Found(by(), "band", null));
        ArgumentCaptor<SawHold> hold = ArgumentCaptor.forClass(SawHold.class);
        verify(worklog).hold(hold.capture());
        assertThat(hold.getValue().step()).isEqualTo(Step.BRAKE_RUNNING);
        assertThat(hold.getValue().faultId()).isEqualTo(FAULT);
        assertThat(hold.getValue().note()).isEqualTo("Band worn");
        verify(bench).join(saw, List.of(Step.BRAKE_BAND));
        verify(bench).join(saw, List.of(Step.BRAKE_RUNNING));
    }

    @Test
    void aFaultHoldsOnceForOneProof() {
        stands(FaultStage.FIND, null);
        SawHold before =
                new SawHold(UUID.randomUUID(), SAW, Step.BRAKE_RUNNING, "Brake", NOW, OFFICER.id()).forFault(FAULT);
        when(worklog.openHolds(SAW)).thenReturn(List.of(before));
        faults.cause(FAULT, new FaultController.Found(by(), "band", null));
        verify(worklog, never()).hold(any());
    }

    @Test
    void whatAMechanicDoesIsNoWorkForTheBench() {
        stands(FaultStage.FIND, null);
        faults.cause(FAULT, new FaultController.Found(by(), "spring", null));
        verify(bench, never()).join(saw, List.of(Step.BRAKE_BAND));
        verify(bench).join(saw, List.of(Step.BRAKE_RUNNING));
    }

    @Test
    void aCauseOfAnotherComplaintIsRefused() {
        stands(FaultStage.FIND, null);
        assertThatThrownBy(() -> faults.cause(FAULT, new FaultController.Found(by(), "moon", null)))
                .hasMessage("fault.cause");
        verify(bench, never()).join(any(), anyList());
    }

    @Test
    void onlyWhatIsProvedIsClosed() {
        for (FaultStage stage : List.of(FaultStage.FIND, FaultStage.REPAIR, FaultStage.PROVE)) {
            stands(stage, BAND);
            assertThatThrownBy(() -> faults.close(FAULT, new FaultController.Noted(by(), null)))
                    .hasMessage("fault.close." + stage);
        }
        stands(FaultStage.CLOSED, BAND);
        assertThatThrownBy(() -> faults.close(FAULT, new FaultController.Noted(by(), null)))
                .hasMessage("fault.closed");
        stands(FaultStage.CLOSES, BAND);
        faults.close(FAULT, new FaultController.Noted(by(), "Done"));
        assertThat(written().kind()).isEqualTo(FaultEventKind.CLOSED);
    }

    @Test
    void aSawThatDoesNotStandIsNotLookedAt() {
        stands(FaultStage.STAND, BAND);
        when(outings.findByOpenSawId(SAW)).thenReturn(Optional.empty());
        assertThatThrownBy(() -> faults.look(FAULT, new FaultController.Look(by(), Wet.DRY, null)))
                .hasMessage("fault.notStanding");
        faults.stand(FAULT, new FaultController.Noted(by(), "New seal"));
        assertThat(written().kind()).isEqualTo(FaultEventKind.STOOD);
    }

    @Test
    void anUnknownFaultIsGone() {
        assertThatThrownBy(() -> faults.takeBack(UUID.randomUUID(), new FaultController.Act(by())))
                .hasMessage("fault.unknown");
    }
}
