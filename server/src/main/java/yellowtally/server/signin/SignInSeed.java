package yellowtally.server.signin;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.List;
import yellowtally.server.people.Person;

/** Lets everybody of the demo fleet in, by a password that is no secret. */
public final class SignInSeed {

    /** What bcrypt made of the two: to ask it anew at each first start would take longer than all other demo data. */
    static final String PASSWORD = "{bcrypt}$2a$10$MIeUGiwf5gO./OGEm3qY9ekBGG8Lm.kTaOTPX8nhXZ/NYfo5J5n/i";

    static final String PIN = "{bcrypt}$2a$10$rMuWeMUbBWdDGRzeZTF0PuQeT0CDXRTuoUFl3WzzZG1/9A2L8GKD2";

    private SignInSeed() {}

    /** Sets up the demo fleet and gives everybody an account; nothing where it is set up. */
    public static void demo(EntityManager records, Clock clock, List<Person> people) {
        if (records.find(FleetCard.class, FleetCard.ONLY) != null) {
            return;
        }
        records.persist(new FleetCard("Fellside Light Railway", clock.getZone().getId(), true, clock.instant()));
        for (Person person : people) {
            Credential known = new Credential(person.id(), DemoAccount.signInName(person.name()), PASSWORD, false);
            if (person.role() != Person.Role.READER) {
                known.pin(PIN);
            }
            records.persist(known);
        }
    }
}
