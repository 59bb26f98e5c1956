package yellowtally.server.doors;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.server.PathContainer.PathSegment;
import org.springframework.http.server.RequestPath;
import org.springframework.security.web.firewall.FirewalledRequest;
import org.springframework.security.web.firewall.RequestRejectedException;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.web.util.ServletRequestPathUtils;
import org.springframework.web.util.UriUtils;

/**
 * Refuses an address that is not written in its one form, before anything else looks at it. The form is that of a browser's {@code
 * encodeURIComponent}: between single slashes, letters, digits and {@code -_.~!*'()} as they are, everything else as the codes of its
 * UTF-8 in capitals. No segment is empty or of dots alone, and the words that all addresses begin with are in small letters.
 *
 * <p>The path as it was parsed here stays with the request: whoever matches it later (rules, controllers) reads this one.
 */
class StrictAddresses extends StrictHttpFirewall {

    private static final int LONGEST = 2_000;
    private static final String REST = "api";

    @Override
    public FirewalledRequest getFirewalledRequest(HttpServletRequest request) {
        FirewalledRequest known = super.getFirewalledRequest(request);
        if (!inOneForm(parsed(request)) || !text(request.getQueryString())) {
            throw new RequestRejectedException("not the one form of this address");
        }
        return known;
    }

    /** Parsed anew each time: a forwarded request still has the path that it came with. */
    private static RequestPath parsed(HttpServletRequest request) {
        try {
            return ServletRequestPathUtils.parseAndCache(request);
        } catch (IllegalArgumentException e) {
            throw new RequestRejectedException("no address: " + e.getMessage());
        }
    }

    private static boolean inOneForm(RequestPath path) {
        List<String> segments = path.elements().stream()
                .filter(PathSegment.class::isInstance)
                .map(segment -> ((PathSegment) segment).valueToMatch())
                .toList();
        String oneForm = segments.stream().map(StrictAddresses::encoded).collect(Collectors.joining("/", "/", ""));
        long words = segments.stream().findFirst().filter(REST::equals).isPresent() ? 2 : 1;
        return path.value().equals(oneForm)
                && oneForm.length() <= LONGEST
                && segments.stream().noneMatch(segment -> segment.matches("\\.+") || hasControls(segment))
                && segments.stream().limit(words).allMatch(word -> word.equals(word.toLowerCase(Locale.ROOT)));
    }

    private static String encoded(String segment) {
        return UriUtils.encode(segment, StandardCharsets.UTF_8)
                .replace("%21", "!")
                .replace("%2A", "*")
                .replace("%27", "'")
                .replace("%28", "(")
                .replace("%29", ")");
    }

    private static boolean text(@Nullable String query) {
        if (query == null) {
            return true;
        }
        try {
            String bytes = UriUtils.decode(query, StandardCharsets.ISO_8859_1);
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes.getBytes(StandardCharsets.ISO_8859_1)))
                    .toString();
            return query.length() <= LONGEST && !hasControls(text);
        } catch (IllegalArgumentException | CharacterCodingException e) {
            return false;
        }
    }

    private static boolean hasControls(String text) {
        return text.chars().anyMatch(Character::isISOControl);
    }
}
