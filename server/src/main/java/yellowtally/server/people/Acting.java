package yellowtally.server.people;

import java.io.Serializable;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/**
 * Who is signed in where this request came from, and on which device. What the application does by itself nobody has signed in for.
 *
 * @param personId who
 * @param epoch which sign-ins of this person hold: those of an earlier one have ended
 * @param deviceId the browser, as it is known here
 * @param device what it is called
 * @param since when the session began
 */
public record Acting(UUID personId, int epoch, UUID deviceId, String device, Instant since) implements Serializable {

    private static final String NOBODY = "this machine";

    /** Who acts in this request; nobody where nobody is signed in. */
    public static Optional<Acting> now() {
        Authentication known = SecurityContextHolder.getContext().getAuthentication();
        return known != null && known.getPrincipal() instanceof Acting acting ? Optional.of(acting) : Optional.empty();
    }

    /** What a record says of the device it came from; absent where nobody is signed in. */
    public static @Nullable String deviceOrNone() {
        return now().map(acting -> acting.device).orElse(null);
    }

    /** The same for records that must name one. */
    public static String deviceNow() {
        return now().map(acting -> acting.device).orElse(NOBODY);
    }

    /** Who acts in this request; absent where nobody is signed in. */
    public static @Nullable UUID personOrNobody() {
        return now().map(acting -> acting.personId).orElse(null);
    }
}
