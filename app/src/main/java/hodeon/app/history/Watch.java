package hodeon.app.history;

import hodeon.app.household.Member;
import hodeon.app.people.PeopleService;
import hodeon.app.storage.seal.Seal;
import jakarta.annotation.PostConstruct;
import jakarta.persistence.EntityManager;
import java.sql.Connection;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.hibernate.engine.spi.SessionFactoryImplementor;
import org.hibernate.engine.spi.SharedSessionContractImplementor;
import org.hibernate.event.service.spi.EventListenerRegistry;
import org.hibernate.event.spi.AbstractCollectionEvent;
import org.hibernate.event.spi.AbstractPreDatabaseOperationEvent;
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
import org.hibernate.persister.entity.EntityPersister;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/**
 * Sees every row that is about to change, in the transaction that changes it, whoever wrote the code for it. Before the first change of
 * a thing its rows are read; when all is written and nothing is committed yet, they are read again, and what is different is noted in the
 * same transaction: a change is noted with its maker, or not made.
 */
@Component
class Watch
        implements PreInsertEventListener,
                PreUpdateEventListener,
                PreDeleteEventListener,
                PreCollectionUpdateEventListener,
                PreCollectionRemoveEventListener,
                PreCollectionRecreateEventListener {

    private final transient EntityManager entities;
    private final transient Seal seal;
    private final transient Clock clock;
    private final transient Map<SharedSessionContractImplementor, Noting> open = new ConcurrentHashMap<>();

    Watch(EntityManager entities, Seal seal, Clock clock) {
        this.entities = entities;
        this.seal = seal;
        this.clock = clock;
    }

    @PostConstruct
    void begin() {
        EventListenerRegistry events = entities.getEntityManagerFactory()
                .unwrap(SessionFactoryImplementor.class)
                .getServiceRegistry()
                .requireService(EventListenerRegistry.class);
        events.appendListeners(EventType.PRE_INSERT, this);
        events.appendListeners(EventType.PRE_UPDATE, this);
        events.appendListeners(EventType.PRE_DELETE, this);
        events.appendListeners(EventType.PRE_COLLECTION_UPDATE, this);
        events.appendListeners(EventType.PRE_COLLECTION_REMOVE, this);
        events.appendListeners(EventType.PRE_COLLECTION_RECREATE, this);
    }

    @Override
    public boolean onPreInsert(PreInsertEvent event) {
        return seen(event);
    }

    @Override
    public boolean onPreUpdate(PreUpdateEvent event) {
        return seen(event);
    }

    @Override
    public boolean onPreDelete(PreDeleteEvent event) {
        return seen(event);
    }

    @Override
    public void onPreUpdateCollection(PreCollectionUpdateEvent event) {
        lines(event);
    }

    @Override
    public void onPreRemoveCollection(PreCollectionRemoveEvent event) {
        lines(event);
    }

    @Override
    public void onPreRecreateCollection(PreCollectionRecreateEvent event) {
        lines(event);
    }

    /** Answers that nothing is forbidden. */
    private boolean seen(AbstractPreDatabaseOperationEvent event) {
        touched(event.getSession(), event.getPersister(), event.getId());
        return false;
    }

    private void lines(AbstractCollectionEvent event) {
        touched(
                event.getSession(),
                event.getCollectionPersister().getOwnerEntityPersister(),
                event.getAffectedOwnerIdOrNull());
    }

    private void touched(SharedSessionContractImplementor session, EntityPersister persister, @Nullable Object id) {
        Tracked.of(persister.getMappedTableDetails().getTableName()).ifPresent(of -> by().ifPresent(member ->
                session.doWork(connection -> noting(session, member).before(on(connection), of, id))));
    }

    /** In the transaction that takes somebody out of the book. */
    @EventListener
    void erased(PeopleService.Erased gone) {
        by().ifPresent(member -> noting(entities.unwrap(SharedSessionContractImplementor.class), member)
                .forget(gone.personId(), gone.name()));
    }

    private static Optional<Member> by() {
        return Optional.ofNullable(SecurityContextHolder.getContext().getAuthentication())
                .map(Authentication::getPrincipal)
                .filter(Member.class::isInstance)
                .map(Member.class::cast)
                .filter(m -> m.role().isPresent());
    }

    private Noting noting(SharedSessionContractImplementor session, Member member) {
        return open.computeIfAbsent(session, s -> {
            s.getTransactionCompletionCallbacks().registerCallback(this::note);
            s.getTransactionCompletionCallbacks()
                    .registerCallback((boolean committed, SharedSessionContractImplementor done) -> open.remove(done));
            return new Noting(member.householdId(), member.getUsername(), seal);
        });
    }

    /** All is written, and nothing is committed yet. */
    private void note(SharedSessionContractImplementor session) {
        LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
        Optional.ofNullable(open.get(session))
                .ifPresent(noting -> session.doWork(connection -> noting.after(on(connection), now)));
    }

    private static JdbcTemplate on(Connection connection) {
        return new JdbcTemplate(new SingleConnectionDataSource(connection, true));
    }
}
