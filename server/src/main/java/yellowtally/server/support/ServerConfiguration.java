package yellowtally.server.support;

import io.swagger.v3.core.jackson.ModelResolver;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import java.time.Clock;
import java.time.Duration;
import java.time.ZoneId;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnMissingBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The clock and the description of the interface. */
@Configuration
class ServerConfiguration {

    static {
        ModelResolver.enumsAsRef = true;
    }

    /**
     * The clock of the fleet: instants in UTC, days in the fleet's zone. A clock that is set ahead shows in a practice copy
     * what a day of waiting would.
     */
    @Bean
    @ConditionalOnMissingBean
    Clock clock(@Value("${yellowtally.zone:}") String zone, @Value("${yellowtally.clock.ahead:0s}") Duration ahead) {
        return Clock.offset(Clock.system(zone.isEmpty() ? ZoneId.systemDefault() : ZoneId.of(zone)), ahead);
    }

    @Bean
    OpenAPI description() {
        return new OpenAPI().info(new Info().title("Yellow Tally").version("1"));
    }
}
