package yellowtally.server.support;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.ServletWebRequest;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import yellowtally.server.disk.Damage;
import yellowtally.server.disk.DiskFailed;
import yellowtally.server.disk.GateClosed;
import yellowtally.server.disk.StoreTrouble;
import yellowtally.server.disk.StoreWatch;

/** Turns what went wrong into problem details; nothing that was sent comes back in them. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    /** What the framework refuses by itself, by status; all else of it is "unreadable". */
    private static final Map<Integer, String> CODES =
            Map.of(404, "address", 405, "method", 406, "accept", 415, "door.json");

    private final Problems problems;
    private final StoreWatch watch;

    ProblemAdvice(Problems problems, StoreWatch watch) {
        this.problems = problems;
        this.watch = watch;
    }

    @ExceptionHandler
    ResponseEntity<Object> refused(Refusal refusal, HttpServletRequest request) {
        return problems.answer(request, refusal.status(), refusal.faults(), refusal.current());
    }

    @ExceptionHandler
    ResponseEntity<Object> mistyped(MethodArgumentTypeMismatchException e, HttpServletRequest request) {
        return plain(request, HttpStatus.BAD_REQUEST, "unreadable");
    }

    @ExceptionHandler
    ResponseEntity<Object> disk(DiskFailed e, HttpServletRequest request) {
        LOG.error("The disk failed: {}", e.getMessage());
        return plain(request, HttpStatus.SERVICE_UNAVAILABLE, "disk");
    }

    @ExceptionHandler
    ResponseEntity<Object> unforeseen(RuntimeException e, HttpServletRequest request) {
        if (StoreRefused.lostRace(e)) {
            return plain(request, HttpStatus.CONFLICT, "race");
        }
        if (StoreRefused.why(e).isPresent()) {
            LOG.error("The database refused what no check did", e);
            return plain(request, HttpStatus.UNPROCESSABLE_CONTENT, "unfit");
        }
        Optional<StoreTrouble> notLetIn = GateClosed.in(e);
        if (notLetIn.isPresent()) {
            return plain(request, HttpStatus.SERVICE_UNAVAILABLE, "store." + notLetIn.get());
        }
        if (Damage.in(e)) {
            watch.foundDamage();
            LOG.error("A place of the file of the records could not be read: {}", e.getMessage());
            return plain(request, HttpStatus.INTERNAL_SERVER_ERROR, "store." + StoreTrouble.DAMAGED);
        }
        LOG.error("Unforeseen failure", e);
        return plain(request, HttpStatus.INTERNAL_SERVER_ERROR, "unforeseen");
    }

    /** In words of ours, whatever the framework has to say. */
    @Override
    protected @Nullable ResponseEntity<Object> handleExceptionInternal(
            Exception e, @Nullable Object body, HttpHeaders headers, HttpStatusCode status, WebRequest web) {
        HttpServletRequest request = ((ServletWebRequest) web).getRequest();
        if (status.is5xxServerError()) {
            LOG.error("Unforeseen failure", e);
            return plain(request, status, "unforeseen");
        }
        return plain(request, status, CODES.getOrDefault(status.value(), "unreadable"));
    }

    private ResponseEntity<Object> plain(HttpServletRequest request, HttpStatusCode status, String code) {
        return problems.answer(request, status, List.of(Refusal.Fault.of("", code)), null);
    }
}
