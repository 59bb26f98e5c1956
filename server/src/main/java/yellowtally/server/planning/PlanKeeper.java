package yellowtally.server.planning;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import yellowtally.core.plan.PlanQuestion.Kept;

/** Keeps what the plan had last over a restart: written down each minute where somebody has seen another one since. */
@Component
class PlanKeeper {

    private static final Logger LOG = LoggerFactory.getLogger(PlanKeeper.class);
    private static final String EVERY = "${yellowtally.look-every:PT1M}";
    private static final TypeReference<Map<String, Kept>> BY_TAG = new TypeReference<>() {};

    private final PlanBefore.Last last;
    private final JsonMapper json;
    private final TransactionTemplate transaction;
    private volatile @Nullable Before seen;
    private @Nullable Before written;

    PlanKeeper(PlanBefore.Last last, JsonMapper json, PlatformTransactionManager transactions) {
        this.last = last;
        this.json = json;
        this.transaction = new TransactionTemplate(transactions);
    }

    /**
     * What a plan had.
     *
     * @param madeOn its first day
     * @param kept its days and bookings, by the tag of the saw
     */
    record Before(LocalDate madeOn, Map<String, Kept> kept) {}

    /** Somebody has seen a plan. */
    void seen(Before before) {
        seen = before;
    }

    /** What was written down before this start; empty where nothing was, or it cannot be read any more. */
    Optional<Before> beforeStart() {
        return last.findById(PlanBefore.ONLY).flatMap(row -> {
            try {
                return Optional.of(new Before(row.madeOn(), json.readValue(row.kept(), BY_TAG)));
            } catch (JacksonException e) {
                LOG.warn("The plan of before is left aside: {}", e.getMessage());
                return Optional.empty();
            }
        });
    }

    /** Whatever goes wrong is tried again the next time. */
    @Scheduled(initialDelayString = EVERY, fixedDelayString = EVERY)
    void write() {
        Before now = seen;
        if (now == null || now.equals(written)) {
            return;
        }
        try {
            String kept = json.writeValueAsString(now.kept());
            transaction.executeWithoutResult(status -> last.save(new PlanBefore(now.madeOn(), kept)));
            written = now;
        } catch (RuntimeException e) {
            LOG.warn("The plan could not be written down: {}", e.getMessage());
        }
    }
}
