package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** No serious fault for those who use a reader, a keyboard, or a dim screen. */
@ExtendWith(Screens.class)
class AccessibilityTest {

    /** A screen and a heading that is there once it is drawn. */
    private record Screen(String path, String heading) {}

    private static final List<Screen> ALL = List.of(
            new Screen("/", "Work waiting"),
            new Screen("/saws", "Saws"),
            new Screen("/saws/07", "History"),
            new Screen("/saws/10", "History"),
            new Screen("/saws/20", "Away"),
            new Screen("/saws/10/tension", "Tension check"),
            new Screen("/saws/new", "Add a saw"),
            new Screen("/saws/08/edit", "Edit saw 08"),
            new Screen("/saws/15/record", "Record one task"),
            new Screen("/saws/06/sharpen", "Mapped before"),
            new Screen("/saws/11/oiling", "Oiling"),
            new Screen("/parts/YC-12", "Wear"),
            new Screen("/parts/YC-30", "Mechanic or dealer"),
            new Screen("/parts/YC-37", "Mechanic or dealer"),
            new Screen("/bench", "Bench"),
            new Screen("/crews", "Out and back"),
            new Screen("/faults", "Faults"),
            new Screen("/faults/new?saw=14", "Report a complaint"),
            new Screen("/plan", "What if"),
            new Screen("/reminders", "Outbox"),
            new Screen("/packs", "Fuel and oil"),
            new Screen("/lay-out", "Gangs that leave"),
            new Screen("/stores", "To order"),
            new Screen("/log", "Log"),
            new Screen("/records", "Proof, backups, files"),
            new Screen("/handbook/10", "10. When a task is due"),
            new Screen("/settings?room=schedule", "Settings"),
            new Screen("/people", "People, crews and devices"),
            new Screen("/account", "Ida Marsh"));

    /**
     * What is left, a wide screen in dim light, a bright phone, fleets of other units and sizes in both, is walked with
     * {@code -Dyellowtally.axe=all}.
     */
    static final boolean EVERY = "all".equals(System.getProperty("yellowtally.axe"));

    @Test
    void wideScreensHaveNoSeriousFault(@Screens.Untouched Screens.Opener screens) {
        haveNoSeriousFault(1280, 800, ColorScheme.LIGHT, screens);
        if (EVERY) {
            haveNoSeriousFault(1280, 800, ColorScheme.DARK, screens);
        }
    }

    @Test
    void phonesInDimLightHaveNoSeriousFault(@Screens.Untouched Screens.Opener screens) {
        haveNoSeriousFault(390, 844, ColorScheme.DARK, screens);
        if (EVERY) {
            haveNoSeriousFault(390, 844, ColorScheme.LIGHT, screens);
        }
    }

    @Test
    void theSignInHasNoSeriousFault(@Screens.Untouched Screens.Opener screens) {
        SoftAssertions faults = new SoftAssertions();
        for (int width : new int[] {1280, 390}) {
            Page page = screens.openSignedOut("/", width, 800);
            assertThat(Screens.region(page, "Demo fleet")).isVisible();
            faults.assertThat(serious(page)).as("sign-in " + width).isEmpty();
            faults.assertThat(page.evaluate(
                            "document.documentElement.scrollWidth - document.documentElement.clientWidth"))
                    .isEqualTo(0);
        }
        faults.assertAll();
    }

    /** One page goes from screen to screen, as a browser does that has been open all day; every fault of all is told. */
    private static void haveNoSeriousFault(int width, int height, ColorScheme scheme, Screens.Opener screens) {
        SoftAssertions faults = new SoftAssertions();
        Page page = screens.open("/", width, height, scheme);
        for (Screen screen : ALL) {
            page.navigate(screens.application().address() + screen.path());
            assertThat(page.getByRole(
                            AriaRole.HEADING,
                            new Page.GetByRoleOptions()
                                    .setName(screen.heading())
                                    .setExact(true)))
                    .isVisible();
            if (screen.path().endsWith("tension")) {
                page.getByLabel("Pull-down at mid-bar").fill("20");
                Screens.button(page, "All six met").click();
                assertThat(page.getByText("Do not run the saw")).isVisible();
            }
            if (screen.path().equals("/log")) {
                Screens.button(page, "Put right").first().click();
                Screens.button(page, "Step by step").first().click();
                assertThat(page.getByText("What was wrong")).isVisible();
            }
            if (screen.path().equals("/people")) {
                Screens.button(page, "Change Bram Otley").click();
                Screens.button(page, "Change Cutting gang").click();
                assertThat(page.getByLabel("New first password")).isVisible();
            }
            faults.assertThat(serious(page))
                    .as(screen.path() + " " + width + " " + scheme)
                    .isEmpty();
        }
        faults.assertAll();
    }

    /** What is serious or worse on a page, in words. */
    static List<String> serious(Page page) {
        AxeRunOptions violationsOnly = new AxeRunOptions();
        violationsOnly.setResultTypes(List.of("violations"));
        return new AxeBuilder(page)
                        // No page has frames, which the other mode gathers through a page of its own.
                        .setLegacyMode(true)
                        .options(violationsOnly)
                        .analyze()
                        .getViolations()
                        .stream()
                        .filter(rule -> List.of("serious", "critical").contains(rule.getImpact()))
                        .map(AccessibilityTest::said)
                        .toList();
    }

    private static String said(Rule rule) {
        return rule.getId() + ": " + rule.getHelp() + " at "
                + rule.getNodes().stream()
                        .map(node -> node.getTarget() + " " + node.getHtml())
                        .toList();
    }
}
