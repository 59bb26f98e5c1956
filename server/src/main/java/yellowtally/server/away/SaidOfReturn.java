package yellowtally.server.away;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What was said of the return of something.
 *
 * @param expectedOn absent while nobody said
 * @param counted whether the plan counts on that day
 * @param quoteCents what the repair may cost, hundredths of the fleet's currency
 * @param newCents what a new one costs, hundredths
 */
record SaidOfReturn(
        @Nullable LocalDate expectedOn,
        boolean counted,
        @Nullable Integer quoteCents,
        @Nullable Integer newCents,
        @Nullable String note) {}
