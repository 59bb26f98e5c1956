package yellowtally.server.visit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.InOrder;
import yellowtally.core.waiting.FitState;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.support.Refusal;
import yellowtally.server.worklog.Visit;
import yellowtally.server.worklog.VisitBook;

class VisitGateTest {

    private final VisitBook visits = mock(VisitBook.class);
    private final Fleet fleet = mock(Fleet.class);
    private final VisitGate gate = new VisitGate(visits, fleet);
    private final Saw saw = mock(Saw.class);
    private final Visit visit = new Visit(UUID.randomUUID(), UUID.randomUUID(), Instant.EPOCH, UUID.randomUUID());

    @BeforeEach
    void known() {
        when(visits.sawOf(visit.id())).thenReturn(Optional.of(visit.sawId()));
        when(visits.findNow(visit.id())).thenReturn(visit);
        when(saw.id()).thenReturn(visit.sawId());
        when(saw.tag()).thenReturn("06");
    }

    @Test
    void letsRecordsOfItsSawIn() {
        assertThat(gate.openVisit(visit.id(), saw)).isSameAs(visit);
        InOrder order = inOrder(fleet, visits);
        order.verify(fleet).lock(visit.sawId());
        order.verify(visits).findNow(visit.id());
        assertThat(gate.openVisit(null, saw))
                .as("a quick record names no visit")
                .isNull();
    }

    @Test
    void keepsOtherSawsAndEndedVisitsOut() {
        when(saw.id()).thenReturn(UUID.randomUUID());
        assertThatThrownBy(() -> gate.openVisit(visit.id(), saw))
                .isInstanceOf(Refusal.class)
                .hasMessage("visit.otherSaw");
        when(saw.id()).thenReturn(visit.sawId());
        visit.end(Instant.EPOCH, UUID.randomUUID(), null, FitState.FIT);
        assertThatThrownBy(() -> gate.openVisit(visit.id(), saw)).hasMessage("visit.ended");
        assertThatThrownBy(() -> gate.openVisit(UUID.randomUUID(), saw)).hasMessage("visit.unknown");
    }
}
