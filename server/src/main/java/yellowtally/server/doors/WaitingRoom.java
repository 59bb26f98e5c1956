package yellowtally.server.doors;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.web.util.matcher.RequestMatcher;
import org.springframework.web.filter.OncePerRequestFilter;
import yellowtally.server.support.Problems;

/**
 * Lets so many in as there are connections to the database for, a few more wait for their turn, and everybody else is told at once
 * to come again: a crowd is served as fast as can be and stops nobody.
 */
class WaitingRoom extends OncePerRequestFilter {

    private static final int CHAIRS = 64;
    private static final String AGAIN_IN_SECONDS = "1";

    private final Semaphore atWork;
    private final Duration patience;
    private final RequestMatcher page;
    private final Problems problems;

    WaitingRoom(int atWork, Duration patience, RequestMatcher page, Problems problems) {
        this.atWork = new Semaphore(atWork, true);
        this.patience = patience;
        this.page = page;
        this.problems = problems;
    }

    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        // A request comes here that way when its body has been read.
        return false;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return page.matches(request);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!mayComeIn()) {
            response.setHeader(HttpHeaders.RETRY_AFTER, AGAIN_IN_SECONDS);
            problems.write(request, response, HttpStatus.SERVICE_UNAVAILABLE, "door.full");
            return;
        }
        try {
            chain.doFilter(request, response);
        } finally {
            atWork.release();
        }
    }

    private boolean mayComeIn() {
        if (atWork.getQueueLength() >= CHAIRS) {
            return false;
        }
        try {
            return atWork.tryAcquire(patience.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}
