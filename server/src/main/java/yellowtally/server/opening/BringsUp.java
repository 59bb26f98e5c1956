package yellowtally.server.opening;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Optional;
import org.flywaydb.core.api.FlywayException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import yellowtally.server.backup.BackupMaker;
import yellowtally.server.disk.StoreGate;

/** Brings records to the form of this version. A copy is made first: a change of form cannot be taken back half way. */
final class BringsUp {

    private static final Logger LOG = LoggerFactory.getLogger(BringsUp.class);

    private final Connection database;
    private final Form form;
    private final Optional<DataFolder> folder;
    private final Path backups;

    /** For records in a folder; none is given for records in memory, which are a copy themselves. */
    BringsUp(Connection database, Form form, Optional<DataFolder> folder, Path backups) {
        this.database = database;
        this.form = form;
        this.folder = folder;
        this.backups = backups;
    }

    /** A change of form that failed, and the copy of the records as they were before. */
    static final class Failed extends RuntimeException {

        private static final long serialVersionUID = 1L;

        private final transient Optional<Path> copy;

        Failed(Optional<Path> copy, FlywayException cause) {
            super(firstLineOf(cause), cause);
            this.copy = copy;
        }

        /** The database says it best; all around it are pages. */
        private static String firstLineOf(Throwable failure) {
            Throwable first = failure;
            while (first.getCause() != null) {
                first = first.getCause();
            }
            return String.valueOf(first.getMessage()).lines().findFirst().orElse("");
        }

        Optional<Path> copy() {
            return copy;
        }
    }

    /** Does it; nothing where the records are of this form already. */
    void bringUp() throws IOException, SQLException {
        if (!form.isOlder()) {
            return;
        }
        if (folder.isEmpty() || !form.hasRecords()) {
            change(Optional.empty());
            return;
        }
        BackupMaker.Made copy = new BackupMaker(folder.get().path(), backups, StoreGate.alone())
                .make(
                        database,
                        LocalDateTime.now(Clock.system(ZoneId.systemDefault())),
                        "before-form-" + form.newestName());
        LOG.info("The records as they were: {}", copy.file());
        folder.get().formIsChanging(copy.file());
        change(Optional.of(copy.file()));
        if (copy.content().found() > 0) {
            remember(copy.content().found());
        }
        folder.get().formIsChanged();
    }

    private void change(Optional<Path> copy) {
        try {
            form.bringUp();
        } catch (FlywayException e) {
            throw new Failed(copy, e);
        }
    }

    /** From here on all is sealed anew: that something was wrong before must not be forgotten over it. */
    private void remember(long found) throws SQLException {
        try (PreparedStatement statement = database.prepareStatement("insert into to_seal (remark) values (?)")) {
            statement.setString(1, found + " records were not as they had been sealed before form " + form.name());
            statement.executeUpdate();
        }
    }
}
