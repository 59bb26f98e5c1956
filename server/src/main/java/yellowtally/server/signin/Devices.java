package yellowtally.server.signin;

import jakarta.persistence.EntityManager;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import yellowtally.server.support.Refusal;

/** The browsers that somebody signed in from, known by a cookie that lives on when a session has ended. */
@Service
class Devices {

    /** Whoever leaves a shared device leaves it to the next: it asks who is there when nobody has touched it for so long. */
    static final Duration ASKS_AGAIN_AFTER = Duration.ofMinutes(15);

    private static final Duration KEPT = Duration.ofDays(400);

    private final Device.DeviceRepository repository;
    private final EntityManager records;
    private final Secrets secrets;
    private final Clock clock;
    private final String cookie;
    private final Map<UUID, Boolean> known = new ConcurrentHashMap<>();

    Devices(
            Device.DeviceRepository repository,
            EntityManager records,
            Secrets secrets,
            Clock clock,
            @Value("${server.servlet.session.cookie.name}") String session) {
        this.repository = repository;
        this.records = records;
        this.secrets = secrets;
        this.clock = clock;
        this.cookie = session + "-device";
    }

    /** All that are not forgotten, by name. */
    List<Device> all() {
        return repository.findByForgottenFalseOrderByName();
    }

    /** The one that a request comes from, if somebody has signed in there before. */
    Optional<Device> of(HttpServletRequest request) {
        Cookie[] all = request.getCookies();
        return Arrays.stream(all == null ? new Cookie[0] : all)
                .filter(one -> one.getName().equals(cookie))
                .findFirst()
                .flatMap(one -> repository.findBySecretAndForgottenFalse(Secrets.digest(one.getValue())));
    }

    /** The same; one that was not known is from now on, under a name of its own. Within the caller's transaction. */
    Device at(HttpServletRequest request, HttpServletResponse response) {
        Device device = of(request).orElseGet(() -> {
            String secret = secrets.random();
            Device fresh = new Device(
                    UUID.randomUUID(), Secrets.digest(secret), "Device " + (repository.count() + 1), clock.instant());
            records.persist(fresh);
            response.addHeader(
                    HttpHeaders.SET_COOKIE,
                    ResponseCookie.from(cookie, secret)
                            .httpOnly(true)
                            .secure(request.isSecure())
                            .sameSite("Strict")
                            .path("/")
                            .maxAge(KEPT)
                            .build()
                            .toString());
            return fresh;
        });
        device.signedInAt(clock.instant());
        return device;
    }

    /** Whether sessions on it go on: nobody has it forgotten. */
    boolean holds(UUID id) {
        return known.computeIfAbsent(
                id, ask -> repository.findById(ask).map(d -> !d.forgotten()).orElse(false));
    }

    /** A device that somebody signed in from. */
    Device require(UUID id) {
        return repository.findById(id).orElseThrow(() -> Refusal.gone("device.unknown"));
    }

    /** The same, to change it within the caller's transaction: what was kept of it is asked for anew when that is through. */
    Device change(UUID id) {
        afterCommit(() -> known.remove(id));
        return require(id);
    }

    /** Forgets what was kept as soon as a change of it stands. */
    static void afterCommit(Runnable forget) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                forget.run();
            }
        });
    }
}
