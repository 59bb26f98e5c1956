package yellowtally.server.disk;

import org.jspecify.annotations.Nullable;

/** What was committed could not be brought to the disk, or not yet. */
public final class DiskFailed extends RuntimeException {

    private static final long serialVersionUID = 1L;

    DiskFailed(@Nullable Throwable cause) {
        super(cause);
    }

    DiskFailed(String trouble) {
        super(trouble);
    }
}
