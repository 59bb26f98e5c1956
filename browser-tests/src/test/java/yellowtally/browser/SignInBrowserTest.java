package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static yellowtally.browser.Screens.button;
import static yellowtally.browser.Screens.region;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import yellowtally.Session;

/** Everybody comes in as who they are, meets what is not for them in words, and leaves the bench to the next. */
@ExtendWith(Screens.class)
class SignInBrowserTest {

    private static Locator heading(Page page, String name) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name));
    }

    private static Locator signedIn(Page page, String name) {
        return page.getByLabel("Signed in: " + name);
    }

    @Test
    void aDemoAccountIsOneClickAndAWrongPasswordIsSaid(Screens.Opener screens) {
        Page page = screens.openSignedOut("/saws/13", 1280, 800);
        assertThat(heading(page, "Sign in")).isVisible();
        assertThat(region(page, "Demo fleet")).containsText("Its people are made up");
        page.getByLabel("Name to sign in with").fill("marsh");
        page.getByLabel("Password").fill("not the one at all");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).hasText("The name or the password is wrong.");
        assertThat(page.getByLabel("Name to sign in with")).hasValue("marsh");
        button(page, "Edda Hollis").click();
        assertThat(signedIn(page, "Edda Hollis")).isVisible();
        // The address that was asked for is the screen that is shown.
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .isVisible();
        assertThat(page).hasURL(Pattern.compile("/saws/13$"));
    }

    @Test
    void aReaderAndAnOperatorMeetWhatIsNotForThem(Screens.Opener screens) {
        Page reader = screens.openAs("hollis", "/settings", 1280, 800);
        assertThat(signedIn(reader, "Edda Hollis")).isVisible();
        assertThat(reader.getByText("Officers change the settings.")).isVisible();
        reader.navigate(screens.application().address() + "/faults/new?saw=13");
        assertThat(reader.getByText("Readers change nothing")).isVisible();

        Page operator = screens.openAs("otley", "/people", 1280, 800);
        assertThat(operator.getByText("Officers keep people, crews and devices."))
                .isVisible();
        operator.navigate(screens.application().address() + "/saws/10");
        assertThat(region(operator, "Hold")).containsText("Held: must not be used");
        assertThat(button(operator, "Release saw 10")).hasCount(0);
        operator.navigate(screens.application().address() + "/saws/new");
        assertThat(operator.getByText("An officer does this.")).isVisible();
    }

    /** Nothing is served under an address that there is not, but the page that says so. */
    @Test
    void anAddressThatThereIsNotIsSaidOnThePage(Screens.Opener screens) {
        Page page = screens.openAs("hollis", "/", 1280, 800);
        for (String address : List.of("/saw/12", "/saws/12/nowhere")) {
            page.navigate(screens.application().address() + address);
            assertThat(page.getByText("There is no such page.")).isVisible();
            assertThat(signedIn(page, "Edda Hollis")).isVisible();
        }
    }

    /** A session that somebody else ended lies over the screen as a sign-in; what was typed is there afterwards. */
    @Test
    void whatWasTypedOutlivesASession(Screens.Opener screens) {
        new Fleet(screens.application()).addSaw("SI1", Fleet.Kit.STANDARD);
        Page page = screens.openAs("fenn", "/faults/new?saw=SI1", 1280, 800);
        page.getByLabel("In a few words, as it was said").fill("Smells of fuel at the cap");
        page.context().clearCookies();
        page.getByText("Chain runs dry", new Page.GetByTextOptions().setExact(true))
                .first()
                .click();
        button(page, "Report it, find the cause").click();
        Locator over = page.getByRole(AriaRole.DIALOG);
        over.getByLabel("Name to sign in with").fill("fenn");
        over.getByLabel("Password").fill(Session.PASSWORD);
        page.keyboard().press("Enter");
        assertThat(over).hasCount(0);
        assertThat(page.getByLabel("In a few words, as it was said")).hasValue("Smells of fuel at the cap");
    }

    /** The tablet at the bench: an officer shares it, the next hand changes over by PIN, and the record says who and where. */
    @Test
    void theTabletAtTheBenchChangesHandsWithoutLosingTheScreen(Screens.Opener screens) {
        new Fleet(screens.application()).addSaw("SI2", Fleet.Kit.STANDARD);
        Page page = screens.openAs("quill", "/people", 1280, 800);
        Locator devices = region(page, "Devices");
        devices.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("this one"))
                .getByText("Change")
                .click();
        devices.getByLabel("Name of the device").fill("Bench tablet");
        devices.getByLabel("Shared: people change over by PIN").check();
        devices.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Save").setExact(true))
                .click();
        assertThat(devices.getByText(Pattern.compile("this one, shared"))).isVisible();
        assertThat(region(page, "What changed")).containsText("Device Bench tablet: shared");

        page.navigate(screens.application().address() + "/saws/SI2/record?step=AIR_FILTER");
        page.getByLabel("Note").fill("Half done by Tom");
        button(page, "Change over").click();
        Locator over = page.getByRole(AriaRole.DIALOG);
        assertThat(over.getByText("Who is here?")).isVisible();
        over.getByText("Rafe Underhill").click();
        Assertions.assertThat(AccessibilityTest.serious(page)).isEmpty();
        page.keyboard().type("7777");
        page.keyboard().press("Enter");
        assertThat(over.getByRole(AriaRole.ALERT)).hasText("This is not the PIN.");
        for (String digit : "2580".split("")) {
            over.getByRole(
                            AriaRole.BUTTON,
                            new Locator.GetByRoleOptions().setName(digit).setExact(true))
                    .click();
        }
        over.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Sign in").setExact(true))
                .click();
        assertThat(signedIn(page, "Rafe Underhill")).isVisible();
        assertThat(page.getByLabel("Note")).hasValue("Half done by Tom");
        button(page, "Save the record").click();
        assertThat(page).hasURL(Pattern.compile("/saws/SI2$"));
        page.navigate(screens.application().address() + "/log?saw=SI2");
        assertThat(page.getByText("Half done by Tom")).isVisible();
        assertThat(page.getByRole(AriaRole.MAIN)).containsText("Rafe Underhill, Bench tablet");
    }
}
