package yellowtally.server.stores;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import yellowtally.core.cuttingset.CutterSequence;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.pack.ShelfLoop;
import yellowtally.core.steps.Subject;
import yellowtally.server.fleet.Chain;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.OfItsMaker;
import yellowtally.server.fleet.PartCheck;
import yellowtally.server.fleet.PartsElsewhere;
import yellowtally.server.fleet.SawChoices;

/** Only what lies on the shelf, may be fitted and was looked at goes into a pack. */
class ForPacksTest {

    private final Fleet fleet = mock(Fleet.class);
    private final PartCheck check = mock(PartCheck.class);
    private final PartsElsewhere elsewhere = mock(PartsElsewhere.class);
    private final ForPacks packs = new ForPacks(
            mock(StockRepositories.Items.class), mock(StockRepositories.Moves.class), fleet, check, elsewhere);

    private static Chain loop(String tag) {
        return new Chain(
                UUID.randomUUID(),
                tag,
                Pitch.P_325,
                Gauge.G_050,
                68,
                CutterSequence.STANDARD,
                SawChoices.CutterProfile.SEMI_CHISEL,
                30,
                0,
                OfItsMaker.NONE);
    }

    @Test
    void aLoopThatIsAwayOrUnseenOrCondemnedStaysOut() {
        Chain fresh = loop("NEW");
        Chain ran = loop("RAN");
        Chain away = loop("AWAY");
        Chain unseen = loop("UNSEEN");
        Chain cracked = loop("CRACKED");
        when(fleet.loopsOnShelf())
                .thenReturn(List.of(
                        new Fleet.LoopOnShelf(fresh, false),
                        new Fleet.LoopOnShelf(ran, true),
                        new Fleet.LoopOnShelf(away, true),
                        new Fleet.LoopOnShelf(unseen, true),
                        new Fleet.LoopOnShelf(cracked, true)));
        when(check.condemned(Subject.CHAIN)).thenReturn(Set.of(cracked.id()));
        when(elsewhere.now())
                .thenReturn(new PartsElsewhere.Now(
                        Map.of(away.id(), new PartsElsewhere.Elsewhere("AWAY", "Hob Lane", null, false)),
                        Set.of(unseen.id())));
        assertThat(packs.loops()).extracting(ShelfLoop::tag).containsExactly("NEW", "RAN");
    }
}
