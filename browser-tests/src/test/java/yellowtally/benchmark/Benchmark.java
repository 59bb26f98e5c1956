package yellowtally.benchmark;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import yellowtally.benchmark.Report.Repeats;
import yellowtally.browser.Application;
import yellowtally.browser.Lane;
import yellowtally.browser.Screens;
import yellowtally.core.fitness.SawWear;
import yellowtally.core.plan.PlanQuestion;
import yellowtally.core.plan.PlanTrial;
import yellowtally.core.schedule.ScheduleLedger;
import yellowtally.core.settings.Numbers;
import yellowtally.core.wear.WearTrial;

/** Prints the figures of speed and size, each beside its limit, with the machine named. */
public final class Benchmark {

    private static final int STARTS = 3;
    private static final int BATCHES = 5;
    private static final int BATCH = 60;
    private static final int WEEKS = 1000;

    private final Report report = new Report();

    private Benchmark() {}

    public static void main(String[] args) throws IOException, SQLException {
        long began = System.nanoTime();
        System.out.println("Machine: " + machine());
        Benchmark benchmark = new Benchmark();
        forecasts();
        weeks();
        SolverFigures.print();
        Reference.warmUp();
        benchmark.computing();
        Path data = Files.createTempDirectory("yellow-tally-benchmark");
        benchmark.startAndMemory(data);
        try (Application application = Application.start(data)) {
            benchmark.preview(application);
            benchmark.firstPage(application);
        }
        benchmark.years(data);
        System.exit(benchmark.report.end((System.nanoTime() - began) / 1e9) ? 0 : 1);
    }

    private static void forecasts() {
        WearTrial.Result lives = new WearTrial(500, 2026).play(Numbers.STANDARD);
        System.out.printf(
                Locale.ROOT,
                "Wear of 500 made-up lives: the true end lies in the range of %.0f %% (aim 75 to 85), before it %.0f %%;"
                        + " its middle is %.1f %% off, a straight line through first and last %.1f %%%n",
                lives.held() * 100,
                lives.early() * 100,
                lives.medianOff() * 100,
                lives.lineOff() * 100);
    }

    /** What core works out from records that are loaded already. */
    private void computing() {
        List<ScheduleLedger> half = DueDates.fleet(2.5);
        List<ScheduleLedger> whole = DueDates.fleet(5);
        DueDates.millis(whole); // for the compiler to warm up
        double[] twice = new double[BATCHES];
        for (int i = 0; i < BATCHES; i++) {
            twice[i] = DueDates.millis(whole) / DueDates.millis(half);
        }
        report.timed(
                "Due dates of %,d saws, 5 years of records".formatted(DueDates.SAWS),
                BATCHES,
                300,
                "ms",
                () -> DueDates.millis(whole));
        report.ratio("  twice the records cost this many times as much", new Repeats(twice), 3);
        Wear.planMillis(); // for the compiler to warm up
        report.timed(
                "Sharpening plan of %d drive links".formatted(Wear.DRIVE_LINKS), BATCHES, 2, "ms", Wear::planMillis);
        List<SawWear.Ledgers> worn = Wear.fleet();
        Wear.projectionMillis(worn);
        report.timed(
                "Wear of %d saws, 5 years of readings".formatted(Wear.SAWS),
                BATCHES,
                200,
                "ms",
                () -> Wear.projectionMillis(worn));
        PlanQuestion days = PlanFleet.question(PlanFleet.SAWS);
        PlanQuestion fourTimes = PlanFleet.question(4 * PlanFleet.SAWS);
        PlanFleet.seconds(days); // for the compiler to warm up
        double[] larger = new double[BATCHES];
        for (int i = 0; i < BATCHES; i++) {
            larger[i] = PlanFleet.seconds(fourTimes) / PlanFleet.seconds(days);
        }
        report.timed(
                "Plan of %d saws over %d days".formatted(PlanFleet.SAWS, PlanFleet.DAYS),
                BATCHES,
                1,
                "s",
                () -> PlanFleet.seconds(days));
        report.ratio("  four times the saws cost this many times as much", new Repeats(larger), 6);
    }

    /** Share of bookings that get all their saws in weeks that go otherwise than expected. */
    private static void weeks() {
        PlanTrial trial = new PlanTrial(WEEKS, 2026, Numbers.STANDARD);
        PlanTrial.Result plan = trial.play(PlanTrial.Policy.PLAN);
        PlanTrial.Result overdue = trial.play(PlanTrial.Policy.MOST_OVERDUE_FIRST);
        PlanTrial.Result first = trial.play(PlanTrial.Policy.FIRST_IN_FIRST_OUT);
        System.out.printf(
                Locale.ROOT,
                "Bookings met in %d made-up weeks, of %d: by the plan %.1f %%, most overdue first %.1f %%, first in first out"
                        + " %.1f %%; the plan misses %.2f of what the better one misses (aim 0.5)%n",
                WEEKS,
                plan.bookings(),
                plan.met() * 100,
                overdue.met() * 100,
                first.met() * 100,
                plan.missed() / Math.min(overdue.missed(), first.missed()));
    }

    private void startAndMemory(Path data) {
        Application.start(data).close();
        double[] memory = new double[STARTS];
        int[] start = {0};
        report.timed("Start to first answered request", STARTS, 8, "s", () -> {
            long began = System.nanoTime();
            try (Application application = Application.start(data)) {
                double seconds = (System.nanoTime() - began) / 1e9;
                memory[start[0]++] = application.residentMb();
                return seconds;
            }
        });
        report.exact("Resident memory after start, most of " + STARTS, new Repeats(memory).at(100), 400, "MB");
    }

    private void preview(Application application) {
        String question = """
                {"work":"FELLING","reading":{"method":"TANG_LINE","value":"%d.5",
                 "met":["NUTS_SLACK","BRAKE_OFF","NOSE_UP","COLD","OILED","PULLED_ROUND"],"movement":"ONE_FINGER",
                 "tipsClearWithoutPull":false,"tightSpot":false,"turnsBefore":0}}""";
        Work ask = i ->
                application.send("POST", "/api/saws/06/tension/preview", question.formatted(1 + Math.floorMod(i, 15)));
        millis(3 * BATCH, ask);
        report.timed(
                "Preview over HTTP, p95",
                BATCHES,
                20,
                "ms",
                () -> millis(BATCH, ask).at(95));
    }

    private void firstPage(Application application) {
        try (Playwright playwright = Playwright.create();
                Browser browser = Lane.launch(playwright)) {
            Page page = browser.newPage();
            Screens.signIn(page.context(), application.session());
            page.navigate(application.address());
            page.getByText("Work waiting").waitFor();
            page.waitForLoadState(LoadState.NETWORKIDLE);
            Object bytes = page.evaluate("[...performance.getEntriesByType('navigation'),"
                    + " ...performance.getEntriesByType('resource')].reduce((sum, e) => sum + e.transferSize, 0)");
            report.exact("Download of the first page, compressed", ((Number) bytes).doubleValue() / 1000, 300, "kB");
        }
    }

    /** A large fleet with years of records: the first board after a start, and what a page costs beside bare JDBC. */
    private void years(Path data) throws IOException, SQLException {
        long records = LargeFleet.write(data);
        BareJdbc.Reading bareBoard = BareJdbc.of(data, BareJdbc.Page.BOARD, 4);
        BareJdbc.Reading bareSaw = BareJdbc.of(data, BareJdbc.Page.SAW, 100);
        BareJdbc.Reading bareLog = BareJdbc.of(data, BareJdbc.Page.LOG, 100);
        report.note(
                "A fleet of %d saws with %,d records; bare JDBC: board %,d rows %.0f ms (first time %.0f), saw %,d rows %.1f ms, log %,d rows %.1f ms"
                        .formatted(
                                LargeFleet.SAWS,
                                records,
                                bareBoard.rows(),
                                bareBoard.medianMillis(),
                                bareBoard.firstMillis(),
                                bareSaw.rows(),
                                bareSaw.medianMillis(),
                                bareLog.rows(),
                                bareLog.medianMillis()));
        double[] besideBare = new double[STARTS];
        int[] start = {0};
        report.timed("First board after a start", STARTS, 3, "s", () -> {
            try (Application application = Application.start(data)) {
                application.session();
                long began = System.nanoTime();
                application.get("/api/board");
                double seconds = (System.nanoTime() - began) / 1e9;
                besideBare[start[0]++] = 1000 * seconds / bareBoard.firstMillis();
                return seconds;
            }
        });
        report.ratio("  beside bare JDBC reading its rows the first time", new Repeats(besideBare), 3);
        try (Application application = Application.start(data)) {
            pages(application, bareSaw, bareLog);
            takeOut(application, records);
        }
    }

    /** All of it as files, and how much memory is there more than before. */
    private void takeOut(Application application, long records) {
        double before = application.residentMb();
        String all = "%%s of %,d records".formatted(records);
        Map<String, String> ways = new LinkedHashMap<>();
        ways.put("/api/fleet-file", "Fleet file");
        ways.put("/api/sheets.csv", "CSV sheets");
        ways.put("/api/sheets.xlsx", "Workbook");
        ways.put("/api/log.csv", "Log as CSV");
        ways.forEach((path, way) -> report.timed(all.formatted(way), 1, 30, "s", () -> application.download(path)));
        report.timed(
                "Labels of %d saws".formatted(LargeFleet.SAWS),
                BATCHES,
                2,
                "s",
                () -> application.download("/api/paper/labels.pdf?paper=A4_21"));
        LocalDate today = LocalDate.now();
        report.timed(
                "Certificate of a saw and a year",
                BATCHES,
                1,
                "s",
                () -> application.download(
                        "/api/paper/certificate.pdf?saw=L5&from=" + today.minusYears(1) + "&to=" + today));
        report.exact("  more memory than before them", application.residentMb() - before, 150, "MB");
        SheetIn.saws(application);
        report.timed(
                "Sheet of %,d lines brought in".formatted(SheetIn.LINES), 1, 60, "s", () -> SheetIn.past(application));
        report.exact("  more memory than before all of them", application.residentMb() - before, 150, "MB");
    }

    private void pages(Application application, BareJdbc.Reading bareSaw, BareJdbc.Reading bareLog) {
        // Another saw each time: its records are read again, all others stand.
        Work save = i -> save(application, i);
        Work board = i -> application.get("/api/board");
        inTurns(save, board);
        report.timed("Board after a write, p95", BATCHES, 150, "ms", () -> inTurns(save, board)[1].at(95));
        report.timed("Save of a step over HTTP, p95", BATCHES, 40, "ms", () -> inTurns(save, board)[0].at(95));
        Work small = i -> application.get("/api/crews");
        report.timed(
                "Small page, signed in, p95",
                BATCHES,
                5,
                "ms",
                () -> millis(BATCH, small).at(95));
        beside("Page of a saw", bareSaw, 12, i -> {
            for (String part : List.of("", "/schedule", "/tension", "/wear", "/faults")) {
                application.get("/api/saws/L5" + part);
            }
            application.get("/api/log?saw=L5");
        });
        beside("Page of the log", bareLog, 12, i -> application.get("/api/log"));
    }

    private void beside(String page, BareJdbc.Reading bare, double most, Work ask) {
        millis(BATCH, ask);
        double[] ratios = new double[BATCHES];
        for (int i = 0; i < BATCHES; i++) {
            double before = Reference.slowness();
            double millis = millis(BATCH / 3, ask).median();
            ratios[i] = millis / ((before + Reference.slowness()) / 2) / bare.adjustedMillis();
        }
        report.ratio(page + ", beside bare JDBC reading its rows", new Repeats(ratios), most);
    }

    private static void save(Application application, int round) {
        application.send(
                "POST",
                "/api/saws/L" + round % LargeFleet.SAWS + "/records",
                "{\"id\":\"%s\",\"step\":\"OIL_CARD\",\"input\":{\"said\":\"FINE\"}}".formatted(UUID.randomUUID()));
    }

    private interface Work {
        void run(int round);
    }

    /** One after the other, a batch of each: the times of the first, and those of the second. */
    private static Repeats[] inTurns(Work first, Work second) {
        double[][] millis = new double[2][BATCH];
        for (int i = 0; i < BATCH; i++) {
            int round = i;
            millis[0][i] = millis(1, once -> first.run(round)).median();
            millis[1][i] = millis(1, once -> second.run(round)).median();
        }
        return new Repeats[] {new Repeats(millis[0]), new Repeats(millis[1])};
    }

    private static Repeats millis(int rounds, Work work) {
        double[] millis = new double[rounds];
        for (int i = 0; i < rounds; i++) {
            long start = System.nanoTime();
            work.run(i);
            millis[i] = (System.nanoTime() - start) / 1e6;
        }
        return new Repeats(millis);
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
