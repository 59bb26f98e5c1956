package yellowtally.server.disk;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;
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

    private static final String IN_A_FILE = "ordered:";

    private final DataSource database;
    private final OnDisk disk;
    private final String store;

    TidiesUp(DataSource database, OnDisk disk, @Value("${yellowtally.store}") String store) {
        this.database = database;
        this.disk = disk;
        this.store = store;
    }

    @PreDestroy
    void tidyUp() {
        if (!store.startsWith(IN_A_FILE) || !disk.used()) {
            return;
        }
        Path file = Path.of(store.substring(IN_A_FILE.length()) + ".mv.db");
        try {
            if (Files.size(file) <= MOST_BYTES) {
                try (Connection connection = database.getConnection();
                        Statement statement = connection.createStatement()) {
                    statement.execute("shutdown compact");
                }
            }
        } catch (IOException | SQLException e) {
            // The records are where they were; the next end tries again.
            LOG.warn("The file of the records could not be tidied up: {}", e.getMessage());
        }
    }
}
