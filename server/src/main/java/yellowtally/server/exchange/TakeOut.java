package yellowtally.server.exchange;

import java.io.IOException;
import java.io.OutputStream;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.concurrent.Semaphore;
import javax.sql.DataSource;
import org.springframework.stereotype.Service;
import yellowtally.server.seal.Seals;
import yellowtally.server.sheets.SheetBook;
import yellowtally.server.support.AsOfNow;
import yellowtally.server.support.Refusal;

/** Takes all records out, as they are at one moment. One at a time: each reads everything there is. */
@Service
class TakeOut {

    private final DataSource database;
    private final Clock clock;
    private final Semaphore one = new Semaphore(1);

    TakeOut(DataSource database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Where it is written to; opened when there is something to be written, so that a refusal can still be told. */
    interface Target {
        OutputStream open() throws IOException;
    }

    /** A book of sheets that is made for a stream. */
    interface Binder {
        SheetBook bind(OutputStream out) throws IOException;
    }

    /** All records, as one file. */
    void fleetFile(Target target) throws IOException {
        alone(connection -> FleetFileWriter.write(connection, head(connection), target.open()));
    }

    /** All records as sheets that anybody reads. */
    void sheets(Target target, Binder binder) throws IOException {
        alone(connection -> {
            SheetBook book = binder.bind(target.open());
            FleetSheets.write(connection, clock.getZone(), book);
            book.end();
        });
    }

    private interface Writing {
        void write(Connection connection) throws SQLException, IOException;
    }

    private void alone(Writing writing) throws IOException {
        if (!one.tryAcquire()) {
            throw Refusal.later("takeOut.busy");
        }
        try {
            AsOfNow.<Boolean, IOException>read(database, connection -> {
                writing.write(connection);
                return true;
            });
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        } finally {
            one.release();
        }
    }

    private FleetFile.Head head(Connection connection) throws SQLException {
        String taken = clock.instant().truncatedTo(ChronoUnit.SECONDS).toString();
        String seal = Seals.codeIn(connection);
        int form = FleetTables.of(connection).form();
        try (Statement statement = connection.createStatement();
                ResultSet fleet = statement.executeQuery("select name, zone from fleet")) {
            return fleet.next()
                    ? new FleetFile.Head(form, taken, fleet.getString("name"), fleet.getString("zone"), seal)
                    : new FleetFile.Head(form, taken, "", "", seal);
        }
    }
}
