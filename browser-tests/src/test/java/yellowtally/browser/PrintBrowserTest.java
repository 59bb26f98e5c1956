package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static yellowtally.browser.Screens.button;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What comes out of a printer: read back as a reader of PDF files reads it. */
@ExtendWith(Screens.class)
class PrintBrowserTest {

    private static final int WHITE = 0xFFFFFF;

    private static PDDocument printed(Page page) throws IOException {
        page.waitForLoadState(LoadState.NETWORKIDLE);
        return Loader.loadPDF(
                page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true).setPrintBackground(true)));
    }

    private static String text(PDDocument file) throws IOException {
        return new PDFTextStripper().getText(file);
    }

    @Test
    void theLogIsPrintedAsItIsFilteredAndWithoutWhatAHandPresses(Screens.Opener screens) throws IOException {
        Page page = screens.open("/log?saw=15&kinds=STEP");
        assertThat(page.getByText("Groove and oil holes").first()).isVisible();
        try (PDDocument file = printed(page)) {
            Assertions.assertThat(file.getNumberOfPages()).isLessThanOrEqualTo(4);
            Assertions.assertThat(text(file))
                    .contains("Log", "Printed today", ": tag 15, bench work.", "Newest seal", "Groove and oil holes")
                    .doesNotContain("Show earlier records", "Strike out", "Check all records", "Out and back", "Keys:");
        }
    }

    @Test
    void aSawsPageIsOnWhitePaperAlsoFromADimWorkshop(Screens.Opener screens) throws IOException {
        Page page = screens.open("/saws/15");
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("History")))
                .isVisible();
        try (PDDocument file = printed(page)) {
            Assertions.assertThat(file.getNumberOfPages()).isLessThanOrEqualTo(5);
            Assertions.assertThat(text(file))
                    .contains("Harrowgill Sixty", "Schedule", "History", "YC-15")
                    .doesNotContain("Start visit", "Check tension", "Out and back");
            Assertions.assertThat(new PDFRenderer(file).renderImage(0).getRGB(2, 2) & WHITE)
                    .isEqualTo(WHITE);
        }
    }

    @Test
    void labelsAreOfferedForTheSawsThatAreShown(Screens.Opener screens) {
        Page page = screens.open("/saws");
        button(page, "Plate labels").click();
        page.getByLabel("Show only").fill("kestrup 16");
        page.getByLabel("Label paper").selectOption("LETTER_30");
        page.getByLabel("First label left, 1 to 30").fill("31");
        assertThat(page.getByText("Labels of ")).hasAttribute("aria-disabled", "true");
        page.getByLabel("First label left, 1 to 30").fill("4");
        String asked = page.getByText("Labels of ").getAttribute("href");
        Assertions.assertThat(asked).startsWith("/api/paper/labels.pdf?paper=LETTER_30&first=4&saws=");
        Assertions.assertThat(page.request()
                        .get(page.url().replaceFirst("/saws.*", "") + asked)
                        .body())
                .startsWith("%PDF".getBytes(StandardCharsets.US_ASCII));
    }
}
