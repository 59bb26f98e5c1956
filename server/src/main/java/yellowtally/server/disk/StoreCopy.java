package yellowtally.server.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.concurrent.atomic.AtomicReference;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.h2.mvstore.FileStore;
import org.h2.mvstore.MVStore;
import org.h2.mvstore.MVStoreException;
import org.jspecify.annotations.Nullable;

/** Copies the file of the database as it is at one moment; who writes waits meanwhile, who reads does not. */
public final class StoreCopy {

    private static final int AT_ONCE = 1 << 20;

    private StoreCopy() {}

    /**
     * Copies everything that was committed.
     *
     * @param gate keeps whoever writes out meanwhile
     * @param target a file that is not there yet
     * @throws IOException when it cannot be copied, or the records are kept in memory
     */
    public static void make(Connection database, StoreGate gate, Path target) throws IOException {
        try {
            MVStore store = storeOf(database);
            FileStore<?> file = store.getFileStore();
            if (file == null) {
                throw new IOException("kept in memory");
            }
            AtomicReference<@Nullable IOException> failed = new AtomicReference<>();
            gate.still(() -> {
                store.commit();
                // Whatever went wrong in there would be taken for the end of the store.
                store.executeFilestoreOperation(() -> failed.set(copy(file, target)));
            });
            IOException failure = failed.get();
            if (failure != null) {
                throw failure;
            }
        } catch (SQLException | MVStoreException e) {
            throw new IOException(e);
        }
    }

    static MVStore storeOf(Connection database) throws SQLException {
        SessionLocal session =
                (SessionLocal) database.unwrap(JdbcConnection.class).getSession();
        return session.getDatabase().getStore().getMvStore();
    }

    private static @Nullable IOException copy(FileStore<?> file, Path target) {
        try (FileChannel out = FileChannel.open(target, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
            for (long at = 0, end = file.size(); at < end; ) {
                ByteBuffer some = file.readFully(null, at, (int) Math.min(AT_ONCE, end - at));
                some.rewind();
                at += some.remaining();
                while (some.hasRemaining()) {
                    out.write(some);
                }
            }
            out.force(true);
            return null;
        } catch (IOException e) {
            return e;
        } catch (RuntimeException e) {
            return new IOException(e);
        }
    }
}
