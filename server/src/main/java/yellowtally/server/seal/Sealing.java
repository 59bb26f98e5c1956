package yellowtally.server.seal;

import jakarta.persistence.EntityManagerFactory;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.hibernate.engine.spi.SessionFactoryImplementor;
import org.hibernate.engine.spi.SharedSessionContractImplementor;
import org.hibernate.engine.spi.TransactionCompletionCallbacks;
import org.hibernate.engine.spi.TransactionCompletionCallbacks.AfterCompletionCallback;
import org.hibernate.engine.spi.TransactionCompletionCallbacks.BeforeCompletionCallback;
import org.hibernate.event.service.spi.EventListenerRegistry;
import org.hibernate.event.spi.AbstractCollectionEvent;
import org.hibernate.event.spi.EventSource;
import org.hibernate.event.spi.EventType;
import org.hibernate.event.spi.PostCollectionRecreateEvent;
import org.hibernate.event.spi.PostCollectionRecreateEventListener;
import org.hibernate.event.spi.PostCollectionRemoveEvent;
import org.hibernate.event.spi.PostCollectionRemoveEventListener;
import org.hibernate.event.spi.PostCollectionUpdateEvent;
import org.hibernate.event.spi.PostCollectionUpdateEventListener;
import org.hibernate.event.spi.PostDeleteEvent;
import org.hibernate.event.spi.PostDeleteEventListener;
import org.hibernate.event.spi.PostInsertEvent;
import org.hibernate.event.spi.PostInsertEventListener;
import org.hibernate.event.spi.PostUpdateEvent;
import org.hibernate.event.spi.PostUpdateEventListener;
import org.hibernate.persister.entity.EntityPersister;
import org.springframework.stereotype.Component;

/** Sees what a transaction writes, and seals it before the transaction ends: in one with it, or not at all. */
@Component
class Sealing
        implements PostInsertEventListener,
                PostUpdateEventListener,
                PostDeleteEventListener,
                PostCollectionRecreateEventListener,
                PostCollectionUpdateEventListener,
                PostCollectionRemoveEventListener {

    private static final long serialVersionUID = 1L;

    private final transient Chain chain;
    private final transient Map<SharedSessionContractImplementor, Set<Seal.Subject>> written =
            new ConcurrentHashMap<>();

    Sealing(EntityManagerFactory entities, Chain chain) {
        this.chain = chain;
        EventListenerRegistry events = entities.unwrap(SessionFactoryImplementor.class)
                .getServiceRegistry()
                .requireService(EventListenerRegistry.class);
        events.appendListeners(EventType.POST_INSERT, this);
        events.appendListeners(EventType.POST_UPDATE, this);
        events.appendListeners(EventType.POST_DELETE, this);
        events.appendListeners(EventType.POST_COLLECTION_RECREATE, this);
        events.appendListeners(EventType.POST_COLLECTION_UPDATE, this);
        events.appendListeners(EventType.POST_COLLECTION_REMOVE, this);
    }

    @Override
    public void onPostInsert(PostInsertEvent event) {
        written(event.getSession(), event.getPersister(), event.getId());
    }

    @Override
    public void onPostUpdate(PostUpdateEvent event) {
        written(event.getSession(), event.getPersister(), event.getId());
    }

    @Override
    public void onPostDelete(PostDeleteEvent event) {
        written(event.getSession(), event.getPersister(), event.getId());
    }

    @Override
    public void onPostRecreateCollection(PostCollectionRecreateEvent event) {
        written(event);
    }

    @Override
    public void onPostUpdateCollection(PostCollectionUpdateEvent event) {
        written(event);
    }

    @Override
    public void onPostRemoveCollection(PostCollectionRemoveEvent event) {
        written(event);
    }

    @Override
    public boolean requiresPostCommitHandling(EntityPersister persister) {
        return false;
    }

    private void written(AbstractCollectionEvent event) {
        Object owner = event.getAffectedOwnerIdOrNull();
        if (owner != null) {
            written(event.getSession(), event.getCollectionPersister().getOwnerEntityPersister(), owner);
        }
    }

    private void written(SharedSessionContractImplementor session, EntityPersister kind, Object id) {
        String table = chain.recordOf(kind.getTableName());
        if (table != null) {
            written.computeIfAbsent(session, this::begun).add(new Seal.Subject(table, ownId(id)));
        }
    }

    /** The id of the record; of a row that belongs to one its key begins with it. */
    private static UUID ownId(Object id) {
        return id instanceof PartOfRecord part ? part.recordId() : (UUID) id;
    }

    private Set<Seal.Subject> begun(SharedSessionContractImplementor session) {
        EventSource source = session.asEventSource();
        TransactionCompletionCallbacks transaction = source.getTransactionCompletionCallbacks();
        BeforeCompletionCallback seal =
                ending -> source.doWork(connection -> chain.seal(connection, written.getOrDefault(session, Set.of())));
        AfterCompletionCallback through = (committed, ended) -> {
            written.remove(session);
            chain.through(committed);
        };
        transaction.registerCallback(seal);
        transaction.registerCallback(through);
        return new LinkedHashSet<>();
    }
}
