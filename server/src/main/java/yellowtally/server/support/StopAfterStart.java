package yellowtally.server.support;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Ends the application once it has started; the build does this to record which classes a start needs. */
@Component
@ConditionalOnProperty("yellowtally.stop-after-start")
class StopAfterStart {

    @EventListener
    void stop(ApplicationReadyEvent ready) {
        new Thread(() -> System.exit(SpringApplication.exit(ready.getApplicationContext())), "stop-after-start")
                .start();
    }
}
