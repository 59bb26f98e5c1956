package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.KeyStore;
import java.util.Base64;
import java.util.List;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** TLS by two PEM files, as {@code --tls-cert} and {@code --tls-key} give them; and what a proxy with TLS says. */
class TlsTest {

    private static final char[] PASSWORD = "changeit".toCharArray();

    @TempDir
    private Path folder;

    /** A certificate for this machine that signs itself, made by the tool of the Java that runs. */
    private KeyStore made() throws Exception {
        Path store = folder.resolve("made.p12");
        List<String> keytool = List.of(
                Path.of(System.getProperty("java.home"), "bin", "keytool").toString(),
                "-genkeypair",
                "-alias",
                "saws",
                "-keyalg",
                "EC",
                "-dname",
                "CN=127.0.0.1",
                "-ext",
                "SAN=ip:127.0.0.1",
                "-storetype",
                "PKCS12",
                "-keystore",
                store.toString(),
                "-storepass",
                new String(PASSWORD));
        Process process = new ProcessBuilder(keytool).redirectErrorStream(true).start();
        assertThat(process.waitFor()).isZero();
        KeyStore keys = KeyStore.getInstance("PKCS12");
        try (InputStream in = Files.newInputStream(store)) {
            keys.load(in, PASSWORD);
        }
        return keys;
    }

    private Path pem(String name, String kind, byte[] content) throws Exception {
        String text = Base64.getMimeEncoder(64, "\n".getBytes()).encodeToString(content);
        return Files.writeString(
                folder.resolve(name), "-----BEGIN " + kind + "-----\n" + text + "\n-----END " + kind + "-----\n");
    }

    private static HttpClient trusting(KeyStore keys) throws Exception {
        KeyStore trusted = KeyStore.getInstance(KeyStore.getDefaultType());
        trusted.load(null, null);
        trusted.setCertificateEntry("saws", keys.getCertificate("saws"));
        TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        trust.init(trusted);
        SSLContext tls = SSLContext.getInstance("TLS");
        tls.init(null, trust.getTrustManagers(), null);
        return HttpClient.newBuilder().sslContext(tls).build();
    }

    private static HttpRequest signIn(String root, String... headers) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(root + "/api/sign-in"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(
                        "{\"signInName\":\"marsh\",\"password\":\"%s\"}".formatted(Signed.PASSWORD)));
        if (headers.length > 0) {
            request.headers(headers);
        }
        return request.build();
    }

    private static void allCookiesAre(HttpResponse<String> answer, boolean secure) {
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        List<String> cookies = answer.headers().allValues("Set-Cookie");
        assertThat(cookies).hasSizeGreaterThanOrEqualTo(3).allSatisfy(cookie -> {
            assertThat(cookie).contains("SameSite=Strict");
            assertThat(cookie.contains("Secure")).as(cookie).isEqualTo(secure);
            assertThat(cookie.contains("HttpOnly")).as(cookie).isEqualTo(!cookie.contains("-mark="));
        });
    }

    private ConfigurableApplicationContext start(String... tls) {
        List<String> settings = new java.util.ArrayList<>(
                List.of("--server.port=0", "--yellowtally.data=" + folder, "--yellowtally.store=mem:tls"));
        settings.addAll(List.of(tls));
        return Applications.start(settings.toArray(String[]::new));
    }

    private static int port(ConfigurableApplicationContext running) {
        return ((WebServerApplicationContext) running).getWebServer().getPort();
    }

    @Test
    void itSpeaksTlsWithTwoPemFiles() throws Exception {
        KeyStore keys = made();
        Path certificate =
                pem("cert.pem", "CERTIFICATE", keys.getCertificate("saws").getEncoded());
        Path key = pem("key.pem", "PRIVATE KEY", keys.getKey("saws", PASSWORD).getEncoded());
        try (ConfigurableApplicationContext running = start(
                "--server.ssl.certificate=file:" + certificate, "--server.ssl.certificate-private-key=file:" + key)) {
            HttpResponse<String> answer = trusting(keys)
                    .send(signIn("https://127.0.0.1:" + port(running)), HttpResponse.BodyHandlers.ofString());
            allCookiesAre(answer, true);
        }
    }

    /** A proxy on this machine says that it was asked under TLS. */
    @Test
    void whatIsAskedForThroughAProxyWithTlsIsSecureToo() throws Exception {
        try (ConfigurableApplicationContext running = start()) {
            String root = "http://127.0.0.1:" + port(running);
            HttpClient client = HttpClient.newHttpClient();
            allCookiesAre(client.send(signIn(root), HttpResponse.BodyHandlers.ofString()), false);
            HttpRequest through = signIn(root, "X-Forwarded-Proto", "https", "X-Forwarded-For", "10.1.2.3");
            allCookiesAre(client.send(through, HttpResponse.BodyHandlers.ofString()), true);
        }
    }
}
