package yellowtally.server.faults;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.comparison.ComparisonSetting;
import yellowtally.core.comparison.RepeatFault;
import yellowtally.core.diagnosis.Cause;
import yellowtally.core.diagnosis.FaultProgress.FaultStage;
import yellowtally.core.diagnosis.FaultStory;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Step;
import yellowtally.core.waiting.FitState;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.fleet.SawValue;
import yellowtally.server.knowledge.Knowledge;
import yellowtally.server.people.People;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;

/** The lists of faults: of the whole fleet with what comes again and again, and of one saw. */
@Component
class FaultLists {

    private static final int CLOSED_SHOWN = 40;

    private final Fleet fleet;
    private final People people;
    private final Knowledge knowledge;
    private final Standings standings;
    private final FleetSettings settings;
    private final FaultRepository repository;
    private final FaultReader reader;
    private final Clock clock;

    FaultLists(
            Fleet fleet,
            People people,
            Knowledge knowledge,
            Standings standings,
            FleetSettings settings,
            FaultRepository repository,
            FaultReader reader,
            Clock clock) {
        this.fleet = fleet;
        this.people = people;
        this.knowledge = knowledge;
        this.standings = standings;
        this.settings = settings;
        this.repository = repository;
        this.reader = reader;
        this.clock = clock;
    }

    /**
     * A fault in one line.
     *
     * @param cause what was found, in words; absent while it is looked for
     * @param steps what is still to do, or the proof that is missing
     * @param nextLook when somebody has to look at the card; absent when nobody has to
     */
    record FaultLine(
            UUID id,
            String tag,
            String complaint,
            @Nullable String cause,
            @Nullable String seen,
            FaultOrigin origin,
            Instant at,
            String by,
            FaultStage stage,
            List<Step> steps,
            @Nullable Instant nextLook,
            boolean held) {}

    /** The same fault again and again. */
    record RepeatView(RepeatFault.RepeatKind kind, String where, String cause, int times, int days) {}

    /**
     * Faults of the fleet.
     *
     * @param knowledgeProblems what is wrong with an officer's own knowledge files
     */
    record FaultsPage(
            List<FaultLine> open, List<FaultLine> closed, List<RepeatView> repeats, List<String> knowledgeProblems) {}

    FaultsPage list() {
        Map<UUID, Standing> standing = standing();
        return new FaultsPage(
                lines(repository.open(), standing),
                lines(repository.closed(CLOSED_SHOWN), standing),
                repeats(standing),
                knowledge.problems());
    }

    List<FaultLine> ofSaw(String tag) {
        Saw saw = fleet.saw(tag);
        return saw.retiredAt() != null
                ? List.of()
                : lines(repository.ofSaw(saw.id()), Map.of(saw.id(), standings.of(saw)));
    }

    private Map<UUID, Standing> standing() {
        Map<UUID, Standing> bySaw = new HashMap<>();
        standings.all().forEach(s -> bySaw.put(s.fitted().saw().id(), s));
        return bySaw;
    }

    /** Lines of those faults whose saw is in service. */
    private List<FaultLine> lines(List<Fault> told, Map<UUID, Standing> standing) {
        List<Fault> faults = told.stream()
                .filter(fault -> standing.containsKey(fault.sawId()))
                .toList();
        FaultRepository.Events events = repository.events(faults);
        Map<UUID, String> names = people.names();
        return faults.stream()
                .map(fault -> line(
                        reader.read(fault, events.of(fault), Objects.requireNonNull(standing.get(fault.sawId()))),
                        names))
                .toList();
    }

    private static FaultLine line(FaultReader.Read read, Map<UUID, String> names) {
        Fault fault = read.fault();
        boolean closed = read.progress().stage() == FaultStage.CLOSED;
        return new FaultLine(
                fault.id(),
                read.standing().fitted().saw().tag(),
                read.complaint().title(),
                causeTitle(read),
                fault.seen(),
                fault.origin(),
                fault.at(),
                names.getOrDefault(fault.personId(), ""),
                read.progress().stage(),
                read.progress().steps(),
                closed ? null : read.watch().nextLook(),
                !closed && read.standing().account().state() == FitState.HELD);
    }

    private static @Nullable String causeTitle(FaultReader.Read read) {
        Cause cause = read.cause();
        return cause == null ? read.story().cause() : cause.title();
    }

    private List<RepeatView> repeats(Map<UUID, Standing> standing) {
        Numbers numbers = settings.rules().numbers();
        long days = (long) numbers.of(ComparisonSetting.REPEAT_DAYS);
        List<Fault> all = repository.since(clock.instant().minus(Duration.ofDays(days + 1)));
        FaultRepository.Events events = repository.events(all);
        List<RepeatFault.Past> past = new ArrayList<>();
        for (Fault fault : all) {
            Standing of = standing.get(fault.sawId());
            String cause = FaultStory.of(
                            events.of(fault).stream().map(FaultEventRow::event).toList())
                    .cause();
            if (of != null && cause != null) {
                SawValue saw = of.fitted().saw();
                past.add(new RepeatFault.Past(
                        saw.tag(),
                        saw.details().model().title(),
                        cause,
                        LocalDate.ofInstant(fault.at(), clock.getZone())));
            }
        }
        return RepeatFault.of(past, LocalDate.now(clock), numbers).stream()
                .map(repeat -> new RepeatView(
                        repeat.kind(),
                        repeat.where(),
                        knowledge.causeTitle(repeat.cause()),
                        repeat.times(),
                        repeat.days()))
                .toList();
    }
}
