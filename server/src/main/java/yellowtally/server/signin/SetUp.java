package yellowtally.server.signin;

import jakarta.persistence.EntityManager;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import yellowtally.core.engine.FuelUnit;
import yellowtally.core.measure.LengthUnit;
import yellowtally.server.people.People;
import yellowtally.server.people.PeopleEvent;
import yellowtally.server.people.PeopleEvent.PeopleEventKind;
import yellowtally.server.people.Person;
import yellowtally.server.settings.ChoiceSetting;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.support.FleetZone;
import yellowtally.server.support.IpLiteral;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** Sets up a fleet: its name, how it writes, and the officer who lets in everybody else. Done once, at the machine itself. */
@Service
class SetUp {

    /** What a proxy says of whom it asks for. */
    private static final Set<String> OF_ANOTHER =
            Set.of("Forwarded", "X-Forwarded-For", "X-Forwarded-Host", "X-Forwarded-Proto", "X-Real-IP", "Via");

    private static final int LONGEST_NAME = 80;
    private static final String WHY = "Chosen at the set-up";

    private final People people;
    private final Accounts accounts;
    private final FleetSettings settings;
    private final SignIn signIn;
    private final OnceOnly onceOnly;
    private final FleetZone zone;
    private final EntityManager records;
    private final Clock clock;

    SetUp(
            People people,
            Accounts accounts,
            FleetSettings settings,
            SignIn signIn,
            OnceOnly onceOnly,
            FleetZone zone,
            EntityManager records,
            Clock clock) {
        this.people = people;
        this.accounts = accounts;
        this.settings = settings;
        this.signIn = signIn;
        this.onceOnly = onceOnly;
        this.zone = zone;
        this.records = records;
        this.clock = clock;
    }

    /** What a fleet begins with. */
    record NewFleet(
            UUID id,
            String fleet,
            String zone,
            LengthUnit lengthUnit,
            FuelUnit volumeUnit,
            String currency,
            String officer,
            String signInName,
            String password) {

        /** All but the password: what is kept to know a second sending by must not tell it. */
        List<String> told() {
            return List.of(fleet, zone, lengthUnit.name(), volumeUnit.name(), currency, officer, signInName);
        }
    }

    /** The fleet as it was set up; none before that. */
    @Transactional(readOnly = true)
    public Optional<FleetCard> fleet() {
        return Optional.ofNullable(records.find(FleetCard.class, FleetCard.ONLY));
    }

    /** What it chooses from. */
    SignInController.Beginning beginning() {
        List<String> officers = people.all().stream()
                .filter(person -> person.role() == Person.Role.OFFICER)
                .map(Person::name)
                .toList();
        return new SignInController.Beginning(
                officers, ChoiceSetting.CURRENCY.options(), clock.getZone().getId());
    }

    /** Whether a request comes from this machine, by its own name and not through a proxy. */
    static boolean atTheMachine(HttpServletRequest request) {
        String host = request.getServerName();
        return (host.equals("localhost") || IpLiteral.isLoopback(host))
                && IpLiteral.isLoopback(request.getRemoteAddr())
                && OF_ANOTHER.stream().allMatch(header -> request.getHeader(header) == null);
    }

    void setUp(NewFleet given, HttpServletRequest request, HttpServletResponse response) {
        if (!atTheMachine(request)) {
            throw Refusal.forbidden("setUp.elsewhere");
        }
        onceOnly.run(given.id(), given.told(), () -> {
            // Who comes second finds it set up, whatever else is wrong.
            fleet().ifPresent(done -> {
                throw Refusal.conflict("", "setUp.done", done.name());
            });
            Violations wrong = new Violations();
            String name = wrong.text("fleet", given.fleet(), LONGEST_NAME);
            String officer = wrong.text("officer", given.officer(), LONGEST_NAME);
            ZoneId days = zone(given.zone(), wrong);
            if (!ChoiceSetting.CURRENCY.options().contains(given.currency())) {
                wrong.add("currency", "setting.choice");
            }
            records.persist(new FleetCard(name, days.getId(), false, clock.instant()));
            Person first = officer(officer);
            accounts.give(first, given.signInName(), given.password(), false, wrong);
            records.persist(new PeopleEvent(
                    PeopleEventKind.ADDED,
                    PeopleEvent.About.person(first.id()),
                    first.name(),
                    clock.instant(),
                    first.id()));
            choose(ChoiceSetting.LENGTH_UNIT, given.lengthUnit().name(), first);
            choose(ChoiceSetting.VOLUME_UNIT, given.volumeUnit().name(), first);
            choose(ChoiceSetting.CURRENCY, given.currency(), first);
        });
        fleet().ifPresent(done -> zone.daysIn(ZoneId.of(done.zone())));
        signIn.withPassword(given.signInName(), given.password(), request, response);
    }

    private void choose(ChoiceSetting setting, String value, Person by) {
        if (!setting.standard().equals(value)) {
            settings.choose(setting, value, WHY, clock.instant(), by.id());
        }
    }

    /** Of a fleet from before there was sign-in whoever has that name, else somebody new. */
    private Person officer(String name) {
        Optional<Person> known = people.all().stream()
                .filter(person -> person.name().equalsIgnoreCase(name))
                .findFirst();
        if (known.isPresent()) {
            known.get().become(Person.Role.OFFICER);
            return known.get();
        }
        Person fresh = new Person(UUID.randomUUID(), name, Person.Role.OFFICER);
        records.persist(fresh);
        records.flush();
        return fresh;
    }

    static ZoneId zone(String given, Violations wrong) {
        try {
            return ZoneId.of(given);
        } catch (DateTimeException e) {
            wrong.add("zone", "setUp.zone");
            return ZoneId.of("UTC");
        }
    }
}
