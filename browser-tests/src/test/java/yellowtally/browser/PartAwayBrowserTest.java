package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static yellowtally.browser.Screens.region;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Loops go to be ground together, and come back one by one: each is looked at before it goes out. */
class PartAwayBrowserTest {

    private static final String WHO = "Scar End Grinding";

    /** A fleet of its own: what is off the shelf is missing to all who share it. */
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

    private static Locator key(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    /** By its whole name: a key of a line has the same words before the name of its sort. */
    private static Locator act(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator field(Page page, String name) {
        return page.getByLabel(name, new Page.GetByLabelOptions().setExact(true));
    }

    /** In the view of the parts. */
    private static void stores(Page page) {
        page.navigate(house.address() + "/stores");
        page.getByText("Loops, bars, sprockets").click();
    }

    @Test
    void loopsGoToBeGroundAndComeBackToBeLookedAt() {
        BrowserContext context = Lane.browser().newContext();
        Screens.signIn(context, house.session());
        Page page = context.newPage();
        stores(page);
        twoAreGiven(page);
        somethingNewIsSaid(page);
        oneComesBackLookedAtAndOneNot(page);
        theLookIsMadeLaterAndTakenBack(page);
        context.close();
    }

    private static void twoAreGiven(Page page) {
        Locator line = page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHas(page.getByText(Pattern.compile("^Loop .325\" .050\", 66"))));
        key(page, "Give away: Loop .325\" .050\", 66").click();
        page.getByLabel("With whom").fill(WHO);
        field(page, "Why").fill("Hit a rail chair");
        act(page, "Give away").click();
        assertThat(page.getByText("This is needed.")).isVisible();
        field(page, "YC-32").check();
        field(page, "YC-33").check();
        act(page, "Give away").click();
        assertThat(line).containsText("Away, not counted on: YC-32, YC-33");
        assertThat(region(page, "Away and back"))
                .containsText("With " + WHO + " since today, nobody said until when. Hit a rail chair.");
    }

    private static void somethingNewIsSaid(Page page) {
        act(page, "Something new was said of YC-32, YC-33").click();
        page.getByLabel("Expected back on").fill(LocalDate.now().plusDays(2).toString());
        page.getByText("The plan counts on that day").click();
        page.getByLabel("What each may cost").fill("9.50");
        act(page, "Write it down").click();
        Locator away = region(page, "Away and back");
        assertThat(away)
                .containsText(Pattern.compile("With " + WHO + " since today, expected .*, the plan counts on it"));
        assertThat(away).containsText("about 9.50");
    }

    /** Half a look is refused, and nothing that was typed is lost. */
    private static void oneComesBackLookedAtAndOneNot(Page page) {
        act(page, "Back: YC-32, YC-33").click();
        field(page, "YC-33").uncheck();
        page.getByLabel("What was done").fill("Ground, gauges lowered");
        page.getByLabel("Chain: cutters, straps, rivets, links").check();
        act(page, "Put back on the shelf").click();
        assertThat(page.getByText("YC-32: lay the gauge tool on too.")).isVisible();
        assertThat(page.getByLabel("What was done")).hasValue("Ground, gauges lowered");
        page.getByLabel("Depth gauges").check();
        act(page, "Put back on the shelf").click();
        act(page, "Back: YC-33").click();
        page.getByLabel("What was done").fill("Ground");
        act(page, "Put back on the shelf").click();
        Locator away = region(page, "Away and back");
        assertThat(away).containsText("YC-33 back, not looked at");
        assertThat(away).not().containsText("YC-32");
    }

    private static void theLookIsMadeLaterAndTakenBack(Page page) {
        page.navigate(house.address() + "/parts/YC-33");
        Locator panel = region(page, "Mechanic or dealer");
        act(page, "Look at YC-33").click();
        assertThat(panel).containsText("Gloves on");
        page.getByLabel("Chain: cutters, straps, rivets, links").check();
        page.getByLabel("Depth gauges").check();
        act(page, "Looked at").click();
        assertThat(panel).containsText("Looked at on the shelf today");
        act(page, "Not looked at after all").click();
        field(page, "Why").fill("It was YC-34");
        act(page, "Strike the look out").click();
        assertThat(panel).containsText("Back, not looked at");
        assertThat(panel).containsText("It was YC-34");
    }
}
