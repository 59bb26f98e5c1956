package yellowtally.server.doors;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;
import static org.mockito.Mockito.withSettings;

import jakarta.servlet.http.HttpServletMapping;
import jakarta.servlet.http.HttpServletRequest;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.security.web.firewall.RequestRejectedException;
import yellowtally.server.signin.WhoMay;

/** Each address has one form, and every other is refused. */
class StrictAddressesTest {

    private final StrictAddresses firewall = new StrictAddresses();
    private final HttpServletRequest request =
            mock(HttpServletRequest.class, withSettings().stubOnly());
    private String path;
    private String query;

    @BeforeEach
    void aRequest() {
        when(request.getMethod()).thenReturn("GET");
        when(request.getContextPath()).thenReturn("");
        when(request.getServletPath()).thenReturn("");
        when(request.getRequestURI()).thenAnswer(asked -> path);
        when(request.getQueryString()).thenAnswer(asked -> query);
        when(request.getHttpServletMapping()).thenReturn(mock(HttpServletMapping.class));
    }

    private boolean passes(String written, @Nullable String asked) {
        path = written;
        query = asked;
        try {
            firewall.getFirewalledRequest(request);
            return true;
        } catch (RequestRejectedException refused) {
            return false;
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/",
                "/index.html",
                "/favicon.svg",
                "/assets/index-DbS_x3.js",
                "/saws/YC-10/tension",
                "/handbook/12-complaints",
                "/api/saws/YC-10",
                "/api/calendar/Ab-_9.ics",
                "/api/seal/papers/12-abcdef",
                // What somebody types where a tag is asked for.
                "/api/saws/no%20such%20saw",
                "/api/saws/S%C3%A4ge",
                "/api/saws/it's!(a)*~tag",
                "/api/saws/a%2Bb%26c%3Dd%40%3A%2C%24",
                "/api/saws/%F0%9F%AA%9A"
            })
    void theOneFormPasses(String path) {
        assertThat(passes(path, null)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "*",
                "api/board",
                "/API/board",
                "/api/Board",
                "/Saws/12",
                "/api/saws/a+b",
                "/api/saws/a%2bb",
                "/api/saws/%7Etag",
                "/api/saws/%21",
                "/api/saws/ä",
                "/api/saws/a b",
                "/api/saws/a|b",
                "/api/saws/%C3",
                "/api/saws/%C0%AF",
                "/api/saws/%ED%A0%80",
                "/api/saws/%EF%BF%BE%",
                "/api/saws/%C2%80",
                "/api/saws/%09",
                "/api/saws/%25",
                "/api/.../board"
            })
    void everyOtherIsRefused(String path) {
        assertThat(passes(path, null)).isFalse();
    }

    /** Each word of each address that has a rule. */
    @Test
    void noLetterOfARuledAddressMayBeWrittenAsItsCode() {
        Stream<String> words = WhoMay.rules()
                .flatMap(rule -> Stream.of(rule.path().split("/")))
                .filter(word -> word.matches("[a-z.-]+"))
                .distinct();
        words.map(word -> "/api/" + word).forEach(address -> {
            assertThat(passes(address, null)).as(address).isTrue();
            IntStream.range(1, address.length()).filter(at -> at != 4).forEach(at -> {
                String code = "%%%02X".formatted((int) address.charAt(at));
                String other = address.substring(0, at) + code + address.substring(at + 1);
                assertThat(passes(other, null)).as(other).isFalse();
            });
        });
    }

    @ParameterizedTest
    @CsvSource({
        "kinds=OUT&saw=12, true",
        "q=S%C3%A4ge+alt%20%2B%26, true",
        "q=%c3%a4, true",
        "q=%FF, false",
        "q=%C0%AF, false",
        "q=%ED%A0%80, false",
        "q=%00, false",
        "q=%0a, false",
        "q=%, false"
    })
    void aQueryIsText(String query, boolean passes) {
        assertThat(passes("/api/log", query)).isEqualTo(passes);
    }

    @Test
    void neitherIsWithoutEnd() {
        assertThat(passes("/api/saws/" + "x".repeat(1_900), "q=" + "x".repeat(1_900)))
                .isTrue();
        assertThat(passes("/api/saws/" + "x".repeat(2_000), null)).isFalse();
        assertThat(passes("/api/log", "q=" + "x".repeat(2_000))).isFalse();
    }

    /** Any text that may stand in an address stands in it in one way. */
    @Test
    void ofAllWaysToWriteASignOnePasses() {
        IntStream.rangeClosed(0x21, 0x7E)
                .filter(sign -> "/\\;%.".indexOf(sign) < 0)
                .forEach(sign -> {
                    String raw = "/api/saws/x" + (char) sign;
                    String code = "/api/saws/x" + "%%%02X".formatted(sign);
                    assertThat(passes(raw, null) ^ passes(code, null)).as(raw).isTrue();
                });
    }
}
