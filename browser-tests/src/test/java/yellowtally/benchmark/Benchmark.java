package yellowtally.benchmark;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.UUID;
import yellowtally.browser.Application;
import yellowtally.browser.Screens;

/** Prints the figures of speed and size, each beside its limit, with the machine named. */
public final class Benchmark {

    private static final int WARM_UP = 200;
    private static final int ROUNDS = 500;
    private static final int BOARD_ROUNDS = 60;

    private static boolean allKept = true;

    private Benchmark() {}

    public static void main(String[] args) throws IOException, SQLException {
        System.out.println("Machine: " + machine());
        Path data = Files.createTempDirectory("yellow-tally-benchmark");
        startAndMemory(data);
        preview(data);
        firstPage(data);
        board(data);
        System.out.println(allKept ? "Every limit kept." : "Some limit was not kept.");
        System.exit(allKept ? 0 : 1);
    }

    private static void startAndMemory(Path data) throws IOException {
        Application.start(data).close();
        double[] seconds = new double[3];
        double memory = 0;
        for (int i = 0; i < seconds.length; i++) {
            long start = System.nanoTime();
            try (Application application = Application.start(data)) {
                seconds[i] = (System.nanoTime() - start) / 1e9;
                memory = Math.max(memory, application.residentMb());
            }
        }
        limit("Start to first answered request, median of 3", median(seconds), 8, "s");
        limit("Resident memory after start, most of 3", memory, 400, "MB");
    }

    private static void preview(Path data) {
        String question = """
                {"work":"FELLING","reading":{"method":"TANG_LINE","value":"%d.5",
                 "met":["NUTS_SLACK","BRAKE_OFF","NOSE_UP","COLD","OILED","PULLED_ROUND"],"movement":"ONE_FINGER",
                 "tipsClearWithoutPull":false,"tightSpot":false,"turnsBefore":0}}""";
        try (Application application = Application.start(data)) {
            double[] millis = timed(
                    ROUNDS,
                    i -> {},
                    i -> application.send(
                            "POST", "/api/saws/06/tension/preview", question.formatted(1 + Math.floorMod(i, 15))));
            limit("Preview over HTTP, p95 of " + ROUNDS, percentile(millis, 95), 20, "ms");
        }
    }

    private static void firstPage(Path data) {
        try (Application application = Application.start(data);
                Playwright playwright = Playwright.create();
                Browser browser = Screens.launch(playwright)) {
            Page page = browser.newPage();
            page.navigate(application.address());
            page.getByText("Work waiting").waitFor();
            page.waitForLoadState(LoadState.NETWORKIDLE);
            Object bytes = page.evaluate("[...performance.getEntriesByType('navigation'),"
                    + " ...performance.getEntriesByType('resource')].reduce((sum, e) => sum + e.transferSize, 0)");
            limit("Download of the first page, compressed", ((Number) bytes).doubleValue() / 1000, 300, "kB");
        }
    }

    private static void board(Path data) throws IOException, SQLException {
        long records = LargeFleet.write(data);
        LargeFleet.Bare bare = LargeFleet.readBarely(data, WARM_UP, false);
        LargeFleet.Bare reused = LargeFleet.readBarely(data, WARM_UP, true);
        double[] afterWrite;
        double[] again;
        try (Application application = Application.start(data)) {
            // A write that is refused costs little and makes the next board read everything anew.
            String nothing = "{\"id\":\"%s\",\"personId\":\"%s\",\"key\":\"none\",\"reason\":\"none\"}";
            afterWrite = timed(
                    BOARD_ROUNDS,
                    i -> application.sendRefused(
                            "/api/settings/changes", nothing.formatted(UUID.randomUUID(), UUID.randomUUID())),
                    i -> application.get("/api/board"));
            again = timed(BOARD_ROUNDS, i -> {}, i -> application.get("/api/board"));
        }
        System.out.printf(
                "Board of %d saws, %,d records, of which it reads %,d rows; JDBC with the application's own JVM options%n",
                LargeFleet.SAWS, records, bare.rows());
        boardLine("After a write, all rows read anew", afterWrite, bare.medianMillis());
        boardLine("Until the next write, results reused", again, reused.medianMillis());
    }

    private static void boardLine(String when, double[] millis, double bareMillis) {
        System.out.printf(
                "  %-38s bare JDBC %.1f ms, board over HTTP median %.1f ms, p95 %.1f ms%n",
                when, bareMillis, median(millis), percentile(millis, 95));
        limit(when + ": ratio", median(millis) / bareMillis, 3, "times");
    }

    private interface Work {
        void run(int round);
    }

    private static double[] timed(int rounds, Work before, Work work) {
        for (int i = 0; i < WARM_UP; i++) {
            before.run(i);
            work.run(i);
        }
        double[] millis = new double[rounds];
        for (int i = 0; i < rounds; i++) {
            before.run(i);
            long start = System.nanoTime();
            work.run(i);
            millis[i] = (System.nanoTime() - start) / 1e6;
        }
        return millis;
    }

    private static void limit(String what, double measured, double most, String unit) {
        boolean kept = measured <= most;
        allKept &= kept;
        System.out.printf("%-48s %8.2f %-5s limit %.0f  %s%n", what, measured, unit, most, kept ? "kept" : "OVER");
    }

    private static double median(double[] values) {
        return percentile(values, 50);
    }

    private static double percentile(double[] values, int percent) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[Math.min(sorted.length - 1, (int) Math.ceil(sorted.length * percent / 100.0) - 1)];
    }

    private static String machine() throws IOException {
        String cpu = Files.readAllLines(Path.of("/proc/cpuinfo")).stream()
                .filter(line -> line.startsWith("model name"))
                .map(line -> line.replaceFirst(".*: ", ""))
                .findFirst()
                .orElse("unknown processor");
        return "%s, %d cores, Java %s"
                .formatted(cpu, Runtime.getRuntime().availableProcessors(), System.getProperty("java.version"));
    }
}
