package yellowtally.server.exchange;

import jakarta.persistence.EntityManager;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import org.hibernate.Session;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import yellowtally.server.disk.StoreGate;
import yellowtally.server.seal.Verification;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.ReadsAgain;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Utf8Check;

/** Brings a whole fleet in where there are no records yet: all of it, as it was sealed, or nothing. */
@Service
class BringIn {

    private final EntityManager records;
    private final OnceOnly onceOnly;
    private final StoreGate gate;
    private final List<ReadsAgain> readers;
    private final AtomicLong rows = new AtomicLong();

    BringIn(EntityManager records, OnceOnly onceOnly, StoreGate gate, List<ReadsAgain> readers) {
        this.records = records;
        this.onceOnly = onceOnly;
        this.gate = gate;
        this.readers = readers;
    }

    /** How many rows of a file that is being read are read. */
    long rows() {
        return rows.get();
    }

    /** Brings in; {@code id} as with every write. */
    FleetFileReader.Read bringIn(UUID id, Path file) {
        AtomicReference<FleetFileReader.Read> read = new AtomicReference<>();
        rows.set(0);
        onceOnly.run(id, "fleet file", () -> {
            gate.enter();
            TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                @Override
                public void afterCompletion(int status) {
                    gate.leave();
                }
            });
            records.unwrap(Session.class).doWork(database -> read.set(read(database, file)));
        });
        readers.forEach(ReadsAgain::readAgain);
        return read.get();
    }

    private FleetFileReader.Read read(Connection database, Path file) throws SQLException {
        refuseBesideRecords(database);
        try (InputStream in = new BufferedInputStream(Files.newInputStream(file))) {
            FleetFileReader.Read read = FleetFileReader.read(database, in, rows::set);
            Utf8Check.refuseElse(file, "fleetFile");
            Verification.Verdict sealed = Verification.of(database);
            if (!sealed.whole()) {
                throw Refusal.unfit("", "fleetFile.altered", sealed.found());
            }
            if (!sealed.code().equals(read.head().seal())) {
                throw Refusal.unfit("", "fleetFile.cutOff", read.head().seal(), sealed.code());
            }
            return read;
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What a database begins with is no record: remarks in the row of seals, that go for those of the file. */
    private static void refuseBesideRecords(Connection database) throws SQLException {
        try (Statement statement = database.createStatement()) {
            for (FleetTable table : FleetTables.of(database).all()) {
                String record = table.name().equals("seal") ? " where record_id is not null" : "";
                try (ResultSet any = statement.executeQuery("select 1 from " + table.name() + record + " limit 1")) {
                    if (any.next()) {
                        throw Refusal.conflict("", "fleetFile.notEmpty");
                    }
                }
            }
            statement.executeUpdate("delete from seal");
        }
    }
}
