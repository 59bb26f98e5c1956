package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static yellowtally.browser.Screens.button;
import static yellowtally.browser.Screens.rail;
import static yellowtally.browser.Screens.region;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Adding, editing and finding saws. */
@ExtendWith(Screens.class)
class FleetBrowserTest {

    @Test
    void aNewSawIsAddedOnceItsSetFitsAndIsHeldUntilRead(Screens.Opener screens) {
        Page page = screens.open("/saws/new");
        page.getByLabel("Tag", new Page.GetByLabelOptions().setExact(true)).fill("29");
        page.getByLabel("Make").fill("Kestrup");
        page.getByLabel("Model").fill("K50");
        page.getByText("Part by part, or from the shelf").click();
        page.getByLabel("Bar tag").fill("YB-40");
        page.getByLabel("Length", new Page.GetByLabelOptions().setExact(true)).fill("18 in");
        page.getByLabel("Drive links the bar takes").fill("68");
        page.getByLabel("Chain tag").fill("YC-40");
        page.getByLabel("Drive links", new Page.GetByLabelOptions().setExact(true))
                .fill("66");
        page.getByLabel("Sprocket tag").fill("YS-40");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("This loop has 66 drive links, the bar asks for 68.");
        button(page, "Add saw 29").click();
        assertThat(page).hasURL(Pattern.compile("/saws/new$"));

        page.getByLabel("Drive links", new Page.GetByLabelOptions().setExact(true))
                .fill("68");
        assertThat(page.getByText("Bar, chain and sprocket fit each other.")).isVisible();
        page.getByLabel("Displacement, cc").fill("fifty");
        assertThat(page.getByText("This is not a number.")).isVisible();
        page.getByLabel("Displacement, cc").fill("50");
        button(page, "Add saw 29").click();
        assertThat(page).hasURL(Pattern.compile("/saws/29$"));
        Locator hold = region(page, "Hold");
        assertThat(hold).containsText("Refit the set: it was apart");
        assertThat(hold).containsText("Test the chain brake: there is no test on record");
        page.keyboard().press("b");
        assertThat(rail(page, "Held").getByLabel(Pattern.compile("^Saw 29,")))
                .hasAccessibleName("Saw 29, 18 in, Held: Untested");
    }

    @Test
    void aStaleEditIsSaidAndNothingTypedIsLost(Screens.Opener screens) {
        new Fleet(screens.application()).addSaw("FB1", Fleet.Kit.STANDARD);
        Page page = screens.open("/saws/FB1/edit");
        page.getByLabel("Model").fill("K50 mark two");
        somebodyElseEdits(screens.application(), "FB1");
        button(page, "Save the card").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("was changed by somebody else");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Model: K50 b stands now, you typed K50 mark two.");
        assertThat(page.getByLabel("Model")).hasValue("K50 mark two");
        button(page, "Save mine over it").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText("Kestrup K50 mark two");
    }

    private static void somebodyElseEdits(Application application, String tag) {
        String saw = application.get("/api/saws/" + tag);
        String version = Fleet.first(saw, "\"version\":(\\d+)");
        // The card as it is read says its unit in the name of a figure, the card as it is written in its text.
        String card = Fleet.first(saw, "\"card\":(\\{[^}]*\\})")
                .replace("\"K50\"", "\"K50 b\"")
                .replaceAll("\"(\\w+)M([ml])\":([\\d.]+)", "\"$1\":\"$3 m$2\"");
        application.send(
                "PUT",
                "/api/saws/" + tag,
                "{\"id\":\"%s\",\"version\":%s,\"saw\":%s}".formatted(UUID.randomUUID(), version, card));
    }

    @Test
    void aSawThatIsNotThereIsSaidInWords(Screens.Opener screens) {
        Page page = screens.open("/saws/99");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("There is no saw 99");
        page = screens.open("/saws/99/tension");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("There is no saw 99");
        page = screens.open("/");
        assertThat(rail(page, "On the rack")).isVisible();
        page.keyboard().press("/");
        page.keyboard().type("99");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("There is no saw or part 99. Check the tag");
    }

    @Test
    void theListOfKeysOpensAndCloses(Screens.Opener screens) {
        Page page = screens.open("/");
        assertThat(rail(page, "On the rack")).isVisible();
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Find a saw by its tag");
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }
}
