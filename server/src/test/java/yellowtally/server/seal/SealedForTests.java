package yellowtally.server.seal;

import java.time.Clock;
import javax.sql.DataSource;

/** Seals what a test has written by hand. */
public final class SealedForTests {

    private SealedForTests() {}

    /** All of it, as at a start after a change of form. */
    public static void all(DataSource database, Clock clock) {
        new SealsWhatIsDue(database, new Chain(database, clock));
    }
}
