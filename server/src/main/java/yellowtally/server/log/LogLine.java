package yellowtally.server.log;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A line of the log in words, as paper and sheets have it.
 *
 * @param id of the record it tells of
 * @param kindSaid the kind in words
 * @param device absent in what is older than devices
 */
public record LogLine(
        UUID id,
        Instant at,
        String tag,
        LogKind kind,
        String kindSaid,
        Told told,
        String by,
        @Nullable String device) {

    /**
     * What a line says beside when, where and who; absent where there is nothing to say.
     *
     * @param struck who struck it out, and why; absent when it counts
     */
    public record Told(
            String what,
            @Nullable String outcome,
            @Nullable String read,
            @Nullable String found,
            @Nullable String part,
            @Nullable String note,
            @Nullable String struck) {

        static Told of(String what, @Nullable String found, @Nullable String note) {
            return new Told(what, null, null, found, null, note, null);
        }
    }
}
