package yellowtally.core.log;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * Says of a record that nobody wrote it down here: it was told, mostly out of a notebook, when its saw was brought in. What is told
 * counts for the schedule and for wear, and proves nothing (handbook section 11).
 *
 * @param on the day on which it was told; later use is on record
 * @param since what had been used by then since it was done, in the unit of {@link yellowtally.core.past.PastLine}, zero or more;
 *     {@code null} while nobody knows
 */
public record Told(LocalDate on, @Nullable Double since) {

    public Told {
        if (since != null && !(since >= 0 && Double.isFinite(since))) {
            throw new IllegalArgumentException("used since then: " + since);
        }
    }
}
