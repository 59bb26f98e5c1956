package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static yellowtally.browser.Screens.button;
import static yellowtally.browser.Screens.rail;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The officer's whole loop at the bench. */
@ExtendWith(Screens.class)
class TensionCheckBrowserTest {

    private static Locator verdict(Page page) {
        return page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText(Pattern.compile(".+")));
    }

    private static Locator pullDown(Page page) {
        return page.getByLabel("Pull-down at mid-bar");
    }

    private static Locator plate(Page page, String railTitle, String tag) {
        return rail(page, railTitle).getByLabel(Pattern.compile("^Saw " + tag + ","));
    }

    @Test
    void theDueSawIsFoundReadLooseAdjustedReadRightSavedAndFit(Screens.Opener screens) {
        Page page = screens.open("/");
        assertThat(plate(page, "On the rack", "06")).hasAccessibleName(Pattern.compile("Due"));
        plate(page, "On the rack", "06").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Check tension"))
                .click();

        pullDown(page).fill("11");
        assertThat(verdict(page)).containsText("No verdict");
        button(page, "All six met").click();
        assertThat(verdict(page)).containsText("Loose");
        assertThat(verdict(page)).containsText("Turn the adjuster in about a quarter of a turn");
        assertThat(verdict(page)).containsText("Aim for 5.9 mm");
        button(page, "Adjusted, read again").click();

        assertThat(pullDown(page)).isFocused();
        assertThat(page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("11 mm")))
                .containsText("Loose");
        pullDown(page).fill("6");
        assertThat(verdict(page)).containsText("Right");
        button(page, "Save check").click();

        assertThat(page).hasURL(Pattern.compile("/saws/06$"));
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Tension readings"))
                        .locator("li")
                        .first())
                .containsText("tang line 11 mm loose → turned 1/4 turn in, tang line 6 mm right");
        assertThat(page.getByText("Used since the last good reading")).hasCount(0);
    }

    @Test
    void aThrowRiskHoldsTheSawAndOnlyAPassingCheckAndAnOfficerReleaseIt(Screens.Opener screens) {
        Page page = screens.open("/saws/07/tension");
        pullDown(page).fill("25");
        button(page, "All six met").click();
        assertThat(verdict(page)).containsText("Throw risk");
        assertThat(verdict(page)).containsText("Do not run the saw");
        button(page, "Save and hold saw 07").click();

        assertThat(page.getByText("The tension was not safe", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(button(page, "Release saw 07")).hasCount(0);
        page.keyboard().press("o");
        page.getByLabel("Saws that go out").fill("07");
        assertThat(page.getByText("07 held: Chain can be thrown")).isVisible();
        page.getByLabel("Cutting gang").check();
        button(page, "Issue saw 07").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Saw 07 is held and must not go out");
        page.navigate(screens.application().address() + "/");
        assertThat(plate(page, "Held", "07")).isVisible();

        page.navigate(screens.application().address() + "/saws/07/tension");
        pullDown(page).fill("7");
        button(page, "All six met").click();
        button(page, "Save check").click();
        button(page, "Release saw 07").click();
        assertThat(page.getByText("The tension was not safe", new Page.GetByTextOptions().setExact(true)))
                .hasCount(0);
        page.keyboard().press("b");
        assertThat(plate(page, "On the rack", "07")).hasAccessibleName("Saw 07, 20 in, Due");
    }

    @Test
    void theWholeLoopGoesByKeyboardAlone(Screens.Opener screens) {
        Page page = screens.open("/");
        assertThat(plate(page, "On the rack", "03")).isVisible();
        page.keyboard().press("/");
        page.keyboard().type("3");
        page.keyboard().press("Enter");
        assertThat(page).hasURL(Pattern.compile("/saws/03$"));
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Kestrup K45")))
                .isVisible();
        assertThat(page.getByText("New chain: five minutes of light cutting")).isVisible();
        page.keyboard().press("t");
        assertThat(pullDown(page)).isFocused();
        page.keyboard().type("9");
        page.keyboard().press("f");
        assertThat(verdict(page)).containsText("Loose");
        assertThat(button(page, "Adjusted, read again")).isEnabled();
        page.keyboard().press("Enter");
        assertThat(pullDown(page)).hasValue("");
        page.keyboard().type("1/4 in");
        assertThat(verdict(page)).containsText("Right");
        assertThat(button(page, "Save check")).isEnabled();
        page.keyboard().press("Enter");
        assertThat(page).hasURL(Pattern.compile("/saws/03$"));
        assertThat(page.getByText("New chain: last recheck after its first tank"))
                .isVisible();
        page.keyboard().press("b");
        assertThat(plate(page, "On the rack", "03")).isVisible();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "-3  | A reading cannot be less than zero",
                "900 | 900 mm is not possible: a chain on this bar shows at most 50.8 mm",
                "abc | This is not a length",
            })
    void readingsThatCannotBeAreRefusedAtTheFieldAndNothingIsLost(
            String typed, String sentence, Screens.Opener screens) {
        Page page = screens.open("/saws/03/tension");
        page.getByLabel("Note").fill("Found the nuts loose");
        pullDown(page).fill(typed);
        assertThat(page.getByRole(AriaRole.ALERT)).containsText(sentence);
        assertThat(button(page, "Save check")).hasCount(0);
        page.reload();
        assertThat(pullDown(page)).hasValue(typed);
        assertThat(page.getByLabel("Note")).hasValue("Found the nuts loose");
    }

    @Test
    void aHotReadingIsProvisionalAndTheOtherMethodsLieOnTheSameScale(Screens.Opener screens) {
        Page page = screens.open("/saws/11/tension");
        pullDown(page).fill("7");
        button(page, "All six met").click();
        page.getByLabel("Cold").uncheck();
        assertThat(verdict(page)).containsText("Right, read hot");
        assertThat(verdict(page)).containsText("Let the chain cool");
        page.getByLabel("Method").selectOption("Rail touch");
        page.getByLabel("Gap to the lower rail, no pull").fill("0.3");
        page.getByLabel("Cold").check();
        assertThat(verdict(page)).containsText("Say how the chain moves by hand");
        page.getByLabel("Freely, one finger").check();
        assertThat(verdict(page)).containsText("Right");
        assertThat(verdict(page)).containsText("Inside the good band of rail touch");
        assertThat(page.getByText("Tang line, lift and snap, house method")).isVisible();
    }

    /** Back on after the bench: the turns tell no growth, the place of the adjuster does, and it stands in the history. */
    @Test
    void afterTheBenchTheAdjustersPlaceKeepsTheAccount(Screens.Opener screens) {
        Page page = screens.open("/saws/16/tension");
        assertThat(page.getByText("The set was apart, so today’s turns say nothing of growth."))
                .isVisible();
        assertThat(page.getByLabel("Freely, one finger")).not().isChecked();
        pullDown(page).fill("5");
        button(page, "All six met").click();
        page.getByLabel("Adjuster, turns out from its stop").fill("ten");
        button(page, "Save check").click();
        assertThat(page.getByText("Give the turns out from the stop, such as 3.5."))
                .isVisible();
        page.getByLabel("Adjuster, turns out from its stop").fill("10,25");
        button(page, "Save check").click();
        assertThat(page.getByText("Adjuster 10.25 turns out.").first()).isVisible();
    }

    @Test
    void aWrongCheckIsAmendedWithAReasonAndBothStayInTheHistory(Screens.Opener screens) {
        Page page = screens.open("/saws/14");
        page.getByLabel(Pattern.compile("^Amend the check")).first().click();
        pullDown(page).fill("5");
        button(page, "All six met").click();
        button(page, "Save check").click();
        assertThat(page.getByText("Say why the earlier check is amended.")).isVisible();
        page.getByLabel("Why the earlier check is amended").fill("Read at the nose, not at mid-bar");
        button(page, "Save check").click();
        assertThat(page.getByText("Amends an earlier check: Read at the nose, not at mid-bar"))
                .isVisible();
        assertThat(page.getByText("Amended by a later record.")).isVisible();
    }
}
