package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** What comes from elsewhere is refused before anybody reads it, in the words and the form of every other refusal. */
@ExtendWith(RunningServer.class)
class StrangersHttpTest {

    private static final String END = "Connection: close\r\n\r\n";

    private final Api api;

    StrangersHttpTest(Api api) {
        this.api = api;
    }

    private String get(String path, String headers) throws IOException {
        return Wire.ask(
                api,
                "GET " + path + " HTTP/1.1\r\n" + headers.replace("HERE", Wire.host(api)) + Wire.signed(api) + END);
    }

    private String post(String headers, String body) throws IOException {
        return Wire.ask(
                api,
                "POST /api/fit-check HTTP/1.1\r\n" + headers.replace("HERE", Wire.host(api)) + Wire.signed(api)
                        + "Content-Length: "
                        + body.length() + "\r\n" + END + body);
    }

    private static void refused(String answer, int status) {
        assertThat(Wire.status(answer)).as(answer).isEqualTo(status);
        assertThat(answer)
                .contains("application/problem+json")
                .contains("\"detail\":\"")
                .doesNotContain("<html");
    }

    @ParameterizedTest
    @CsvSource({
        "HERE, 200",
        "localhost, 200",
        "LOCALHOST:1, 200",
        "evil.example, 421",
        "127.0.0.1.evil.example, 421",
        "10.1.2.3, 421",
        "[::1], 421",
        "user@HERE, 421",
        "'a b', 421",
        "127.evil.example, 421",
        "HERE., 421",
        "HERE@evil.example, 421",
        "'HERE, evil.example', 421",
        "http://HERE, 421"
    })
    void aPageUnderAnotherNameGetsNothing(String host, int status) throws IOException {
        String answer = get("/api/people", "Host: " + host + "\r\n");
        assertThat(Wire.status(answer)).as(answer).isIn(status, status == 200 ? 200 : 400);
        if (status != 200) {
            refused(answer, Wire.status(answer));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "Origin, http://HERE, 200",
        "Origin, http://evil.example, 403",
        "Origin, null, 403",
        "Origin, HERE@evil.example, 403",
        "Origin, http://HERE.evil.example, 403",
        "Origin, http://evil.example/http://HERE, 403",
        "Origin, http://HERE/, 403",
        "Origin, 'http://HERE\r\nOrigin: http://evil.example', 403",
        "Sec-Fetch-Site, 'same-origin\r\nSec-Fetch-Site: cross-site', 403",
        "Sec-Fetch-Site, same-origin, 200",
        "Sec-Fetch-Site, none, 200",
        "Sec-Fetch-Site, same-site, 403",
        "Sec-Fetch-Site, cross-site, 403"
    })
    void aPageOfAnotherSiteNeitherReadsNorWrites(String header, String value, int status) throws IOException {
        String headers = "Host: HERE\r\n" + header + ": " + value.translateEscapes() + "\r\n";
        assertThat(Wire.status(get("/api/people", headers))).isEqualTo(status);
        String written = post(headers + "Content-Type: application/json\r\n", "{\"set\":{}}");
        assertThat(Wire.status(written)).as(written).isEqualTo(status == 200 ? 200 : 403);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "text/plain",
                "*/*",
                "application/yaml",
                "application/x-www-form-urlencoded",
                "json",
                "application/json;charset=iso-8859-1",
                "application/json;charset=utf-16",
                "application/json;charset=utf-7",
                "application/octet-stream",
                "text/plain;application/json",
                "application/json, text/plain"
            })
    void nothingIsWrittenThatIsNoJson(String type) throws IOException {
        refused(post("Host: HERE\r\nContent-Type: " + type + "\r\n", "{\"set\":{}}"), 415);
    }

    /** A name with a letter in more bytes than it needs, with bytes that are no letter, with half a sign, in another encoding. */
    @ParameterizedTest
    @CsvSource({
        "'Gang \u00c1\u0081', 400",
        "'Gang \u00e0\u0081\u0081', 400",
        "'Gang \u00ff', 400",
        "'Gang \u00c3', 400",
        "'Gang \u00ed\u00a0\u0080', 400",
        "'Gang \u00f5\u0080\u0080\u0080', 400",
        "'Gang \\ud800', 400",
        "'Gang \\udc00\\ud800', 400",
        "'Gang \\ud83e\\ude9a ', 204",
        "'Gang \u00f0\u009f\u00aa\u009a', 204"
    })
    void whatIsNoTextIsNotKept(String name, int status) throws IOException {
        String body = "{\"id\":\"%s\",\"name\":\"%s %s\"}".formatted(RunningServer.id(), name, RunningServer.id());
        String answer = crew("application/json", body);
        assertThat(Wire.status(answer)).as(answer).isEqualTo(status);
        assertThat(api.get("/api/crews").raw().body()).doesNotContain("\ufffd", "Gang ?", "Gang A");
    }

    @ParameterizedTest
    @ValueSource(strings = {"UTF-16BE", "UTF-16LE", "UTF-16", "UTF-32BE", "UTF-32LE"})
    void noOtherEncodingIsGuessed(String charset) throws IOException {
        String body = "{\"id\":\"%s\",\"name\":\"Gang of another encoding\"}".formatted(RunningServer.id());
        byte[] bytes = body.getBytes(Charset.forName(charset));
        refused(crew("application/json", new String(bytes, StandardCharsets.ISO_8859_1)), 400);
        assertThat(api.get("/api/crews").raw().body()).doesNotContain("another encoding");
    }

    /** The body byte by byte. */
    private String crew(String type, String body) throws IOException {
        return Wire.ask(
                api,
                "POST /api/crews HTTP/1.1\r\nHost: " + Wire.host(api) + "\r\n" + Wire.signed(api) + "Content-Type: "
                        + type + "\r\nContent-Length: " + body.length() + "\r\n" + END + body);
    }

    @Test
    void notEvenTheCaliperStops() throws IOException {
        refused(
                Wire.ask(
                        api,
                        "POST /api/caliper/stop HTTP/1.1\r\nHost: " + Wire.host(api) + "\r\nContent-Length: 0\r\n"
                                + Wire.signed(api)
                                + END),
                415);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/", "/api/people", "/api/saws/none", "/nowhere"})
    void everyAnswerSaysHowItMayBeUsed(String path) throws IOException {
        String answer = get(path, "Host: HERE\r\n");
        assertThat(answer)
                .contains("Content-Security-Policy: default-src 'self'; script-src 'self';")
                .contains("frame-ancestors 'none'")
                .contains("X-Content-Type-Options: nosniff")
                .contains("X-Frame-Options: DENY")
                .contains("Referrer-Policy: no-referrer");
        if (path.startsWith("/api/")) {
            assertThat(answer).contains("no-store");
        }
    }

    @ParameterizedTest
    @CsvSource({
        "GET /api/people HTTP/1.1 surplus, 400",
        "GET /api/pe<ople HTTP/1.1, 400",
        "GET /api/%zz HTTP/1.1, 400",
        "GET /api/log?saw=%ff%fe HTTP/1.1, 400",
        "GET /api/log?kinds=%0aforged HTTP/1.1, 400",
        "GET /error HTTP/1.1, 404",
        "GET /api/nowhere HTTP/1.1, 404",
        "PATCH /api/people HTTP/1.1, 415",
        "GET /api/log?kinds=NOTHING HTTP/1.1, 400",
        "GET /api/log?from=+169087565-01-01T00:00:00Z HTTP/1.1, 400",
        "GET /api/visits/none HTTP/1.1, 400",
        "BREW /api/people HTTP/1.1, 400"
    })
    void addressesThatAreNoneAreRefusedInASentence(String line, int status) throws IOException {
        refused(Wire.ask(api, line + "\r\nHost: " + Wire.host(api) + "\r\n" + Wire.signed(api) + END), status);
    }

    /** Whoever typed an address that there is not reads so on the page; a program is told in its own way. */
    @ParameterizedTest
    @ValueSource(
            strings = {"/nowhere", "/saw/12", "/api", "/api/nowhere", "/actuator/health", "/error", "/assetsx/a.js"})
    void anAddressThatThereIsNotIsNotThere(String path) throws IOException {
        String browser = get(path, "Host: HERE\r\nAccept: text/html,application/xhtml+xml,*/*;q=0.8\r\n");
        assertThat(Wire.status(browser)).isEqualTo(404);
        assertThat(browser).contains("<div id=\"root\">");
        refused(get(path, "Host: HERE\r\nAccept: */*\r\n"), 404);
    }

    @Test
    void anEmptyOrDoubledListOfKindsIsNoFault() {
        assertThat(api.get("/api/log?kinds=").status()).isEqualTo(200);
        assertThat(api.get("/api/log?kinds=,OUT,,OUT").status()).isEqualTo(200);
    }

    @Test
    void whoeverWantsNoJsonIsToldSo() throws IOException {
        refused(get("/api/people", "Host: HERE\r\nAccept: application/yaml\r\n"), 406);
    }

    /** More slow senders than there are threads: nobody waits for them. */
    @Test
    void manyWhoSendSlowlyStopNobody() throws IOException {
        List<Wire> slow = new ArrayList<>();
        try {
            for (int i = 0; i < 150; i++) {
                slow.add(
                        new Wire(api)
                                .send(
                                        "POST /api/fit-check HTTP/1.1\r\nHost: " + Wire.host(api)
                                                + "\r\n" + Wire.signed(api)
                                                + "Content-Type: application/json\r\nContent-Length: 90000\r\nConnection: close\r\n\r\n{"));
            }
            long began = System.nanoTime();
            assertThat(api.get("/api/people").status()).isEqualTo(200);
            assertThat(api.post("/api/fit-check", "{\"set\":{}}").status()).isEqualTo(200);
            assertThat((System.nanoTime() - began) / 1e9).isLessThan(8);
            refused(slow.get(0).answer(), 408);
        } finally {
            for (Wire wire : slow) {
                wire.close();
            }
        }
    }

    @Test
    void aBodyHasAGreatestSize() throws IOException {
        Answer announced = api.post("/api/fit-check", "[" + " ".repeat(1_100_000) + "]");
        assertThat(announced.status()).isEqualTo(413);
        assertThat(announced.body().path("detail").asString()).contains("1,024 kB");
        String piece = "10000\r\n" + " ".repeat(0x10000) + "\r\n";
        try (Wire wire = new Wire(api)) {
            wire.send("POST /api/fit-check HTTP/1.1\r\nHost: " + Wire.host(api)
                    + "\r\n" + Wire.signed(api)
                    + "Content-Type: application/json\r\nTransfer-Encoding: chunked\r\nConnection: close\r\n\r\n");
            wire.send(piece.repeat(17));
            refused(wire.answer(), 413);
        }
    }
}
