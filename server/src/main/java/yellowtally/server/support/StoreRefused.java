package yellowtally.server.support;

import jakarta.persistence.OptimisticLockException;
import jakarta.persistence.PersistenceException;
import java.sql.SQLException;
import java.util.Optional;
import java.util.Set;
import org.springframework.dao.OptimisticLockingFailureException;

/** What the database said of what failed. */
public enum StoreRefused {
    /** Another write was there first: it would be judged anew if it were carried out again. */
    LOST_RACE,
    /** The values do not fit, or what they name is not there: a check of ours let them through. */
    UNFIT;

    /** A key that is taken, two that wait for each other, one that has waited too long. */
    private static final Set<String> RACES = Set.of("23505", "40001", "HYT00");

    /** Classes of what values can be wrong in: data, and constraints. */
    private static final Set<String> VALUES = Set.of("22", "23");

    /** Why, if the database refused it. */
    static Optional<StoreRefused> why(RuntimeException failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof OptimisticLockingFailureException || cause instanceof OptimisticLockException) {
                return Optional.of(LOST_RACE);
            }
            if (cause instanceof SQLException told && told.getSQLState() != null) {
                return of(told.getSQLState());
            }
        }
        return Optional.empty();
    }

    /** Whether a write came second. */
    static boolean lostRace(RuntimeException failure) {
        return why(failure).filter(LOST_RACE::equals).isPresent();
    }

    /** Whether a value that was read is none that we know: the database did what it was asked to do, and others can be read. */
    public static boolean notUnderstood(RuntimeException failure) {
        boolean ofReading = false;
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException) {
                return false;
            }
            ofReading |= cause instanceof IllegalArgumentException || cause instanceof PersistenceException;
        }
        return ofReading;
    }

    private static Optional<StoreRefused> of(String state) {
        if (RACES.contains(state)) {
            return Optional.of(LOST_RACE);
        }
        return state.length() == 5 && VALUES.contains(state.substring(0, 2)) ? Optional.of(UNFIT) : Optional.empty();
    }
}
