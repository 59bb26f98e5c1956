package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** Plate labels of the fleet. */
@ExtendWith(RunningServer.class)
class LabelsHttpTest {

    private static String text(Api api, String asked) throws IOException {
        HttpResponse<byte[]> answer = api.signed()
                .send(
                        HttpRequest.newBuilder(URI.create(api.root() + "/api/paper/labels.pdf?" + asked))
                                .GET(),
                        HttpResponse.BodyHandlers.ofByteArray());
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.headers().firstValue("Content-Type")).hasValue("application/pdf");
        try (PDDocument file = Loader.loadPDF(answer.body())) {
            return new PDFTextStripper().getText(file);
        }
    }

    @Test
    void theWholeFleetOrWhatIsAskedFor(Api api) throws IOException {
        assertThat(text(api, "paper=A4_21")).contains("01\n", "12\n", "19\n", "bar, petrol", "bar, battery");
        assertThat(text(api, "paper=A4_21&first=3&saws=12,16"))
                .contains("12\n", "16\n")
                .doesNotContain("01\n");
        assertThat(text(api.as(Signed.READER), "paper=LETTER_30&saws=12")).contains("12");
    }

    @Test
    void whatIsNotThereIsRefused(Api api) {
        assertThat(api.get("/api/paper/labels.pdf?paper=A4_21&saws=no-saw").status())
                .isEqualTo(404);
        assertThat(api.get("/api/paper/labels.pdf?paper=A3").status()).isEqualTo(400);
        Answer over = api.get("/api/paper/labels.pdf?paper=A4_21&first=22");
        assertThat(over.status()).isEqualTo(422);
        assertThat(over.sentenceAt("first")).isEqualTo("Give a number from 1 to 21.");
    }
}
