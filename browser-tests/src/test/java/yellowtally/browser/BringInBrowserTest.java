package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static yellowtally.browser.Screens.button;
import static yellowtally.browser.Screens.region;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** An officer has everything in a spreadsheet, as people have it, and brings it in. */
class BringInBrowserTest {

    private static final Path SAMPLE = Path.of("..", "docs", "samples", "lineside-gang.xlsx");

    @TempDir
    private static Path place;

    private static Application house;

    private BrowserContext context;
    private Page page;

    @BeforeAll
    static void start() throws IOException {
        house = Application.start(Files.createDirectory(place.resolve("house")), Application.IN_MEMORY);
    }

    @AfterAll
    static void kill() {
        house.kill();
    }

    @BeforeEach
    void open() {
        context = Lane.browser().newContext();
        Screens.signIn(context, house.session());
        page = context.newPage();
        page.navigate(house.address() + "/records");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bring a sheet in"))
                .click();
    }

    @AfterEach
    void end() {
        context.close();
    }

    private void choose(Path file) {
        Locator chooser = page.locator("input[type=file]");
        chooser.setInputFiles(file);
    }

    private Locator comes() {
        return region(page, "What comes of it");
    }

    private void sheet(String name) {
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(name))
                .check();
    }

    private void bringIn(int lines) {
        button(page, "Try every line").click();
        assertThat(comes().getByRole(AriaRole.STATUS)).containsText(lines + " lines can come in.");
        button(page, "Bring in " + lines + " lines").click();
        assertThat(comes().getByRole(AriaRole.STATUS)).containsText(lines + " lines came in.");
    }

    /** Columns are mended by hand, every line is tried, and then all of it comes in. */
    @Test
    void aMessySheetIsMendedTriedAndBroughtIn() {
        choose(SAMPLE);
        // Under a title, with headings of their own.
        assertThat(page.getByLabel("Headings stand in")).hasValue("2");
        assertThat(page.getByLabel("What No. is")).hasValue("tag");
        assertThat(page.getByLabel("What Thickness is")).hasValue("");
        button(page, "Try every line").click();
        assertThat(comes().getByRole(AriaRole.STATUS)).containsText("5 lines are wrong");
        assertThat(comes()).containsText("The gauge is missing, such as .050.");
        page.getByLabel("What Thickness is").selectOption("gauge");
        bringIn(5);
        assertThat(comes()).containsText("Saw N43, Tarnwick T 50, petrol, since 2022-03-01, with its set");

        sheet("Service book");
        button(page, "Try every line").click();
        assertThat(comes()).containsText("Some write the month first, others the day.");
        page.getByLabel("12/11 is written").selectOption("DAY_FIRST");
        bringIn(9);
        assertThat(comes()).containsText("Saw N41: Sharpen, 2026-09-07");
        sheet("Shelf");
        bringIn(4);
        sheet("Gang");
        bringIn(3);

        page.navigate(house.address() + "/saws/N41");
        assertThat(page).hasTitle(Pattern.compile("N41"));
        assertThat(page.getByText("Held").first()).isVisible();
        page.navigate(house.address() + "/log?saw=N41");
        assertThat(page.getByText("Sharpen").first()).isVisible();
    }

    /** A page that is opened again still has the file; a file that is none says why. */
    @Test
    void nothingIsLostByOpeningThePageAgain() throws IOException {
        Path letters = Files.write(place.resolve("western.csv"), new byte[] {'S', 'a', 'w', '\n', (byte) 0xF6, '\n'});
        choose(letters);
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("line 2, place 1 cannot be read");
        page.navigate(house.address() + "/records/bring-in?file=11111111-2222-3333-4444-555555555555");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("This file is not at hand any more.");
        choose(Files.writeString(place.resolve("gangs.csv"), "Gang\nBallast gang\nSignal gang\n"));
        button(page, "Try every line").click();
        assertThat(comes().getByRole(AriaRole.STATUS)).containsText("2 lines can come in.");
        Assertions.assertThat(AccessibilityTest.serious(page)).isEmpty();
        page.reload();
        assertThat(comes().getByRole(AriaRole.STATUS)).containsText("2 lines can come in.");
        // What is chosen by now may be something else than what was tried.
        assertThat(button(page, "Bring in 2 lines")).isDisabled();
    }
}
