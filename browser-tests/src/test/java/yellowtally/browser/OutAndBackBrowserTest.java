package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static yellowtally.browser.Screens.button;
import static yellowtally.browser.Screens.rail;
import static yellowtally.browser.Screens.region;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Going out and coming back, holds by a person, records that were wrong. */
@ExtendWith(Screens.class)
class OutAndBackBrowserTest {

    private static final DateTimeFormatter FIELD = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm");

    private static Locator saw(Page page, String tag) {
        return page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Saw " + tag));
    }

    @Test
    void tanksAreLoggedAsStrokesAndCountOnReturn(Screens.Opener screens) {
        Page page = screens.open("/crews");
        Locator more = page.getByLabel("One tank more on saw 08");
        Locator out = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Out: 08"));
        Locator oil = page.getByLabel("Bar oil filled with the next tank");
        oil.selectOption("Three quarters");
        more.click();
        assertThat(page.getByLabel("1 tank logged")).isVisible();
        assertThat(out).containsText("0.75 of bar oil");
        assertThat(oil).hasValue("");
        page.getByLabel("Saws that came back").fill("08");
        assertThat(saw(page, "08").getByLabel("Bar oil, tanks")).hasValue("0.75");
        assertThat(saw(page, "08").getByLabel("Tanks", new Locator.GetByLabelOptions().setExact(true)))
                .hasValue("1");
        saw(page, "08")
                .getByLabel("Tanks", new Locator.GetByLabelOptions().setExact(true))
                .fill("0");
        button(page, "Take saw 08 back").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("One tank was logged while it was out");
        saw(page, "08")
                .getByLabel("Tanks", new Locator.GetByLabelOptions().setExact(true))
                .fill("900");
        button(page, "Take saw 08 back").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Give a number from 0 to 200.");
        // Nothing typed is lost by a refusal, nor by a browser that is closed.
        saw(page, "08").getByLabel("Complaint, in a few words").fill("Starts badly");
        page.reload();
        assertThat(saw(page, "08").getByLabel("Complaint, in a few words")).hasValue("Starts badly");
        saw(page, "08")
                .getByLabel("Tanks", new Locator.GetByLabelOptions().setExact(true))
                .fill("1");
        page.getByLabel("Brush").check();
        button(page, "Take saw 08 back").click();
        assertThat(page.getByLabel("Saws that came back")).hasValue("");
        page.navigate(screens.application().address() + "/saws/08");
        assertThat(page.getByText("1 tank, 0.75 of bar oil, brush, “Starts badly”"))
                .isVisible();
        assertThat(page.getByText("At once: the crew complained.")).isVisible();
    }

    @Test
    void whatIsWrittenDownLaterNeedsItsReason(Screens.Opener screens) {
        new Fleet(screens.application()).addFitSaw("OB1", Fleet.Kit.BATTERY);
        Page page = screens.open("/crews");
        page.getByLabel("Saws that go out").fill("OB1");
        Locator out = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Saws out"));
        out.getByText("Enter an earlier time").click();
        out.getByLabel("When", new Locator.GetByLabelOptions().setExact(true))
                .fill(LocalDateTime.now().plusDays(1).format(FIELD));
        out.getByLabel("Why it is entered late").fill("Rush at the gate");
        page.getByLabel("Cutting gang").check();
        button(page, "Issue saw OB1").click();
        assertThat(out.getByText("This time is in the future.")).isVisible();
        out.getByLabel("When", new Locator.GetByLabelOptions().setExact(true))
                .fill(LocalDateTime.now().minusMinutes(30).format(FIELD));
        out.getByLabel("Why it is entered late").fill("");
        page.getByLabel("Cutting gang").check();
        button(page, "Issue saw OB1").click();
        assertThat(out.getByText("Say why.")).isVisible();
        out.getByLabel("Why it is entered late").fill("Rush at the gate");
        page.getByLabel("Cutting gang").check();
        button(page, "Issue saw OB1").click();
        assertThat(page.getByLabel("Saws that go out")).hasValue("");
        assertThat(page.getByLabel("One charge more on saw OB1")).isVisible();
        page.navigate(screens.application().address() + "/log?saw=OB1&kinds=OUT");
        assertThat(page.getByText("Rush at the gate")).isVisible();
    }

    @Test
    void aPersonHoldsASawAndWhatProvesItGoodClearsIt(Screens.Opener screens) {
        new Fleet(screens.application()).addFitSaw("OB2", Fleet.Kit.STANDARD);
        Page page = screens.open("/saws/OB2");
        button(page, "Hold saw OB2").click();
        button(page, "Hold saw OB2").click();
        assertThat(page.getByText("Write a few words here.")).isVisible();
        page.getByLabel("Why", new Page.GetByLabelOptions().setExact(true)).fill("Smells of fuel");
        page.getByLabel("What clears it").selectOption("Tanks, caps, hoses, pick-ups");
        button(page, "Hold saw OB2").click();
        Locator hold = region(page, "Hold");
        assertThat(hold).containsText("Smells of fuel");
        assertThat(hold).containsText("Tanks, caps, hoses, pick-ups");
        page.keyboard().press("r");
        page.getByLabel("What was done").selectOption("Tanks, caps, hoses, pick-ups");
        button(page, "Fail").click();
        page.getByLabel("Hose leaks").check();
        button(page, "Save the record").click();
        assertThat(page).hasURL(Pattern.compile("/saws/OB2$"));
        assertThat(hold).containsText("Hose leaks");
        // A hose that leaks is not whole for being called fine: the repair first, then the look.
        hold.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("New hose"))
                .getByRole(AriaRole.LINK)
                .click();
        button(page, "Save the record").click();
        assertThat(page).hasURL(Pattern.compile("/saws/OB2$"));
        // The address is there before the screen whose key it is.
        assertThat(hold).isVisible();
        page.keyboard().press("r");
        page.getByLabel("What was done").selectOption("Tanks, caps, hoses, pick-ups");
        button(page, "Fine").click();
        button(page, "Save the record").click();
        assertThat(hold.getByText("Proved. Only the release is missing.")).hasCount(2);
        button(page, "Release saw OB2").click();
        assertThat(hold).hasCount(0);
        page.keyboard().press("b");
        assertThat(rail(page, "On the rack").getByLabel(Pattern.compile("^Saw OB2,")))
                .hasAccessibleName("Saw OB2, 18 in, Fit");
    }

    @Test
    void aWrongRecordIsStruckOutWithItsReasonAndStaysReadable(Screens.Opener screens) {
        new Fleet(screens.application()).addSaw("OB3", Fleet.Kit.STANDARD);
        Page page = screens.open("/saws/OB3/record");
        page.getByLabel("What was done").selectOption("Air filter");
        page.getByLabel("Note").fill("Meant for another saw");
        button(page, "Save the record").click();
        Locator line = page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Meant for another saw"));
        line.getByText("Strike out").click();
        line.getByText("Strike it out").click();
        assertThat(line.getByRole(AriaRole.ALERT)).containsText("Say why.");
        line.getByLabel("Why it is struck out").fill("It was saw 04");
        line.getByText("Strike it out").click();
        assertThat(line).containsText(Pattern.compile("Struck out by Ida Marsh, .*: It was saw 04"));
        assertThat(line).containsText("Air filter");
    }
}
