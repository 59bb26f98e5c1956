package yellowtally.server.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.stereotype.Component;
import yellowtally.server.support.Problems;

/** Says in words why somebody may not, in the form of every other refusal. */
@Component
public class NotAllowed implements AuthenticationEntryPoint, AccessDeniedHandler {

    private final Problems problems;
    private final WhoMay whoMay;

    NotAllowed(Problems problems, WhoMay whoMay) {
        this.problems = problems;
        this.whoMay = whoMay;
    }

    @Override
    public void commence(HttpServletRequest request, HttpServletResponse response, AuthenticationException why)
            throws IOException {
        problems.write(response, HttpStatus.UNAUTHORIZED, "sign.in");
    }

    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, AccessDeniedException why)
            throws IOException {
        WhoMay.Rank rank = WhoMay.rank(SecurityContextHolder.getContext().getAuthentication());
        boolean open = whoMay.least(request).filter(WhoMay.Rank.NOBODY::equals).isPresent();
        if (rank == WhoMay.Rank.NOBODY && !open) {
            problems.write(response, HttpStatus.UNAUTHORIZED, "sign.in");
        } else if (!whoMay.isThere(request)) {
            problems.write(response, HttpStatus.NOT_FOUND, "address");
        } else if (whoMay.least(request).isEmpty()) {
            problems.write(response, HttpStatus.METHOD_NOT_ALLOWED, "method");
        } else if (why instanceof CsrfException) {
            problems.write(response, HttpStatus.FORBIDDEN, "door.mark");
        } else {
            problems.write(response, HttpStatus.FORBIDDEN, "rank." + rank);
        }
    }
}
