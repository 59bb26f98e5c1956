package yellowtally.server.support;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;

/** A fleet whose clock stands at {@code stopped.at}; not a component, so that only who asks for it has it. */
public class StoppedClock {

    @Bean
    @Primary
    FleetClock clockThatStands(@Value("${stopped.at}") Instant at) {
        return new FleetClock(Clock.fixed(at, ZoneOffset.UTC), new AtomicReference<>(Duration.ZERO));
    }
}
