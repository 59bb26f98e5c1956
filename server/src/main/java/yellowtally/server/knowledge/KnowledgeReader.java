package yellowtally.server.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;
import org.yaml.snakeyaml.error.YAMLException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;
import yellowtally.core.diagnosis.BenchAnswer;
import yellowtally.core.diagnosis.Cause;
import yellowtally.core.diagnosis.Check;
import yellowtally.core.diagnosis.Complaint;
import yellowtally.core.diagnosis.KnowledgeBase;
import yellowtally.core.diagnosis.KnownFact;
import yellowtally.core.diagnosis.PointsAt;
import yellowtally.core.diagnosis.SawTrait;
import yellowtally.core.diagnosis.Signal;
import yellowtally.core.stages.Stage;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.stores.StockKind;

/** Reads what is known of faults from its files; whether it makes sense is checked by {@code KnowledgeFaults}. */
final class KnowledgeReader {

    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    private KnowledgeReader() {}

    /** The file cannot be read; the message says where, in words of the file. */
    static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1L;

        Unreadable(String message, Throwable cause) {
            super(message, cause);
        }
    }

    private record ComplaintLine(
            @Nullable String title,
            @Nullable Boolean hold,
            @Nullable Step proof,
            @JsonProperty("for") @Nullable Set<SawTrait> needs,
            Map<String, Double> causes,
            @Nullable List<String> first,
            @JsonProperty("rules-out") @Nullable Set<String> rulesOut,
            @Nullable Stage open,
            @Nullable Set<String> together,
            @Nullable List<String> words) {}

    private record CauseLine(
            String title,
            @Nullable List<Step> steps,
            @Nullable Step proof,
            @Nullable Set<StockKind> parts,
            @Nullable Boolean hold,
            @Nullable Boolean leak,
            @Nullable Boolean mechanic,
            @JsonProperty("for") @Nullable Set<SawTrait> needs,
            @Nullable Map<Signal, Double> raised,
            @Nullable Set<String> seen) {}

    private record CheckLine(
            String title,
            String how,
            @Nullable String caution,
            Stage stage,
            @Nullable PointsAt part,
            double minutes,
            @JsonProperty("for") @Nullable Set<SawTrait> needs,
            Map<String, Check.Answer> answers,
            Map<String, Double> usually,
            @Nullable Map<String, Map<String, Double>> when,
            @Nullable BenchLine bench,
            @Nullable Boolean runs,
            @JsonProperty("full-tank") @Nullable Boolean fullTank,
            @JsonProperty("of") @Nullable Set<String> complaints,
            @Nullable Set<Signal> replaces,
            @Nullable Map<KnownFact, String> known) {}

    private record BenchLine(
            Step step,
            @Nullable String fine,
            @Nullable Map<Finding, String> found,
            @Nullable Set<Step> until) {}

    /** What ships with the application. */
    static KnowledgeBase shipped() {
        try {
            return new KnowledgeBase(
                    entries(
                            "complaints.yaml",
                            resource("complaints.yaml"),
                            ComplaintLine.class,
                            (code, line) -> complaint(code, line, null)),
                    entries("causes.yaml", resource("causes.yaml"), CauseLine.class, KnowledgeReader::cause),
                    entries("checks.yaml", resource("checks.yaml"), CheckLine.class, KnowledgeReader::check));
        } catch (Unreadable e) {
            throw new IllegalStateException(e);
        }
    }

    /**
     * An officer's own files in a folder, of the same names and the same form; an absent one adds nothing.
     *
     * @param shipped what it adds to: a complaint known there gets the causes that are named, and keeps all else that is not
     */
    static KnowledgeBase own(Path folder, KnowledgeBase shipped) throws Unreadable {
        return new KnowledgeBase(
                entries(
                        "complaints.yaml",
                        file(folder, "complaints.yaml"),
                        ComplaintLine.class,
                        (code, line) ->
                                complaint(code, line, shipped.complaints().get(code))),
                entries("causes.yaml", file(folder, "causes.yaml"), CauseLine.class, KnowledgeReader::cause),
                entries("checks.yaml", file(folder, "checks.yaml"), CheckLine.class, KnowledgeReader::check));
    }

    private static Map<?, ?> resource(String name) throws Unreadable {
        InputStream stream = Objects.requireNonNull(KnowledgeBase.class.getResourceAsStream(name), name);
        try (Reader reader = new InputStreamReader(stream, StandardCharsets.UTF_8)) {
            return yaml(name, reader);
        } catch (IOException e) {
            throw new Unreadable(name, e);
        }
    }

    private static Map<?, ?> file(Path folder, String name) throws Unreadable {
        Path file = folder.resolve(name);
        if (!Files.exists(file)) {
            return Map.of();
        }
        try (Reader reader = Files.newBufferedReader(file)) {
            return yaml(name, reader);
        } catch (IOException e) {
            throw new Unreadable(name + " cannot be read.", e);
        }
    }

    private static Map<?, ?> yaml(String name, Reader reader) throws Unreadable {
        LoaderOptions options = new LoaderOptions();
        options.setAllowDuplicateKeys(false);
        try {
            Object read = new Yaml(new SafeConstructor(options)).load(reader);
            if (read == null) {
                return Map.of();
            }
            if (read instanceof Map<?, ?> entries) {
                return entries;
            }
            throw new Unreadable(name + " is not a list of entries.", new IllegalArgumentException(name));
        } catch (YAMLException e) {
            throw new Unreadable(name + ": " + e.getMessage(), e);
        }
    }

    private static <L, T> Map<String, T> entries(
            String file, Map<?, ?> read, Class<L> line, BiFunction<String, L, T> made) throws Unreadable {
        Map<String, T> entries = new LinkedHashMap<>();
        for (Map.Entry<?, ?> entry : read.entrySet()) {
            String code = String.valueOf(entry.getKey());
            try {
                entries.put(code, made.apply(code, JSON.convertValue(entry.getValue(), line)));
            } catch (JacksonException | IllegalArgumentException | NullPointerException e) {
                throw new Unreadable(file + ", " + code + ": " + firstLine(e), e);
            }
        }
        return entries;
    }

    private static String firstLine(RuntimeException e) {
        return String.valueOf(e.getMessage()).lines().findFirst().orElse("");
    }

    private static Complaint complaint(String code, ComplaintLine line, @Nullable Complaint known) {
        Map<String, Double> causes = new LinkedHashMap<>(known == null ? Map.of() : known.causes());
        causes.putAll(needed(line.causes(), "causes"));
        return new Complaint(
                code,
                line.title() == null && known != null ? known.title() : needed(line.title(), "title"),
                (line.hold() == null && known != null) ? known.holds() : is(line.hold()),
                line.proof() == null && known != null ? known.proof() : needed(line.proof(), "proof"),
                line.needs() == null && known != null ? known.needs() : set(line.needs()),
                causes,
                order(line, known == null ? Complaint.Order.ANY : known.order()),
                line.words() != null ? line.words() : known == null ? List.of() : known.words());
    }

    private static Complaint.Order order(ComplaintLine line, Complaint.Order known) {
        return new Complaint.Order(
                line.first() == null ? known.first() : line.first(),
                line.rulesOut() == null ? known.rulesOut() : line.rulesOut(),
                line.together() == null ? known.together() : line.together(),
                line.open() == null ? known.open() : line.open());
    }

    private static Cause cause(String code, CauseLine line) {
        return new Cause(
                code,
                needed(line.title(), "title"),
                line.steps() == null ? List.of() : line.steps(),
                line.proof(),
                set(line.parts()),
                is(line.hold()),
                is(line.leak()),
                is(line.mechanic()),
                set(line.needs()),
                line.raised() == null ? Map.of() : line.raised(),
                set(line.seen()));
    }

    private static Check check(String code, CheckLine line) {
        return new Check(
                code,
                needed(line.title(), "title"),
                needed(line.how(), "how"),
                line.caution(),
                needed(line.stage(), "stage"),
                line.part(),
                line.minutes(),
                set(line.needs()),
                needed(line.answers(), "answers"),
                needed(line.usually(), "usually"),
                line.when() == null ? Map.of() : line.when(),
                line.bench() == null ? null : bench(line.bench()),
                new Check.Terms(
                        is(line.runs()),
                        is(line.fullTank()),
                        set(line.complaints()),
                        set(line.replaces()),
                        line.known() == null ? Map.of() : line.known()));
    }

    private static BenchAnswer bench(BenchLine line) {
        return new BenchAnswer(
                needed(line.step(), "bench step"),
                line.fine(),
                line.found() == null ? Map.of() : line.found(),
                set(line.until()));
    }

    private static <T> T needed(@Nullable T value, String name) {
        if (value == null) {
            throw new IllegalArgumentException(name + " is missing");
        }
        return value;
    }

    private static boolean is(@Nullable Boolean given) {
        return given != null && given;
    }

    private static <T> Set<T> set(@Nullable Set<T> given) {
        return given == null ? Set.of() : given;
    }
}
