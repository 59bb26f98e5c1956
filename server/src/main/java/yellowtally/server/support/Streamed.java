package yellowtally.server.support;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;

/** An answer that is sent while it is made. What breaks off ends the connection, so that nobody takes a part for the whole. */
public final class Streamed {

    private Streamed() {}

    /** What writes the answer. */
    public interface Writing {
        void write() throws IOException;
    }

    /** The beginning was sent already, and the rest cannot be made. No handler answers it: a sentence would be taken for the rest. */
    public static final class BrokenOff extends IOException {

        private static final long serialVersionUID = 1L;

        BrokenOff(Exception why) {
            super("An answer broke off", why);
        }
    }

    /**
     * Writes it.
     *
     * @throws BrokenOff when some of it was sent before it failed
     */
    public static void write(HttpServletResponse response, Writing writing) throws IOException {
        try {
            writing.write();
        } catch (RuntimeException e) {
            if (response.isCommitted()) {
                throw new BrokenOff(e);
            }
            throw e;
        }
    }
}
