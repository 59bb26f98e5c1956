package yellowtally.server.seal;

import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** The end of the chain, for whoever prints it. */
@Component
public class Seals {

    private final Chain chain;

    Seals(Chain chain) {
        this.chain = chain;
    }

    /** As it is printed, such as {@code 4812-9f3a77c1d20be456}. */
    public String code() {
        return chain.head().code();
    }

    /** The same as a database holds it. */
    public static String codeIn(Connection database) throws SQLException {
        return SealBook.head(database).code();
    }

    /** When the newest record was sealed; long ago when there is none. */
    public Instant newest() {
        return chain.head().at();
    }
}
