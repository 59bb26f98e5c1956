package yellowtally.server.reminders;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doCallRealMethod;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.spy;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.transaction.PlatformTransactionManager;
import yellowtally.core.reminders.Reminder;
import yellowtally.core.reminders.ReminderKind;
import yellowtally.core.schedule.Task;
import yellowtally.server.signin.FleetName;
import yellowtally.server.support.FleetRevision;

class ReminderClerkTest {

    private static final Instant MORNING = Instant.parse("2026-05-04T06:00:00Z");
    private static final LocalDate DAY = LocalDate.of(2026, 5, 5);
    private static final Reminder SOAK = new Reminder(ReminderKind.SOAK_TONIGHT, "09", DAY, "Loop .325", 0, List.of());
    private static final Reminder DUE = new Reminder(ReminderKind.DUE_TOMORROW, "03", DAY, null, 0, List.of(Task.PLUG));

    @TempDir
    private Path folder;

    private final Pressing pressing = mock(Pressing.class);
    private final ReminderTold.Told told = mock(ReminderTold.Told.class);
    private final FleetName fleet = mock(FleetName.class);
    private final FleetRevision revision = mock(FleetRevision.class);
    private final Clock clock = mock(Clock.class);
    private final List<ReminderTold> open = new ArrayList<>();
    private Outbox outbox;
    private ReminderClerk clerk;
    private int minute;

    @BeforeEach
    void begin() {
        outbox = spy(new Outbox(folder));
        when(fleet.now()).thenReturn("Harrow Bank");
        when(clock.getZone()).thenReturn(ZoneOffset.UTC);
        when(told.findByOverAtNull())
                .thenAnswer(asked ->
                        open.stream().filter(one -> one.overAt() == null).toList());
        when(told.save(any())).thenAnswer(saved -> {
            open.add(saved.getArgument(0));
            return saved.getArgument(0);
        });
        clerk = new ReminderClerk(
                pressing,
                told,
                new ReminderWords(),
                outbox,
                fleet,
                revision,
                mock(PlatformTransactionManager.class),
                clock);
    }

    /** A minute later, after a write, this has to be told. */
    private void look(Reminder... now) {
        minute++;
        when(clock.instant()).thenReturn(MORNING.plusSeconds(60L * minute));
        when(revision.now()).thenReturn((long) minute);
        when(pressing.aside()).thenReturn(new Pressing.Now(List.of(now), Map.of(), Map.of()));
        clerk.look();
    }

    private List<String> mails() throws IOException {
        return outbox.newest(9).stream()
                .map(Outbox.Mail::text)
                .map(String::strip)
                .toList();
    }

    @Test
    void eachIsToldOnceUntilItChanges() throws IOException {
        look(SOAK, DUE);
        look(SOAK, DUE);
        look(DUE, SOAK);
        String first = "This evening into the oil: Loop .325, for saw 09, wanted on Tuesday 5 May.\n\n"
                + "Saw 03, due on Tuesday 5 May (est.): plug.";
        assertThat(mails()).containsExactly(first);
        assertThat(outbox.newest(1).get(0).subject())
                .isEqualTo("This evening into the oil: Loop .325, for saw 09, wanted on Tuesday 5 May. And 1 more");

        look(SOAK, new Reminder(ReminderKind.DUE_TOMORROW, "03", DAY, null, 0, List.of(Task.AIR_FILTER, Task.PLUG)));
        assertThat(mails()).containsExactly("Saw 03, due on Tuesday 5 May (est.): air filter, plug.", first);
    }

    @Test
    void whatWasOverIsToldAgainWhenItComesBack() throws IOException {
        look(SOAK);
        look();
        assertThat(mails()).hasSize(1);
        look(SOAK);
        assertThat(mails()).hasSize(2);
    }

    @Test
    void nothingWrittenIsNothingNew() {
        look(SOAK);
        clerk.look();
        verify(pressing, times(1)).aside();
    }

    @Test
    void whatCouldNotBeMailedIsToldAtTheNextLook() throws IOException {
        doThrow(new IOException("no room")).when(outbox).put(any(), any(), any(), any());
        look(SOAK);
        assertThat(open).isEmpty();
        doCallRealMethod().when(outbox).put(any(), any(), any(), any());
        clerk.look();
        assertThat(mails()).hasSize(1);
        assertThat(open).hasSize(1);
    }

    @Test
    void nobodyIsToldBeforeTheFleetIsSetUp() throws IOException {
        when(fleet.now()).thenReturn("");
        look(SOAK);
        assertThat(mails()).isEmpty();
    }
}
