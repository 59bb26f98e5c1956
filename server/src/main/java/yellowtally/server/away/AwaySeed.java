package yellowtally.server.away;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/** Writes what of a demo fleet is or was with a mechanic or dealer. */
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
        records.persist(new Away(id, sawId, new TimeAway.Going(who, why, since, at), personId));
        SaidOfReturn said = new SaidOfReturn(expectedOn, true, quoteCents, newCents, null);
        records.persist(new AwayWord(UUID.randomUUID(), id, said, at, personId));
    }

    /**
     * A part is gone since a day, and counted on to be back on another.
     *
     * @param quoteCents what is asked for it
     */
    public static void partGone(
            EntityManager records,
            UUID partId,
            String who,
            String why,
            LocalDate since,
            LocalDate expectedOn,
            int quoteCents,
            Instant at,
            UUID personId) {
        part(records, partId, new TimeAway.Going(who, why, since, at), expectedOn, quoteCents, personId);
    }

    /** One that went is back since a moment, and nobody has looked at it. */
    public static void partBack(
            EntityManager records,
            UUID partId,
            String who,
            String why,
            Instant went,
            Instant backAt,
            LocalDate back,
            String done,
            int costCents,
            UUID personId) {
        part(records, partId, new TimeAway.Going(who, why, back.minusDays(5), went), back, costCents, personId)
                .back(done, costCents, backAt, personId);
    }

    private static PartAway part(
            EntityManager records,
            UUID partId,
            TimeAway.Going going,
            LocalDate expectedOn,
            int quoteCents,
            UUID personId) {
        UUID id = UUID.randomUUID();
        PartAway away = new PartAway(id, partId, going, personId);
        records.persist(away);
        SaidOfReturn said = new SaidOfReturn(expectedOn, true, quoteCents, null, null);
        records.persist(new PartAwayWord(UUID.randomUUID(), id, said, going.at(), personId));
        return away;
    }
}
