package yellowtally.stress;

import com.google.gson.JsonParser;
import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import yellowtally.Session;

/** Many people at once: each looks at the board, at a saw, at the log, writes a record down, with a breath between. */
public final class Crowd {

    private static final Duration BREATH = Duration.ofMillis(250);
    private static final int ONE_WRITES_IN = 5;

    private final Session session;
    private final List<String> tags;
    private final HttpClient client = HttpClient.newBuilder()
            .connectTimeout(Duration.ofSeconds(20))
            .version(HttpClient.Version.HTTP_1_1)
            .build();
    private final Pages pages;

    /** What people do. */
    private enum Kind {
        WRITE,
        BOARD,
        SAW,
        LOG
    }

    /** One request: how long it took, and what came of it; status 0 where nothing did. */
    private record Asked(Kind kind, double millis, int status, boolean politely) {}

    /**
     * How it went.
     *
     * @param slow within which time 95 of 100 of each kind were answered, for the report
     * @param answers how many of each status; 0 where nothing came
     * @param impolite refusals for want of room without a time to come again
     * @param written ids of the writes that were acknowledged
     */
    public record Went(
            int requests,
            double p50,
            double p95,
            double worst,
            String slow,
            Map<Integer, Integer> answers,
            int impolite,
            List<String> written) {}

    public Crowd(String root) {
        this.session = Session.officer(root);
        this.pages = new Pages(client, session);
        this.tags = new ArrayList<>();
        JsonParser.parseString(pages.get("/api/board"))
                .getAsJsonObject()
                .getAsJsonArray("rails")
                .forEach(rail -> rail.getAsJsonObject()
                        .getAsJsonArray("plates")
                        .forEach(plate ->
                                tags.add(plate.getAsJsonObject().get("tag").getAsString())));
    }

    /** So many people for so long. */
    public Went gather(int people, Duration time) {
        Queue<Asked> asked = new ConcurrentLinkedQueue<>();
        Queue<String> written = new ConcurrentLinkedQueue<>();
        long end = System.nanoTime() + time.toNanos();
        ExecutorService hands = Executors.newFixedThreadPool(people);
        for (int i = 0; i < people; i++) {
            Random luck = new Random(i);
            hands.execute(() -> {
                while (System.nanoTime() < end) {
                    asked.add(one(luck, written));
                    breathe();
                }
            });
        }
        hands.shutdown();
        try {
            hands.awaitTermination(time.toSeconds() + 60, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        return went(List.copyOf(asked), List.copyOf(written));
    }

    private static void breathe() {
        try {
            TimeUnit.MILLISECONDS.sleep(BREATH.toMillis());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private Asked one(Random luck, Queue<String> written) {
        String tag = tags.get(luck.nextInt(tags.size()));
        String id = UUID.randomUUID().toString();
        Kind kind = luck.nextInt(ONE_WRITES_IN) == 0 ? Kind.WRITE : Kind.values()[1 + luck.nextInt(3)];
        HttpRequest.Builder request = switch (kind) {
            case WRITE ->
                session.request("/api/saws/" + tag + "/records")
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(
                                "{\"id\":\"%s\",\"step\":\"OIL_CARD\",\"input\":{\"said\":\"FINE\"}}".formatted(id)));
            case BOARD -> session.request("/api/board");
            case SAW ->
                session.request("/api/saws/" + tag
                        + List.of("", "/schedule", "/tension", "/wear").get(luck.nextInt(4)));
            case LOG -> session.request("/api/log");
        };
        request.timeout(Duration.ofSeconds(60));
        long began = System.nanoTime();
        int status = 0;
        boolean politely = true;
        try {
            HttpResponse<Void> answer = client.send(request.build(), HttpResponse.BodyHandlers.discarding());
            status = answer.statusCode();
            politely = answer.headers().firstValue("Retry-After").isPresent();
        } catch (IOException e) {
            // Nothing came: counted as status 0.
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        if (kind == Kind.WRITE && status < 300 && status > 0) {
            written.add(id);
        }
        return new Asked(kind, (System.nanoTime() - began) / 1e6, status, politely);
    }

    private static Went went(List<Asked> asked, List<String> written) {
        double[] millis = asked.stream().mapToDouble(Asked::millis).sorted().toArray();
        Map<Integer, Integer> answers = new TreeMap<>();
        asked.forEach(one -> answers.merge(one.status(), 1, Integer::sum));
        int impolite = (int) asked.stream()
                .filter(one -> one.status() == 503 && !one.politely())
                .count();
        String slow = Arrays.stream(Kind.values())
                .map(kind -> "%s %.0f"
                        .formatted(
                                kind.name().toLowerCase(Locale.ROOT),
                                share(
                                        asked.stream()
                                                .filter(one -> one.kind() == kind)
                                                .mapToDouble(Asked::millis)
                                                .sorted()
                                                .toArray(),
                                        95)))
                .collect(Collectors.joining(", "));
        return new Went(
                millis.length,
                share(millis, 50),
                share(millis, 95),
                Arrays.stream(millis).max().orElse(0),
                slow,
                answers,
                impolite,
                written);
    }

    /** Within which of these so many of a hundred are. */
    private static double share(double[] sorted, int ofHundred) {
        return sorted.length == 0 ? 0 : sorted[sorted.length * ofHundred / 100];
    }

    /** How many of these writes the application does not know. */
    public long lost(List<String> written) {
        return written.stream()
                .filter(id -> !pages.get("/api/writes/" + id).contains("true"))
                .count();
    }
}
