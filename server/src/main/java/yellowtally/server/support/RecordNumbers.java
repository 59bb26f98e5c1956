package yellowtally.server.support;

import jakarta.persistence.PrePersist;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.concurrent.atomic.AtomicLong;
import javax.sql.DataSource;
import org.springframework.stereotype.Component;

/**
 * Numbers records in the order in which they are written, so that no time has to be invented to tell which came first. Counts
 * on from the highest number on record: the database file is locked by this process, nobody else counts. A write that failed
 * leaves a gap.
 */
@Component
public class RecordNumbers implements ReadsAgain {

    private static final String HIGHEST = """
            select greatest(coalesce((select max(seq) from work_record), 0),
                            coalesce((select max(seq) from work_void), 0),
                            coalesce((select max(seq) from visit_event), 0),
                            coalesce((select max(seq) from fault_event), 0))""";

    private final DataSource database;
    private final AtomicLong last;

    RecordNumbers(DataSource database) {
        this.database = database;
        this.last = new AtomicLong(highest(database));
    }

    @Override
    public void readAgain() {
        last.accumulateAndGet(highest(database), Math::max);
    }

    @PrePersist
    void number(Object record) {
        ((Numbered) record).number(last.incrementAndGet());
    }

    private static long highest(DataSource database) {
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(HIGHEST)) {
            rows.next();
            return rows.getLong(1);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }
}
