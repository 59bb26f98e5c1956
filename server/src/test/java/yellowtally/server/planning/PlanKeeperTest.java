package yellowtally.server.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mockito.ArgumentCaptor;
import org.springframework.transaction.PlatformTransactionManager;
import tools.jackson.databind.json.JsonMapper;
import yellowtally.core.engine.FuelUnit;
import yellowtally.core.measure.LengthUnit;
import yellowtally.core.plan.PlanQuestion;
import yellowtally.core.plan.PlanQuestion.Kept;
import yellowtally.core.schedule.Seasons;
import yellowtally.core.settings.Numbers;
import yellowtally.core.tension.TensionMethod;
import yellowtally.server.planning.PlanKeeper.Before;
import yellowtally.server.settings.HouseRules;
import yellowtally.server.stores.StockAhead;
import yellowtally.server.support.FleetRevision;

/** What the plan had last is there again after a restart, and the first plan stays near it. */
class PlanKeeperTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 5, 4);
    private static final UUID BOOKED = UUID.fromString("00000000-0000-4000-8000-000000000001");
    private static final Before SEEN = new Before(
            MONDAY, Map.of("04", new Kept(Set.of(0, 3), Set.of(BOOKED)), "07", new Kept(Set.of(), Set.of())));

    private final PlanBefore.Last rows = mock(PlanBefore.Last.class);
    private PlanKeeper keeper = started();

    private PlanKeeper started() {
        return new PlanKeeper(rows, new JsonMapper(), mock(PlatformTransactionManager.class));
    }

    @BeforeEach
    void nothingWrittenYet() {
        when(rows.findById(PlanBefore.ONLY)).thenReturn(Optional.empty());
    }

    /** As the table has it from then on. */
    private void written() {
        ArgumentCaptor<PlanBefore> row = ArgumentCaptor.forClass(PlanBefore.class);
        verify(rows).save(row.capture());
        when(rows.findById(PlanBefore.ONLY)).thenReturn(Optional.of(row.getValue()));
    }

    @Test
    void whatWasSeenIsWrittenOnceAndReadAfterTheNextStart() {
        keeper.write();
        assertThat(keeper.beforeStart()).isEmpty();
        keeper.seen(SEEN);
        keeper.write();
        keeper.seen(new Before(SEEN.madeOn(), Map.copyOf(SEEN.kept())));
        keeper.write();
        written();
        keeper = started();
        assertThat(keeper.beforeStart()).contains(SEEN);

        keeper.seen(new Before(MONDAY.plusDays(1), SEEN.kept()));
        keeper.write();
        verify(rows, times(2)).save(any());
    }

    @Test
    void whatCannotBeReadIsLeftAside() {
        when(rows.findById(PlanBefore.ONLY)).thenReturn(Optional.of(new PlanBefore(MONDAY, "{\"04\":7}")));
        assertThat(keeper.beforeStart()).isEmpty();
    }

    /** Days from the first of the new plan on; those that are gone are gone, and a clock that went back tells nothing. */
    @ParameterizedTest(name = "{0} days later: {1}")
    @CsvSource({"0, 0 3", "1, 2", "3, 0", "4, ''", "-1, "})
    void theFirstPlanAfterAStartStaysNearTheLastOneBefore(int later, String days) {
        keeper.seen(SEEN);
        keeper.write();
        written();
        LocalDate today = MONDAY.plusDays(later);
        Clock clock = Clock.fixed(today.atTime(8, 0).toInstant(ZoneOffset.UTC), ZoneOffset.UTC);
        PlanQuestions questions = mock(PlanQuestions.class);
        PlanChanges changes = mock(PlanChanges.class);
        HouseRules rules = new HouseRules(
                Numbers.STANDARD, Seasons.STANDARD, TensionMethod.TANG_LINE, LengthUnit.MM, FuelUnit.LITRE);
        PlanQuestions.Known known = new PlanQuestions.Known(
                today, List.of(), Map.of(), Map.of(), new StockAhead.Ahead(Map.of(), Map.of()), 0, rules);
        PlanFacts facts = new PlanFacts(List.of(), Map.of(), Map.of(), Map.of());
        when(questions.known()).thenReturn(known);
        when(changes.facts()).thenReturn(facts);
        when(questions.question(any(), any(), any()))
                .thenReturn(new PlanQuestion(
                        today,
                        7,
                        List.of(),
                        List.of(),
                        List.of(),
                        Map.of(),
                        Map.of(),
                        Set.of(),
                        Map.of(),
                        Numbers.STANDARD));

        new Plans(questions, changes, started(), mock(FleetRevision.class), clock).now();

        ArgumentCaptor<Map<String, Kept>> near = ArgumentCaptor.captor();
        verify(questions).question(eq(known), eq(facts), near.capture());
        assertThat(Optional.ofNullable(near.getValue().get("04"))
                        .map(kept -> kept.days().stream()
                                .sorted()
                                .map(String::valueOf)
                                .toList())
                        .map(all -> String.join(" ", all))
                        .orElse(null))
                .isEqualTo(days);
    }
}
