package yellowtally.server.away;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/** Writes that a demo saw is with a mechanic. */
public final class AwaySeed {

    private AwaySeed() {}

    /**
     * Gone since a day, and counted on to be back on another.
     *
     * @param quoteCents what is asked for the repair
     * @param newCents what a new saw costs
     */
    public static void gone(
            EntityManager records,
            UUID sawId,
            String who,
            String why,
            LocalDate since,
            LocalDate expectedOn,
            int quoteCents,
            int newCents,
            Instant at,
            UUID personId) {
        UUID id = UUID.randomUUID();
        records.persist(new Away(id, sawId, who, why, since, at, personId));
        AwayBook.SaidOfReturn said = new AwayBook.SaidOfReturn(expectedOn, true, quoteCents, newCents, null);
        records.persist(new AwayWord(UUID.randomUUID(), id, said, at, personId));
    }
}
