package yellowtally.server.fleet;

import jakarta.persistence.EntityManager;

/** Lets the demo data hang parts in the past, where the officer's way only works in the present. */
public final class FleetSeed {

    private FleetSeed() {}

    /** Hangs a set as the fitting record says. */
    public static void hang(Saw saw, SetFitting record, Chain chain, Bar bar, Sprocket sprocket) {
        chain.hangOn(saw.id());
        bar.hangOn(saw.id());
        sprocket.hangOn(saw.id());
        saw.fitted(record.id());
    }

    /** Takes the loop off a saw. */
    public static void unhang(Saw saw, EntityManager records) {
        records.createQuery("select c from Chain c where c.sawId = :saw", Chain.class)
                .setParameter("saw", saw.id())
                .getResultList()
                .forEach(chain -> chain.hangOn(null));
        records.flush();
    }
}
