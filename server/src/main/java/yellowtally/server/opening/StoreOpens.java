package yellowtally.server.opening;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Optional;
import org.h2.api.ErrorCode;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ApplicationListener;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.core.env.Environment;
import yellowtally.server.disk.Damage;
import yellowtally.server.disk.OrderedFilePath;
import yellowtally.server.disk.StorePlace;

/**
 * Opens the records before the application does, looks whether they can be used, and brings them to the form of this version. Over
 * a connection of its own: what a change of form leaves in the memory of the database is bound to the connection that made it, and
 * must not end with one of the pool.
 */
public class StoreOpens implements ApplicationContextInitializer<ConfigurableApplicationContext> {

    @Override
    public void initialize(ConfigurableApplicationContext context) {
        OrderedFilePath.register();
        Environment settings = context.getEnvironment();
        Optional<DataFolder> folder = StorePlace.of(settings.getRequiredProperty("yellowtally.store"))
                .file()
                .map(DataFolder::new);
        folder.ifPresent(place -> lookFor(place, settings));
        Connection database = open(settings, folder);
        if (folder.isEmpty()) {
            use(database, folder, settings);
            // What is kept in memory is there as long as somebody has it open.
            context.addApplicationListener((ApplicationListener<ContextClosedEvent>) closed -> close(database));
            return;
        }
        try {
            use(database, folder, settings);
        } catch (BringsUp.Failed failed) {
            close(database);
            throw folder.get().putBack(failed);
        } finally {
            close(database);
        }
        folder.get().recordsAreKeptHere();
    }

    private static void use(Connection database, Optional<DataFolder> folder, Environment settings) {
        Form form = new Form(database);
        if (folder.isPresent() && folder.get().expectsRecords() && !form.hasRecords()) {
            throw lost(folder.get());
        }
        if (form.isNewer()) {
            throw new StoreUnusable(
                    "The records were written by a newer version of Yellow Tally (form " + form.name()
                            + "; this version knows " + form.newestName() + "). Nothing was touched.",
                    "Start the newer version, or restore a backup from before: ./run --restore FILE.");
        }
        try {
            new BringsUp(database, form, folder, Path.of(settings.getRequiredProperty("yellowtally.backups")))
                    .bringUp();
        } catch (IOException | SQLException e) {
            throw new StoreUnusable(
                    "The records are of form " + form.name() + " and have to be brought to form " + form.newestName()
                            + "; no copy of them could be made first: " + e.getMessage() + ". Nothing was touched.",
                    "See that there is room where backups are put, or choose another folder with --backups.",
                    e);
        }
    }

    private static void lookFor(DataFolder folder, Environment settings) {
        folder.prepare();
        boolean beginAnew = settings.getProperty("yellowtally.begin-anew", Boolean.class, false);
        if (beginAnew && !folder.hasFile()) {
            folder.forget();
            return;
        }
        boolean expected =
                folder.expectsRecords() || settings.getProperty("yellowtally.expected", Boolean.class, false);
        if (expected && !folder.hasFile()) {
            throw lost(folder);
        }
        folder.putBackWhatWasCutOff();
    }

    private static StoreUnusable lost(DataFolder folder) {
        return new StoreUnusable(
                "The records that were kept in " + folder.path() + " are not there. " + folder.contents(),
                "Put the file yellow-tally.mv.db back, or restore a backup: ./run --restore FILE. Nothing was begun in their"
                        + " place; to begin anew on purpose: ./run --new.");
    }

    /** As the application opens it, but for the tidying up at the end. */
    private static Connection open(Environment settings, Optional<DataFolder> folder) {
        String url = settings.getRequiredProperty("spring.datasource.url")
                .replaceFirst("MAX_COMPACT_TIME=\\d+", "MAX_COMPACT_TIME=0");
        try {
            return DriverManager.getConnection(
                    url,
                    settings.getProperty("spring.datasource.username"),
                    settings.getProperty("spring.datasource.password"));
        } catch (SQLException e) {
            String where = folder.map(place -> place.path().toString()).orElse("memory");
            if (e.getErrorCode() == ErrorCode.DATABASE_ALREADY_OPEN_1) {
                throw new StoreUnusable(
                        "Another Yellow Tally has the records in " + where + " open.",
                        "End that one first, or give another folder with --data.",
                        e);
            }
            if (Damage.in(e)) {
                throw new StoreUnusable(
                        "The file of the records in " + where
                                + " is damaged and cannot be opened. It is left as it is.",
                        "Restore the newest backup: ./run --restore FILE.",
                        e);
            }
            throw new StoreUnusable(
                    "The records in " + where + " cannot be opened: " + e.getMessage() + ".",
                    "See that there is room on the disk and that the folder may be read and written.",
                    e);
        }
    }

    private static void close(Connection database) {
        try {
            database.close();
        } catch (SQLException e) {
            // It was read, and what was written was committed.
        }
    }
}
