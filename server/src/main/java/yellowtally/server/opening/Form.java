package yellowtally.server.opening;

import java.sql.Connection;
import java.util.Arrays;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationInfoService;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/** The form that records are kept in, and the one that this version keeps them in. */
final class Form {

    private final Flyway migrations;
    private MigrationInfoService found;

    Form(Connection database) {
        FluentConfiguration settings = Flyway.configure()
                .dataSource(new SingleConnectionDataSource(database, true))
                .loggers("slf4j");
        this.migrations = settings.load();
        this.found = migrations.info();
    }

    private MigrationVersion newestKnown() {
        return Arrays.stream(found.all())
                .filter(one -> one.getState().isResolved())
                .map(MigrationInfo::getVersion)
                .max(MigrationVersion::compareTo)
                .orElse(MigrationVersion.EMPTY);
    }

    private MigrationVersion now() {
        MigrationInfo current = found.current();
        return current == null ? MigrationVersion.EMPTY : current.getVersion();
    }

    /** Whether there are records, of whatever form. */
    boolean hasRecords() {
        return found.current() != null;
    }

    /** Whether they are of a form that this version does not know yet. */
    boolean isNewer() {
        return now().compareTo(newestKnown()) > 0;
    }

    /** Whether they are of an earlier form. */
    boolean isOlder() {
        return found.pending().length > 0;
    }

    /** Of the records, in a word. */
    String name() {
        return String.valueOf(now());
    }

    /** Of this version, in a word. */
    String newestName() {
        return String.valueOf(newestKnown());
    }

    void bringUp() {
        migrations.migrate();
        found = migrations.info();
    }
}
