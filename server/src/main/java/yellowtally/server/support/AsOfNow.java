package yellowtally.server.support;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;

/** Reads the records as they are at one moment, however long it takes: what is written meanwhile is not seen, and waits for nobody. */
public final class AsOfNow {

    private AsOfNow() {}

    /** What is done meanwhile. */
    public interface Reading<T, X extends Exception> {
        T read(Connection database) throws SQLException, X;
    }

    /** Reads. Nothing that is written on this connection stays. */
    public static <T, X extends Exception> T read(DataSource database, Reading<T, X> reading) throws SQLException, X {
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement()) {
            connection.setAutoCommit(false);
            statement.execute("set session characteristics as transaction isolation level snapshot");
            try {
                return reading.read(connection);
            } finally {
                connection.rollback();
                statement.execute("set session characteristics as transaction isolation level read committed");
                connection.setAutoCommit(true);
            }
        }
    }
}
