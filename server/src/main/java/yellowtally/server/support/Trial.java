package yellowtally.server.support;

import java.util.Objects;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Does something and takes it back, to see what it would do. */
@Component
public class Trial {

    private final TransactionTemplate transactions;
    private final FleetRevision revision;

    Trial(PlatformTransactionManager transactions, FleetRevision revision) {
        this.transactions = new TransactionTemplate(transactions);
        this.revision = revision;
    }

    /** What {@code done} answers; nothing of what it wrote is left. */
    public <T> T of(Supplier<T> done) {
        return Objects.requireNonNull(transactions.execute(status -> {
            status.setRollbackOnly();
            try {
                return done.get();
            } finally {
                revision.forget();
            }
        }));
    }
}
