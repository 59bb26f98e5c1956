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
import java.time.LocalDate;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The officer gives a saw to a mechanic, hears what it will cost, and takes it back. */
class AwayBrowserTest {

    /** A fleet of its own: one saw more on the rail of the held ones folds it for all who share a board. */
    @TempDir
    private static Path place;

    private static Application house;

    @BeforeAll
    static void start() throws IOException {
        house = Application.start(Files.createDirectory(place.resolve("house")), Application.IN_MEMORY);
    }

    @AfterAll
    static void kill() {
        house.kill();
    }

    @Test
    void aSawIsGivenAwayAndComesBackToBeProved() {
        String tag = "AW1";
        new Fleet(house).addFitSaw(tag, Fleet.Kit.STANDARD);
        BrowserContext context = Lane.browser().newContext();
        Screens.signIn(context, house.session());
        Page page = context.newPage();
        page.navigate(house.address() + "/saws/" + tag);
        button(page, "Give saw " + tag + " away").click();
        Locator give = region(page, "Mechanic or dealer");
        give.getByLabel("With whom").fill("Hob Lane Engine Works");
        button(page, "Give saw " + tag + " away").click();
        assertThat(give).containsText("Why");
        give.getByLabel("Why", new Locator.GetByLabelOptions().setExact(true)).fill("Dies when it is hot");
        give.getByLabel("Expected back on").fill(LocalDate.now().plusDays(2).toString());
        give.getByText("The plan counts on that day").click();
        button(page, "Give saw " + tag + " away").click();

        Locator away = region(page, "Away");
        assertThat(away).containsText("With Hob Lane Engine Works since today");
        assertThat(away).containsText("the plan counts on it");
        assertThat(page.getByText("Away with Hob Lane Engine Works")).isVisible();
        assertThat(button(page, "Start visit")).isDisabled();

        button(page, "Something new was said").click();
        away.getByLabel("What it may cost").fill("145");
        away.getByLabel("What a new saw costs").fill("620");
        away.getByLabel("What was said", new Locator.GetByLabelOptions().setExact(true))
                .fill("The coil");
        button(page, "Write it down").click();
        assertThat(away).containsText("repairing pays");
        assertThat(away.getByRole(AriaRole.LISTITEM)).hasCount(2);

        page.navigate(house.address() + "/");
        assertThat(Screens.rail(page, "Away, ").getByRole(AriaRole.LINK, named("Saw " + tag)))
                .isVisible();

        page.navigate(house.address() + "/saws/" + tag);
        button(page, "Saw " + tag + " is back").click();
        assertThat(away).containsText("Nobody here knows what was opened");
        away.getByLabel("What was done").fill("New coil");
        away.getByLabel("What it cost").fill("139.50");
        button(page, "Take saw " + tag + " in").click();
        assertThat(region(page, "Away")).hasCount(0);
        assertThat(give).containsText("New coil, 139.50");
        assertThat(page.getByText("Held", new Page.GetByTextOptions().setExact(true))
                        .first())
                .isVisible();
        assertThat(button(page, "Start visit")).isEnabled();
        context.close();
    }

    private static Locator.GetByRoleOptions named(String name) {
        return new Locator.GetByRoleOptions().setName(name);
    }
}
