package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.core.env.Environment;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** A photo from the hand that sends it to the log, and what is refused. */
@ExtendWith(RunningServer.class)
class PhotoHttpTest {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int MOST_BYTES = 10 * 1024 * 1024;

    private final Api api;
    private String tag;
    private String fault;

    PhotoHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aComplaint() {
        tag = "P" + RunningServer.id().substring(0, 6);
        fault = RunningServer.id();
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68));
        api.post("/api/saws/" + tag + "/faults", """
                {"id":"%s","complaint":"oil-lost","seen":"A wet shelf","origin":"PERSON"}""".formatted(fault));
    }

    /** No two are alike, so that each is a file of its own. */
    private static byte[] photo() {
        BufferedImage picture = new BufferedImage(90, 60, BufferedImage.TYPE_INT_RGB);
        Random random = new Random();
        for (int x = 0; x < 90; x++) {
            for (int y = 0; y < 60; y++) {
                picture.setRGB(x, y, random.nextInt(0x1000000));
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "jpg", out);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
        return out.toByteArray();
    }

    private HttpResponse<String> send(Api who, String id, String about, String aboutId, byte[] file) {
        return who.signed()
                .send(HttpRequest.newBuilder(URI.create(
                                who.root() + "/api/photos?id=" + id + "&about=" + about + "&aboutId=" + aboutId))
                        .header("Content-Type", "application/octet-stream")
                        .POST(BodyPublishers.ofByteArray(file)));
    }

    private HttpResponse<String> send(String about, String aboutId, byte[] file) {
        return send(api, RunningServer.id(), about, aboutId, file);
    }

    private static String detail(HttpResponse<String> answer) {
        return JSON.readTree(answer.body()).path("detail").asString();
    }

    private JsonNode photos(String of) {
        return api.get("/api/photos?about=" + of).body().path("photos");
    }

    private HttpResponse<byte[]> picture(String photoId, String how) {
        return api.signed()
                .send(
                        HttpRequest.newBuilder(URI.create(api.root() + "/api/photos/" + photoId + how))
                                .GET(),
                        HttpResponse.BodyHandlers.ofByteArray());
    }

    private JsonNode line(String id) {
        for (JsonNode entry : api.get("/api/log?saw=" + tag).body().path("entries")) {
            if (entry.path("id").asString().equals(id)) {
                return entry;
            }
        }
        throw new AssertionError("no line of " + id);
    }

    private static Path folder() {
        return Path.of(RunningServer.bean(Environment.class).getRequiredProperty("yellowtally.data"))
                .resolve("photos");
    }

    @Test
    void itStandsInTheLogAndIsLookedAt() throws IOException {
        HttpResponse<String> sent = send(api.as(Signed.OPERATOR), RunningServer.id(), "FAULT", fault, photo());
        assertThat(sent.statusCode()).as(sent.body()).isEqualTo(200);
        JsonNode one = photos(fault).path(0);
        String id = one.path("photoId").asString();
        assertThat(one.path("width").asInt()).isEqualTo(90);
        assertThat(one.path("by").asString()).isNotEmpty();
        assertThat(line(fault).path("photos").path(0).asString()).isEqualTo(id);
        for (String how : List.of("", "?small=true")) {
            HttpResponse<byte[]> answer = picture(id, how);
            assertThat(answer.headers().firstValue("Content-Type")).hasValue("image/jpeg");
            assertThat(answer.headers().firstValue("X-Content-Type-Options")).hasValue("nosniff");
            assertThat(ImageIO.read(new ByteArrayInputStream(answer.body())).getHeight())
                    .isEqualTo(60);
        }
    }

    @Test
    void allAreTakenOutByTheNamesThatTheirRecordsHave() throws IOException {
        send("FAULT", fault, photo());
        byte[] kept =
                picture(photos(fault).path(0).path("photoId").asString(), "").body();
        HttpResponse<byte[]> answer = api.signed()
                .send(
                        HttpRequest.newBuilder(URI.create(api.root() + "/api/photos.zip"))
                                .GET(),
                        HttpResponse.BodyHandlers.ofByteArray());
        boolean found = false;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(answer.body()))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                assertThat(entry.getName()).matches("[0-9a-f]{64}\\.jpg");
                found |= Arrays.equals(zip.readAllBytes(), kept);
            }
        }
        assertThat(found).isTrue();
        assertThat(api.as(Signed.OPERATOR).get("/api/photos.zip").status()).isEqualTo(403);
    }

    @Test
    void itIsPutToARecordOfWorkToo() {
        String record = RunningServer.id();
        api.post("/api/saws/" + tag + "/records", Checks.stepOf(api, record, "OUTSIDE_LOOK", "FINE", "", "{}", ""));
        assertThat(line(record).path("photos")).isEmpty();
        assertThat(send("RECORD", record, photo()).statusCode()).isEqualTo(200);
        assertThat(line(record).path("photos")).hasSize(1);
        assertThat(send("RECORD", fault, photo()).statusCode()).isEqualTo(404);
    }

    @Test
    void sentTwiceItIsThereOnce() {
        String id = RunningServer.id();
        byte[] photo = photo();
        assertThat(send(api, id, "FAULT", fault, photo).statusCode()).isEqualTo(200);
        assertThat(send(api, id, "FAULT", fault, photo).statusCode()).isEqualTo(200);
        assertThat(photos(fault)).hasSize(1);
        assertThat(send(api, id, "FAULT", fault, photo()).statusCode()).isEqualTo(409);
    }

    @Test
    void struckOutItIsOutOfSightAndStaysOnRecord() {
        send("FAULT", fault, photo());
        String id = photos(fault).path(0).path("photoId").asString();
        String strike = "/api/photos/" + id + "/strike?about=" + fault;
        String said = "{\"id\":\"%s\",\"reason\":\"%s\"}";
        Answer without = api.post(strike, said.formatted(RunningServer.id(), " "));
        assertThat(without.status()).isEqualTo(422);
        assertThat(without.sentenceAt("reason")).isNotEmpty();
        Answer struck = api.post(strike, said.formatted(RunningServer.id(), "Of another saw"));
        assertThat(struck.status()).isEqualTo(200);
        assertThat(struck.body().path("photos")).isEmpty();
        assertThat(line(fault).path("photos")).isEmpty();
        assertThat(picture(id, "").statusCode()).isEqualTo(200);
        assertThat(api.post(strike, said.formatted(RunningServer.id(), "Once more"))
                        .status())
                .isEqualTo(409);
    }

    @Test
    void whatIsNoPhotoIsRefusedAndNothingIsKept() throws IOException {
        byte[] script = "<script>alert(1)</script>".getBytes(StandardCharsets.UTF_8);
        HttpResponse<String> refused = send("FAULT", fault, script);
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(detail(refused)).isEqualTo("This is no photo. Choose a JPEG or a PNG.");
        assertThat(send("FAULT", RunningServer.id(), photo()).statusCode()).isEqualTo(404);
        assertThat(send("FAULT", fault, new byte[MOST_BYTES + 1]).statusCode()).isEqualTo(413);
        assertThat(send("SAW", fault, photo()).statusCode()).isEqualTo(400);
        assertThat(photos(fault)).isEmpty();
        try (Stream<Path> being = Files.list(folder().resolveSibling("photos-being-written"))) {
            assertThat(being).isEmpty();
        }
    }

    @Test
    void aDozenIsEnough() {
        for (int i = 0; i < 12; i++) {
            assertThat(send("FAULT", fault, photo()).statusCode()).isEqualTo(200);
        }
        HttpResponse<String> more = send("FAULT", fault, photo());
        assertThat(more.statusCode()).isEqualTo(409);
        assertThat(detail(more)).startsWith("There are 12 photos of it already.");
    }

    @Test
    void aPictureThatWasAlteredOrIsGoneIsNotShown() throws IOException {
        send("FAULT", fault, photo());
        String id = photos(fault).path(0).path("photoId").asString();
        byte[] kept = picture(id, "").body();
        Path file;
        try (Stream<Path> files = Files.list(folder())) {
            file = files.filter(one -> holds(one, kept)).findFirst().orElseThrow();
        }
        Files.write(file, photo());
        assertThat(picture(id, "").statusCode()).isEqualTo(404);
        Files.delete(file);
        Answer gone = api.get("/api/photos/" + id);
        assertThat(gone.status()).isEqualTo(404);
        assertThat(gone.body().path("detail").asString())
                .isEqualTo("The picture is not beside the records as it was kept. Look for it in a backup.");
        assertThat(api.get("/api/photos/" + RunningServer.id()).status()).isEqualTo(404);
    }

    private static boolean holds(Path file, byte[] bytes) {
        try {
            return Arrays.equals(Files.readAllBytes(file), bytes);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }
}
