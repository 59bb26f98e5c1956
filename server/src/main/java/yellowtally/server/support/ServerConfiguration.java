package yellowtally.server.support;

import io.swagger.v3.core.jackson.ModelResolver;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import java.time.ZoneId;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The clock and the description of the interface. */
@Configuration
@EnableScheduling
class ServerConfiguration {

    static {
        ModelResolver.enumsAsRef = true;
    }

    @Bean
    FleetClock clock(@Value("${yellowtally.zone:}") String zone) {
        return zone.isEmpty() ? new FleetClock(ZoneId.systemDefault(), false) : new FleetClock(ZoneId.of(zone), true);
    }

    @Bean
    OpenAPI description() {
        return new OpenAPI().info(new Info().title("Yellow Tally").version("1"));
    }
}
