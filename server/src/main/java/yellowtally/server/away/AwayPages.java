package yellowtally.server.away;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.away.RepairOrReplace;
import yellowtally.core.away.TanksDone;
import yellowtally.core.plan.BackFromAway;
import yellowtally.core.schedule.ScheduleLedger;
import yellowtally.server.faults.MechanicFaults;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.People;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;

/** Where a saw is that is not here, what was said of it, and whether repairing pays. */
@Service
public class AwayPages {

    private final AwayRepositories.Aways aways;
    private final AwayRepositories.Words words;
    private final MechanicFaults faults;
    private final Standings standings;
    private final People people;
    private final Clock clock;

    AwayPages(
            AwayRepositories.Aways aways,
            AwayRepositories.Words words,
            MechanicFaults faults,
            Standings standings,
            People people,
            Clock clock) {
        this.aways = aways;
        this.words = words;
        this.faults = faults;
        this.standings = standings;
        this.people = people;
        this.clock = clock;
    }

    /**
     * A saw and where it has been.
     *
     * @param now absent while it is not away
     * @param before what is over, latest first
     * @param faults complaints that are open, with which it could go
     * @param names with whom saws of the fleet have been
     * @param tanks that it has done
     * @param days in service
     * @param billCents what mechanics have asked for it so far, hundredths
     */
    public record AwayPage(
            @Nullable AwayView now,
            List<AwayView> before,
            List<MechanicFaults.OpenFault> faults,
            List<String> names,
            TanksDone tanks,
            long days,
            long billCents) {}

    /**
     * One time away.
     *
     * @param said what was said, the first first; what was said last counts
     * @param overdue whether the day that was named last is over
     * @param weighed absent while there is no quote, and when it is over
     * @param back absent while it is away
     */
    public record AwayView(
            UUID id,
            String who,
            String why,
            LocalDate since,
            String by,
            List<SaidView> said,
            boolean overdue,
            @Nullable RepairOrReplace weighed,
            @Nullable BackView back) {}

    /** What was said, when and by whom it was written down. */
    public record SaidView(
            Instant at,
            String by,
            @Nullable LocalDate expectedOn,
            boolean counted,
            @Nullable Integer quoteCents,
            @Nullable Integer newCents,
            @Nullable String note) {}

    /** How it came back. */
    public record BackView(
            Instant at, String by, String done, @Nullable Integer costCents) {}

    /** Of one saw in service. */
    public AwayPage of(Saw saw) {
        Standing standing = standings.of(saw);
        List<Away> all = aways.findBySawIdOrderByAtDesc(saw.id());
        Map<UUID, String> names = people.names();
        Map<UUID, List<SaidView>> said = new HashMap<>();
        words.findByAwayIdInOrderByAt(all.stream().map(Away::id).toList())
                .forEach(word -> said.computeIfAbsent(word.awayId(), id -> new ArrayList<>())
                        .add(view(word, names)));
        LocalDate today = LocalDate.now(clock);
        ScheduleLedger use = standing.ledger().schedule();
        TanksDone tanks = TanksDone.of(use.uses(), use.inService(), today);
        AwayView now = null;
        List<AwayView> before = new ArrayList<>();
        long bill = 0;
        for (Away away : all) {
            AwayView view = view(away, said.getOrDefault(away.id(), List.of()), tanks, standing, today, names);
            if (away.backAt() == null) {
                now = view;
            } else {
                before.add(view);
            }
            bill += away.costCents() == null ? 0 : away.costCents();
        }
        return new AwayPage(
                now,
                before,
                faults.open(saw),
                aways.names(),
                tanks,
                ChronoUnit.DAYS.between(use.inService(), today),
                bill);
    }

    static SaidView view(Word word, Map<UUID, String> names) {
        SaidOfReturn said = word.said();
        return new SaidView(
                word.at(),
                name(names, word.personId()),
                said.expectedOn(),
                said.counted(),
                said.quoteCents(),
                said.newCents(),
                said.note());
    }

    private static AwayView view(
            Away away,
            List<SaidView> said,
            TanksDone tanks,
            Standing standing,
            LocalDate today,
            Map<UUID, String> names) {
        SaidView last = said.get(said.size() - 1);
        boolean open = away.backAt() == null;
        Integer quote = last.quoteCents();
        Integer fresh = last.newCents();
        return new AwayView(
                away.id(),
                away.who(),
                away.why(),
                away.since(),
                name(names, away.personId()),
                said,
                open && BackFromAway.overdue(last.expectedOn(), today),
                open && quote != null
                        ? RepairOrReplace.of(
                                new RepairOrReplace.Facts(
                                        tanks.all(), quote, fresh == null ? null : fresh.doubleValue()),
                                standing.numbers())
                        : null,
                back(away, names));
    }

    /** {@code null} while it is away. */
    static @Nullable BackView back(TimeAway away, Map<UUID, String> names) {
        Instant back = away.backAt();
        return back == null
                ? null
                : new BackView(back, name(names, away.backBy()), String.valueOf(away.done()), away.costCents());
    }

    static String name(Map<UUID, String> names, @Nullable UUID person) {
        return person == null ? "" : names.getOrDefault(person, "");
    }
}
