package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static yellowtally.browser.Screens.button;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A leak is watched over a day and a night; the clock is moved, the records stay. */
class LeakBrowserTest {

    @TempDir
    Path data;

    private static Page open(Browser browser, Application application, String path) {
        Page page = browser.newPage();
        page.navigate(application.address() + path);
        return page;
    }

    @Test
    void aCapSealIsSwappedAndOnlyADryDayClosesTheLeak() {
        try (Playwright playwright = Playwright.create();
                Browser browser = Screens.launch(playwright)) {
            String fault;
            try (Application morning = Application.start(data)) {
                Fleet fleet = new Fleet(morning);
                fleet.addSaw("K1", "PETROL", "AUTOMATIC_FIXED");
                fault = fleet.complained("K1", "oil-lost");
                Page page = open(browser, morning, fault);
                button(page, "Choose: Seal of the oil cap worn").click();
                button(page, "Yes, this is the cause").click();
                assertThat(page.getByText("Still to do: tanks, caps, hoses, pick-ups")
                                .first())
                        .isVisible();
                fleet.did("K1", "TANKS");
                page.reload();
                page.getByLabel("What was swapped before").fill("New cap seal");
                button(page, "Stand it on fresh card").click();
                assertThat(page.getByText(Pattern.compile("Stands since today")))
                        .isVisible();
                page.close();
            }
            try (Application threeHoursLater = Application.start(data, "--yellowtally.clock.ahead=PT3H")) {
                Page page = open(browser, threeHoursLater, fault);
                button(page, "Dry all round").click();
                button(page, "Close the fault").click();
                assertThat(page.getByRole(AriaRole.ALERT))
                        .containsText("A leak is closed only by a dry day on fresh card: 24 hours");
                assertThat(page.getByRole(AriaRole.ALERT)).containsText("It has stood 3");
                page.close();
            }
            try (Application nextDay = Application.start(data, "--yellowtally.clock.ahead=PT25H")) {
                Page board = open(browser, nextDay, "/");
                board.getByRole(
                                AriaRole.REGION,
                                new Page.GetByRoleOptions()
                                        .setName("On fresh card")
                                        .setExact(true))
                        .getByText("Dry day is over, look now")
                        .last()
                        .click();
                board.waitForURL(Pattern.compile("/faults/"));
                board.navigate(nextDay.address() + fault);
                assertThat(board.getByText("The day is over. Look once more: dry closes it."))
                        .isVisible();
                button(board, "Dry all round").click();
                assertThat(board.getByText("Stayed dry for a day.")).isVisible();
                button(board, "Close the fault").click();
                assertThat(board.getByText("Closed.", new Page.GetByTextOptions().setExact(true)))
                        .isVisible();
            }
        }
    }
}
