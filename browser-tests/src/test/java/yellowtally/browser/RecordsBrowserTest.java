package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static yellowtally.browser.Screens.button;
import static yellowtally.browser.Screens.region;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** How the records are kept, with an application of its own that has them on a disk. */
@Execution(ExecutionMode.SAME_THREAD)
class RecordsBrowserTest {

    private static Application kept;
    private static Path folder;

    private Screens.Opener screens;

    @BeforeAll
    static void start(@TempDir Path data) {
        folder = data;
        kept = Application.start(data, "--yellowtally.demo=false");
    }

    @AfterAll
    static void end() {
        kept.close();
    }

    @BeforeEach
    void freshPages() {
        screens = new Screens.Opener(kept);
    }

    @AfterEach
    void closePages() {
        screens.close();
    }

    @Test
    void theOfficerChecksTheLogMakesABackupAndHoldsItsSealBesideTheRecords() {
        Page page = screens.open("/log");
        button(page, "Check all records").click();
        assertThat(page.getByText(Pattern.compile("^All \\d+ records are as they were sealed")))
                .isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Proof, backups, files"))
                .click();
        Locator backups = region(page, "Backups");
        assertThat(backups).containsText("There is none yet");
        button(page, "Make a backup now").click();
        Locator made = backups.getByRole(AriaRole.ROW).nth(1);
        assertThat(made).containsText("today");
        String seal = made.getByRole(AriaRole.CELL).nth(2).textContent();
        Locator paper = page.getByLabel("Seal on a paper or in the name of a backup");
        paper.fill(seal.toUpperCase(Locale.ROOT));
        assertThat(page.getByText("These records include it")).isVisible();
        paper.fill("1-" + "0".repeat(16));
        assertThat(page.getByText("do not match it")).isVisible();
        paper.fill("900-" + "0".repeat(16));
        assertThat(page.getByText("the newest are missing here")).isVisible();
    }

    @Test
    void whileTheFileIsGoneEveryScreenSaysSo() throws IOException {
        Page page = screens.open("/");
        Path file = folder.resolve("yellow-tally.mv.db");
        Path elsewhere = folder.resolve("elsewhere");
        Locator notice = page.getByText("Records can be read, but nothing can be saved.");
        assertThat(notice).hasCount(0);
        Files.move(file, elsewhere);
        assertThat(notice).isVisible();
        page.keyboard().press("l");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Log")))
                .isVisible();
        assertThat(notice).isVisible();
        Files.move(elsewhere, file);
        assertThat(notice).hasCount(0);
    }
}
