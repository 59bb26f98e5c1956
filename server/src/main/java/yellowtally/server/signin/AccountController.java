package yellowtally.server.signin;

import jakarta.persistence.EntityManager;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.people.Acting;
import yellowtally.server.people.People;
import yellowtally.server.people.PeopleEvent;
import yellowtally.server.people.PeopleEvent.PeopleEventKind;
import yellowtally.server.people.Person;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.SlowDown;
import yellowtally.server.support.Violations;

/** Somebody's own password and PIN; each change asks for the password, for a session may have been left open. */
@RestController
class AccountController {

    private final Accounts accounts;
    private final People people;
    private final Secrets secrets;
    private final Sessions sessions;
    private final SlowDown slowDown;
    private final OnceOnly onceOnly;
    private final EntityManager records;
    private final Clock clock;

    AccountController(
            Accounts accounts,
            People people,
            Secrets secrets,
            Sessions sessions,
            SlowDown slowDown,
            OnceOnly onceOnly,
            EntityManager records,
            Clock clock) {
        this.accounts = accounts;
        this.people = people;
        this.secrets = secrets;
        this.sessions = sessions;
        this.slowDown = slowDown;
        this.onceOnly = onceOnly;
        this.records = records;
        this.clock = clock;
    }

    /** Another password; {@code now} is the one that holds. */
    record NewPassword(UUID id, String now, String password) {}

    /** Another PIN; absent takes it away. */
    record NewPin(UUID id, String now, @Nullable String pin) {}

    /** What is kept to know a second sending by: never what is secret. */
    private record Changed(UUID person, String what) {}

    /** Ends all other sessions of this person. */
    @PostMapping("/api/account/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void password(@RequestBody NewPassword given, HttpServletRequest request, HttpServletResponse response) {
        Acting acting = Acting.now().orElseThrow();
        onceOnly.runBesideSaws(given.id(), new Changed(acting.personId(), "password"), () -> {
            Credential own = own(acting, given.now());
            Violations wrong = new Violations();
            secrets.refusePassword("password", given.password(), own.signInName(), wrong);
            if (given.password().equals(given.now())) {
                wrong.add("password", "password.same");
            }
            wrong.refuseIfAny();
            own.password(secrets.hashed(given.password()), false);
            tell(PeopleEventKind.PASSWORD_CHANGED, acting);
        });
        Credential now = accounts.of(acting.personId()).orElseThrow();
        Person person = people.require(acting.personId());
        sessions.goOn(
                new Acting(person.id(), now.epoch(), acting.deviceId(), acting.device(), acting.since()),
                person.role(),
                request,
                response);
    }

    @PostMapping("/api/account/pin")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void pin(@RequestBody NewPin given) {
        Acting acting = Acting.now().orElseThrow();
        onceOnly.runBesideSaws(given.id(), new Changed(acting.personId(), "pin"), () -> {
            Credential own = own(acting, given.now());
            Violations wrong = new Violations();
            if (given.pin() != null) {
                Secrets.refusePin("pin", given.pin(), wrong);
            }
            wrong.refuseIfAny();
            own.pin(given.pin() == null ? null : secrets.hashed(given.pin()));
            tell(PeopleEventKind.PIN_CHANGED, acting);
        });
    }

    private Credential own(Acting acting, String password) {
        SlowDown.Of of = new SlowDown.Of("own " + acting.personId(), 3);
        slowDown.refuseIfTooSoon(of);
        Credential own = accounts.change(acting.personId()).orElseThrow();
        if (!secrets.matches(password, own.password())) {
            slowDown.wrong(of);
            throw Refusal.unfit(List.of(Refusal.Fault.of("now", "password.wrong")));
        }
        slowDown.right(of);
        return own;
    }

    private void tell(PeopleEventKind kind, Acting acting) {
        records.persist(new PeopleEvent(
                kind, PeopleEvent.About.person(acting.personId()), null, clock.instant(), acting.personId()));
    }
}
