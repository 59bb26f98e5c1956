package yellowtally.server.support;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/**
 * A request that is refused, with a code whose sentence stands in {@code problems.properties}. Nothing has been stored when
 * it is thrown, or the transaction is rolled back by it.
 */
public final class Refusal extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final HttpStatus status;
    private final transient List<Fault> faults;
    private final transient @Nullable Object current;

    private Refusal(HttpStatus status, List<Fault> faults, @Nullable Object current) {
        super(faults.get(0).code());
        this.status = status;
        this.faults = List.copyOf(faults);
        this.current = current;
    }

    /** One thing that is wrong: its code, the field at fault ("" for the whole), and the figures of its sentence. */
    public record Fault(String field, String code, List<Object> figures) {
        public static Fault of(String field, String code, Object... figures) {
            return new Fault(field, code, List.of(figures));
        }
    }

    /** The request cannot be carried out as it stands; all that is wrong is told at once. */
    public static Refusal unfit(List<Fault> faults) {
        return new Refusal(HttpStatus.UNPROCESSABLE_CONTENT, faults, null);
    }

    public static Refusal unfit(String field, String code, Object... figures) {
        return unfit(List.of(Fault.of(field, code, figures)));
    }

    /** What is asked for is not there. */
    public static Refusal gone(String code, Object... figures) {
        return new Refusal(HttpStatus.NOT_FOUND, List.of(Fault.of("", code, figures)), null);
    }

    /** Somebody else was there first; {@code current} is what stands now. */
    public static Refusal stale(Object current, String code, Object... figures) {
        return new Refusal(HttpStatus.CONFLICT, List.of(Fault.of("", code, figures)), current);
    }

    /** The state of things does not allow it. */
    public static Refusal conflict(String field, String code, Object... figures) {
        return new Refusal(HttpStatus.CONFLICT, List.of(Fault.of(field, code, figures)), null);
    }

    /** Nothing is wrong with the request; it can be carried out when what the code says is over. */
    public static Refusal later(String code, Object... figures) {
        return new Refusal(HttpStatus.SERVICE_UNAVAILABLE, List.of(Fault.of("", code, figures)), null);
    }

    /** Nobody is signed in, or not with what was given. */
    public static Refusal unknown(String code, Object... figures) {
        return new Refusal(HttpStatus.UNAUTHORIZED, List.of(Fault.of("", code, figures)), null);
    }

    /** Whoever is signed in may not do this. */
    public static Refusal forbidden(String code, Object... figures) {
        return new Refusal(HttpStatus.FORBIDDEN, List.of(Fault.of("", code, figures)), null);
    }

    /** It was tried too often in too short a time. */
    public static Refusal tooOften(String code, Object... figures) {
        return new Refusal(HttpStatus.TOO_MANY_REQUESTS, List.of(Fault.of("", code, figures)), null);
    }

    public HttpStatus status() {
        return status;
    }

    public List<Fault> faults() {
        return faults;
    }

    public @Nullable Object current() {
        return current;
    }
}
