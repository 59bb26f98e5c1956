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
import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.OptionalLong;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;
import yellowtally.server.support.Problems;
import yellowtally.server.support.TakesFiles;

/**
 * Reads the body of a request before anybody works on it, with no thread waiting for what has not come yet: many who send slowly
 * stop nobody. A body has a deadline and a greatest size.
 */
class WholeBodies extends OncePerRequestFilter {

    static final int MOST_BYTES = 1024 * 1024;

    /** A whole file may come from far away. */
    private static final Duration FILE_WITHIN = Duration.ofMinutes(15);

    private final Duration deadline;
    private final Incoming incoming;
    private final List<TakesFiles> takers;
    private final Problems problems;

    WholeBodies(Duration deadline, Incoming incoming, List<TakesFiles> takers, Problems problems) {
        this.deadline = deadline;
        this.incoming = incoming;
        this.takers = takers;
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        OptionalLong ofFile = takers.stream()
                .map(taker -> taker.mostBytes(request))
                .filter(OptionalLong::isPresent)
                .findFirst()
                .orElse(OptionalLong.empty());
        long most = ofFile.orElse(MOST_BYTES);
        if (request.getContentLengthLong() > most) {
            problems.write(request, response, HttpStatus.CONTENT_TOO_LARGE, "door.large", most / 1024);
        } else if (request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null) {
            if (ofFile.isPresent()) {
                Path file = incoming.file();
                TakesFiles.keep(request, file);
                read(request, response, new Body.OnDisk(file), FILE_WITHIN, most);
            } else {
                read(request, response, new Body.InMemory(), deadline, most);
            }
        } else if (ofFile.isPresent()) {
            problems.write(request, response, HttpStatus.BAD_REQUEST, "door.noFile");
        } else {
            chain.doFilter(request, response);
        }
    }

    private void read(HttpServletRequest request, HttpServletResponse response, Body body, Duration within, long most)
            throws IOException {
        WholeBody whole = new WholeBody(request);
        AsyncContext waiting = request.startAsync(whole, response);
        waiting.setTimeout(within.toMillis());
        new Reading(waiting, request.getInputStream(), whole, response, body, within, most).begin();
    }

    /** One body as it comes in. */
    private final class Reading implements ReadListener, AsyncListener {

        private final AsyncContext waiting;
        private final ServletInputStream from;
        private final WholeBody whole;
        private final HttpServletResponse response;
        private final Body body;
        private final Duration within;
        private final long most;
        private long read;
        private boolean over;

        Reading(
                AsyncContext waiting,
                ServletInputStream from,
                WholeBody whole,
                HttpServletResponse response,
                Body body,
                Duration within,
                long most) {
            this.waiting = waiting;
            this.from = from;
            this.whole = whole;
            this.response = response;
            this.body = body;
            this.within = within;
            this.most = most;
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
                    read += length;
                    body.add(some, length);
                }
                if (read > most) {
                    refuse(HttpStatus.CONTENT_TOO_LARGE, "door.large", most / 1024);
                }
            }
        }

        @Override
        public void onAllDataRead() throws IOException {
            if (!over) {
                over = true;
                dispatch();
            }
        }

        private void dispatch() throws IOException {
            try {
                whole.is(body.all());
                waiting.dispatch();
            } catch (CharacterCodingException e) {
                refuse(HttpStatus.BAD_REQUEST, "unreadable");
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
                refuse(HttpStatus.REQUEST_TIMEOUT, "door.slow", within.toSeconds());
            }
        }

        private void refuse(HttpStatus status, String code, Object... figures) throws IOException {
            over = true;
            response.setHeader("Connection", "close");
            problems.write(whole, response, status, code, figures);
            waiting.complete();
        }

        @Override
        public void onComplete(AsyncEvent event) throws IOException {
            body.close();
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
