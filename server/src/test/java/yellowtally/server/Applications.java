package yellowtally.server;

import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** Starts applications for tests one after the other: two that start at a moment trip over what they share, such as the log. */
final class Applications {

    private Applications() {}

    static synchronized ConfigurableApplicationContext start(SpringApplication application, String... settings) {
        return application.run(settings);
    }

    static ConfigurableApplicationContext start(String... settings) {
        return start(new SpringApplication(YellowTallyApplication.class), settings);
    }
}
