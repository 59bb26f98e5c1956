package yellowtally.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;

/** Starts the one process that serves the interface and the screens. */
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
@EnableJpaRepositories(considerNestedRepositories = true)
public class YellowTallyApplication {

    public static void main(String[] args) {
        SpringApplication.run(YellowTallyApplication.class, args);
    }
}
