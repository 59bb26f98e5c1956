package yellowtally.server.disk;

import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;

/** What has to be so before the database is opened. */
public class StoreOpens implements ApplicationContextInitializer<ConfigurableApplicationContext> {

    @Override
    public void initialize(ConfigurableApplicationContext context) {
        OrderedFilePath.register();
    }
}
