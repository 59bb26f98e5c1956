package yellowtally.stress;

import com.google.gson.Gson;
import com.google.gson.GsonBuilder;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import yellowtally.Session;

/**
 * Asks every address of the application for thousands of things by its own description, from a seed: whatever is sent, the answer is
 * JSON, never a failure of the server, and a refusal has a sentence and does not tell back what was sent.
 */
public final class Fuzz {

    private static final Gson JSON =
            new GsonBuilder().serializeNulls().disableHtmlEscaping().create();
    private static final int LONGEST_SENTENCE = 400;
    private static final List<String> NO_JSON = List.of(
            "*/*",
            "text/plain",
            "application/yaml",
            "application/x-www-form-urlencoded",
            "multipart/form-data",
            "json");

    private final HttpClient client = HttpClient.newHttpClient();
    private final Session session;
    private final Pages pages;
    private final JsonObject description;
    private final Nonsense.Known known;
    private final List<Ask> asks = new ArrayList<>();

    /** One operation of the description. */
    private record Ask(String method, String path, JsonObject operation) {}

    /** What was sent and what was wrong with the answer. */
    public record Wrong(int round, String sent, String why) {}

    /** How it went: how many were taken, how many refused, and all that was wrong. */
    public record Result(int taken, int refused, List<Wrong> wrong) {}

    public Fuzz(String root) {
        this.session = Session.officer(root);
        this.pages = new Pages(client, session);
        this.description = JsonParser.parseString(pages.get("/api/openapi")).getAsJsonObject();
        this.known = known();
        for (Map.Entry<String, JsonElement> path :
                description.getAsJsonObject("paths").entrySet()) {
            for (Map.Entry<String, JsonElement> operation :
                    path.getValue().getAsJsonObject().entrySet()) {
                if (!isLeftOut(path.getKey())) {
                    asks.add(new Ask(
                            operation.getKey().toUpperCase(Locale.ROOT),
                            path.getKey(),
                            operation.getValue().getAsJsonObject()));
                }
            }
        }
    }

    /** The stream never ends, all records take long and ask for nothing; the others sign out whoever asks. */
    private static boolean isLeftOut(String path) {
        return path.endsWith("/stream")
                || path.equals("/api/fleet-file")
                || path.startsWith("/api/sheets.")
                || path.equals("/api/sign-out")
                || path.startsWith("/api/people/{id}")
                || path.startsWith("/api/devices/{id}");
    }

    private Nonsense.Known known() {
        List<String> tags = new ArrayList<>();
        JsonObject board = JsonParser.parseString(pages.get("/api/board")).getAsJsonObject();
        board.getAsJsonArray("rails")
                .forEach(rail -> rail.getAsJsonObject()
                        .getAsJsonArray("plates")
                        .forEach(plate ->
                                tags.add(plate.getAsJsonObject().get("tag").getAsString())));
        return new Nonsense.Known(
                all("/api/people", "id"),
                tags,
                all("/api/stores", "id"),
                all("/api/crews", "id"),
                all("/api/settings", "key"));
    }

    /** Ids of everything that has one: what is on the shelf, what was written down, what went out, what is wrong. */
    private List<String> ids() {
        List<String> ids = all("/api/stores", "id");
        for (String name : List.of("recordId", "visitId", "outingId", "holdId", "faultId")) {
            ids.addAll(all("/api/log", name).stream().distinct().limit(20).toList());
        }
        ids.addAll(all("/api/faults", "id"));
        ids.addAll(all("/api/outings/open", "outingId"));
        return ids;
    }

    /** All values of a name in an answer, wherever they stand. */
    private List<String> all(String path, String name) {
        List<String> found = new ArrayList<>();
        collect(JsonParser.parseString(pages.get(path)), name, found);
        return found;
    }

    private static void collect(JsonElement in, String name, List<String> found) {
        if (in.isJsonArray()) {
            in.getAsJsonArray().forEach(item -> collect(item, name, found));
        } else if (in.isJsonObject()) {
            in.getAsJsonObject().entrySet().forEach(entry -> {
                if (entry.getKey().equals(name) && entry.getValue().isJsonPrimitive()) {
                    found.add(entry.getValue().getAsString());
                }
                collect(entry.getValue(), name, found);
            });
        }
    }

    /** Asks so many times; round for round the same from the same seed, but for the ids. */
    public Result run(int rounds, long seed) {
        AtomicInteger taken = new AtomicInteger();
        AtomicInteger refused = new AtomicInteger();
        List<Wrong> wrong = new ArrayList<>();
        for (int round = 0; round < rounds; round++) {
            Random luck = new Random(seed * 1_000_003 + round);
            Ask ask = asks.get(round % asks.size());
            String body = body(ask, luck);
            HttpRequest request = request(ask, luck, body);
            String why = judge(request, body, taken, refused);
            if (!why.isEmpty()) {
                wrong.add(new Wrong(round, request.method() + " " + request.uri() + " " + shortened(body), why));
            }
        }
        return new Result(taken.get(), refused.get(), wrong);
    }

    private String judge(HttpRequest request, String body, AtomicInteger taken, AtomicInteger refused) {
        HttpResponse<String> answer;
        try {
            answer = client.send(request, HttpResponse.BodyHandlers.ofString());
        } catch (IOException e) {
            return "no answer: " + e;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new AssertionError(e);
        }
        if (answer.statusCode() < 300) {
            taken.incrementAndGet();
            learn(body);
            return answer.body().startsWith("<") ? "HTML" : "";
        }
        refused.incrementAndGet();
        if (answer.statusCode() >= 500) {
            return answer.statusCode() + " " + shortened(answer.body());
        }
        return sentence(answer.body());
    }

    /** What was taken can be named by what follows. */
    private void learn(String body) {
        List<String> ids = new ArrayList<>();
        collect(JsonParser.parseString(body), "id", ids);
        ids.forEach(known::learn);
    }

    private static String sentence(String body) {
        try {
            JsonObject problem = JsonParser.parseString(body).getAsJsonObject();
            String detail = problem.get("detail").getAsString();
            if (detail.isBlank() || detail.length() > LONGEST_SENTENCE) {
                return "no sentence: " + shortened(body);
            }
            if (body.contains("\"code\":\"unfit\"")) {
                return "only the database refused it: " + shortened(body);
            }
            boolean raw = detail.contains("Exception") || detail.chars().anyMatch(Character::isISOControl);
            return raw ? "told back: " + shortened(body) : "";
        } catch (RuntimeException e) {
            return "no problem document: " + shortened(body);
        }
    }

    private String body(Ask ask, Random luck) {
        JsonObject schema = schema(ask);
        if (schema == null) {
            return "{}";
        }
        double nonsense = List.of(0.0, 0.0, 0.05, 0.3).get(luck.nextInt(4));
        JsonElement made = new Nonsense(
                        luck, description.getAsJsonObject("components").getAsJsonObject("schemas"), known, nonsense)
                .value("", schema);
        String text = JSON.toJson(made);
        return switch (luck.nextInt(30)) {
            case 0 -> text.substring(0, text.length() / 2);
            case 1 -> text + text;
            case 2 -> text.replaceFirst("\\{", "{\"id\":\"1\",\"id\":\"2\",");
            case 3 -> text.replaceAll("\"[A-Z][A-Z_]+\"", "0");
            case 4 -> text.replaceAll(":(\\d)", ":1e400,\"x\":$1");
            case 5 -> "[".repeat(3_000);
            default -> text;
        };
    }

    private static JsonObject schema(Ask ask) {
        JsonObject body = ask.operation().getAsJsonObject("requestBody");
        return body == null
                ? null
                : body.getAsJsonObject("content")
                        .getAsJsonObject("application/json")
                        .getAsJsonObject("schema");
    }

    private HttpRequest request(Ask ask, Random luck, String body) {
        Nonsense values = new Nonsense(luck, new JsonObject(), known, 0.1);
        StringBuilder path = new StringBuilder(ask.path());
        StringBuilder query = new StringBuilder();
        if (ask.operation().has("parameters")) {
            for (JsonElement each : ask.operation().getAsJsonArray("parameters")) {
                JsonObject parameter = each.getAsJsonObject();
                String name = parameter.get("name").getAsString();
                JsonObject schema = parameter.getAsJsonObject("schema");
                String value = luck.nextInt(8) == 0 ? values.evil() : values.text(name, schema);
                String encoded = luck.nextInt(60) == 0 ? "%ff%fe" : URLEncoder.encode(value, StandardCharsets.UTF_8);
                int at = path.indexOf("{" + name + "}");
                if (at >= 0) {
                    path.replace(at, at + name.length() + 2, encoded.isEmpty() ? "x" : encoded.replace("+", "%20"));
                } else if (luck.nextInt(3) > 0) {
                    query.append(query.isEmpty() ? "?" : "&")
                            .append(name)
                            .append('=')
                            .append(encoded);
                }
            }
        }
        String method = luck.nextInt(60) == 0
                ? List.of("DELETE", "PATCH", "PUT", "POST").get(luck.nextInt(4))
                : ask.method();
        String type = luck.nextInt(40) == 0 ? NO_JSON.get(luck.nextInt(NO_JSON.size())) : "application/json";
        HttpRequest.Builder request = session.request(path.toString() + query).timeout(Duration.ofSeconds(20));
        return method.equals("GET")
                ? request.GET().build()
                : request.header("Content-Type", type)
                        .method(method, HttpRequest.BodyPublishers.ofString(body))
                        .build();
    }

    private static String shortened(String text) {
        return text.length() > 250 ? text.substring(0, 250) + "…" : text;
    }
}
