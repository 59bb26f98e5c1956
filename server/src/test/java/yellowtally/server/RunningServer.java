package yellowtally.server;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Starts the application once for all tests, on a free port, with demo data in memory, and talks HTTP to it. Test classes run
 * side by side against it: each writes on saws of its own, and what changes the whole fleet takes {@link #FLEET_SETTINGS}.
 */
public final class RunningServer implements ParameterResolver {

    /** Lock of JUnit for tests that change settings of the whole fleet, and for those that read what these settings move. */
    public static final String FLEET_SETTINGS = "settings of the fleet";

    /** Lock of JUnit for tests that take all records out: that is done by one at a time. */
    public static final String ALL_RECORDS = "all records";

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static Api api;
    private static ConfigurableApplicationContext running;

    /** An answer: status and body. */
    public record Answer(int status, JsonNode body, HttpResponse<String> raw) {

        /** The sentence at a field of a refusal; empty when there is none. */
        public String sentenceAt(String field) {
            for (JsonNode problem : body.path("problems")) {
                if (problem.path("field").asString().equals(field)) {
                    return problem.path("sentence").asString();
                }
            }
            return "";
        }
    }

    /** Talks to the running application. */
    public static final class Api {
        private final Signed signed;
        private final String root;
        private final Map<String, String> people = new ConcurrentHashMap<>();
        private final Map<String, Api> others = new ConcurrentHashMap<>();

        /** Signed in as the first officer of the demo fleet. */
        Api(int port) {
            this("http://127.0.0.1:" + port, Signed.OFFICER);
        }

        private Api(String root, String signInName) {
            this(root, Signed.in(root, signInName, Signed.PASSWORD));
        }

        /** The same application for somebody with a password of their own. */
        Api(String root, String signInName, String password) {
            this(root, Signed.in(root, signInName, password));
        }

        /** The same application for whoever has these cookies. */
        Api(String root, Signed signed) {
            this.root = root;
            this.signed = signed;
        }

        /** The same application for somebody else, by the id of the person. */
        public Api by(String person) {
            return person.equals(officer()) ? this : others.computeIfAbsent(person, id -> as(signInName(id)));
        }

        /** The same by the name that somebody of the demo fleet signs in with. */
        public Api as(String signInName) {
            return new Api(root, signInName);
        }

        private String signInName(String person) {
            for (JsonNode one : get("/api/people/access").body()) {
                if (one.path("personId").asString().equals(person)) {
                    return one.path("signInName").asString();
                }
            }
            throw new AssertionError("nobody " + person);
        }

        /** Where it listens. */
        String root() {
            return root;
        }

        public Answer get(String path) {
            return send(HttpRequest.newBuilder(URI.create(root + path)).GET());
        }

        public Answer post(String path, String json) {
            return send(withBody(path).POST(HttpRequest.BodyPublishers.ofString(json)));
        }

        public Answer put(String path, String json) {
            return send(withBody(path).PUT(HttpRequest.BodyPublishers.ofString(json)));
        }

        /** An officer of the demo fleet. */
        public String officer() {
            return people.computeIfAbsent(Signed.OFFICER, this::person);
        }

        public String operator() {
            return people.computeIfAbsent(Signed.OPERATOR, this::person);
        }

        /** The row of a saw in the board's rails. */
        public JsonNode plate(String tag) {
            for (JsonNode rail : get("/api/board").body().path("rails")) {
                for (JsonNode plate : rail.path("plates")) {
                    if (plate.path("tag").asString().equals(tag)) {
                        return plate;
                    }
                }
            }
            throw new AssertionError("no plate " + tag);
        }

        private String person(String signInName) {
            for (JsonNode one : get("/api/people/access").body()) {
                if (one.path("signInName").asString().equals(signInName)) {
                    return one.path("personId").asString();
                }
            }
            throw new AssertionError("no " + signInName);
        }

        private HttpRequest.Builder withBody(String path) {
            return HttpRequest.newBuilder(URI.create(root + path)).header("Content-Type", "application/json");
        }

        private Answer send(HttpRequest.Builder request) {
            HttpResponse<String> raw = signed.send(request);
            JsonNode body = raw.body().startsWith("{") || raw.body().startsWith("[")
                    ? JSON.readTree(raw.body())
                    : JSON.createObjectNode();
            return new Answer(raw.statusCode(), body, raw);
        }

        /** Who talks. */
        Signed signed() {
            return signed;
        }
    }

    /** A fresh id, as a client makes it. */
    public static String id() {
        return UUID.randomUUID().toString();
    }

    /** A service of the running application, for what cannot be asked over HTTP. */
    public static <T> T bean(Class<T> type) {
        started();
        return running.getBean(type);
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        return parameter.getParameter().getType() == Api.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        return started();
    }

    private static synchronized Api started() {
        if (api == null) {
            try {
                Path data = Files.createTempDirectory("yellow-tally-test");
                running = Applications.start(
                        "--server.port=0",
                        "--yellowtally.data=" + data,
                        "--spring.jpa.properties.hibernate.session_factory.statement_inspector="
                                + StatementsOfRequests.class.getName(),
                        // What the disk keeps is proved elsewhere, on a disk.
                        "--yellowtally.store=mem:tests",
                        "--yellowtally.body-within=4s");
                api = new Api(
                        ((WebServerApplicationContext) running).getWebServer().getPort());
            } catch (IOException e) {
                throw new AssertionError(e);
            }
        }
        return api;
    }
}
