package yellowtally.server.signin;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import yellowtally.server.people.Person;

/** An account of the demo fleet: its password is no secret. There are none but with demo data. */
record DemoAccount(String name, Person.Role role, String signInName, String password) {

    /** The password of each of them. */
    static final String PASSWORD = "narrow gauge demo";

    /** The PIN of each of them. */
    static final String PIN = "2580";

    /** How somebody of the demo fleet signs in: by the last word of the name. */
    static String signInName(String name) {
        return Accounts.written(name.substring(name.lastIndexOf(' ') + 1));
    }

    /** Everybody of a demo fleet who is here, officers first. */
    static List<DemoAccount> of(List<Person> people, Iterable<Credential> credentials) {
        Map<Object, Credential> known = StreamSupport.stream(credentials.spliterator(), false)
                .collect(Collectors.toMap(Credential::personId, Function.identity()));
        return people.stream()
                .filter(person -> person.leftOn() == null && known.containsKey(person.id()))
                .sorted((one, other) -> other.role().compareTo(one.role()))
                .map(person -> new DemoAccount(
                        person.name(),
                        person.role(),
                        Objects.requireNonNull(known.get(person.id())).signInName(),
                        PASSWORD))
                .toList();
    }
}
