package yellowtally.server.stores;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import yellowtally.core.steps.Step;
import yellowtally.core.stores.StockKind;
import yellowtally.server.support.Refusal;

/** A shelf on paper: what goes on, what comes off, never below nothing. */
class StockTest {

    private static final Instant NOW = Instant.parse("2026-05-04T16:00:00Z");
    private static final UUID PERSON = UUID.randomUUID();

    private final StockRepositories.Items items = mock(StockRepositories.Items.class);
    private final StockRepositories.Moves moves = mock(StockRepositories.Moves.class);
    private final StockRepositories.Orders orders = mock(StockRepositories.Orders.class);
    private final Stock stock = new Stock(items, moves, orders, Clock.fixed(NOW, ZoneOffset.UTC));
    private final List<StockMove> written = new ArrayList<>();
    private final UUID plugs = item(StockKind.PLUG, "Plug");
    private final UUID oil = item(StockKind.BAR_OIL, "Bar oil");

    private UUID item(StockKind kind, String name) {
        UUID id = UUID.randomUUID();
        StockItem item = new StockItem(id, kind, new StockItem.Card(name, null, 1, null, 1, null));
        when(items.locked(id)).thenReturn(Optional.of(item));
        return id;
    }

    @BeforeEach
    void aShelfThatKeepsWhatIsWritten() {
        when(moves.save(any())).thenAnswer(call -> {
            written.add(call.getArgument(0));
            return call.getArgument(0);
        });
        when(moves.shelf(any()))
                .thenAnswer(call -> written.stream()
                        .filter(move -> move.itemId().equals(call.getArgument(0)))
                        .mapToDouble(StockMove::amount)
                        .sum());
    }

    private void receive(UUID item, double amount) {
        stock.receive(UUID.randomUUID(), item, amount, null, null, PERSON);
    }

    private void take(Step step, UUID item, double amount) {
        stock.take(
                List.of(new StockTake(item, amount)),
                new Stock.ForWork(step, UUID.randomUUID(), UUID.randomUUID(), PERSON));
    }

    private static void refused(Runnable write, String code) {
        assertThatThrownBy(write::run).isInstanceOf(Refusal.class).hasMessage(code);
    }

    @Test
    void whatComesInCanBeTakenToTheLastOne() {
        receive(plugs, 2);
        take(Step.PLUG, plugs, 1);
        take(Step.PLUG, plugs, 1);
        refused(() -> take(Step.PLUG, plugs, 1), "stock.below");
        assertThat(written).hasSize(3);
        assertThat(written.get(2).amount()).isEqualTo(-1);
        assertThat(written.get(2).cause()).isEqualTo(StockMove.MoveCause.USED);
    }

    @ParameterizedTest
    @CsvSource({"AIR_FILTER, 1", "FILL, 1", "SHARPEN, 2"})
    void nothingIsTakenAtAStepThatDoesNotUseIt(Step step, double amount) {
        receive(plugs, 5);
        refused(() -> take(step, plugs, amount), "stock.otherStep");
        assertThat(written).hasSize(1);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -1, Double.NaN})
    void nothingAndLessIsNoAmount(double amount) {
        refused(() -> receive(plugs, amount), "stock.amount");
        refused(() -> take(Step.PLUG, plugs, amount), "stock.amount");
        verify(moves, never()).save(any());
    }

    @Test
    void piecesAreWholeAndLitresAreNot() {
        refused(() -> receive(plugs, 1.5), "stock.whole");
        receive(oil, 1.5);
        take(Step.FILL, oil, 0.3);
        assertThat(moves.shelf(oil)).isEqualTo(1.2);
        refused(() -> receive(oil, 1e6), "number.range");
    }

    @Test
    void aCountWritesTheDifferenceAndItsReason() {
        receive(plugs, 5);
        stock.counted(UUID.randomUUID(), plugs, 3, "Two lent out", PERSON);
        assertThat(written.get(1).amount()).isEqualTo(-2);
        assertThat(written.get(1).cause()).isEqualTo(StockMove.MoveCause.COUNTED);
        assertThat(written.get(1).reason()).isEqualTo("Two lent out");
        refused(() -> stock.counted(UUID.randomUUID(), plugs, 3, "Again", PERSON), "stock.countSame");
        refused(() -> stock.counted(UUID.randomUUID(), plugs, -1, "Lost", PERSON), "stock.countBelow");
        stock.counted(UUID.randomUUID(), plugs, 0, "Box was wet", PERSON);
        assertThat(moves.shelf(plugs)).isZero();
    }

    @Test
    void anUnknownItemIsTold() {
        refused(() -> receive(UUID.randomUUID(), 1), "stock.unknown");
    }

    /** Whatever is put on, taken and counted, in any order: the book never says less than nothing. */
    @Test
    void theShelfIsNeverBelowNothing() {
        Random random = new Random(3);
        for (int i = 0; i < 500; i++) {
            int amount = random.nextInt(6) - 1;
            try {
                switch (random.nextInt(3)) {
                    case 0 -> receive(plugs, amount);
                    case 1 -> take(Step.PLUG, plugs, amount);
                    default -> stock.counted(UUID.randomUUID(), plugs, amount, "Counted", PERSON);
                }
            } catch (Refusal refusal) {
                assertThat(refusal.faults()).isNotEmpty();
            }
            assertThat(moves.shelf(plugs)).isNotNegative();
        }
        assertThat(written).hasSizeGreaterThan(100);
    }

    private StockOrder awaited(UUID item, double amount) {
        StockOrder order =
                new StockOrder(UUID.randomUUID(), new StockOrder.Ordered(item, amount, "Lineside", null), NOW, PERSON);
        when(orders.findById(order.id())).thenReturn(Optional.of(order));
        return order;
    }

    /** However much came in by it: what is still missing is ordered anew. */
    @Test
    void anOrderIsAwaitedUntilItComesIn() {
        StockOrder order = awaited(plugs, 6);
        stock.receive(UUID.randomUUID(), plugs, 4, order.id(), null, PERSON);
        assertThat(order.awaited()).isFalse();
        assertThat(written).hasSize(1);
        assertThatThrownBy(() -> stock.receive(UUID.randomUUID(), plugs, 2, order.id(), null, PERSON))
                .isInstanceOf(Refusal.class);
        assertThat(written).as("nothing came in by an order that is closed").hasSize(1);
        assertThatThrownBy(() -> stock.callOff(order.id(), PERSON)).isInstanceOf(Refusal.class);
    }

    @Test
    void whatComesInByAnotherItemsOrderIsRefused() {
        StockOrder order = awaited(oil, 5);
        assertThatThrownBy(() -> stock.receive(UUID.randomUUID(), plugs, 4, order.id(), null, PERSON))
                .isInstanceOf(Refusal.class);
        assertThat(order.awaited()).isTrue();
        stock.callOff(order.id(), PERSON);
        assertThat(order.awaited()).isFalse();
    }

    @Test
    void wholePiecesAreOrderedAndMoreThanNothing() {
        for (double amount : new double[] {0, -1, 1.5}) {
            assertThatThrownBy(() ->
                            stock.order(UUID.randomUUID(), new StockOrder.Ordered(plugs, amount, null, null), PERSON))
                    .isInstanceOf(Refusal.class);
        }
        stock.order(UUID.randomUUID(), new StockOrder.Ordered(oil, 1.5, null, null), PERSON);
        verify(orders).save(any());
    }
}
