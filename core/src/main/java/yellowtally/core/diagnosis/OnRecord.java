package yellowtally.core.diagnosis;

import java.time.Instant;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowtally.core.log.SawLog;

/**
 * An answer that stands without being asked for (handbook section 12: what is known is not asked).
 *
 * @param answer its code
 * @param at when it was recorded, or what it says is from
 */
public record OnRecord(String answer, Instant at) {

    /**
     * What answers a check without a hand.
     *
     * @param log steps of the saw
     * @param lastBack when it came back last; {@code null} when it was never out
     * @param facts what the program knows, with its dates
     * @param doubted when somebody doubted what stood, by the code of the check: what was on record till then stands no more
     */
    public record Source(
            SawLog log, @Nullable Instant lastBack, Map<KnownFact, Instant> facts, Map<String, Instant> doubted) {

        public Source {
            facts = Map.copyOf(facts);
            doubted = Map.copyOf(doubted);
        }
    }

    /**
     * The checks that are answered already, by their code: the latest of what the bench and the program know. Only the latest
     * record of a step counts, and only since the saw came back: out in the wood everything can change.
     */
    public static Map<String, OnRecord> of(List<Check> checks, Source source) {
        Map<String, OnRecord> answered = new LinkedHashMap<>();
        for (Check check : checks) {
            Instant doubted = source.doubted().get(check.code());
            Stream.concat(ofBench(check, source), ofFacts(check, source))
                    .filter(record -> doubted == null || record.at().isAfter(doubted))
                    .max(Comparator.comparing(OnRecord::at))
                    .ifPresent(record -> answered.put(check.code(), record));
        }
        return answered;
    }

    private static Stream<OnRecord> ofBench(Check check, Source source) {
        BenchAnswer bench = check.bench();
        if (bench == null) {
            return Stream.empty();
        }
        Instant back = source.lastBack();
        return source.log().latest(bench.step()).stream()
                // A day in a notebook is no look at the thing.
                .filter(record -> record.told() == null)
                .filter(record -> back == null || !record.at().isBefore(back))
                .filter(record -> bench.until().stream()
                        .flatMap(step -> source.log().latest(step).stream())
                        .noneMatch(later -> later.after(record)))
                .flatMap(record -> bench.of(record).map(answer -> new OnRecord(answer, record.at())).stream());
    }

    private static Stream<OnRecord> ofFacts(Check check, Source source) {
        return check.terms().known().entrySet().stream()
                .flatMap(
                        entry -> Optional.ofNullable(source.facts().get(entry.getKey()))
                                .map(at -> new OnRecord(entry.getValue(), at))
                                .stream());
    }
}
