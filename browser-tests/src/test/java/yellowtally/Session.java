package yellowtally;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;

/** Somebody signed in to a running application, for tests that talk to it beside a browser. */
public final class Session {

    /** How the first officer of the demo fleet signs in, and with what everybody of it does. */
    public static final String OFFICER = "marsh";

    public static final String PASSWORD = "narrow gauge demo";

    /** Of a fleet without demo data, which is set up when the first session of a test begins. */
    static final String FIRST = "first";

    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    private final String root;
    private final Map<String, String> cookies = new LinkedHashMap<>();

    private Session(String root) {
        this.root = root;
    }

    /** As the first officer: of the demo fleet, or of an empty one that is set up by that, with a crew. */
    public static Session officer(String root) {
        JsonObject state = JsonParser.parseString(
                        new Session(root).send(HttpRequest.newBuilder(URI.create(root + "/api/sign-in"))))
                .getAsJsonObject();
        if (state.get("stage").getAsString().equals("SET_UP")) {
            return setUp(root);
        }
        return of(root, state.getAsJsonArray("demo").isEmpty() ? FIRST : OFFICER);
    }

    private static Session setUp(String root) {
        Session session = new Session(root);
        session.send(session.post("/api/set-up", """
                {"id":"%s","fleet":"Fellside Light Railway","zone":"UTC","lengthUnit":"MM","volumeUnit":"LITRE",
                 "currency":"NONE","officer":"Equipment officer","signInName":"%s","password":"%s"}""".formatted(UUID.randomUUID(), FIRST, PASSWORD)));
        session.send(
                session.post("/api/crews", "{\"id\":\"%s\",\"name\":\"First crew\"}".formatted(UUID.randomUUID())));
        return session;
    }

    /** As somebody by the name to sign in with. */
    public static Session of(String root, String signInName) {
        return of(root, signInName, PASSWORD);
    }

    /** As somebody with a password of their own. */
    public static Session of(String root, String signInName, String password) {
        Session session = new Session(root);
        session.send(session.post(
                "/api/sign-in", "{\"signInName\":\"%s\",\"password\":\"%s\"}".formatted(signInName, password)));
        return session;
    }

    private HttpRequest.Builder post(String path, String json) {
        return request(path).header("Content-Type", "application/json").POST(HttpRequest.BodyPublishers.ofString(json));
    }

    private String send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> answer = CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() >= 400) {
                throw new AssertionError(answer.statusCode() + " " + answer.body());
            }
            answer.headers().allValues("Set-Cookie").stream()
                    .flatMap(line -> HttpCookie.parse(line).stream())
                    .forEach(cookie -> cookies.put(cookie.getName(), cookie.getValue()));
            return answer.body();
        } catch (IOException e) {
            throw new AssertionError(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new AssertionError(e);
        }
    }

    /** A request of whoever is signed in. */
    public HttpRequest.Builder request(String path) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(root + path));
        if (!cookies.isEmpty()) {
            request.header(
                    "Cookie",
                    cookies.entrySet().stream()
                            .map(cookie -> cookie.getKey() + "=" + cookie.getValue())
                            .collect(Collectors.joining("; ")));
        }
        cookies.forEach((name, value) -> {
            if (name.endsWith("-mark")) {
                request.header("X-Mark", value);
            }
        });
        return request;
    }

    /** What a browser has of it. */
    public Map<String, String> cookies() {
        return Map.copyOf(cookies);
    }
}
