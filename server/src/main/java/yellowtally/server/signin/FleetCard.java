package yellowtally.server.signin;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** The fleet as it was set up: one row, and none before that. */
@Entity
@Table(name = "fleet")
class FleetCard {

    /** Its key; there is no other. */
    static final short ONLY = 1;

    @Id
    private short id = ONLY;

    private String name;
    private String zone;
    private boolean demo;
    private Instant at;

    protected FleetCard() {}

    /**
     * @param zone of its days, as the IANA names it
     * @param demo whether it was filled with demo data
     */
    FleetCard(String name, String zone, boolean demo, Instant at) {
        this.name = name;
        this.zone = zone;
        this.demo = demo;
        this.at = at;
    }

    String name() {
        return name;
    }

    String zone() {
        return zone;
    }

    boolean demo() {
        return demo;
    }

    Instant at() {
        return at;
    }

    void change(String called, String inZone) {
        this.name = called;
        this.zone = inZone;
    }
}
