package yellowtally.server.support;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Turns what went wrong into RFC 9457 problem details: a sentence for a person and the field at fault. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    private final Sentences sentences;

    ProblemAdvice(Sentences sentences) {
        this.sentences = sentences;
    }

    /** One sentence at one field. */
    record FieldProblem(String field, String code, String sentence) {}

    @ExceptionHandler
    ResponseEntity<Object> refused(Refusal refusal) {
        List<FieldProblem> problems = refusal.faults().stream()
                .map(fault -> new FieldProblem(fault.field(), fault.code(), sentences.of(fault)))
                .toList();
        return answer(refusal.status(), problems, refusal.current());
    }

    @ExceptionHandler
    ResponseEntity<Object> stale(OptimisticLockingFailureException e) {
        return answer(HttpStatus.CONFLICT, List.of(plain("stale")), null);
    }

    @ExceptionHandler
    ResponseEntity<Object> mistyped(MethodArgumentTypeMismatchException e) {
        return answer(HttpStatus.BAD_REQUEST, List.of(plain("unreadable")), null);
    }

    @ExceptionHandler
    ResponseEntity<Object> unforeseen(RuntimeException e) {
        LOG.error("Unforeseen failure", e);
        return answer(HttpStatus.INTERNAL_SERVER_ERROR, List.of(plain("unforeseen")), null);
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<FieldProblem> problems = e.getBindingResult().getFieldErrors().stream()
                .map(error -> new FieldProblem(error.getField(), "invalid", String.valueOf(error.getDefaultMessage())))
                .toList();
        return answer(HttpStatus.UNPROCESSABLE_CONTENT, problems, null);
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return answer(HttpStatus.BAD_REQUEST, List.of(plain("unreadable")), null);
    }

    private FieldProblem plain(String code) {
        return new FieldProblem("", code, sentences.of(Refusal.Fault.of("", code)));
    }

    private static ResponseEntity<Object> answer(
            HttpStatus status, List<FieldProblem> problems, @Nullable Object current) {
        String detail =
                problems.isEmpty() ? status.getReasonPhrase() : problems.get(0).sentence();
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setProperty("problems", problems);
        if (current != null) {
            problem.setProperty("current", current);
        }
        return ResponseEntity.status(status).body(problem);
    }
}
