package yellowtally.server.seal;

import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.locks.ReentrantLock;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.server.support.ReadsAgain;

/**
 * The chain as it grows: one transaction after the other puts its lines at the end. Whoever seals holds the end from there until
 * the transaction is through; within that time it asks for nothing that another may hold.
 */
@Component
class Chain implements ReadsAgain {

    private static final int AT_ONCE = 2_000;

    private final DataSource database;
    private final Clock clock;
    private final SealedTables tables;
    private final RecordContents contents;
    private final ReentrantLock end = new ReentrantLock();
    private volatile Seal.Head head;
    private Seal.Head sealed;

    Chain(DataSource database, Clock clock) {
        this.database = database;
        this.clock = clock;
        try (Connection connection = database.getConnection()) {
            this.tables = new SealedTables(connection);
            this.contents = new RecordContents(tables);
            this.head = SealBook.head(connection);
            this.sealed = head;
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void readAgain() {
        end.lock();
        try (Connection connection = database.getConnection()) {
            head = SealBook.head(connection);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        } finally {
            end.unlock();
        }
    }

    /** The end of the chain, as it was committed. */
    Seal.Head head() {
        return head;
    }

    /** The table of the record that a row of a table belongs to; {@code null} for what is no record. */
    @Nullable
    String recordOf(String table) {
        return tables.recordOf(table);
    }

    /** Seals records as they stand in this transaction. {@link #through} has to follow. */
    void seal(Connection database, Collection<Seal.Subject> records) throws SQLException {
        end.lock();
        sealed = head;
        Instant at = now();
        Map<String, List<UUID>> byTable = new TreeMap<>();
        records.forEach(record -> byTable.computeIfAbsent(record.table(), table -> new ArrayList<>())
                .add(record.id()));
        List<Seal> lines = new ArrayList<>();
        for (Map.Entry<String, List<UUID>> some : byTable.entrySet()) {
            Map<UUID, Sum> sums = contents.of(database, some.getKey(), some.getValue());
            for (UUID id : some.getValue()) {
                lines.add(sealed.next(new Seal.Subject(some.getKey(), id), sums.get(id), at));
                sealed = lines.get(lines.size() - 1).head();
            }
        }
        SealBook.append(database, lines);
    }

    /** Seals every record that says something else than its newest line, after a line that says why. As {@link #seal}. */
    void sealAll(Connection database, String remark) throws SQLException {
        end.lock();
        Instant at = now();
        List<Seal> lines = new ArrayList<>();
        lines.add(head.next(remark, at));
        sealed = lines.get(0).head();
        Beside beside = new Beside(database, contents, () -> {});
        for (String table : tables.ofRecords()) {
            beside.look(table, (record, newest, now) -> {
                lines.add(sealed.next(record, now, at));
                sealed = lines.get(lines.size() - 1).head();
                if (lines.size() == AT_ONCE) {
                    SealBook.append(database, lines);
                    lines.clear();
                }
            });
        }
        SealBook.append(database, lines);
    }

    /** As exact as the database keeps it. */
    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    /** The transaction is over. Does nothing for one that sealed nothing. */
    void through(boolean committed) {
        if (end.isHeldByCurrentThread()) {
            if (committed) {
                head = sealed;
            }
            end.unlock();
        }
    }
}
