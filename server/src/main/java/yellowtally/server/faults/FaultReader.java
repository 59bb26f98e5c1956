package yellowtally.server.faults;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.cuttingset.FitCheck;
import yellowtally.core.cuttingset.LoopSpec;
import yellowtally.core.diagnosis.Cause;
import yellowtally.core.diagnosis.Complaint;
import yellowtally.core.diagnosis.FaultProgress;
import yellowtally.core.diagnosis.FaultStory;
import yellowtally.core.diagnosis.Finder;
import yellowtally.core.diagnosis.FinderCase;
import yellowtally.core.diagnosis.KnownFact;
import yellowtally.core.diagnosis.OnRecord;
import yellowtally.core.diagnosis.SawTrait;
import yellowtally.core.diagnosis.Signal;
import yellowtally.core.fitness.FaultEntry;
import yellowtally.core.fitness.KnownFacts;
import yellowtally.core.fitness.KnownSignals;
import yellowtally.core.oiling.LeakWatch;
import yellowtally.core.stages.Stage;
import yellowtally.core.tension.Work;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.knowledge.Knowledge;
import yellowtally.server.standing.FittedSaw;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.usage.Outing;
import yellowtally.server.usage.Outings;
import yellowtally.server.usage.Use;

/** Reads a fault with everything that is said of it: its story, its saw, the finder, its watch. */
@Component
class FaultReader {

    private final Fleet fleet;
    private final Knowledge knowledge;
    private final Standings standings;
    private final FaultRepository repository;
    private final Outings outings;
    private final Clock clock;

    FaultReader(
            Fleet fleet,
            Knowledge knowledge,
            Standings standings,
            FaultRepository repository,
            Outings outings,
            Clock clock) {
        this.fleet = fleet;
        this.knowledge = knowledge;
        this.standings = standings;
        this.repository = repository;
        this.outings = outings;
        this.clock = clock;
    }

    /** A fault as it stands now. */
    record Read(
            Fault fault,
            List<FaultEventRow> events,
            FaultStory story,
            Complaint complaint,
            Standing standing,
            Set<SawTrait> traits,
            Set<Signal> signals,
            Map<String, OnRecord> onRecord,
            Finder finder,
            LeakWatch watch,
            FaultProgress progress) {

        /** The cause found; {@code null} while it is looked for, and when what is known today does not know it any more. */
        @Nullable
        Cause cause() {
            String code = story.cause();
            return code == null
                    ? null
                    : finder.causes().stream()
                            .filter(c -> c.code().equals(code))
                            .findFirst()
                            .orElse(null);
        }
    }

    /** Reads a fault of a saw in service. */
    Read read(Fault fault) {
        Standing standing = standings.of(fleet.sawInService(fleet.tag(fault.sawId())));
        return read(fault, repository.events(List.of(fault)).of(fault), standing, lastWorks(fault.sawId()));
    }

    private Set<Work> lastWorks(UUID sawId) {
        return outings.findFirstBySawIdAndBackAtNotNullAndStruckAtNullOrderByBackAtDesc(sawId)
                .map(Outing::use)
                .map(Use::works)
                .orElse(Set.of());
    }

    /** The same for a list, with its events and the standing of its saw at hand: no question is asked there. */
    Read read(Fault fault, List<FaultEventRow> events, Standing standing) {
        return read(fault, events, standing, Set.of());
    }

    private Read read(Fault fault, List<FaultEventRow> events, Standing standing, Set<Work> works) {
        FaultStory story =
                FaultStory.of(events.stream().map(FaultEventRow::event).toList());
        Complaint complaint = knowledge.complaint(story.complaint(fault.complaint()));
        FaultEntry entry =
                new FaultEntry(fault.id(), new FaultProgress.Facts(complaint, knowledge.cause(story.cause()), story));
        LeakWatch watch = entry.watch(standing.ledger().lastBack(), clock.instant(), standing.numbers());
        Set<SawTrait> traits = SawTrait.of(standing.profile());
        Set<Signal> signals = KnownSignals.of(
                standing.account(), standing.ledger(), standing.parts(), standing.wear(), standing.numbers());
        Map<KnownFact, Instant> facts = KnownFacts.of(
                standing.ledger(),
                standing.account(),
                standing.wear(),
                new KnownFacts.Besides(
                        works, partsFit(standing.fitted()), standing.fitted().fittedAt(), story),
                clock.instant(),
                standing.numbers());
        Map<String, OnRecord> onRecord = OnRecord.of(
                List.copyOf(knowledge.base().checks().values()),
                new OnRecord.Source(
                        standing.ledger().schedule().log(), standing.ledger().lastBack(), facts, story.doubted()));
        return new Read(
                fault,
                events,
                story,
                complaint,
                standing,
                traits,
                signals,
                onRecord,
                new Finder(
                        knowledge.base(),
                        complaint,
                        new FinderCase(traits, signals, open(standing), onRecord, story.settled(), story.tried()),
                        standing.numbers()),
                watch,
                entry.progress(standing.profile(), standing.ledger().schedule().log(), watch));
    }

    /** By their stamps; {@code null} when one of the three is not known. */
    private static @Nullable Boolean partsFit(FittedSaw fitted) {
        if (fitted.chain() == null || fitted.bar() == null || fitted.sprocket() == null) {
            return null;
        }
        LoopSpec loop = fitted.chain().spec().spec();
        return FitCheck.misfits(loop, fitted.bar().spec(), fitted.sprocket().spec())
                .isEmpty();
    }

    private static Set<Stage> open(Standing standing) {
        return standing.visit() == null ? Set.of() : standing.visit().story().openStages();
    }
}
