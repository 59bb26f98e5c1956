package yellowtally.server.signin;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.util.matcher.MediaTypeRequestMatcher;
import org.springframework.stereotype.Component;
import yellowtally.server.support.PageAddresses;
import yellowtally.server.support.Problems;

/** Says in words why somebody may not, in the form of every other refusal. */
@Component
public class NotAllowed implements AuthenticationEntryPoint, AccessDeniedHandler {

    private final Problems problems;
    private final WhoMay whoMay;
    private final MediaTypeRequestMatcher wantsPage = new MediaTypeRequestMatcher(MediaType.TEXT_HTML);

    NotAllowed(Problems problems, WhoMay whoMay) {
        this.problems = problems;
        this.whoMay = whoMay;
        wantsPage.setIgnoredMediaTypes(Set.of(MediaType.ALL));
    }

    @Override
    public void commence(HttpServletRequest request, HttpServletResponse response, AuthenticationException why)
            throws IOException, ServletException {
        if (saidByPage(request, response)) {
            return;
        }
        problems.write(request, response, HttpStatus.UNAUTHORIZED, "sign.in");
    }

    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, AccessDeniedException why)
            throws IOException, ServletException {
        if (saidByPage(request, response)) {
            return;
        }
        WhoMay.Rank rank = WhoMay.rank(SecurityContextHolder.getContext().getAuthentication());
        boolean open = whoMay.least(request).filter(WhoMay.Rank.NOBODY::equals).isPresent();
        if (rank == WhoMay.Rank.NOBODY && !open) {
            problems.write(request, response, HttpStatus.UNAUTHORIZED, "sign.in");
        } else if (!whoMay.isThere(request)) {
            problems.write(request, response, HttpStatus.NOT_FOUND, "address");
        } else if (whoMay.least(request).isEmpty()) {
            problems.write(request, response, HttpStatus.METHOD_NOT_ALLOWED, "method");
        } else if (why instanceof CsrfException) {
            problems.write(request, response, HttpStatus.FORBIDDEN, "door.mark");
        } else {
            problems.write(request, response, HttpStatus.FORBIDDEN, "rank." + rank);
        }
    }

    /** Whoever typed an address that there is not reads so on the page. */
    private boolean saidByPage(HttpServletRequest request, HttpServletResponse response)
            throws IOException, ServletException {
        if (!request.getMethod().equals("GET") || !wantsPage.matches(request) || whoMay.isThere(request)) {
            return false;
        }
        response.setStatus(HttpStatus.NOT_FOUND.value());
        request.getRequestDispatcher(PageAddresses.PAGE).forward(request, response);
        return true;
    }
}
