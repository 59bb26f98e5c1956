package yellowtally.server.support;

import jakarta.persistence.EntityManagerFactory;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.hibernate.engine.spi.SessionFactoryImplementor;
import org.hibernate.engine.spi.SharedSessionContractImplementor;
import org.hibernate.engine.spi.TransactionCompletionCallbacks.AfterCompletionCallback;
import org.hibernate.event.service.spi.EventListenerRegistry;
import org.hibernate.event.spi.EventType;
import org.hibernate.event.spi.PreCollectionRecreateEvent;
import org.hibernate.event.spi.PreCollectionRecreateEventListener;
import org.hibernate.event.spi.PreCollectionRemoveEvent;
import org.hibernate.event.spi.PreCollectionRemoveEventListener;
import org.hibernate.event.spi.PreCollectionUpdateEvent;
import org.hibernate.event.spi.PreCollectionUpdateEventListener;
import org.hibernate.event.spi.PreDeleteEvent;
import org.hibernate.event.spi.PreDeleteEventListener;
import org.hibernate.event.spi.PreInsertEvent;
import org.hibernate.event.spi.PreInsertEventListener;
import org.hibernate.event.spi.PreUpdateEvent;
import org.hibernate.event.spi.PreUpdateEventListener;
import org.springframework.stereotype.Component;
import yellowtally.server.disk.StoreGate;

/**
 * A transaction enters the gate of the store before its first change, and leaves when it is through. What it reads and judges
 * before that, with its saws locked, keeps nobody from the disk: a lock alone changes nothing that a cut could leave by half.
 */
@Component
class EntersGate
        implements PreInsertEventListener,
                PreUpdateEventListener,
                PreDeleteEventListener,
                PreCollectionRecreateEventListener,
                PreCollectionUpdateEventListener,
                PreCollectionRemoveEventListener {

    private static final long serialVersionUID = 1L;

    private final transient StoreGate gate;
    private final transient Set<SharedSessionContractImplementor> inside = ConcurrentHashMap.newKeySet();

    EntersGate(EntityManagerFactory entities, StoreGate gate) {
        this.gate = gate;
        EventListenerRegistry events = entities.unwrap(SessionFactoryImplementor.class)
                .getServiceRegistry()
                .requireService(EventListenerRegistry.class);
        events.appendListeners(EventType.PRE_INSERT, this);
        events.appendListeners(EventType.PRE_UPDATE, this);
        events.appendListeners(EventType.PRE_DELETE, this);
        events.appendListeners(EventType.PRE_COLLECTION_RECREATE, this);
        events.appendListeners(EventType.PRE_COLLECTION_UPDATE, this);
        events.appendListeners(EventType.PRE_COLLECTION_REMOVE, this);
    }

    @Override
    public boolean onPreInsert(PreInsertEvent event) {
        return goesOn(event.getSession());
    }

    @Override
    public boolean onPreUpdate(PreUpdateEvent event) {
        return goesOn(event.getSession());
    }

    @Override
    public boolean onPreDelete(PreDeleteEvent event) {
        return goesOn(event.getSession());
    }

    @Override
    public void onPreRecreateCollection(PreCollectionRecreateEvent event) {
        changes(event.getSession());
    }

    @Override
    public void onPreUpdateCollection(PreCollectionUpdateEvent event) {
        changes(event.getSession());
    }

    @Override
    public void onPreRemoveCollection(PreCollectionRemoveEvent event) {
        changes(event.getSession());
    }

    /** Never a veto. */
    private boolean goesOn(SharedSessionContractImplementor session) {
        changes(session);
        return false;
    }

    private void changes(SharedSessionContractImplementor session) {
        if (!inside.contains(session)) {
            gate.enter();
            inside.add(session);
            AfterCompletionCallback through = (committed, ended) -> {
                inside.remove(session);
                gate.leave();
            };
            session.asEventSource().getTransactionCompletionCallbacks().registerCallback(through);
        }
    }
}
