package yellowtally.server.signin;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.server.people.Acting;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.SlowDown;
import yellowtally.server.support.Violations;

/** Who may sign in with what, and which sessions still hold. */
@Service
public class Accounts {

    static final int LONGEST_NAME = 40;

    /** After this long the password is asked for again, however busy the session. */
    private static final Duration LONGEST_SESSION = Duration.ofDays(30);

    /** So many wrong PINs in a row, wherever they were typed, and it takes the password. */
    private static final int PIN_TRIES = 10;

    private final Credential.Credentials credentials;
    private final People people;
    private final Secrets secrets;
    private final SlowDown slowDown;
    private final Devices devices;
    private final EntityManager records;
    private final Clock clock;

    /** The epoch of whoever may sign in; absent of everybody else. */
    private final Map<UUID, Optional<Integer>> epochs = new ConcurrentHashMap<>();

    Accounts(
            Credential.Credentials credentials,
            People people,
            Secrets secrets,
            SlowDown slowDown,
            Devices devices,
            EntityManager records,
            Clock clock) {
        this.credentials = credentials;
        this.people = people;
        this.secrets = secrets;
        this.slowDown = slowDown;
        this.devices = devices;
        this.records = records;
        this.clock = clock;
    }

    /** A name to sign in with, as it is kept: in small letters, without blanks around it. */
    static String written(String signInName) {
        return signInName.strip().toLowerCase(Locale.ROOT);
    }

    /**
     * Whoever signs in with this name and password; refused in the same words whatever is wrong, and after the same time. Wrong tries
     * are counted by name and address, and by name wherever they come from. Those of an address alone slow down whoever signs in there
     * for the first time, and only when they are many: each costs a processor for a moment.
     *
     * @param knownBrowser whether somebody has signed in from this browser before
     */
    Credential byPassword(String signInName, String password, String address, boolean knownBrowser) {
        String name = written(signInName);
        SlowDown.Of here = new SlowDown.Of("name " + name + " at " + address, 3);
        SlowDown.Of named = new SlowDown.Of("name " + name, 30);
        SlowDown.Of addressed = new SlowDown.Of("at " + address, 200);
        slowDown.refuseIfTooSoon(here, named);
        if (!knownBrowser) {
            slowDown.refuseIfTooSoon(addressed);
        }
        Optional<Credential> known = credentials.findBySignInName(name).filter(this::isHere);
        if (!secrets.matches(password, known.map(Credential::password).orElse(null))) {
            slowDown.wrong(here);
            slowDown.wrong(named);
            slowDown.wrong(addressed);
            throw Refusal.unknown("sign.wrong");
        }
        slowDown.right(here);
        slowDown.right(named);
        slowDown.right(pin(known.orElseThrow().personId()));
        return known.orElseThrow();
    }

    /** Whoever works at a shared device by now, by PIN; {@code locked} is told when it was tried too often. */
    Credential byPin(UUID personId, String pin, Device device, Runnable locked) {
        if (!device.shared()) {
            throw Refusal.forbidden("pin.notShared");
        }
        SlowDown.Of of = pin(personId);
        slowDown.refuseIfTooSoon(of);
        Credential known = credentials
                .findById(personId)
                .filter(this::isHere)
                .filter(one -> one.pin() != null && !one.oneTime())
                .orElseThrow(() -> Refusal.unknown("pin.none"));
        if (known.pinLocked()) {
            throw Refusal.unknown("pin.locked", name(known));
        }
        if (!secrets.matches(pin, known.pin())) {
            if (slowDown.wrong(of) >= PIN_TRIES) {
                locked.run();
                throw Refusal.unknown("pin.locked", name(known));
            }
            throw Refusal.unknown("pin.wrong");
        }
        slowDown.right(of);
        return known;
    }

    private static SlowDown.Of pin(UUID personId) {
        return new SlowDown.Of("pin " + personId, 3, false);
    }

    private String name(Credential known) {
        return people.require(known.personId()).name();
    }

    private boolean isHere(Credential known) {
        return people.require(known.personId()).leftOn() == null;
    }

    /** Whether a session goes on: the person is here, signed in since the last change of the password, on a device that is known. */
    boolean holds(Acting acting) {
        Optional<Integer> epoch = epochs.computeIfAbsent(
                acting.personId(),
                id -> credentials.findById(id).filter(this::isHere).map(Credential::epoch));
        return epoch.filter(now -> now == acting.epoch()).isPresent()
                && devices.holds(acting.deviceId())
                && clock.instant().isBefore(acting.since().plus(LONGEST_SESSION));
    }

    /** Of somebody who can sign in; absent of everybody else. */
    Optional<Credential> of(UUID personId) {
        return credentials.findById(personId);
    }

    /** The same, to change it within the caller's transaction: what was kept of it is asked for anew when that is through. */
    Optional<Credential> change(UUID personId) {
        Devices.afterCommit(() -> epochs.remove(personId));
        return of(personId);
    }

    /** People who can be chosen by PIN at a shared device. */
    List<Person> withPin() {
        Map<UUID, Credential> byPerson = new ConcurrentHashMap<>();
        credentials.findAll().forEach(one -> byPerson.put(one.personId(), one));
        return people.all().stream()
                .filter(person -> person.leftOn() == null)
                .filter(person -> {
                    Credential known = byPerson.get(person.id());
                    return known != null && known.pin() != null && !known.oneTime();
                })
                .toList();
    }

    /** Tells all that is wrong with a name and a password to sign in with. */
    void refuseAccess(UUID personId, @Nullable String signInName, String password, Violations wrong) {
        String name = signInName(personId, signInName, wrong);
        secrets.refusePassword("password", password, name, wrong);
    }

    /** A first password, given by an officer or at the set-up; within the caller's transaction. */
    void give(Person person, String signInName, String password, boolean oneTime, Violations wrong) {
        refuseAccess(person.id(), signInName, password, wrong);
        wrong.refuseIfAny();
        String name = written(signInName);
        Optional<Credential> before = change(person.id());
        if (before.isPresent()) {
            before.get().signInName(name);
            before.get().password(secrets.hashed(password), oneTime);
        } else {
            records.persist(new Credential(person.id(), name, secrets.hashed(password), oneTime));
        }
    }

    private String signInName(UUID personId, @Nullable String given, Violations wrong) {
        String name = written(wrong.text("signInName", given, LONGEST_NAME));
        if (!name.isEmpty() && !name.matches("[\\p{L}\\p{N}._-]+")) {
            wrong.add("signInName", "sign.name");
        }
        credentials
                .findBySignInName(name)
                .filter(other -> !other.personId().equals(personId))
                .ifPresent(other -> wrong.add("signInName", "sign.taken", name));
        return name;
    }

    /**
     * Has others who change people wait until the caller's transaction is through. Before anybody is read: who was read earlier would
     * be judged as they were then.
     */
    void oneAtATime() {
        records.find(FleetCard.class, FleetCard.ONLY, LockModeType.PESSIMISTIC_WRITE);
    }

    /** Refuses what would leave the fleet without an officer who can sign in; only one at a time can be told from another. */
    void refuseLastOfficer(Person leaving) {
        boolean another = people.all().stream()
                .filter(person -> person.role() == Person.Role.OFFICER && person.leftOn() == null)
                .filter(person -> !person.id().equals(leaving.id()))
                .anyMatch(person -> credentials.existsById(person.id()));
        if (leaving.role() == Person.Role.OFFICER && !another) {
            throw Refusal.conflict("", "person.lastOfficer", leaving.name());
        }
    }
}
