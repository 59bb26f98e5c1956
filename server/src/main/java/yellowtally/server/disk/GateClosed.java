package yellowtally.server.disk;

import java.util.Optional;

/** A write that had changed nothing yet was not let in: the disk takes nothing, and nobody knows how long the wait would be. */
public final class GateClosed extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final StoreTrouble trouble;

    public GateClosed(StoreTrouble trouble) {
        super(trouble.name());
        this.trouble = trouble;
    }

    /** What was wrong with the disk, if that is why it failed; whoever commits wraps what a change throws. */
    public static Optional<StoreTrouble> in(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof GateClosed closed) {
                return Optional.of(closed.trouble);
            }
        }
        return Optional.empty();
    }
}
