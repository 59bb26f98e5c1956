package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.LocalDate;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** Papers as a reader of PDF reads them. */
@ExtendWith(RunningServer.class)
class PaperHttpTest {

    private final Api api;
    private final LocalDate today = LocalDate.now();

    PaperHttpTest(Api api) {
        this.api = api;
    }

    private String text(String asked) throws IOException {
        return text(api, asked);
    }

    /** Its text in one line, however it is broken. */
    static String text(Api who, String asked) throws IOException {
        HttpResponse<byte[]> answer = who.signed()
                .send(
                        HttpRequest.newBuilder(URI.create(who.root() + "/api/paper/" + asked))
                                .GET(),
                        HttpResponse.BodyHandlers.ofByteArray());
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.headers().firstValue("Content-Type")).hasValue("application/pdf");
        try (PDDocument file = Loader.loadPDF(answer.body())) {
            assertThat(file.getDocumentCatalog().getLanguage()).isEqualTo("en");
            assertThat(file.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            assertThat(file.getDocumentInformation().getTitle()).isNotEmpty();
            return new PDFTextStripper().getText(file).replaceAll("\\s+", " ");
        }
    }

    private String certificate(String tag) throws IOException {
        return text("certificate.pdf?saw=" + tag + "&from=" + today.minusYears(1) + "&to=" + today);
    }

    private void record(String tag, String step, String said, String findings, String figures, String extra) {
        Answer answer = api.post(
                "/api/saws/" + tag + "/records",
                Checks.stepOf(api, RunningServer.id(), step, said, findings, figures, extra));
        assertThat(answer.status()).as(answer.raw().body()).isBetween(200, 204);
    }

    /** What the page says from one heading to the next. */
    private static String section(String text, String from, String to) {
        assertThat(text).contains(from, to);
        return text.substring(text.indexOf(from), text.indexOf(to, text.indexOf(from)));
    }

    @Test
    void aCertificateTellsWhatWasDoneReadAndProved() throws IOException {
        String tag = Checks.fitSaw(api, "C");
        record(tag, "GROOVE", "FINE", "", "{\"GROOVE_DEPTH\":\"7.25\"}", "");
        record(tag, "BRAKE_LEVER", "FAIL", "\"GUARD_TABS_WORN\"", "{}", ",\"note\":\"Rocks by hand\"");
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("HELD");
        assertThat(certificate(tag))
                .contains("Held: must not be used, the tabs of the hand guard are worn.")
                .contains("not released");
        for (String step : new String[] {"NEW_GUARD", "BRAKE_LEVER", "INERTIA", "BRAKE_RUNNING"}) {
            record(tag, step, "FINE", "", "{}", "");
        }
        assertThat(api.post("/api/saws/" + tag + "/release", Checks.release()).status())
                .isEqualTo(204);
        Checks.setBack(api, tag);

        String text = certificate(tag);

        assertThat(text)
                .contains("Service certificate, saw " + tag)
                .contains("Fit: may go out.")
                .contains("It releases no saw")
                .contains("No return is on record in these days.")
                .contains("Groove depth 7.25 mm")
                .contains("B-" + tag)
                .contains("Tension", "6 mm, tang line", "Right")
                .contains("Signed for the fleet", "Name", "Day")
                .containsPattern("Seal of the records then: \\d+-[0-9a-f]{16}");
        String held = section(text, "Holds and releases", "Parts that came on");
        assertThat(held)
                .contains("Brake lever on, off")
                .contains("Rocks by hand")
                .contains("Ida Marsh")
                .doesNotContain("not released")
                .containsPattern("Brake lever on, off, \\d+ \\w+ \\d{4}, \\d\\d: ?\\d\\d, Ida Marsh");
        assertThat(section(text, "Work, readings and findings", "Written out")).contains("Rocks by hand");
    }

    @Test
    void whatWasStruckOutDoesNotCountAndIsSaidToBe() throws IOException {
        String tag = Checks.fitSaw(api, "C");
        String record = RunningServer.id();
        api.post(
                "/api/saws/" + tag + "/records",
                Checks.stepOf(api, record, "GROOVE", "FINE", "", "{\"GROOVE_DEPTH\":\"7.31\"}", ""));
        api.post(
                "/api/records/" + record + "/strike",
                "{\"id\":\"%s\",\"reason\":\"Read on the wrong bar\"}".formatted(RunningServer.id()));
        String text = certificate(tag);
        assertThat(section(text, "Work, readings and findings", "Struck out, does not count"))
                .doesNotContain("7.31");
        assertThat(section(text, "Struck out, does not count", "Written out"))
                .contains("Groove depth 7.31 mm", "Read on the wrong bar", "Ida Marsh");
    }

    @Test
    void useIsWhatCameBack() throws IOException {
        String tag = Checks.fitSaw(api, "C");
        api.post("/api/outings/issue", Checks.issue(api, tag));
        Answer back = api.post("/api/outings/return", Checks.back(api, Checks.backSaw(tag, 1.5, "")));
        assertThat(back.status()).as(back.raw().body()).isEqualTo(204);
        assertThat(section(certificate(tag), "Use", "Holds")).contains(" 1 1.5 tanks");
    }

    @Test
    void oneWithADayOfWorkAloneHasNothingOfAnother() throws IOException {
        String tag = Checks.fitSaw(api, "C");
        String before =
                text("certificate.pdf?saw=" + tag + "&from=" + today.minusDays(9) + "&to=" + today.minusDays(1));
        assertThat(before)
                .contains("No work is on record in these days.")
                .contains("It was not held in these days by a record of its own.")
                .doesNotContain("Parts that came on");
    }

    @Test
    void aSawThatLeftHasItsCertificateToo() throws IOException {
        String tag = Checks.fitSaw(api, "C");
        JsonNode saw = api.get("/api/saws/" + tag).body();
        Answer left = api.post(
                "/api/saws/" + tag + "/retirement",
                "{\"id\":\"%s\",\"version\":%d,\"reason\":\"Sold to a farm\"}"
                        .formatted(RunningServer.id(), saw.path("version").asInt()));
        assertThat(left.status()).as(left.raw().body()).isBetween(200, 204);
        assertThat(certificate(tag)).contains("Left the fleet on", "Sold to a farm");
        assertThat(api.get("/api/paper/card.pdf?saw=" + tag).status()).isBetween(404, 409);
    }

    @ParameterizedTest
    @CsvSource({
        "0,  1, to,   This day has not been yet. Choose today at the latest.",
        "0, -1, from, The first day lies after the last one.",
    })
    void daysThatCannotBeAreRefused(int from, int to, String field, String sentence) {
        Answer refused =
                api.get("/api/paper/certificate.pdf?saw=10&from=" + today.plusDays(from) + "&to=" + today.plusDays(to));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.sentenceAt(field)).isEqualTo(sentence);
    }

    @Test
    void aCardSaysBySetAndFigures() throws IOException {
        String tag = Checks.fitSaw(api, "K");
        assertThat(text(api.as(Signed.READER), "card.pdf?saw=" + tag))
                .contains("Saw " + tag)
                .contains("drive links")
                .containsPattern("File \\d\\.\\d mm round, \\d+°")
                .containsPattern("pull down \\d+(\\.\\d)? mm at mid bar")
                .contains("As it is fitted on");
    }
}
