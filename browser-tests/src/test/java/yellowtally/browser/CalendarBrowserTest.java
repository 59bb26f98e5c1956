package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static yellowtally.browser.Screens.button;
import static yellowtally.browser.Screens.region;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The schedule as a calendar that another program asks for. */
@ExtendWith(Screens.class)
class CalendarBrowserTest {

    @Test
    void aCalendarProgramIsGivenAnAddressAndItIsEnded(Screens.Opener screens) {
        Application house = screens.application();
        Page page = screens.open("/records");
        Locator calendar = region(page, "The schedule as a calendar");
        button(page, "Make an address").click();
        Locator address = calendar.locator("code").first();
        assertThat(address).containsText("/api/calendar/");
        String path = address.innerText();
        Assertions.assertThat(house.get(path.substring(house.address().length())))
                .contains("BEGIN:VCALENDAR", "SUMMARY:Saw ");
        String plan = calendar.locator("code").nth(1).innerText();
        Assertions.assertThat(house.get(plan.substring(house.address().length())))
                .contains("BEGIN:VCALENDAR", "SUMMARY:Bench: ");
        assertThat(calendar.getByText("(this one)")).isVisible();
        calendar.getByText("End it", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(calendar.getByText("(this one)")).hasCount(0);
        Assertions.assertThatThrownBy(
                        () -> house.get(path.substring(house.address().length())))
                .hasMessageContaining("or it was ended");
    }
}
