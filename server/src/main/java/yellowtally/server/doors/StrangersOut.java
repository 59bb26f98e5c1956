package yellowtally.server.doors;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.security.web.util.matcher.RequestMatcher;
import org.springframework.web.filter.OncePerRequestFilter;
import yellowtally.server.support.Problems;
import yellowtally.server.support.TakesFiles;

/**
 * Refuses what no screen of this application sends: requests under another name, from the page of another site, writes that are
 * neither JSON in UTF-8 nor a file that is taken.
 */
class StrangersOut extends OncePerRequestFilter {

    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

    private final KnownNames names;
    private final RequestMatcher page;
    private final List<TakesFiles> takers;
    private final Problems problems;

    StrangersOut(KnownNames names, RequestMatcher page, List<TakesFiles> takers, Problems problems) {
        this.names = names;
        this.page = page;
        this.takers = takers;
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!names.meant(request)) {
            problems.write(request, response, HttpStatus.MISDIRECTED_REQUEST, "door.name");
        } else if (!page.matches(request) && !names.fromHere(request)) {
            problems.write(request, response, HttpStatus.FORBIDDEN, "door.site");
        } else if (writes(request) && !sentByUs(request)) {
            problems.write(request, response, HttpStatus.UNSUPPORTED_MEDIA_TYPE, "door.json");
        } else {
            chain.doFilter(request, response);
        }
    }

    private static boolean writes(HttpServletRequest request) {
        return !READING.contains(request.getMethod());
    }

    /** JSON in UTF-8, or a whole file where one is taken: a page of another site can send neither without being asked for leave first. */
    private boolean sentByUs(HttpServletRequest request) {
        MediaType type = type(request.getContentType());
        if (type == null) {
            return false;
        }
        if (type.equalsTypeAndSubtype(MediaType.APPLICATION_JSON)) {
            // Whoever reads the body would read it in the encoding that is named here.
            return type.getCharset() == null || type.getCharset().equals(StandardCharsets.UTF_8);
        }
        return type.equalsTypeAndSubtype(MediaType.APPLICATION_OCTET_STREAM)
                && takers.stream().anyMatch(taker -> taker.mostBytes(request).isPresent());
    }

    private static @Nullable MediaType type(@Nullable String named) {
        try {
            return named == null ? null : MediaType.parseMediaType(named);
        } catch (InvalidMediaTypeException e) {
            return null;
        }
    }
}
