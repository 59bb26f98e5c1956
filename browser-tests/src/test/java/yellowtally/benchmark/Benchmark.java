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
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import yellowtally.browser.Application;
import yellowtally.browser.Lane;

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
        due();
        wear();
        finder(data);
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
                Browser browser = Lane.launch(playwright)) {
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
        double[] afterWrite;
        double[] again;
        double[] saves = new double[BOARD_ROUNDS];
        double first;
        try (Application application = Application.start(data)) {
            long start = System.nanoTime();
            application.get("/api/board");
            first = (System.nanoTime() - start) / 1e9;
            String person = application.get("/api/people").replaceFirst("(?s).*?\"id\":\"([^\"]+)\".*", "$1");
            // Another saw each time: its records are read again, all others stand.
            afterWrite = timed(
                    BOARD_ROUNDS,
                    i -> {
                        long began = System.nanoTime();
                        save(application, person, i);
                        saves[i % BOARD_ROUNDS] = (System.nanoTime() - began) / 1e6;
                    },
                    i -> application.get("/api/board"));
            again = timed(BOARD_ROUNDS, i -> {}, i -> application.get("/api/board"));
        }
        System.out.printf(
                "Board of %d saws, %,d records; first board after a start %.1f s%n", LargeFleet.SAWS, records, first);
        System.out.printf(
                "  bare JDBC reading %,d rows of loops, outings and holds alone: %.1f ms%n",
                bare.rows(), bare.medianMillis());
        limit("Board after a write, p95", percentile(afterWrite, 95), 150, "ms");
        limit("Board until the next write, p95", percentile(again, 95), 150, "ms");
        limit("Save of a step over HTTP, p95", percentile(saves, 95), 40, "ms");
    }

    private static void save(Application application, String person, int round) {
        application.send(
                "POST",
                "/api/saws/L" + round % LargeFleet.SAWS + "/records",
                "{\"id\":\"%s\",\"personId\":\"%s\",\"device\":\"benchmark\",\"step\":\"OIL_CARD\",\"input\":{\"said\":\"FINE\"}}"
                        .formatted(UUID.randomUUID(), person));
    }

    private static void due() {
        DueDates.millis(1); // for the compiler to warm up
        double half = DueDates.millis(2.5);
        double whole = DueDates.millis(5);
        System.out.printf(
                "Due dates of %,d saws: 2.5 years of use %.0f ms, 5 years %.0f ms%n", DueDates.SAWS, half, whole);
        limit("Due dates of 1,000 saws, 5 years of records", whole, 300, "ms");
        limit("Twice the records cost this many times as much", whole / half, 3, "times");
    }

    private static void wear() {
        limit("Sharpening plan of %d drive links, slowest".formatted(Wear.DRIVE_LINKS), Wear.planMillis(), 5, "ms");
        Wear.projectionMillis(); // for the compiler to warm up
        limit("Wear of %d saws, 5 years of readings".formatted(Wear.SAWS), Wear.projectionMillis(), 200, "ms");
    }

    /** Two thousand made-up faults, as the finder believes them and with its shares off by 30 %. */
    private static void finder(Path data) {
        try (Application application = Application.start(data)) {
            for (String off : new String[] {"0", "0.3"}) {
                String said = application.get("/api/knowledge/trial?faults=2000&off=" + off);
                System.out.printf("Fault finder, 2,000 faults, true shares off by %s%n", off);
                double[] finder = trial(said, "FINDER");
                double[] listed = trial(said, "AS_LISTED");
                for (String order : new String[] {"FINDER", "AS_LISTED", "BY_STAGE", "BY_MINUTES"}) {
                    double[] line = trial(said, order);
                    System.out.printf(
                            "  %-10s found %.1f %%, wrong %.1f %%, %.1f min%n",
                            order, 100 * line[0], 100 * line[1], line[2]);
                }
                limit("  Minutes beside the list, percent", 100 * finder[2] / listed[2], 67, "%");
                limit("  Share missed beside the list, percent", 100 * (1 - finder[0]) / (1 - listed[0]), 100, "%");
            }
        }
    }

    /** Found, wrong, mean minutes of one order of checks. */
    private static double[] trial(String said, String order) {
        Matcher line =
                Pattern.compile("\\{[^{}]*\"order\":\"" + order + "\"[^{}]*}").matcher(said);
        if (!line.find()) {
            throw new AssertionError("no " + order + " in " + said);
        }
        return new double[] {
            figure(line.group(), "found"), figure(line.group(), "wrong"), figure(line.group(), "meanMinutes")
        };
    }

    private static double figure(String line, String name) {
        Matcher found = Pattern.compile("\"" + name + "\":([0-9.eE-]+)").matcher(line);
        if (!found.find()) {
            throw new AssertionError("no " + name + " in " + line);
        }
        return Double.parseDouble(found.group(1));
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
