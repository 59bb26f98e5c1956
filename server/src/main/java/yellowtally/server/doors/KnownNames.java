package yellowtally.server.doors;

import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.URI;
import java.net.URISyntaxException;
import java.net.UnknownHostException;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import yellowtally.server.support.IpLiteral;

/**
 * The names under which this application may be asked for: the address that the request came to, {@code localhost} on the machine
 * itself, the machine's own name, and the names that it was started with. A page of a stranger that has its own name point here
 * comes under that name.
 */
@Component
class KnownNames {

    private final Set<String> names = new HashSet<>();

    KnownNames(@Value("${yellowtally.names}") List<String> given, @Value("${server.address:}") String listensOn) {
        given.forEach(this::add);
        add(listensOn);
        ownName().ifPresent(this::add);
    }

    private void add(String name) {
        if (!name.isBlank()) {
            names.add(name.strip().toLowerCase(Locale.ROOT));
        }
    }

    private static Optional<String> ownName() {
        try {
            return Optional.of(InetAddress.getLocalHost().getHostName());
        } catch (UnknownHostException nameless) {
            return Optional.empty();
        }
    }

    /** Whether the request names this application as its host. */
    boolean meant(HttpServletRequest request) {
        String name = nameIn(request.getHeader("Host"));
        if (name == null) {
            return false;
        }
        Optional<InetAddress> here = IpLiteral.read(request.getLocalAddr());
        boolean own = here.isPresent() && here.equals(IpLiteral.read(name));
        boolean local = here.filter(InetAddress::isLoopbackAddress).isPresent();
        return own || names.contains(name) || (name.equals("localhost") && local);
    }

    /** Whether the page that sent the request, if it says which, came from here; whoever says two things did not. */
    boolean fromHere(HttpServletRequest request) {
        String host = request.getHeader("Host");
        return all(request, "Sec-Fetch-Site").allMatch(site -> site.equals("same-origin") || site.equals("none"))
                && all(request, "Origin")
                        .allMatch(
                                origin -> origin.replaceFirst("^https?://", "").equalsIgnoreCase(host));
    }

    private static Stream<String> all(HttpServletRequest request, String header) {
        return Collections.list(request.getHeaders(header)).stream();
    }

    private static @Nullable String nameIn(@Nullable String host) {
        try {
            String name = host == null ? null : new URI("http://" + host).getHost();
            return name == null ? null : name.toLowerCase(Locale.ROOT);
        } catch (URISyntaxException e) {
            return null;
        }
    }
}
