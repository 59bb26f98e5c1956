package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static yellowtally.browser.Screens.button;
import static yellowtally.browser.Screens.rail;
import static yellowtally.browser.Screens.region;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What trips a tired hand: a key too many, a server that is away, a form half filled, an address that is none. */
@ExtendWith(Screens.class)
class TiredHandBrowserTest {

    /** What lies over the element that has the focus; empty where it is in sight. */
    private static final String COVERS_THE_FOCUS = """
            () => {
              const has = document.activeElement;
              const at = has.getBoundingClientRect();
              const over = document.elementFromPoint(at.left + Math.min(at.width / 2, 20), at.top + at.height / 2);
              const own = has.contains(over) || over?.contains(has) || has.closest('label')?.contains(over);
              return own || has === document.body ? '' : `${has.tagName} under ${over?.textContent}`;
            }""";

    private static Locator heading(Page page, String name) {
        return page.getByRole(
                AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static void go(Page page, String screen) {
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Screens"))
                .getByText(screen, new Locator.GetByTextOptions().setExact(true))
                .click();
    }

    /** The script of a screen that was never opened cannot be fetched; a note is left, and the screen comes by itself. */
    @Test
    void aScreenThatCannotBeFetchedSaysSoAndComesByItself(Screens.Opener screens) {
        Page page = screens.open("/saws");
        assertThat(heading(page, "Saws")).isVisible();
        page.context().route("**/assets/StoresScreen*", Route::abort);
        go(page, "Stores");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("It opens by itself when the server is back.");
        go(page, "Saws");
        assertThat(heading(page, "Saws")).isVisible();
        go(page, "Stores");
        page.context().unroute("**/assets/StoresScreen*");
        assertThat(heading(page, "Stores")).isVisible();
    }

    /** After an upgrade the scripts of an old page are gone: the page is loaded anew, once. */
    @Test
    void anOldTabIsLoadedAnewAfterAnUpgrade(Screens.Opener screens) {
        Page page = screens.open("/saws");
        assertThat(heading(page, "Saws")).isVisible();
        AtomicBoolean fresh = new AtomicBoolean();
        page.onRequest(request -> {
            if (request.resourceType().equals("document")) {
                fresh.set(true);
            }
        });
        page.context().route("**/assets/LogScreen*", route -> {
            if (fresh.get()) {
                route.resume();
            } else {
                route.fulfill(new Route.FulfillOptions().setStatus(404));
            }
        });
        page.evaluate("window.oldTab = true");
        go(page, "Log");
        assertThat(heading(page, "Log")).isVisible();
        Assertions.assertThat(page.evaluate("window.oldTab === undefined")).isEqualTo(true);
    }

    @Test
    void aLogThatGotNoAnswerRecoversByItself(Screens.Opener screens) {
        Page page = screens.open("/log");
        assertThat(page.locator("main li").first()).isVisible();
        page.context().setOffline(true);
        page.getByLabel("Saw", new Page.GetByLabelOptions().setExact(true)).fill("06");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("The server does not answer");
        page.context().setOffline(false);
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        assertThat(page.locator("main li").first()).containsText("06");
        assertThat(page.getByLabel("Saw", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("06");
    }

    /** The key on the button does what stands there; no letter leaves a check, a visit or something typed. */
    @Test
    void theKeysOfAScreenComeBeforeThoseOfTheShell(Screens.Opener screens) {
        Page page = screens.open("/saws/06/tension");
        page.getByLabel("Pull-down at mid-bar").waitFor();
        page.keyboard().press("Escape");
        page.keyboard().press("f");
        assertThat(page.getByText("Valid reading: 6 of 6 conditions met")).isVisible();
        for (String letter : List.of("b", "s", "l", "g", "n", "o", "p")) {
            page.keyboard().press(letter);
        }
        assertThat(page).hasURL(Pattern.compile("/saws/06/tension$"));
        page.navigate(screens.application().address() + "/stores");
        button(page, "Add an item").click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Half typed");
        page.keyboard().press("Escape");
        page.keyboard().press("b");
        assertThat(page.getByText("What you typed here is not saved yet.")).isVisible();
        assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("Half typed");
    }

    /** The key is pressed before the schedule has come. */
    @Test
    void aQuickHandStartsAVisitBeforeTheScheduleIsThere(Screens.Opener screens) {
        new Fleet(screens.application()).addSaw("TH1", "PETROL", "AUTOMATIC_FIXED");
        Page page = screens.open("/log");
        assertThat(heading(page, "Log")).isVisible();
        List<Route> held = new ArrayList<>();
        page.context().route("**/api/saws/TH1/schedule", held::add);
        page.getByLabel("Tag number").fill("TH1");
        page.keyboard().press("Enter");
        page.waitForCondition(() -> !held.isEmpty());
        page.keyboard().press("v");
        page.context().unroute("**/api/saws/TH1/schedule");
        held.forEach(Route::resume);
        assertThat(heading(page, "Bench service")).isVisible();
    }

    /** Everything that is wrong is told at once, the first of it in the eye; each goes when it is put right. */
    @Test
    void anIncompleteFormTellsAllAtOnceAndTheFirstHasTheFocus(Screens.Opener screens) {
        Page page = screens.open("/saws/new");
        page.getByLabel("Tag", new Page.GetByLabelOptions().setExact(true)).fill("TH9");
        button(page, "Add saw TH9").click();
        assertThat(page.getByText("Enter the make.")).isVisible();
        assertThat(page.getByText("Enter the model.")).isVisible();
        assertThat(page.getByLabel("Make")).isFocused();
        assertThat(page.getByLabel("Make")).isInViewport();
        page.keyboard().type("Kestrup");
        assertThat(page.getByText("Enter the make.")).hasCount(0);
        assertThat(page.getByText("Enter the model.")).isVisible();
    }

    /** Three out in twelve keys, and not to the first crew of the list by itself. */
    @Test
    void theCrewIsAskedForBeforeSawsGoOut(Screens.Opener screens) {
        Fleet fleet = new Fleet(screens.application());
        for (String tag : List.of("41", "42", "43")) {
            fleet.addFitSaw(tag, Fleet.Kit.BATTERY);
        }
        Page page = screens.open("/");
        assertThat(rail(page, "On the rack")).isVisible();
        List<String> keys = new ArrayList<>(List.of("o"));
        page.keyboard().press("o");
        assertThat(page.getByLabel("Saws that go out")).isFocused();
        List<String> rest = List.of("4", "1", " ", "4", "2", " ", "4", "3", "Enter", "2", "Enter");
        for (String key : rest) {
            page.keyboard().press(key);
            if (keys.add(key) && key.equals("Enter") && keys.size() == 10) {
                assertThat(page.getByText("Choose the crew first.")).isVisible();
            }
        }
        Assertions.assertThat(keys).hasSizeLessThanOrEqualTo(12);
        assertThat(page.getByLabel("Saws that go out")).hasValue("");
        page.keyboard().press("Escape");
        page.keyboard().press("b");
        for (String tag : List.of("41", "42", "43")) {
            assertThat(rail(page, "Tunnel gang").getByLabel(Pattern.compile("^Saw " + tag + ",")))
                    .isVisible();
        }
    }

    @Test
    void anAddressThatIsNoneGivesThePage(Screens.Opener screens) {
        Page page = screens.open("/saw-list/old");
        assertThat(page.getByText("There is no such page.")).isVisible();
        page.getByLabel("Tag number").fill("yc-12");
        page.keyboard().press("Enter");
        assertThat(page).hasURL(Pattern.compile("/parts/YC-12$"));
    }

    /** A reader and a keyboard begin where the screen begins. */
    @Test
    void theFocusGoesToTheHeadingOfANewScreen(Screens.Opener screens) {
        Page page = screens.open("/");
        go(page, "Faults");
        assertThat(heading(page, "Faults")).isFocused();
        go(page, "Out and back");
        assertThat(page.getByLabel("Saws that go out")).isFocused();
    }

    @Test
    void theBeamIsAsHighOnEveryScreenAndNothingHangsOverTheEdge(Screens.Opener screens) {
        Page page = screens.open("/");
        for (String screen : List.of("Board", "Bench", "Out and back", "Saws", "Faults", "Stores", "Log", "Settings")) {
            go(page, screen);
            assertThat(page.getByText("Fetching the records.")).hasCount(0);
            Assertions.assertThat(page.evaluate("document.querySelector('header').offsetHeight"))
                    .as(screen)
                    .isEqualTo(52);
            Assertions.assertThat(page.evaluate("document.querySelector('header').clientWidth >= 1265"))
                    .isEqualTo(true);
        }
    }

    /** Each thing that takes the focus is in sight, however tall the bar grows with what it says. */
    @ParameterizedTest
    @CsvSource({"1280, 800", "390, 844"})
    void whatHasTheFocusIsNeverUnderTheVerdictBar(int width, int height, Screens.Opener screens) {
        Page page = screens.open("/saws/06/tension", width, height, ColorScheme.LIGHT);
        page.getByLabel("Pull-down at mid-bar").fill("14");
        assertThat(page.getByText("The reading was not valid")).isVisible();
        SoftAssertions under = new SoftAssertions();
        for (int i = 0; i < 30; i++) {
            page.keyboard().press("Tab");
            under.assertThat(page.evaluate(COVERS_THE_FOCUS)).as("Tab " + i).isEqualTo("");
        }
        under.assertAll();
        double foot = page.getByText("The reading was not valid").boundingBox().y;
        Assertions.assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Scale of pull-down"))
                        .boundingBox()
                        .y)
                .isGreaterThan(foot);
    }

    /** Enlarged twice, or on a phone laid on its side, the bar at the foot covers neither field nor scale. */
    @ParameterizedTest
    @CsvSource({"640, 400", "844, 390"})
    void theVerdictBarCoversNothingWhereLittleIsInSight(int width, int height, Screens.Opener screens) {
        Page page = screens.open("/saws/06/tension", width, height, ColorScheme.LIGHT);
        Locator field = page.getByLabel("Pull-down at mid-bar");
        field.fill("11");
        Locator bar = page.getByRole(AriaRole.STATUS)
                .filter(new Locator.FilterOptions()
                        .setHasText(Pattern.compile("Loose|Firm|Right|No verdict|conditions")))
                .first();
        Assertions.assertThat(bar.evaluate("bar => getComputedStyle(bar.parentElement).position"))
                .isEqualTo("static");
        assertThat(region(page, "On this page")).hasCount(0);
    }

    /** A figure is a figure, also where it is typed beside its field; findings have keys of their own. */
    @Test
    void digitsAreFiguresAndFindingsHaveKeys(Screens.Opener screens) {
        new Fleet(screens.application()).addSaw("TH2", "PETROL", "AUTOMATIC_FIXED");
        Page page = screens.open("/saws/TH2/record?step=DEPTH_GAUGES");
        Locator gauge = page.getByLabel("Gauge below edge, mm");
        assertThat(gauge).isVisible();
        page.navigate(screens.application().address() + "/saws/TH2/record?step=RAILS");
        assertThat(page.getByLabel("Blued")).isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("q");
        assertThat(page.locator("main fieldset input[type=checkbox]").first()).isChecked();
        page.keyboard().press("q");
        assertThat(page.locator("main fieldset input[type=checkbox]").first())
                .not()
                .isChecked();
    }
}
