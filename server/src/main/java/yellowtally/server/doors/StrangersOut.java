package yellowtally.server.doors;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.UriUtils;
import yellowtally.server.support.Problems;
import yellowtally.server.support.TakesFiles;

/**
 * Refuses what no screen of this application sends: requests under another name, from the page of another site, writes that are
 * neither JSON nor a file that is taken, addresses that are no text.
 */
class StrangersOut extends OncePerRequestFilter {

    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");
    private static final int LONGEST = 2_000;

    private final KnownNames names;
    private final List<TakesFiles> takers;
    private final Problems problems;

    StrangersOut(KnownNames names, List<TakesFiles> takers, Problems problems) {
        this.names = names;
        this.takers = takers;
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!names.meant(request)) {
            problems.write(response, HttpStatus.MISDIRECTED_REQUEST, "door.name");
        } else if (request.getRequestURI().startsWith("/api/") && !names.fromHere(request)) {
            problems.write(response, HttpStatus.FORBIDDEN, "door.site");
        } else if (writes(request) && !sentByUs(request)) {
            problems.write(response, HttpStatus.UNSUPPORTED_MEDIA_TYPE, "door.json");
        } else if (!text(request.getRequestURI()) || !text(request.getQueryString())) {
            problems.write(response, HttpStatus.BAD_REQUEST, "unreadable");
        } else {
            chain.doFilter(request, response);
        }
    }

    private static boolean writes(HttpServletRequest request) {
        return !READING.contains(request.getMethod());
    }

    /** JSON, or a whole file where one is taken: a page of another site can send neither without being asked for leave first. */
    private boolean sentByUs(HttpServletRequest request) {
        return is(request.getContentType(), MediaType.APPLICATION_JSON)
                || (is(request.getContentType(), MediaType.APPLICATION_OCTET_STREAM)
                        && takers.stream()
                                .anyMatch(taker -> taker.mostBytes(request).isPresent()));
    }

    private static boolean is(@Nullable String type, MediaType asked) {
        try {
            return type != null && MediaType.parseMediaType(type).equalsTypeAndSubtype(asked);
        } catch (InvalidMediaTypeException e) {
            return false;
        }
    }

    private static boolean text(@Nullable String address) {
        if (address == null) {
            return true;
        }
        try {
            String decoded = UriUtils.decode(address, StandardCharsets.ISO_8859_1);
            StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(decoded.getBytes(StandardCharsets.ISO_8859_1)));
            return address.length() <= LONGEST && decoded.chars().noneMatch(Character::isISOControl);
        } catch (IllegalArgumentException | CharacterCodingException e) {
            return false;
        }
    }
}
