package yellowtally.server.support;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** RFC 9457 problem details: a sentence for a person and the field at fault, whoever refuses. */
@Component
public class Problems {

    private static final Set<String> READING = Set.of("GET", "HEAD");

    private final Sentences sentences;
    private final JsonMapper json;

    Problems(Sentences sentences, JsonMapper json) {
        this.sentences = sentences;
        this.json = json;
    }

    /** One sentence at one field. */
    record FieldProblem(String field, String code, String sentence) {}

    /** The answer to a refused request. */
    ResponseEntity<Object> answer(
            HttpServletRequest request, HttpStatusCode status, List<Refusal.Fault> faults, @Nullable Object current) {
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem(request, status, faults, current));
    }

    /** The same, written where no controller has been asked yet. */
    public void write(
            HttpServletRequest request,
            HttpServletResponse response,
            HttpStatusCode status,
            String code,
            Object... figures)
            throws IOException {
        if (response.isCommitted()) {
            return;
        }
        byte[] body =
                json.writeValueAsBytes(problem(request, status, List.of(Refusal.Fault.of("", code, figures)), null));
        response.resetBuffer();
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
        response.flushBuffer();
    }

    private ProblemDetail problem(
            HttpServletRequest request, HttpStatusCode status, List<Refusal.Fault> faults, @Nullable Object current) {
        boolean reads = READING.contains(request.getMethod());
        List<FieldProblem> problems = faults.stream()
                .map(fault -> new FieldProblem(
                        fault.field(), fault.code(), reads ? sentences.toReader(fault) : sentences.of(fault)))
                .toList();
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                status, problems.isEmpty() ? "" : problems.get(0).sentence());
        problem.setProperty("problems", problems);
        if (current != null) {
            problem.setProperty("current", current);
        }
        return problem;
    }
}
