package yellowtally.server.disk;

import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.h2.mvstore.FileStore;
import org.h2.mvstore.MVStore;
import org.h2.mvstore.MVStoreException;
import org.springframework.stereotype.Component;

/** The file behind the database. */
@Component
class StoreFile {

    private final DataSource database;
    private final StoreGate gate;

    StoreFile(DataSource database, StoreGate gate) {
        this.database = database;
        this.gate = gate;
    }

    /**
     * Writes what was committed and forces it to the disk. Not by {@code checkpoint sync}: that forces the file while what another
     * thread has begun to write may still be on its way to it (H2 2.4), and so a write would be acknowledged too soon.
     */
    void force() throws SQLException {
        try (Connection connection = database.getConnection()) {
            MVStore store = StoreCopy.storeOf(connection);
            FileStore<?> file = store.getFileStore();
            if (file != null) {
                gate.still(store::commit);
                // Waits for what is under way, and goes on when all of it is written.
                store.executeFilestoreOperation(file::sync);
            }
        } catch (MVStoreException e) {
            throw new SQLException(e);
        }
    }
}
