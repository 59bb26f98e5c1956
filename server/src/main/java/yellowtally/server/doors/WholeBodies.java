package yellowtally.server.doors;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Duration;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;
import yellowtally.server.support.Problems;

/**
 * Reads the body of a request before anybody works on it, with no thread waiting for what has not come yet: many who send slowly
 * stop nobody. A body has a deadline and a greatest size.
 */
class WholeBodies extends OncePerRequestFilter {

    static final int MOST_BYTES = 1024 * 1024;

    private final Duration deadline;
    private final Problems problems;

    WholeBodies(Duration deadline, Problems problems) {
        this.deadline = deadline;
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() > MOST_BYTES) {
            problems.write(response, HttpStatus.CONTENT_TOO_LARGE, "door.large", MOST_BYTES / 1024);
        } else if (request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null) {
            WholeBody whole = new WholeBody(request);
            AsyncContext waiting = request.startAsync(whole, response);
            waiting.setTimeout(deadline.toMillis());
            new Reading(waiting, request.getInputStream(), whole, response).begin();
        } else {
            chain.doFilter(request, response);
        }
    }

    /** One body as it comes in. */
    private final class Reading implements ReadListener, AsyncListener {

        private final AsyncContext waiting;
        private final ServletInputStream from;
        private final WholeBody whole;
        private final HttpServletResponse response;
        private final ByteArrayOutputStream read = new ByteArrayOutputStream();
        private boolean over;

        Reading(AsyncContext waiting, ServletInputStream from, WholeBody whole, HttpServletResponse response) {
            this.waiting = waiting;
            this.from = from;
            this.whole = whole;
            this.response = response;
        }

        void begin() {
            waiting.addListener(this);
            from.setReadListener(this);
        }

        @Override
        public void onDataAvailable() throws IOException {
            byte[] some = new byte[8192];
            while (!over && from.isReady() && !from.isFinished()) {
                int length = from.read(some);
                if (length > 0) {
                    read.write(some, 0, length);
                }
                if (read.size() > MOST_BYTES) {
                    refuse(HttpStatus.CONTENT_TOO_LARGE, "door.large", MOST_BYTES / 1024);
                }
            }
        }

        @Override
        public void onAllDataRead() {
            if (!over) {
                over = true;
                whole.is(read.toByteArray());
                waiting.dispatch();
            }
        }

        @Override
        public void onError(Throwable broken) {
            if (!over) {
                over = true;
                waiting.complete();
            }
        }

        @Override
        public void onTimeout(AsyncEvent event) throws IOException {
            if (!over) {
                refuse(HttpStatus.REQUEST_TIMEOUT, "door.slow", deadline.toSeconds());
            }
        }

        private void refuse(HttpStatus status, String code, Object... figures) throws IOException {
            over = true;
            response.setHeader("Connection", "close");
            problems.write(response, status, code, figures);
            waiting.complete();
        }

        @Override
        public void onComplete(AsyncEvent event) {
            // Answered.
        }

        @Override
        public void onError(AsyncEvent event) {
            onError(event.getThrowable());
        }

        @Override
        public void onStartAsync(AsyncEvent event) {
            // No second one is started.
        }
    }
}
