package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static yellowtally.browser.Screens.button;
import static yellowtally.browser.Screens.rail;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.assertj.core.api.Assertions;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The same screens with two hundred saws, and with none. */
class FleetSizesBrowserTest {

    private static final List<String> SCREENS = List.of(
            "/",
            "/saws",
            "/plan",
            "/reminders",
            "/packs",
            "/lay-out",
            "/bench",
            "/faults",
            "/stores",
            "/log",
            "/settings",
            "/crews",
            "/saws/M100");

    private static final List<String> OF_NONE = List.of(
            "/",
            "/saws",
            "/saws/new",
            "/plan",
            "/reminders",
            "/packs",
            "/lay-out",
            "/bench",
            "/crews",
            "/faults",
            "/stores",
            "/log",
            "/records",
            "/settings");

    /** What an officer scrolls through at most: some screens of a bench, not twenty. */
    private static final int TALL_PX = 4_500;

    @TempDir
    Path data;

    private Application application;
    private Screens.Opener screens;

    @AfterEach
    void close() {
        screens.close();
        application.close();
    }

    private void begin(String... options) {
        application = Application.start(data, options);
        screens = new Screens.Opener(application);
    }

    @Test
    void twoHundredSawsAreFoldedFilteredAndPaged() {
        begin(Application.IN_MEMORY);
        Fleet fleet = new Fleet(application);
        for (int i = 0; i < 182; i++) {
            fleet.addSaw("M%03d".formatted(i), i % 5 == 0 ? "BATTERY" : "PETROL", "AUTOMATIC_FIXED");
        }
        fleet.addSaw("LONGTAG-12", Fleet.Kit.STANDARD.model("Heavyweightseventytwoprofessional-K"));
        Page page = screens.open("/");
        assertThat(rail(page, "Held").getByRole(AriaRole.LINK)).hasCount(0);
        button(page, "held, show them").click();
        assertThat(rail(page, "Held").getByLabel(Pattern.compile("^Saw M100,"))).isVisible();
        button(page, "held, fold them").click();
        assertThat(rail(page, "Held").getByRole(AriaRole.LINK)).hasCount(0);
        page.getByLabel("Saw, work or crew").fill("m100");
        assertThat(page.locator("tbody tr")).hasCount(1);

        page.navigate(application.address() + "/saws");
        page.getByLabel("Show only").fill("m10 battery");
        assertThat(page.locator("tbody tr")).hasCount(2);
        button(page, "Saw ↑").click();
        assertThat(page.locator("tbody tr").first()).containsText("M105");

        wellMade(page, SCREENS, TALL_PX);
        Page phone = screens.open("/", 390, 844, ColorScheme.DARK);
        wellMade(phone, List.of("/", "/saws", "/bench", "/crews", "/log", "/faults", "/saws/LONGTAG-12"), 2 * TALL_PX);
        inTheOtherLights(SCREENS);
    }

    /** What is out is a list of its own: of many it begins with the first of each crew and is filtered by a tag. */
    @Test
    void ofManyOutTheFirstAreShownUntilMoreIsAskedFor() {
        begin(Application.IN_MEMORY);
        Fleet fleet = new Fleet(application);
        List<String> tags = IntStream.range(0, 20).mapToObj("M%03d"::formatted).toList();
        tags.forEach(tag -> fleet.addFitSaw(tag, Fleet.Kit.BATTERY));
        fleet.issue(tags);
        Page page = screens.open("/crews");
        Locator out = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(Pattern.compile("^Out: M0")));
        assertThat(page.getByLabel("Saws that came back")).isVisible();
        assertThat(page.getByText(Pattern.compile("^Tags with spaces between. Out: .* and \\d+ more$")))
                .isVisible();
        assertThat(out).not().hasCount(20);
        page.getByLabel("Show only, by tag or crew").fill("m019");
        assertThat(out).hasCount(1);
        wellMade(page, List.of("/", "/crews"), TALL_PX);
    }

    /** Nothing is out: the rails of the crews are empty, and each says so on a place of its own. */
    @Test
    void emptyRailsStandBesideEachOther() {
        begin(Application.IN_MEMORY);
        new Fleet(application).takeAllBack();
        Page page = screens.open("/");
        assertThat(page.getByText("nothing out")).hasCount(3);
        wellMade(page, List.of("/", "/crews"), TALL_PX);
        page.navigate(application.address() + "/");
        assertThat(page.getByText("nothing out")).hasCount(3);
        List<BoundingBox> said = page.getByText("nothing out").all().stream()
                .map(Locator::boundingBox)
                .toList();
        for (String title : List.of("Cutting gang", "Tunnel gang", "Viaduct gang", "Held", "On the bench")) {
            BoundingBox head = page.getByRole(
                            AriaRole.HEADING,
                            new Page.GetByRoleOptions().setName(title).setExact(true))
                    .boundingBox();
            Assertions.assertThat(said)
                    .as(title)
                    .noneMatch(note -> note.x < head.x + head.width
                            && head.x < note.x + note.width
                            && note.y < head.y + head.height
                            && head.y < note.y + note.height);
        }
    }

    @Test
    void anEmptyFleetSaysWhatToDoFirst() {
        begin(Application.IN_MEMORY, "--yellowtally.demo=false");
        Page page = screens.open("/");
        assertThat(page.getByText("No saw hangs here yet. First steps")).isVisible();
        wellMade(page, OF_NONE, TALL_PX);
        Page phone = screens.open("/", 390, 844, ColorScheme.DARK);
        wellMade(phone, OF_NONE, TALL_PX);
        inTheOtherLights(OF_NONE);
        phone.navigate(application.address() + "/");
        phone.getByText("Add your saws").click();
        assertThat(phone.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Add a saw")))
                .isVisible();
    }

    /** The two that are left, with {@code -Dyellowtally.axe=all}. */
    private void inTheOtherLights(List<String> paths) {
        if (AccessibilityTest.EVERY) {
            wellMade(screens.open("/", 1280, 800, ColorScheme.DARK), paths, TALL_PX);
            wellMade(screens.open("/", 390, 844, ColorScheme.LIGHT), paths, 3 * TALL_PX);
        }
    }

    private void wellMade(Page page, List<String> paths, int tall) {
        SoftAssertions soft = new SoftAssertions();
        for (String path : paths) {
            page.navigate(application.address() + path);
            assertThat(page.locator("main h1").first()).isAttached();
            assertThat(page.getByText("Fetching the records.")).hasCount(0);
            soft.assertThat(AccessibilityTest.serious(page)).as(path).isEmpty();
            soft.assertThat((int) page.evaluate(
                            "document.documentElement.scrollWidth - document.documentElement.clientWidth"))
                    .as(path + " sideways")
                    .isZero();
            if (!path.equals("/log")) {
                soft.assertThat((int) page.evaluate("document.documentElement.scrollHeight"))
                        .as(path + " tall")
                        .isLessThan(tall);
            }
        }
        soft.assertAll();
    }
}
