package yellowtally.server.seal;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;
import org.springframework.stereotype.Component;

/** A change of form makes records say the same in other columns: they are sealed anew before anything is written. */
@Component
class SealsWhatIsDue {

    SealsWhatIsDue(DataSource database, Chain chain) {
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement()) {
            List<String> remarks = new ArrayList<>();
            try (ResultSet rows = statement.executeQuery("select remark from to_seal order by remark")) {
                while (rows.next()) {
                    remarks.add(rows.getString("remark"));
                }
            }
            if (!remarks.isEmpty()) {
                connection.setAutoCommit(false);
                boolean done = false;
                try {
                    chain.sealAll(connection, String.join("; ", remarks));
                    statement.executeUpdate("delete from to_seal");
                    connection.commit();
                    done = true;
                } finally {
                    chain.through(done);
                }
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }
}
