package yellowtally.server.disk;

/** What was committed could not be brought to the disk. */
public final class DiskFailed extends RuntimeException {

    private static final long serialVersionUID = 1L;

    DiskFailed(Throwable cause) {
        super(cause);
    }
}
