package yellowtally.server.disk;

import java.sql.SQLException;
import java.util.Set;
import org.h2.api.ErrorCode;
import org.h2.mvstore.DataUtils;
import org.h2.mvstore.MVStoreException;

/** Tells a file that cannot be read from all else that can go wrong. */
public final class Damage {

    private static final Set<Integer> TOLD = Set.of(ErrorCode.FILE_CORRUPTED_1, ErrorCode.FILE_VERSION_ERROR_1);

    private Damage() {}

    /** Whether a failure, or one behind it, says that the file of the database is damaged. */
    public static boolean in(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            boolean inStore =
                    cause instanceof MVStoreException store && store.getErrorCode() == DataUtils.ERROR_FILE_CORRUPT;
            boolean told = cause instanceof SQLException said && TOLD.contains(said.getErrorCode());
            if (inStore || told) {
                return true;
            }
        }
        return false;
    }
}
