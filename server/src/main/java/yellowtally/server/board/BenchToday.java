package yellowtally.server.board;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.visit.BenchDay;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.Urgency;
import yellowtally.server.board.BoardController.WorkRow;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.usage.Outing;
import yellowtally.server.usage.Outings;

/** Today's bench: the saws that are in and want it, and how many of them the minutes are enough for. */
@Component
public class BenchToday {

    /** As urgent as the most urgent work of the saw; then by tag. */
    static final Comparator<WorkRow> BY_URGENCY = Comparator.comparing(
                    (WorkRow row) -> row.work().get(0), Urgency.MOST_URGENT_FIRST)
            .thenComparing(WorkRow::tag);

    private final Standings standings;
    private final Outings outings;
    private final FleetSettings settings;

    BenchToday(Standings standings, Outings outings, FleetSettings settings) {
        this.standings = standings;
        this.outings = outings;
        this.settings = settings;
    }

    /**
     * The queue of a day.
     *
     * @param saws most urgent first
     */
    public record Queue(BenchDay day, List<Standing> saws) {}

    /** The queue as it is now. */
    public Queue queue() {
        Set<Object> out = outings.open().stream().map(Outing::sawId).collect(Collectors.toSet());
        Map<String, Standing> byTag = standings.all().stream()
                .filter(standing -> !standing.account().work().isEmpty()
                        && !out.contains(standing.fitted().saw().id()))
                .collect(Collectors.toMap(standing -> standing.fitted().saw().tag(), Function.identity()));
        BoardController.Bench bench = bench(byTag.values().stream()
                .map(standing -> WorkRow.of(standing, null))
                .sorted(BY_URGENCY)
                .toList());
        return new Queue(bench.day(), bench.saws().stream().map(byTag::get).toList());
    }

    /** The queue of these, most urgent first. */
    BoardController.Bench bench(List<WorkRow> work) {
        List<WorkRow> queue = work.stream()
                .filter(row ->
                        row.crew() == null && row.away() == null && row.state() != FitState.FIT && row.minutes() > 0)
                .toList();
        return new BoardController.Bench(
                BenchDay.of(
                        queue.stream().map(WorkRow::minutes).toList(),
                        settings.rules().numbers().of(ScheduleSetting.BENCH_MINUTES)),
                queue.stream().map(WorkRow::tag).toList());
    }
}
