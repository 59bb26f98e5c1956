package yellowtally.server.disk;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import java.util.Set;
import javax.sql.DataSource;
import org.h2.api.ErrorCode;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Writes the file of the database anew when the application ends, without what lies between the records: into another file that
 * takes its place when it is whole. Only when something was written, and while that takes seconds and not minutes.
 */
@Component
class TidiesUp {

    private static final Logger LOG = LoggerFactory.getLogger(TidiesUp.class);

    /** Written anew in about ten seconds. */
    private static final long MOST_BYTES = 256L * 1024 * 1024;

    private static final Set<Integer> CLOSED =
            Set.of(ErrorCode.DATABASE_IS_CLOSED, ErrorCode.DATABASE_CALLED_AT_SHUTDOWN);

    private final DataSource database;
    private final OnDisk disk;
    private final StoreWatch watch;
    private final Optional<Path> file;
    private final long sizeAtStart;

    TidiesUp(DataSource database, OnDisk disk, StoreWatch watch, @Value("${yellowtally.store}") String store) {
        this.database = database;
        this.disk = disk;
        this.watch = watch;
        this.file = StorePlace.of(store).file();
        this.sizeAtStart = size();
    }

    @PreDestroy
    void tidyUp() {
        long size = size();
        if (watch.trouble().isEmpty() && size > 0 && size <= MOST_BYTES && (disk.used() || size > sizeAtStart)) {
            try {
                writeAnew();
            } catch (SQLException e) {
                // The records are where they were; the next end tries again.
                LOG.warn("The file of the records could not be tidied up: {}", e.getMessage());
            }
        }
    }

    /** Of the file, in bytes; none while the records are kept in memory. */
    private long size() {
        try {
            return file.isPresent() && Files.exists(file.get()) ? Files.size(file.get()) : 0;
        } catch (IOException e) {
            return 0;
        }
    }

    private void writeAnew() throws SQLException {
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("shutdown compact");
        } catch (SQLException e) {
            // With the database its connections are closed, this one too.
            if (!CLOSED.contains(e.getErrorCode())) {
                throw e;
            }
        }
    }
}
