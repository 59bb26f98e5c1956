package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every screen is walked in a fleet that writes in inches and US units, and in one that writes in mm and litres. */
@ExtendWith(Screens.class)
class UnitsBrowserTest {

    /** All that a screen says: what is seen, what a reader hears, what stands in lists and in fields. */
    private static final String SAID = """
            () => [document.body.innerText,
              ...[...document.querySelectorAll('[aria-label]')].map(e => e.getAttribute('aria-label')),
              ...[...document.querySelectorAll('[placeholder]')].map(e => e.getAttribute('placeholder')),
              ...[...document.querySelectorAll('input')].map(e => e.value),
              ...[...document.querySelectorAll('option, svg text, title')].map(e => e.textContent)].join('\\n')""";

    private static final Pattern METRIC = Pattern.compile("[^\\n]*(\\bmm\\b|\\bmL\\b|\\d ?L\\b|, L\\b)[^\\n]*");
    private static final Pattern AMERICAN =
            Pattern.compile("[^\\n]*(fl oz|\\d US gal|(?<!6 or )\\b\\d/\\d+ in\\b|\\d\\.\\d+ in\\b(?! all))[^\\n]*");

    private static final List<String> SCREENS = List.of(
            "/",
            "/saws",
            "/saws/01",
            "/saws/10",
            "/saws/new",
            "/saws/08/edit",
            "/saws/10/tension",
            "/saws/06/sharpen",
            "/saws/15/record",
            "/saws/11/oiling",
            "/parts/YC-12",
            "/parts/YC-13",
            "/parts/YB-10",
            "/stores",
            "/plan",
            "/reminders",
            "/packs",
            "/lay-out",
            "/bench",
            "/crews",
            "/faults",
            "/log",
            "/settings");

    @TempDir
    static Path data;

    private static Application american;
    private Screens.Opener there;

    @BeforeAll
    static void begin() {
        american = Application.start(data, Application.IN_MEMORY);
        Fleet fleet = new Fleet(american);
        fleet.set("house.length-unit", "INCH");
        fleet.set("house.volume-unit", "US_GALLON");
    }

    @AfterAll
    static void end() {
        american.close();
    }

    @BeforeEach
    void freshPages() {
        there = new Screens.Opener(american);
    }

    @AfterEach
    void closePages() {
        there.close();
    }

    @Test
    void anInchFleetReadsInchesOnEveryScreen() {
        walked(there, METRIC);
    }

    /** With {@code -Dyellowtally.axe=all}: every screen in inches, in both lights, on a bench and on a phone. */
    @ParameterizedTest
    @CsvSource({"1280, 800, LIGHT", "1280, 800, DARK", "390, 844, LIGHT", "390, 844, DARK"})
    void anInchFleetHasNoSeriousFault(int width, int height, ColorScheme scheme) {
        Assumptions.assumeTrue(AccessibilityTest.EVERY);
        SoftAssertions faults = new SoftAssertions();
        Page page = there.open("/", width, height, scheme);
        for (String path : SCREENS) {
            page.navigate(american.address() + path);
            assertThat(page.locator("main h1").first()).isAttached();
            assertThat(page.getByText("Fetching the records.")).hasCount(0);
            faults.assertThat(AccessibilityTest.serious(page)).as(path).isEmpty();
        }
        faults.assertAll();
    }

    @Test
    void aMetricFleetReadsMillimetresOnEveryScreen(@Screens.Untouched Screens.Opener screens) {
        walked(screens, AMERICAN);
    }

    private static void walked(Screens.Opener screens, Pattern strange) {
        SoftAssertions said = new SoftAssertions();
        Page page = screens.open("/");
        for (String path : SCREENS) {
            page.navigate(screens.application().address() + path);
            assertThat(page.locator("main h1").first()).isAttached();
            assertThat(page.getByText("Fetching the records.")).hasCount(0);
            page.evaluate(
                    "[...document.querySelectorAll('main button[aria-expanded=false]')].slice(0, 40).forEach(b => b.click())");
            said.assertThat(strangeIn(page, strange)).as(path).isEmpty();
        }
        said.assertAll();
    }

    private static Stream<String> strangeIn(Page page, Pattern strange) {
        return strange.matcher((String) page.evaluate(SAID))
                .results()
                .map(MatchResult::group)
                .map(String::strip);
    }

    /** The whole visit, step by step, as the hand goes through it. */
    @Test
    void aVisitOfAnInchFleetReadsInchesAtEveryStep() {
        Page page = there.open("/saws/06");
        Screens.button(page, "Start visit").click();
        Locator steps = page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Steps of the visit"))
                .getByRole(AriaRole.BUTTON);
        assertThat(steps.first()).isVisible();
        SoftAssertions said = new SoftAssertions();
        for (Locator step : steps.all()) {
            step.click();
            said.assertThat(strangeIn(page, METRIC)).as(step.textContent()).isEmpty();
        }
        said.assertAll();
    }

    /** A tenth of an inch of one rail over the other condemns a bar; a tenth of a millimetre would be nothing. */
    @Test
    void aBareFigureMeansWhatItsLabelSays() {
        new Fleet(american).addSaw("IN1", "PETROL", "AUTOMATIC_FIXED");
        Page page = there.open("/saws/IN1/record");
        page.getByLabel("What was done").selectOption("Rails: burr, bluing, height");
        Locator over = page.getByLabel("One rail over the other, in");
        over.fill("0.1");
        assertThat(page.getByText("This holds the saw.")).isVisible();
        over.fill("9");
        assertThat(page.getByText("It lies between 0 in and 0.1968 in")).isVisible();
        over.fill("0.1 mm");
        assertThat(page.getByText("This holds the saw.")).hasCount(0);
    }
}
