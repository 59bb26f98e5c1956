package yellowtally.server.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.people.Acting;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;

/** Who is signed in here, and signing in and out. */
@RestController
class SignInController {

    private final SignIn signIn;
    private final SetUp setUp;
    private final Accounts accounts;
    private final Devices devices;
    private final People people;
    private final Credential.Credentials credentials;
    private final String markCookie;

    SignInController(
            SignIn signIn,
            SetUp setUp,
            Accounts accounts,
            Devices devices,
            People people,
            Credential.Credentials credentials,
            @Value("${server.servlet.session.cookie.name}") String session) {
        this.signIn = signIn;
        this.setUp = setUp;
        this.accounts = accounts;
        this.devices = devices;
        this.people = people;
        this.credentials = credentials;
        this.markCookie = session + "-mark";
    }

    /** What the browser has to show first. */
    enum SignInStage {
        /** Nobody has set up this fleet, and it can be done here: this is the machine itself. */
        SET_UP,
        /** Nobody has set up this fleet; that is done on the machine itself. */
        SET_UP_ELSEWHERE,
        SIGN_IN,
        SIGNED_IN
    }

    /**
     * How things stand at this browser.
     *
     * @param mark the cookie whose value a page of ours shows with each write
     * @param fleet its name; absent before the set-up
     * @param me who is signed in
     * @param device this browser, if somebody has signed in here before
     * @param pins whoever can be chosen by PIN: on a shared device only
     * @param demo accounts that anybody may use: with demo data only
     * @param beginning what the set-up chooses from: only where it can be done
     */
    record SignInView(
            SignInStage stage,
            String mark,
            @Nullable String fleet,
            @Nullable Me me,
            @Nullable Here device,
            List<Named> pins,
            List<DemoAccount> demo,
            @Nullable Beginning beginning) {}

    /**
     * Whoever is signed in.
     *
     * @param oneTime whether the password has to be changed before anything else
     * @param refused the addresses that are not for this role, each as {@code POST /api/saws}
     */
    record Me(
            UUID id,
            String name,
            Person.Role role,
            String signInName,
            boolean oneTime,
            boolean pin,
            List<String> refused) {}

    /**
     * What the set-up chooses from.
     *
     * @param officers of a fleet from before there was sign-in: one of them may set it up
     * @param zone of this machine
     */
    record Beginning(List<String> officers, List<String> currencies, String zone) {}

    /** This browser; a shared one asks who is there again when no hand has touched it for so long. */
    record Here(UUID id, String name, boolean shared, long asksAgainAfterMs) {}

    /** Somebody by name. */
    record Named(UUID id, String name) {}

    /** A name and a password. */
    record WithPassword(String signInName, String password) {}

    /** Somebody at a shared device. */
    record WithPin(UUID personId, String pin) {}

    @GetMapping("/api/sign-in")
    SignInView state(HttpServletRequest request) {
        Optional<FleetCard> fleet = setUp.fleet();
        if (fleet.isEmpty()) {
            boolean here = SetUp.atTheMachine(request);
            return new SignInView(
                    here ? SignInStage.SET_UP : SignInStage.SET_UP_ELSEWHERE,
                    markCookie,
                    null,
                    null,
                    null,
                    List.of(),
                    List.of(),
                    here ? setUp.beginning() : null);
        }
        // The answer to the first sign-in of a browser brings the cookie that it will be known by.
        Optional<Device> device =
                devices.of(request).or(() -> Acting.now().flatMap(acting -> devices.find(acting.deviceId())));
        Optional<Me> me = Acting.now().map(this::me);
        return new SignInView(
                me.isPresent() ? SignInStage.SIGNED_IN : SignInStage.SIGN_IN,
                markCookie,
                fleet.get().name(),
                me.orElse(null),
                device.map(d -> new Here(d.id(), d.name(), d.shared(), Devices.ASKS_AGAIN_AFTER.toMillis()))
                        .orElse(null),
                device.filter(Device::shared).isPresent() ? withPin() : List.of(),
                fleet.get().demo() ? DemoAccount.of(people.all(), credentials.findAll()) : List.of(),
                null);
    }

    private Me me(Acting acting) {
        Person person = people.require(acting.personId());
        Credential known = credentials.findById(person.id()).orElseThrow();
        return new Me(
                person.id(),
                person.name(),
                person.role(),
                known.signInName(),
                known.oneTime(),
                known.pin() != null,
                WhoMay.refusedTo(person.role()));
    }

    private List<Named> withPin() {
        return accounts.withPin().stream()
                .map(person -> new Named(person.id(), person.name()))
                .toList();
    }

    @PostMapping("/api/sign-in")
    SignInView withPassword(@RequestBody WithPassword given, HttpServletRequest request, HttpServletResponse response) {
        signIn.withPassword(given.signInName(), given.password(), request, response);
        return state(request);
    }

    @PostMapping("/api/sign-in/pin")
    SignInView withPin(@RequestBody WithPin given, HttpServletRequest request, HttpServletResponse response) {
        signIn.withPin(given.personId(), given.pin(), request, response);
        return state(request);
    }

    @PostMapping("/api/sign-out")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        Sessions.end(request);
    }
}
