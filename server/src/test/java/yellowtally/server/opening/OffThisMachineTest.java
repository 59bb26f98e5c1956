package yellowtally.server.opening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.context.support.GenericApplicationContext;
import org.springframework.core.env.MapPropertySource;

class OffThisMachineTest {

    private static void starts(String address, String certificate) {
        try (GenericApplicationContext application = new GenericApplicationContext()) {
            application
                    .getEnvironment()
                    .getPropertySources()
                    .addFirst(new MapPropertySource(
                            "given", Map.of("server.address", address, "server.ssl.certificate", certificate)));
            new OffThisMachine().initialize(application);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "127.0.0.1,    true",
        "127.8.8.8,    true",
        "localhost,    true",
        "::1,          true",
        "0.0.0.0,      false",
        "::,           false",
        "192.168.1.20, false",
        "'',           false"
    })
    void offThisMachineOnlyUnderTls(String address, boolean bare) {
        assertThatCode(() -> starts(address, "file:cert.pem")).doesNotThrowAnyException();
        if (bare) {
            assertThatCode(() -> starts(address, "")).doesNotThrowAnyException();
        } else {
            assertThatThrownBy(() -> starts(address, ""))
                    .isInstanceOf(StoreUnusable.class)
                    .hasMessageContaining("without TLS")
                    .satisfies(refused -> assertThat(((StoreUnusable) refused).whatToDo())
                            .contains("--tls-cert", "--tls-key", "proxy"));
        }
    }
}
