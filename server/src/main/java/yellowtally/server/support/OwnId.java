package yellowtally.server.support;

import java.nio.charset.StandardCharsets;
import java.util.UUID;

/** Ids of the records that one request writes: one each, the same again when the request is repeated. */
public final class OwnId {

    private OwnId() {}

    /**
     * The id of one of them.
     *
     * @param request the id that the client made
     * @param what which of its records it is
     */
    public static UUID of(UUID request, String what) {
        return UUID.nameUUIDFromBytes((request + " " + what).getBytes(StandardCharsets.UTF_8));
    }
}
