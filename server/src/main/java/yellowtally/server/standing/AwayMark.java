package yellowtally.server.standing;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A mechanic or dealer has a saw.
 *
 * @param who with whom it is
 * @param since the day on which it went
 * @param expectedOn when it is expected back; {@code null} while nobody said
 * @param counted whether the plan counts on that
 */
public record AwayMark(
        UUID id, String who, LocalDate since, @Nullable LocalDate expectedOn, boolean counted) {}
