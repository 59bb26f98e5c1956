package yellowtally.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Only figures are an address: a name is never looked up. */
class IpLiteralTest {

    @ParameterizedTest
    @CsvSource({
        "127.0.0.1, true, true",
        "127.8.9.10, true, true",
        "::1, true, true",
        "[::1], true, true",
        "0:0:0:0:0:0:0:1, true, true",
        "::ffff:127.0.0.1, true, true",
        "10.1.2.3, true, false",
        "fe80::1, true, false",
        "localhost, false, false",
        "127.evil.example, false, false",
        "dead.beef, false, false",
        "127.0.0.1:80, false, false",
        "127.0.0.1.evil.example, false, false",
        "'', false, false",
        "unknown, false, false"
    })
    void figuresAlone(String text, boolean literal, boolean loopback) {
        assertThat(IpLiteral.read(text).isPresent()).isEqualTo(literal);
        assertThat(IpLiteral.isLoopback(text)).isEqualTo(loopback);
    }
}
