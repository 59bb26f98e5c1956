package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static yellowtally.browser.Screens.button;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.time.Duration;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** What moves the whole fleet, its settings or its clock, in a practice copy of its own: other tests are not moved with it. */
@Execution(ExecutionMode.SAME_THREAD)
class PracticeCopyBrowserTest {

    private static Application copy;

    private Screens.Opener screens;

    @BeforeAll
    static void start(@TempDir Path data) {
        copy = Application.start(data, Application.IN_MEMORY, Application.PRACTICE, "--yellowtally.demo=false");
    }

    @AfterAll
    static void end() {
        copy.close();
    }

    @BeforeEach
    void freshPages() {
        screens = new Screens.Opener(copy);
    }

    @AfterEach
    void closePages() {
        screens.close();
    }

    @Test
    void aChangedSettingIsKeptWithItsReason() {
        Page page = screens.open("/settings");
        button(page, "Change: Lengths").click();
        page.getByLabel("New value").selectOption("Inches");
        button(page, "Set it").click();
        assertThat(page.getByText("Say why.")).isVisible();
        page.getByLabel("Reason").fill("Our rules are in inches");
        button(page, "Set it").click();
        assertThat(page.getByText("Our rules are in inches")).isVisible();
        button(page, "Change: Lengths").click();
        page.getByLabel("Reason").fill("Back to millimetres");
        button(page, "Back to Millimetres").click();
        assertThat(page.getByText("Our rules are in inches")).hasCount(0);
    }

    /** A leak is watched over a day and a night; the clock is moved, the records stay. */
    @Test
    void aCapSealIsSwappedAndOnlyADryDayClosesTheLeak() {
        Fleet fleet = new Fleet(copy);
        fleet.addSaw("K1", "PETROL", "AUTOMATIC_FIXED");
        Page page = screens.open(fleet.complained("K1", "oil-lost"));
        String fault = page.url();
        button(page, "Choose: Oil cap seal worn").click();
        button(page, "Yes, this is the cause").click();
        assertThat(page.getByText("Still to do: new cap seal").first()).isVisible();
        fleet.did("K1", "NEW_CAP_SEAL", "OUTSIDE_LOOK");
        page.reload();
        page.getByLabel("What was swapped before").fill("New cap seal");
        page.getByLabel("The oil tank is full").check();
        button(page, "Stand it on fresh card").click();
        assertThat(page.getByText(Pattern.compile("On card since today"))).isVisible();

        copy.setClockAhead(Duration.ofHours(3));
        page.reload();
        button(page, "Dry all round").click();
        button(page, "Close the fault").click();
        assertThat(page.getByRole(AriaRole.ALERT))
                .containsText("A leak is closed only by a dry day on fresh card: 24 hours");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("It has stood 3");

        copy.setClockAhead(Duration.ofHours(25));
        page.navigate(copy.address());
        page.getByRole(
                        AriaRole.REGION,
                        new Page.GetByRoleOptions().setName("Leak test running").setExact(true))
                .getByText("Dry day is over, look now")
                .last()
                .click();
        page.waitForURL(Pattern.compile("/faults/"));
        page.navigate(fault);
        assertThat(page.getByText("The day is up. Look once more: if it is dry, the leak is closed."))
                .isVisible();
        button(page, "Dry all round").click();
        assertThat(page.getByText("Stayed dry for a day.")).isVisible();
        button(page, "Close the fault").click();
        assertThat(page.getByText("Closed.", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }
}
