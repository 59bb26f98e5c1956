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
import yellowtally.server.disk.StoreWatch;
import yellowtally.server.support.RandomSecret;
import yellowtally.server.support.Refusal;

/** The browsers that somebody signed in from, known by a cookie that lives on when a session has ended. */
@Service
class Devices {

    /** Whoever leaves a shared device leaves it to the next: it asks who is there when nobody has touched it for so long. */
    static final Duration ASKS_AGAIN_AFTER = Duration.ofMinutes(15);

    private static final Duration KEPT = Duration.ofDays(400);

    private final Device.DeviceRepository repository;
    private final EntityManager records;
    private final StoreWatch watch;
    private final Clock clock;
    private final String cookie;
    private final Map<UUID, Boolean> known = new ConcurrentHashMap<>();

    Devices(
            Device.DeviceRepository repository,
            EntityManager records,
            StoreWatch watch,
            Clock clock,
            @Value("${server.servlet.session.cookie.name}") String session) {
        this.repository = repository;
        this.records = records;
        this.watch = watch;
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
                .flatMap(one -> repository.findBySecretAndForgottenFalse(RandomSecret.digest(one.getValue())));
    }

    /**
     * The same; one that was not known is from now on, under a name of its own. Where nothing can be written it is for this session
     * alone: what is on record can still be read. Within the caller's transaction.
     */
    Device at(HttpServletRequest request, HttpServletResponse response) {
        boolean kept = canBeKept();
        Device device = of(request).orElseGet(() -> {
            String secret = RandomSecret.fresh();
            Device fresh = new Device(
                    UUID.randomUUID(),
                    RandomSecret.digest(secret),
                    "Device " + (repository.count() + 1),
                    clock.instant());
            if (!kept) {
                known.put(fresh.id(), true);
                return fresh;
            }
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
        if (kept) {
            device.signedInAt(clock.instant());
        }
        return device;
    }

    /** Whether anything can be written just now. */
    boolean canBeKept() {
        return watch.trouble().isEmpty();
    }

    /** Whether sessions on it go on: nobody has it forgotten. */
    boolean holds(UUID id) {
        return known.computeIfAbsent(
                id, ask -> repository.findById(ask).map(d -> !d.forgotten()).orElse(false));
    }

    /** A device that is kept. */
    Optional<Device> find(UUID id) {
        return repository.findById(id);
    }

    /** The same; refuses one that is not. */
    Device require(UUID id) {
        return find(id).orElseThrow(() -> Refusal.gone("device.unknown"));
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
