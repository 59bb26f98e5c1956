package yellowtally.server.log;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.support.Attached;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Streamed;

/** The log: a page of what is asked for, or all of it as a sheet. */
@RestController
class LogController {

    private static final String CSV = "text/csv";

    /** Each reads for a while: whoever takes out on and on leaves room for all others. */
    private final Semaphore atOnce = new Semaphore(2);

    private final LogBook book;
    private final LogSheet sheet;
    private final Clock clock;

    LogController(LogBook book, LogSheet sheet, Clock clock) {
        this.book = book;
        this.sheet = sheet;
        this.clock = clock;
    }

    /** What part of the log is asked for, as a person writes it; absent means all. */
    record Asked(
            @Nullable String saw,
            @Nullable UUID person,
            @Nullable Set<LogKind> kinds,
            @Nullable Instant from,
            @Nullable Instant before,
            @Nullable String part,
            boolean struck) {

        Set<LogKind> wanted() {
            EnumSet<LogKind> wanted = EnumSet.noneOf(LogKind.class);
            // Between two commas there is none.
            (kinds == null ? Set.<LogKind>of() : kinds)
                    .stream().filter(Objects::nonNull).forEach(wanted::add);
            return wanted.isEmpty() ? EnumSet.allOf(LogKind.class) : wanted;
        }

        LogFilter filter(LogBook.Tags tags, LogFilter.Window window) {
            return new LogFilter(tags.saw(saw), person, from, before, tags.part(part), struck, window);
        }
    }

    @GetMapping("/api/log")
    LogPage log(
            @RequestParam(required = false) @Nullable String saw,
            @RequestParam(required = false) @Nullable UUID person,
            @RequestParam(required = false) @Nullable Set<LogKind> kinds,
            @RequestParam(required = false) @Nullable Instant from,
            @RequestParam(required = false) @Nullable Instant before,
            @RequestParam(required = false) @Nullable String part,
            @RequestParam(defaultValue = "false") boolean struck) {
        Asked asked = new Asked(saw, person, kinds, from, before, part, struck);
        return book.page(asked.wanted(), book.filter(tags -> asked.filter(tags, LogFilter.Window.PAGE)));
    }

    /** All that fits, latest first, as CSV. */
    @GetMapping("/api/log.csv")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = CSV, schema = @Schema(type = "string", format = "binary")))
    void csv(
            @RequestParam(required = false) @Nullable String saw,
            @RequestParam(required = false) @Nullable UUID person,
            @RequestParam(required = false) @Nullable Set<LogKind> kinds,
            @RequestParam(required = false) @Nullable Instant from,
            @RequestParam(required = false) @Nullable Instant before,
            @RequestParam(required = false) @Nullable String part,
            @RequestParam(defaultValue = "false") boolean struck,
            HttpServletResponse response)
            throws IOException {
        Asked asked = new Asked(saw, person, kinds, from, before, part, struck);
        LogFilter filter = book.filter(tags -> asked.filter(tags, LogSheet.AT_ONCE));
        if (!atOnce.tryAcquire()) {
            throw Refusal.later("takeOut.busy");
        }
        try {
            response.setContentType(CSV);
            response.setCharacterEncoding(StandardCharsets.UTF_8.name());
            response.setHeader(
                    HttpHeaders.CONTENT_DISPOSITION, Attached.as("yellow-tally-log-" + LocalDate.now(clock) + ".csv"));
            Writer out = new BufferedWriter(new OutputStreamWriter(response.getOutputStream(), StandardCharsets.UTF_8));
            Streamed.write(response, () -> {
                sheet.write(asked.wanted(), filter, out);
                out.flush();
            });
        } finally {
            atOnce.release();
        }
    }
}
