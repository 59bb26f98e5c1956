package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static yellowtally.browser.Screens.button;
import static yellowtally.browser.Screens.region;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** A photo from a complaint to the certificate, and one from the bench. */
@ExtendWith(Screens.class)
class PhotoBrowserTest {

    @TempDir
    private Path folder;

    private Path photo() throws IOException {
        BufferedImage picture = new BufferedImage(2400, 1800, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = picture.createGraphics();
        pen.setColor(Color.ORANGE);
        pen.fillRect(300, 300, 1200, 900);
        pen.dispose();
        Path file = folder.resolve("shelf.jpg");
        Assertions.assertThat(ImageIO.write(picture, "jpg", file.toFile())).isTrue();
        return file;
    }

    private static void add(Page page, Locator near, Path file) {
        page.waitForFileChooser(
                        () -> near.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add a photo"))
                                .first()
                                .click())
                .setFiles(file);
    }

    /** Not a frame with words in it: the picture came. */
    private static void isShown(Page page, Locator picture) {
        picture.scrollIntoViewIfNeeded();
        assertThat(picture).isVisible();
        page.waitForCondition(() -> (boolean) picture.evaluate("one => one.complete && one.naturalWidth === 320"));
    }

    private static int pictures(PDDocument file) throws IOException {
        int found = 0;
        for (PDPage page : file.getPages()) {
            for (COSName name : page.getResources().getXObjectNames()) {
                found += page.getResources().isImageXObject(name) ? 1 : 0;
            }
        }
        return found;
    }

    @Test
    void aPhotoOfAComplaintStandsInTheLogOnTheSawAndInTheCertificate(Screens.Opener screens) throws IOException {
        Fleet fleet = new Fleet(screens.application());
        fleet.addFitSaw("PH1", Fleet.Kit.of("PETROL", "AUTOMATIC_FIXED"));
        Page page = screens.open(fleet.complained("PH1", "oil-lost"));
        Locator photos = region(page, "Photos");
        Path script = Files.writeString(folder.resolve("photo.jpg"), "<script>alert(1)</script>");
        add(page, photos, script);
        assertThat(photos.getByRole(AriaRole.ALERT)).hasText("This is no photo. Choose a JPEG or a PNG.");
        add(page, photos, photo());
        isShown(page, photos.getByRole(AriaRole.IMG));
        assertThat(photos.getByRole(AriaRole.ALERT)).hasCount(0);

        page.navigate(screens.application().address() + "/saws/PH1");
        isShown(page, region(page, "History").getByRole(AriaRole.IMG));
        String address = region(page, "Papers")
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Service certificate"))
                .getAttribute("href");
        byte[] certificate =
                page.request().get(screens.application().address() + address).body();
        try (PDDocument file = Loader.loadPDF(certificate)) {
            Assertions.assertThat(new PDFTextStripper().getText(file).replaceAll("\\s+", " "))
                    .contains(
                            "Service certificate, saw PH1",
                            "photo 1",
                            "1. Complaint: Oil lost at rest, ",
                            "Photo by Ida Marsh");
            Assertions.assertThat(pictures(file)).isEqualTo(1);
        }

        page.navigate(screens.application().address() + "/log?saw=PH1");
        isShown(page, page.getByRole(AriaRole.MAIN).getByRole(AriaRole.IMG));
    }

    @Test
    void aPhotoOfWorkIsStruckOutWithAReason(Screens.Opener screens) throws IOException {
        Fleet fleet = new Fleet(screens.application());
        fleet.addFitSaw("PH2", Fleet.Kit.of("PETROL", "AUTOMATIC_FIXED"));
        fleet.did("PH2", "GROOVE");
        Page page = screens.open("/saws/PH2");
        Locator history = region(page, "History");
        add(page, history, photo());
        isShown(page, history.getByRole(AriaRole.IMG));

        page.navigate(screens.application().address() + fleet.complained("PH2", "dust"));
        add(page, region(page, "Photos"), photo());
        Locator photos = region(page, "Photos");
        isShown(page, photos.getByRole(AriaRole.IMG));
        photos.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Strike out"))
                .click();
        button(page, "Strike it out").click();
        assertThat(photos.getByRole(AriaRole.IMG)).hasCount(1);
        photos.getByLabel("Why it is struck out").fill("Of another saw");
        button(page, "Strike it out").click();
        assertThat(photos.getByRole(AriaRole.IMG)).hasCount(0);
    }
}
