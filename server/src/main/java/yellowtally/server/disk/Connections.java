package yellowtally.server.disk;

import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.datasource.DelegatingDataSource;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/**
 * The connections to the database. Hibernate asks each for its time limit, and the first time the driver looks that up in a table
 * for which the database waits for whoever writes. So it is asked when the connection is made: who reads must not wait while a
 * write waits for room on the disk.
 */
@Configuration(proxyBeanMethods = false)
class Connections {

    @Bean
    @ConfigurationProperties("spring.datasource.hikari")
    HikariDataSource database(
            @Value("${spring.datasource.url}") String url,
            @Value("${spring.datasource.username}") String user,
            @Value("${spring.datasource.password}") String password) {
        HikariDataSource pool = new HikariDataSource();
        pool.setDataSource(new KnowTheirLimit(new DriverManagerDataSource(url, user, password)));
        return pool;
    }

    private static final class KnowTheirLimit extends DelegatingDataSource {

        KnowTheirLimit(DataSource made) {
            super(made);
        }

        @Override
        public Connection getConnection() throws SQLException {
            Connection connection = super.getConnection();
            try (Statement statement = connection.createStatement()) {
                statement.getQueryTimeout();
            }
            return connection;
        }
    }
}
