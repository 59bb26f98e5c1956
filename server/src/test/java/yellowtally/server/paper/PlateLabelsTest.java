package yellowtally.server.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import jakarta.servlet.http.HttpServletRequest;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Labels lie where the paper has them, say what they should, and a phone reads their codes. */
class PlateLabelsTest {

    private static final String ROOT = "https://saws.example";
    private static final double MM_PER_POINT = 25.4 / 72;
    private static final int DPI = 300;

    private static List<PlateLabels.Label> labels(int count) {
        return IntStream.rangeClosed(1, count)
                .mapToObj(n -> new PlateLabels.Label("S-" + n, "16 in bar, petrol", ROOT + "/saws/S-" + n))
                .toList();
    }

    private static byte[] pdf(List<PlateLabels.Label> labels, LabelPaper paper, int used) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Pdf.write(PlateLabels.page(labels, paper, used), out);
        return out.toByteArray();
    }

    /** What a phone reads that is held over a label. */
    private static String read(PDDocument file, LabelPaper paper, int label) throws IOException {
        LabelPaper.Place place = paper.place(label);
        BufferedImage page = new PDFRenderer(file).renderImageWithDPI(place.page(), DPI);
        int left = dots(place.left());
        int top = dots(place.top());
        int width = Math.min(dots(paper.width()), page.getWidth() - left);
        int height = Math.min(dots(paper.height()), page.getHeight() - top);
        int[] dots = page.getRGB(left, top, width, height, null, 0, width);
        try {
            return new QRCodeReader()
                    .decode(
                            new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(width, height, dots))),
                            Map.of(DecodeHintType.TRY_HARDER, true))
                    .getText();
        } catch (ReaderException e) {
            throw new AssertionError("no code on label " + label, e);
        }
    }

    private static int dots(double mm) {
        return (int) Math.round(mm / 25.4 * DPI);
    }

    @ParameterizedTest
    @EnumSource
    void labelsLieOnTheirPageAndNotOnEachOther(LabelPaper paper) {
        Set<String> places = new HashSet<>();
        for (int label = 0; label < 2 * paper.onPage(); label++) {
            LabelPaper.Place place = paper.place(label);
            assertThat(place.page()).isEqualTo(label / paper.onPage());
            assertThat(place.left()).isGreaterThanOrEqualTo(0);
            assertThat(place.left() + paper.width()).isLessThanOrEqualTo(paper.pageWidth() + 0.01);
            assertThat(place.top() + paper.height()).isLessThanOrEqualTo(paper.pageHeight() + 0.01);
            assertThat(places.add(place.toString())).isTrue();
            for (int other = label + 1; other < (place.page() + 1) * paper.onPage(); other++) {
                LabelPaper.Place next = paper.place(other);
                boolean apart = Math.abs(next.left() - place.left()) >= paper.width() - 1e-6
                        || Math.abs(next.top() - place.top()) >= paper.height() - 1e-6;
                assertThat(apart).as(label + " and " + other).isTrue();
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "A4_21,      1,  0, 1",
        "A4_21,     21,  0, 1",
        "A4_21,     22,  0, 2",
        "A4_21,      2, 20, 2",
        "A4_14,     14,  0, 1",
        "A4_24,    200,  0, 9",
        "LETTER_30, 31,  0, 2",
        "LETTER_14, 10,  5, 2",
    })
    void theyTakeAsManyPagesAsTheyNeed(LabelPaper paper, int count, int used, int pages) throws IOException {
        try (PDDocument file = Loader.loadPDF(pdf(labels(count), paper, used))) {
            assertThat(file.getNumberOfPages()).isEqualTo(pages);
            assertThat(file.getPage(0).getMediaBox().getWidth() * MM_PER_POINT)
                    .isCloseTo(paper.pageWidth(), within(0.2));
            assertThat(file.getPage(0).getMediaBox().getHeight() * MM_PER_POINT)
                    .isCloseTo(paper.pageHeight(), within(0.2));
        }
    }

    @Test
    void theFileIsTextWithALanguageAndEveryCodeIsRead() throws IOException {
        try (PDDocument file = Loader.loadPDF(pdf(labels(23), LabelPaper.A4_21, 0))) {
            assertThat(file.getDocumentCatalog().getLanguage()).isEqualTo("en");
            assertThat(file.getDocumentInformation().getTitle()).isEqualTo("Plate labels");
            assertThat(file.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            assertThat(file.getDocumentCatalog().getStructureTreeRoot()).isNotNull();
            String text = new PDFTextStripper().getText(file);
            assertThat(text).contains("S-1\n", "S-23", "16 in bar, petrol");
            for (int label : List.of(0, 4, 20, 21, 22)) {
                assertThat(read(file, LabelPaper.A4_21, label))
                        .isEqualTo(labels(23).get(label).address());
            }
        }
    }

    /** The longest tag there can be, on the smallest label. */
    @Test
    void aLongTagStaysBesideItsCode() throws IOException {
        PlateLabels.Label longest =
                new PlateLabels.Label("WWWWWWWWWWWW", "20 in bar, battery", ROOT + "/saws/WWWWWWWWWWWW");
        try (PDDocument file = Loader.loadPDF(pdf(List.of(longest), LabelPaper.LETTER_30, 0))) {
            assertThat(new PDFTextStripper().getText(file)).contains("WWWWWWWWWWWW");
            assertThat(read(file, LabelPaper.LETTER_30, 0)).isEqualTo(longest.address());
        }
    }

    /** Behind a proxy on another port too: the name and port that were asked for stand in one header alone, which is checked. */
    @Test
    void aCodeLeadsToWhereThePageWasAskedFor() {
        HttpServletRequest request = mock(HttpServletRequest.class);
        when(request.getScheme()).thenReturn("https");
        when(request.getHeader("Host")).thenReturn("saws.example:8443");
        assertThat(PlateLabels.address(request, "YC-10")).isEqualTo("https://saws.example:8443/saws/YC-10");
    }
}
