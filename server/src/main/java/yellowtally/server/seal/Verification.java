package yellowtally.server.seal;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Goes through the whole chain and every record: whether each line follows the one before, and each record says what its newest
 * line says. Bounded in memory: some records at a time, by their ids.
 */
public final class Verification {

    /** More than these are counted, not told. */
    private static final int TOLD = 20;

    private static final int LINES_AT_ONCE = 10_000;

    private static final Comparator<Wrong> AS_SEALED =
            Comparator.comparing(Wrong::n, Comparator.nullsLast(Comparator.naturalOrder()));

    private final Connection database;
    private final SealedTables tables;
    private final Beside beside;
    private final Runnable between;
    private final List<Wrong> wrong = new ArrayList<>();
    private final List<String> remarks = new ArrayList<>();
    private long records;
    private long found;

    private Verification(Connection database, Runnable between) throws SQLException {
        this.database = database;
        this.between = between;
        this.tables = new SealedTables(database);
        this.beside = new Beside(database, new RecordContents(tables), between);
    }

    /** What is wrong with a record or with a line of the chain. */
    public enum WrongKind {
        /** A record says something else than when it was sealed. */
        ALTERED,
        /** A record was sealed and is not there. */
        MISSING,
        /** A record was never sealed. */
        INSERTED,
        /** A line of the chain does not follow the one before: it was altered, or some before it are gone. */
        BROKEN
    }

    /**
     * Something that is not as it was sealed.
     *
     * @param n the line of the chain; absent for a record that was never sealed
     * @param table of the record; absent for a broken line
     * @param record its id; absent for a broken line
     */
    public record Wrong(
            WrongKind kind,
            @Nullable Long n,
            @Nullable String table,
            @Nullable UUID record) {}

    /**
     * What was found.
     *
     * @param lines of the chain
     * @param records that were compared
     * @param found how many lines and records are not as they were sealed
     * @param code the end of the chain, as it is printed: number and beginning of the hash
     * @param wrong the first of what is wrong, in the order of the chain; records that were never sealed at the end
     * @param remarks why records were sealed anew, in order
     */
    public record Verdict(long lines, long records, long found, String code, List<Wrong> wrong, List<String> remarks) {

        /** Whether every record is as it was sealed. */
        public boolean whole() {
            return found == 0;
        }
    }

    /** Goes through a database that nobody writes to meanwhile, or in a transaction that sees none of it. */
    public static Verdict of(Connection database) throws SQLException {
        return of(database, () -> {});
    }

    /**
     * The same, and may be given up.
     *
     * @param between called between some records and the next; what it throws ends the whole
     */
    public static Verdict of(Connection database, Runnable between) throws SQLException {
        Verification verification = new Verification(database, between);
        Seal.Head end = verification.lines();
        for (String table : verification.tables.ofRecords()) {
            verification.records += verification.beside.look(table, verification::differs);
        }
        return new Verdict(
                end.n(),
                verification.records,
                verification.found,
                end.code(),
                verification.first(),
                List.copyOf(verification.remarks));
    }

    private void differs(Seal.Subject record, Beside.@Nullable Newest newest, @Nullable Sum now) {
        WrongKind kind = newest == null ? WrongKind.INSERTED : now == null ? WrongKind.MISSING : WrongKind.ALTERED;
        wrong(new Wrong(kind, newest == null ? null : newest.n(), record.table(), record.id()));
    }

    private void wrong(Wrong one) {
        found++;
        wrong.add(one);
        if (wrong.size() > 100 * TOLD) {
            wrong.sort(AS_SEALED);
            wrong.subList(TOLD, wrong.size()).clear();
        }
    }

    private List<Wrong> first() {
        wrong.sort(AS_SEALED);
        return List.copyOf(wrong.subList(0, Math.min(TOLD, wrong.size())));
    }

    /** Whether each line follows the one before; returns the end. */
    private Seal.Head lines() throws SQLException {
        Seal.Head[] end = {Seal.NONE};
        SealBook.read(database, 0, line -> {
            if (line.n() % LINES_AT_ONCE == 0) {
                between.run();
            }
            if (!end[0].isFollowedBy(line)) {
                wrong(new Wrong(WrongKind.BROKEN, line.n(), null, null));
            }
            if (line.remark() != null) {
                remarks.add(line.remark());
            }
            end[0] = line.head();
            return true;
        });
        return end[0];
    }
}
