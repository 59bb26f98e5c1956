package yellowtally.server.support;

import jakarta.persistence.OptimisticLockException;
import java.sql.SQLException;
import java.util.Set;
import org.springframework.dao.OptimisticLockingFailureException;

/** Tells a write that came second from one that failed. */
final class LostRace {

    /** A key that is taken, two that wait for each other, one that has waited too long: as the database calls them. */
    private static final Set<String> STATES = Set.of("23505", "40001", "HYT00");

    private LostRace() {}

    /** Whether a write failed because another one was there first, and would be judged anew if it were carried out again. */
    static boolean is(RuntimeException failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof OptimisticLockingFailureException
                    || cause instanceof OptimisticLockException
                    || (cause instanceof SQLException told && STATES.contains(told.getSQLState()))) {
                return true;
            }
        }
        return false;
    }
}
