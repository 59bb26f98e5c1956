package yellowtally.server.support;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.HttpMethod;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.util.matcher.OrRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;
import org.springframework.stereotype.Component;

/**
 * Matches what anybody may have before signing in: the page, under the address of every screen, and its files. Nothing of the fleet is
 * in them. Any other address has its rule in {@code WhoMay}, or is there for nobody.
 */
@Component
public final class PageAddresses implements RequestMatcher {

    /** The page itself. */
    public static final String PAGE = "/index.html";

    /** The folder of its files, whose names change with what is in them. */
    static final String FILES = "/assets/**";

    static final String ICON = "/favicon.svg";

    /** The first word of the address of each screen; {@code web/src/App.tsx} has the rest. */
    static final List<String> SCREENS = List.of(
            "saws",
            "parts",
            "faults",
            "stores",
            "plan",
            "reminders",
            "packs",
            "lay-out",
            "bench",
            "crews",
            "log",
            "records",
            "handbook",
            "settings",
            "people",
            "account");

    private final RequestMatcher any = new OrRequestMatcher(Stream.concat(Stream.of(PAGE, ICON, FILES), screens())
            .flatMap(path -> Stream.of(HttpMethod.GET, HttpMethod.HEAD)
                    .<RequestMatcher>map(method -> PathPatternRequestMatcher.pathPattern(method, path)))
            .toList());

    /** The patterns of all screens. */
    static Stream<String> screens() {
        return Stream.concat(Stream.of("/"), SCREENS.stream().map(screen -> "/" + screen + "/**"));
    }

    @Override
    public boolean matches(HttpServletRequest request) {
        return any.matches(request);
    }
}
