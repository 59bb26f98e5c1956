package yellowtally.server.doors;

import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.URI;
import java.net.URISyntaxException;
import java.net.UnknownHostException;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The names under which this application may be asked for: the address that the request came to, {@code localhost} on the machine
 * itself, the machine's own name, and the names that it was started with. A page of a stranger that has its own name point here
 * comes under that name.
 */
@Component
class KnownNames {

    private static final Pattern ADDRESS = Pattern.compile("[0-9.]+|\\[[0-9a-fA-F:.]+]");

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
        InetAddress here = address(request.getLocalAddr());
        boolean own = ADDRESS.matcher(name).matches() && here != null && here.equals(address(name));
        return own || names.contains(name) || (name.equals("localhost") && here != null && here.isLoopbackAddress());
    }

    /** Whether the page that sent the request, if it says which, came from here. */
    boolean fromHere(HttpServletRequest request) {
        String origin = request.getHeader("Origin");
        String site = request.getHeader("Sec-Fetch-Site");
        if (site != null && !site.equals("same-origin") && !site.equals("none")) {
            return false;
        }
        return origin == null || origin.replaceFirst("^https?://", "").equalsIgnoreCase(request.getHeader("Host"));
    }

    private static @Nullable String nameIn(@Nullable String host) {
        try {
            String name = host == null ? null : new URI("http://" + host).getHost();
            return name == null ? null : name.toLowerCase(Locale.ROOT);
        } catch (URISyntaxException e) {
            return null;
        }
    }

    /** Of a literal only: no name is looked up. */
    private static @Nullable InetAddress address(String literal) {
        try {
            return ADDRESS.matcher(literal).matches() || literal.contains(":") ? InetAddress.getByName(literal) : null;
        } catch (UnknownHostException e) {
            return null;
        }
    }
}
