package yellowtally.server.fleet;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A saw as it stood when it was read.
 *
 * @param fittingId the fitting record in force; absent before the first
 */
public record SawValue(UUID id, String tag, @Nullable UUID fittingId, SawDetails details) implements AnySaw {

    public static SawValue of(Saw saw) {
        return new SawValue(saw.id(), saw.tag(), saw.fittingId(), saw.details());
    }
}
