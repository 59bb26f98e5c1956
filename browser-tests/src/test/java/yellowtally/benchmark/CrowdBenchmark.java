package yellowtally.benchmark;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import yellowtally.browser.Application;
import yellowtally.stress.Crowd;

/** {@code ./benchmark --crowd [SECONDS]}: many people at once, far too many, and twenty thousand writes; from another process. */
final class CrowdBenchmark {

    private static final int PEOPLE = 50;
    private static final int PARTS = 3;
    private static final int FAR_TOO_MANY = 500;
    private static final int WRITES = 20_000;
    private static final int WRITERS = 8;

    private final Report report = new Report();
    private double sizeAfterWrites;

    private CrowdBenchmark() {}

    public static void main(String[] args) throws IOException, SQLException, InterruptedException {
        long began = System.nanoTime();
        Duration time = Duration.ofSeconds(args.length > 0 ? Long.parseLong(args[0]) : 60);
        Path data = Files.createTempDirectory("yellow-tally-crowd");
        Application.start(data).close();
        long records = LargeFleet.write(data, 1);
        // As the application leaves its file: what comes after is its own.
        tidy(data);
        CrowdBenchmark benchmark = new CrowdBenchmark();
        benchmark.report.note("A fleet of %d saws with %,d records".formatted(LargeFleet.SAWS, records));
        try (Application application = Application.start(data)) {
            benchmark.crowd(application, time);
            benchmark.farTooMany(application);
            benchmark.writes(application, data);
        }
        benchmark.sizeAfterTheEnd(data);
        System.exit(benchmark.report.end((System.nanoTime() - began) / 1e9) ? 0 : 1);
    }

    /** In three parts, so that what grows shows. */
    private void crowd(Application application, Duration time) {
        Crowd crowd = new Crowd(application.address());
        crowd.gather(PEOPLE, Duration.ofSeconds(10));
        List<Crowd.Went> parts = new ArrayList<>();
        double[] memory = new double[PARTS];
        double[] slow = report.timed("50 people at once, 95 of 100 answered within", PARTS, 300, "ms", () -> {
            Crowd.Went went = crowd.gather(PEOPLE, time.dividedBy(PARTS));
            memory[parts.size()] = application.residentMb();
            parts.add(went);
            report.note("  %,d requests in %d s, half within %.0f ms, 95 of 100 of each kind: %s; answers %s"
                    .formatted(
                            went.requests(),
                            time.dividedBy(PARTS).toSeconds(),
                            went.p50(),
                            went.slow(),
                            went.answers()));
            return went.p95();
        });
        double slowest = 0;
        double longest = 0;
        for (int i = 0; i < PARTS; i++) {
            slowest = Math.max(slowest, parts.get(i).p95() / slow[i]);
            longest = Math.max(longest, parts.get(i).worst() / slow[i]);
        }
        report.exact("  in the slowest part, by the clock of the nominal machine", slowest, 300, "ms");
        report.exact("  the longest, by the clock of the nominal machine", longest, 2_000, "ms");
        report.exact(
                "  refused or failed",
                parts.stream().mapToInt(part -> failed(part.answers(), 300)).sum(),
                0,
                "");
        report.exact(
                "  acknowledged and not there",
                parts.stream().mapToLong(part -> crowd.lost(part.written())).sum(),
                0,
                "");
        report.exact("  memory at the end beside the first part", 100 * memory[PARTS - 1] / memory[0], 110, "%");
    }

    private void farTooMany(Application application) {
        Crowd crowd = new Crowd(application.address());
        Crowd.Went went = crowd.gather(FAR_TOO_MANY, Duration.ofSeconds(20));
        report.note("%d people for 20 s: %,d requests, answers %s, 95 of 100 within %.0f ms, longest %.0f ms"
                .formatted(FAR_TOO_MANY, went.requests(), went.answers(), went.p95(), went.worst()));
        int full = went.answers().getOrDefault(503, 0);
        report.exact("  failed otherwise than for want of room", failed(went.answers(), 300) - full, 0, "");
        report.exact("  of those without a time to come again", went.impolite(), 0, "");
        report.exact("  acknowledged and not there", crowd.lost(went.written()), 0, "");
        long began = System.nanoTime();
        application.get("/api/board");
        report.exact("  the board right after", (System.nanoTime() - began) / 1e6, 1_000, "ms");
    }

    private static int failed(Map<Integer, Integer> answers, int from) {
        return answers.entrySet().stream()
                .filter(entry -> entry.getKey() == 0 || entry.getKey() >= from)
                .mapToInt(Map.Entry::getValue)
                .sum();
    }

    private void writes(Application application, Path data) throws IOException, InterruptedException {
        AtomicInteger next = new AtomicInteger();
        ExecutorService hands = Executors.newFixedThreadPool(WRITERS);
        long began = System.nanoTime();
        for (int hand = 0; hand < WRITERS; hand++) {
            hands.execute(() -> {
                for (int i = next.getAndIncrement(); i < WRITES; i = next.getAndIncrement()) {
                    application.send(
                            "POST",
                            "/api/saws/L" + i % LargeFleet.SAWS + "/records",
                            "{\"id\":\"%s\",\"step\":\"OUTSIDE_LOOK\",\"input\":{\"said\":\"FINE\"}}"
                                    .formatted(UUID.randomUUID()));
                }
            });
        }
        hands.shutdown();
        boolean done = hands.awaitTermination(30, TimeUnit.MINUTES);
        sizeAfterWrites = file(data);
        report.note("%,d writes%s: %.0f s, file %.1f MB"
                .formatted(WRITES, done ? "" : " not done", (System.nanoTime() - began) / 1e9, sizeAfterWrites));
    }

    /** What the file is after a restart, and what it is when it is written anew once more. */
    private void sizeAfterTheEnd(Path data) throws IOException, SQLException {
        double after = file(data);
        tidy(data);
        double compact = file(data);
        report.exact(
                "  file beside its compacted size, %.1f MB".formatted(compact), sizeAfterWrites / compact, 4, "times");
        report.exact("  after a restart", after / compact, 1.5, "times");
    }

    private static void tidy(Path data) throws SQLException {
        try (Connection db = DriverManager.getConnection("jdbc:h2:file:" + data.resolve("yellow-tally"), "sa", "");
                Statement statement = db.createStatement()) {
            statement.execute("shutdown compact");
        } catch (SQLException closed) {
            // It closes its own connection.
        }
    }

    private static double file(Path data) throws IOException {
        return Files.size(data.resolve("yellow-tally.mv.db")) / 1e6;
    }
}
