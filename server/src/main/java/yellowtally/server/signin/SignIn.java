package yellowtally.server.signin;

import jakarta.persistence.EntityManager;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import yellowtally.server.people.People;
import yellowtally.server.people.PeopleEvent;
import yellowtally.server.people.PeopleEvent.PeopleEventKind;
import yellowtally.server.people.Person;
import yellowtally.server.support.Refusal;

/** Signs in by password, or by PIN at a shared device. */
@Service
class SignIn {

    private final Accounts accounts;
    private final Devices devices;
    private final Sessions sessions;
    private final People people;
    private final EntityManager records;
    private final TransactionTemplate transactions;
    private final Clock clock;

    SignIn(
            Accounts accounts,
            Devices devices,
            Sessions sessions,
            People people,
            EntityManager records,
            PlatformTransactionManager transactions,
            Clock clock) {
        this.accounts = accounts;
        this.devices = devices;
        this.sessions = sessions;
        this.people = people;
        this.records = records;
        this.transactions = new TransactionTemplate(transactions);
        this.clock = clock;
    }

    void withPassword(String signInName, String password, HttpServletRequest request, HttpServletResponse response) {
        boolean knownBrowser = devices.of(request).isPresent();
        Credential who = accounts.byPassword(signInName, password, request.getRemoteAddr(), knownBrowser);
        if (who.pinLocked() && devices.canBeKept()) {
            transactions.executeWithoutResult(
                    status -> accounts.change(who.personId()).ifPresent(known -> known.lockPin(false)));
        }
        begin(who, request, response);
    }

    void withPin(UUID personId, String pin, HttpServletRequest request, HttpServletResponse response) {
        Device device = devices.of(request).orElseThrow(() -> Refusal.forbidden("pin.notShared"));
        Credential who = accounts.byPin(personId, pin, device, () -> lock(personId));
        begin(who, request, response);
    }

    private void begin(Credential who, HttpServletRequest request, HttpServletResponse response) {
        Person person = people.require(who.personId());
        Device device = transactions.execute(status -> devices.at(request, response));
        sessions.begin(who, person, device, request, response);
    }

    /** Written down, for whose PIN is guessed wants to know it. */
    private void lock(UUID personId) {
        transactions.executeWithoutResult(status -> {
            accounts.change(personId).ifPresent(known -> known.lockPin(true));
            records.persist(new PeopleEvent(
                    PeopleEventKind.PIN_LOCKED, PeopleEvent.About.person(personId), null, clock.instant(), personId));
        });
    }
}
