package yellowtally.browser;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import yellowtally.Session;

/** The packaged application as a process of its own, with demo data in a scratch folder. */
public final class Application implements AutoCloseable {

    /** The packaged application as {@code ./run} names it, and the way back from it. */
    private static final String JAR = "server/target/app/yellow-tally.jar";

    private static final String HOME = "../../../..";

    /** What {@code ./run} starts the application with. */
    public static final List<String> JVM_OPTIONS =
            List.of("-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC", "-Xmx320m", "-Xshare:auto");

    /** Keeps the records in memory: as the disk does, without waiting for it. */
    static final String IN_MEMORY = "--yellowtally.store=mem:yellow-tally";

    /** A practice copy: its clock can be set ahead. */
    static final String PRACTICE = "--yellowtally.practice=true";

    /** No promise of how fast it starts, which is measured elsewhere: beside other work a slow machine takes minutes. */
    private static final Duration PATIENCE = Duration.ofMinutes(5);

    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    private final Process process;
    private final int port;
    private Session session;

    private Application(Process process, int port) {
        this.process = process;
        this.port = port;
    }

    /** Starts on a free port and waits until it answers; {@code options} are those of the application. */
    public static Application start(Path data, String... options) {
        try {
            int port = freePort();
            // From where it was written: a class archive only knows its jars by the names that they had then.
            Path home = Path.of(System.getProperty("yellowtally.jar"))
                    .toAbsolutePath()
                    .normalize()
                    .resolve(HOME)
                    .normalize();
            Path archive = home.resolve(JAR).resolveSibling("classes.jsa");
            List<String> command = new ArrayList<>();
            command.add(java());
            command.addAll(JVM_OPTIONS);
            if (Files.exists(archive)) {
                command.add("-XX:SharedArchiveFile=" + archive);
            }
            command.addAll(
                    List.of("-jar", JAR, "--server.port=" + port, "--yellowtally.data=" + data.toAbsolutePath()));
            command.addAll(List.of(options));
            Process process = new ProcessBuilder(command)
                    .directory(home.toFile())
                    .redirectErrorStream(true)
                    .redirectOutput(data.resolve("application.log").toFile())
                    .start();
            Application application = new Application(process, port);
            application.awaitAnswer(data.resolve("application.log"));
            return application;
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    /** The Java that runs the tests. */
    public static String java() {
        return ProcessHandle.current().info().command().orElse("java");
    }

    public String address() {
        return "http://127.0.0.1:" + port;
    }

    /** Resident memory of the process in MB, as the kernel counts it. */
    public double residentMb() {
        try {
            for (String line : Files.readAllLines(Path.of("/proc", Long.toString(process.pid()), "status"))) {
                if (line.startsWith("VmRSS:")) {
                    return Double.parseDouble(line.replaceAll("\\D", "")) / 1024;
                }
            }
            throw new AssertionError("no VmRSS");
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    /** Its first officer, signed in; an empty fleet is set up by that. */
    public synchronized Session session() {
        if (session == null) {
            session = Session.officer(address());
        }
        return session;
    }

    /** Somebody with a password of their own, from now on for what is asked here. */
    synchronized void signInAs(String signInName, String password) {
        session = Session.of(address(), signInName, password);
    }

    /** Body of a GET. */
    public String get(String path) {
        return send(session().request(path).GET());
    }

    /** Takes a file that nobody keeps, as it comes; the seconds that it took. */
    public double download(String path) {
        long began = System.nanoTime();
        HttpRequest request = session().request(path).GET().build();
        try (InputStream file =
                CLIENT.send(request, HttpResponse.BodyHandlers.ofInputStream()).body()) {
            file.transferTo(OutputStream.nullOutputStream());
        } catch (IOException e) {
            throw new AssertionError(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new AssertionError(e);
        }
        return (System.nanoTime() - began) / 1e9;
    }

    /** Body of a write with JSON. */
    public String send(String method, String path, String json) {
        return send(session()
                .request(path)
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(json)));
    }

    /** Body of what is answered to a whole file. */
    public String upload(String path, byte[] file) {
        return send(session()
                .request(path)
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(file)));
    }

    /** Sends a write that must be refused. */
    public void sendRefused(String path, String json) {
        try {
            send("POST", path, json);
        } catch (AssertionError refused) {
            return;
        }
        throw new AssertionError("taken: " + json);
    }

    /** Sets the clock of a practice copy so far ahead of the machine's. */
    void setClockAhead(Duration ahead) {
        send("PUT", "/api/practice/clock", "{\"ahead\":\"%s\"}".formatted(ahead));
    }

    /** Ends the process without a chance to tidy up, as {@code kill -9} does. */
    public void kill() {
        process.destroyForcibly();
        awaitEnd();
    }

    @Override
    public void close() {
        process.destroy();
        awaitEnd();
    }

    /** Asks the process to end, as {@code kill} and Ctrl-C do; whether it has ended within a time. */
    boolean endsWithin(Duration time) {
        process.destroy();
        return awaitEnd(time);
    }

    private void awaitEnd() {
        awaitEnd(Duration.ofSeconds(30));
    }

    private boolean awaitEnd(Duration time) {
        try {
            return process.waitFor(time.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new AssertionError(e);
        }
    }

    private void awaitAnswer(Path log) throws IOException {
        long deadline = System.nanoTime() + PATIENCE.toNanos();
        while (System.nanoTime() < deadline && process.isAlive()) {
            try {
                send(HttpRequest.newBuilder(URI.create(address() + "/api/sign-in")));
                return;
            } catch (AssertionError notYet) {
                // Asked again below.
            }
            try {
                // Not a wait for a time, only a pause between questions.
                process.waitFor(100, TimeUnit.MILLISECONDS);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }
        process.destroyForcibly();
        throw new AssertionError("The application did not start:\n" + Files.readString(log));
    }

    private static String send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
            if (response.statusCode() >= 400) {
                throw new AssertionError(response.statusCode() + " " + response.body());
            }
            return response.body();
        } catch (IOException e) {
            throw new AssertionError(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new AssertionError(e);
        }
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
