package yellowtally.benchmark;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import yellowtally.browser.Application;

/** A notebook of years for two hundred saws, as a sheet: brought in as an officer does it. */
final class SheetIn {

    static final int LINES = 50_000;

    private static final int SAWS = 200;
    private static final long PAUSE_NANOS = 100_000_000;
    private static final String[] WORK = {"Sharpened", "Air filter", "Plug", "Starter", "Bar groove"};

    private SheetIn() {}

    /** Two hundred saws that nobody has worked on here. */
    static void saws(Application application) {
        StringBuilder sheet = new StringBuilder("Saw,Make,Model,In service since,Set,Chain,Bar tag,Sprocket\n");
        for (int saw = 0; saw < SAWS; saw++) {
            String tag = tag(saw);
            sheet.append(tag)
                    .append(",Tarnwick,T 50,2010,\"16 in, .325, .050, 66, 7\",")
                    .append("%1$sC,%1$sB,%1$sS%n".formatted(tag));
        }
        bring(
                application,
                sheet,
                "SAWS",
                "\"tag\",\"make\",\"model\",\"inService\",\"figures\",\"chain\",\"bar\",\"sprocket\"");
    }

    /** Their past; seconds until all of it is on the disk. */
    static double past(Application application) {
        StringBuilder sheet = new StringBuilder("Saw;Day;Work\n");
        LocalDate first = LocalDate.of(2011, 1, 1);
        for (int line = 0; line < LINES; line++) {
            int day = line / SAWS;
            sheet.append(tag(line % SAWS))
                    .append(';')
                    .append(first.plusDays(20L * day))
                    .append(';')
                    .append(WORK[day % WORK.length])
                    .append('\n');
        }
        return bring(application, sheet, "WORK", "\"saw\",\"day\",\"step\"");
    }

    private static String tag(int saw) {
        return "Q" + (100 + saw);
    }

    private static double bring(Application application, CharSequence sheet, String kind, String columns) {
        long began = System.nanoTime();
        String found = application.upload(
                "/api/sheets-in?name=book.csv&id=" + UUID.randomUUID(),
                sheet.toString().getBytes(StandardCharsets.UTF_8));
        String file = "/api/sheets-in/" + first(found, "\"fileId\":\"([^\"]+)");
        application.send(
                "POST",
                file + "/run",
                "{\"id\":\"%s\",\"sheet\":0,\"kind\":\"%s\",\"headings\":0,\"columns\":[%s],\"units\":[],"
                                .formatted(UUID.randomUUID(), kind, columns)
                        + "\"order\":\"UNKNOWN\",\"leaveOutKnown\":false,\"forReal\":true}");
        String state;
        do {
            // Not a wait for a time, only a pause between questions.
            LockSupport.parkNanos(PAUSE_NANOS);
            state = first(application.get(file + "/run"), "\"state\":\"([^\"]+)");
        } while (state.equals("UNDER_WAY"));
        if (!state.equals("BROUGHT_IN")) {
            throw new AssertionError(state + " " + application.get(file + "/lines?wrong=true"));
        }
        return (System.nanoTime() - began) / 1e9;
    }

    private static String first(String text, String pattern) {
        Matcher found = Pattern.compile(pattern).matcher(text);
        if (!found.find()) {
            throw new AssertionError(text);
        }
        return found.group(1);
    }
}
