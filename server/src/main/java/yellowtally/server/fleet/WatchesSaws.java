package yellowtally.server.fleet;

import java.util.UUID;
import yellowtally.server.people.Person;

/** Sees to it that a change of a saw needs the rank of what it does; answered by the room that holds saws. */
public interface WatchesSaws {

    /** Whether it is out with a crew. */
    boolean out(Saw saw);

    /** Whether any saw is out with a crew, by the id of the crew. */
    boolean outWith(UUID crewId);

    /** Makes the change, and refuses it where it would make the saw more usable and the person is no officer. */
    void change(Saw saw, Person by, Runnable change);
}
