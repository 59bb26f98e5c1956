package yellowtally.server.sheetsin;

import jakarta.persistence.EntityManager;
import java.util.Locale;
import java.util.UUID;
import org.springframework.stereotype.Component;
import yellowtally.server.people.Person;
import yellowtally.server.people.Person.Role;
import yellowtally.server.sheets.Words;
import yellowtally.server.signin.NewPeople;
import yellowtally.server.support.Violations;

/** Brings people in; they sign in when an officer gives them a password. */
@Component
final class PeopleSheet extends LineByLine {

    private final NewPeople newPeople;
    private final Choices<Role> roles = Choices.of(Role.class, role -> Words.sentence(role.name()));

    PeopleSheet(NewPeople newPeople, EntityManager records) {
        super(SheetKind.PEOPLE, "name", records);
        this.newPeople = newPeople;
    }

    @Override
    String bring(Line line, Told told, Violations wrong) {
        Role role = line.choice("role", roles, Role.READER, wrong);
        Person person = newPeople.card(UUID.randomUUID(), line.text("name"), role == null ? Role.READER : role, wrong);
        wrong.refuseIfAny();
        newPeople.add(person, told.by());
        return person.name() + ", " + person.role().name().toLowerCase(Locale.ROOT);
    }
}
