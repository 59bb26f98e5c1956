package yellowtally.server.usage;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.fleet.Saw;

/** Takes what a crew complains of when a saw comes back. */
public interface TakesComplaints {

    /**
     * What was said.
     *
     * @param complaint its code
     * @param seen in a few words
     * @param holds whether the saw is to be held, whatever the complaint
     */
    record Said(
            UUID id,
            String complaint,
            @Nullable String seen,
            boolean holds,
            UUID outingId,
            UUID personId,
            String device) {}

    /** A complaint in words; absent when there is none of this code. */
    @Nullable
    String title(String code);

    /** What was complained of when a saw came back from an outing, in words. */
    List<String> ofOuting(UUID outingId);

    /** Complains of another saw as well: the outing was written down for the wrong one. What stands there is ended by itself. */
    void repeat(UUID struckOuting, Saw saw, UUID outing, UUID personId, String device);

    /** Opens a fault, and holds the saw where the complaint says so. */
    void take(Saw saw, Said said);

    /** Opens a fault that is told in words only: somebody sorts it. */
    void tell(Saw saw, UUID id, String words, UUID outingId, UUID personId, String device);
}
