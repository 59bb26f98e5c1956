package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static yellowtally.browser.Screens.button;
import static yellowtally.browser.Screens.region;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A fleet moves house: taken out of one installation, brought in on the first start of another. */
class FleetFileBrowserTest {

    @TempDir
    private Path place;

    private Application old;
    private BrowserContext context;

    @BeforeEach
    void firstHouse() throws IOException {
        old = Application.start(Files.createDirectory(place.resolve("old")), Application.IN_MEMORY);
        context = Lane.browser().newContext();
    }

    @AfterEach
    void end() {
        context.close();
        old.kill();
    }

    private Path takenOut(Page page) {
        Screens.signIn(context, old.session());
        page.navigate(old.address() + "/records");
        Locator out = region(page, "Take the records out");
        Download download =
                page.waitForDownload(() -> out.getByText("Fleet file", new Locator.GetByTextOptions().setExact(true))
                        .click());
        Path file = place.resolve(download.suggestedFilename());
        download.saveAs(file);
        Download sheets =
                page.waitForDownload(() -> out.getByText("Spreadsheet", new Locator.GetByTextOptions().setExact(true))
                        .click());
        Assertions.assertThat(sheets.suggestedFilename())
                .startsWith("yellow-tally-")
                .endsWith(".xlsx");
        Assertions.assertThat(sheets.failure()).isNull();
        return file;
    }

    private static List<String> plates(Page page) {
        Locator plates = page.getByLabel(Pattern.compile("^Saw \\d+, .*"));
        assertThat(plates.first()).isVisible();
        return plates.all().stream()
                .map(plate -> plate.getAttribute("aria-label"))
                .toList();
    }

    @Test
    void aFleetMovesHouseWithAllItsRecords() throws IOException {
        Page page = context.newPage();
        Path file = takenOut(page);
        page.navigate(old.address() + "/");
        List<String> before = plates(page);
        context.clearCookies();

        try (Application fresh = Application.start(
                Files.createDirectory(place.resolve("fresh")), Application.IN_MEMORY, "--yellowtally.demo=false")) {
            moveInto(fresh, page, file, before);
        }
    }

    private void moveInto(Application fresh, Page page, Path file, List<String> before) throws IOException {
        // Half of it is refused in words, and is in nobody's way.
        Path half = place.resolve("half.json");
        byte[] all = Files.readAllBytes(file);
        Files.write(half, Arrays.copyOf(all, all.length / 2));
        page.navigate(fresh.address() + "/");
        Locator chooser = page.locator("input[type=file]");
        chooser.setInputFiles(half);
        assertThat(page.getByText("The file ends in the middle")).isVisible();

        chooser.setInputFiles(file);
        assertThat(page.getByRole(
                        AriaRole.HEADING, new Page.GetByRoleOptions().setName("Your fleet is here: who are you?")))
                .isVisible();
        Assertions.assertThat(AccessibilityTest.serious(page)).isEmpty();
        assertThat(page.getByLabel("Name of the fleet")).hasValue("Fellside Light Railway");
        assertThat(page.getByLabel("Name, as records say it")).hasValue("Ida Marsh");
        page.getByLabel("Name to sign in with").fill("ida");
        page.getByLabel("Password").fill("three wet sleepers");
        button(page, "Set up the fleet").click();
        assertThat(page.getByLabel("Signed in: Ida Marsh")).isVisible();
        Assertions.assertThat(plates(page)).isEqualTo(before).hasSizeGreaterThan(15);

        // Every record is as it was sealed over there.
        page.navigate(fresh.address() + "/records");
        button(page, "Check all records").click();
        assertThat(region(page, "Proof")).containsText("records are as they were sealed");
    }
}
