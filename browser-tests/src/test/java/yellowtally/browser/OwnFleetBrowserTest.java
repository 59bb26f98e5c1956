package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static yellowtally.browser.Screens.button;
import static yellowtally.browser.Screens.region;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A fleet of one's own: from the first start without demo data to a saw that is released. */
class OwnFleetBrowserTest {

    private Application application;
    private BrowserContext context;

    @BeforeEach
    void firstStart(@TempDir Path data) {
        application = Application.start(data, Application.IN_MEMORY, "--yellowtally.demo=false");
        context = Lane.browser().newContext();
    }

    @AfterEach
    void end() {
        context.close();
        application.kill();
    }

    private void go(Page page, String path) {
        page.navigate(application.address() + path);
    }

    @Test
    void fromTheSetUpToTheFirstReleasedSaw() {
        Page page = context.newPage();
        go(page, "/");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Set up your fleet")))
                .isVisible();
        Assertions.assertThat(AccessibilityTest.serious(page)).isEmpty();
        page.getByLabel("Name of the fleet").fill("Hollin Bridge tramway");
        page.getByLabel("Name, as records say it").fill("Nell Garth");
        page.getByLabel("Name to sign in with").fill("nell");
        page.getByLabel("Password").fill("short");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Use at least 10 characters")).isVisible();
        assertThat(page.getByLabel("Name of the fleet")).hasValue("Hollin Bridge tramway");
        page.getByLabel("Password").fill("three wet sleepers");
        page.getByLabel("Time zone of its days").selectOption("Europe/Oslo");
        page.getByLabel("Volumes").selectOption("US_GALLON");
        button(page, "Set up the fleet").click();
        assertThat(page.getByLabel("Signed in: Nell Garth")).isVisible();

        // A crew and an operator, who chooses a password at the first sign-in.
        go(page, "/people");
        Locator crews = region(page, "Crews");
        crews.getByLabel("New crew").fill("Quarry gang");
        button(page, "Add the crew").click();
        assertThat(crews.getByText("Quarry gang")).isVisible();
        Locator add = region(page, "Add somebody");
        add.getByLabel("Name, as records say it").fill("Odd Fell");
        add.getByLabel("Name to sign in with").fill("odd");
        add.getByLabel("First password").fill("four blue lamps");
        add.getByRole(AriaRole.BUTTON).click();
        assertThat(region(page, "People")).containsText("signs in as odd, first password not used yet");

        Page operator = Lane.browser().newContext().newPage();
        go(operator, "/");
        operator.getByLabel("Name to sign in with").fill("odd");
        operator.getByLabel("Password").fill("four blue lamps");
        operator.keyboard().press("Enter");
        operator.getByLabel("Password that you were given").fill("four blue lamps");
        operator.getByLabel("New password").fill("five red flags");
        operator.keyboard().press("Enter");
        assertThat(operator.getByLabel("Signed in: Odd Fell")).isVisible();

        // The first saw, from the empty board: held until it is proved.
        go(page, "/");
        page.getByText("Add your saws").click();
        page.getByLabel("Make").fill("Kestrup");
        page.getByLabel("Model").fill("K50");
        page.getByLabel("Bar, loop and sprocket").fill("18 .325 .050 68 7");
        page.getByLabel("The chain has never run").uncheck();
        button(page, "Add saw 1").click();
        assertThat(region(page, "Hold")).containsText("Test the chain brake: there is no test on record");

        // It is served; the operator holds it, the officer proves that too and lets it go.
        application.signInAs("nell", "three wet sleepers");
        new Fleet(application).serve("1");
        go(operator, "/saws/1");
        button(operator, "Hold saw 1").click();
        operator.getByLabel("Why", new Page.GetByLabelOptions().setExact(true)).fill("Smells of fuel");
        operator.getByLabel("What clears it").selectOption("OUTSIDE_LOOK");
        button(operator, "Hold saw 1").click();
        assertThat(region(operator, "Hold")).containsText("Smells of fuel");
        operator.context().close();
        new Fleet(application).did("1", "OUTSIDE_LOOK");
        go(page, "/saws/1");
        button(page, "Release saw 1").click();
        assertThat(region(page, "Hold")).hasCount(0);
        go(page, "/");
        assertThat(page.getByLabel(Pattern.compile("^Saw 1, .*Fit"))).isVisible();
    }
}
