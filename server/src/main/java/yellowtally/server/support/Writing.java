package yellowtally.server.support;

import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Whether this thread writes: what it has changed so far no other connection sees, and may still be taken back. */
public final class Writing {

    private Writing() {}

    /** Within a transaction that may write. */
    public static boolean now() {
        return TransactionSynchronizationManager.isActualTransactionActive()
                && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
    }
}
