package yellowtally.server.paper;

import com.openhtmltopdf.extend.FSSupplier;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.logging.Level;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.w3c.dom.Document;

/** Makes a PDF of a page: its text is text, tagged with headings and a language (PDF/UA), its fonts are in it. */
final class Pdf {

    static final String TYPE = "application/pdf";

    private static final String FONTS = "/static/paper/";
    private static final int REGULAR = 400;
    private static final int STRONG = 600;

    static {
        // How far it is with each paper is for nobody's console.
        XRLog.listRegisteredLoggers().forEach(logger -> XRLog.setLevel(logger, Level.WARNING));
    }

    private Pdf() {}

    /** Answers with a paper: a browser shows it, and saves it by its name. */
    static ResponseEntity<byte[]> answer(Document page, String name) throws IOException {
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        write(page, file);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(name + ".pdf", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(file.toByteArray());
    }

    static void write(Document page, OutputStream out) throws IOException {
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.usePdfUaAccessibility(true);
        builder.withProducer("Yellow Tally");
        builder.useFont(font("text.ttf"), "Barlow", REGULAR, FontStyle.NORMAL, true);
        builder.useFont(font("text-strong.ttf"), "Barlow", STRONG, FontStyle.NORMAL, true);
        builder.useFont(font("figures.ttf"), "Barlow Condensed", STRONG, FontStyle.NORMAL, true);
        builder.withW3cDocument(page, "");
        builder.toStream(out);
        builder.run();
    }

    /** Shipped with the screens, and of the same family. */
    private static FSSupplier<InputStream> font(String file) {
        return () -> Objects.requireNonNull(Pdf.class.getResourceAsStream(FONTS + file), file);
    }
}
