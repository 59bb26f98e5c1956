package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** No serious fault for those who use a reader, a keyboard, or a dim screen. */
@ExtendWith(Screens.class)
class AccessibilityTest {

    private static AxeRunOptions violationsOnly() {
        AxeRunOptions options = new AxeRunOptions();
        options.setResultTypes(List.of("violations"));
        return options;
    }

    @ParameterizedTest
    @CsvSource({
        "/,                LIGHT, Work waiting",
        "/,                DARK,  Work waiting",
        "/saws,            LIGHT, Saws",
        "/saws/07,         LIGHT, History",
        "/saws/10,         DARK,  History",
        "/saws/10/tension, LIGHT, Tension check",
        "/saws/10/tension, DARK,  Tension check",
        "/saws/new,        LIGHT, Add a saw",
        "/saws/08/edit,    DARK,  Edit saw 08",
        "/settings,        LIGHT, Settings",
        "/crews,           LIGHT, Out and back",
        "/crews,           DARK,  Out and back",
        "/bench,           DARK,  Bench",
        "/log,             LIGHT, Log",
        "/saws/15/record,  LIGHT, Record one task",
        "/stores,          LIGHT, Stores",
        "/stores,          DARK,  To order",
        "/parts/YC-12,     LIGHT, Wear",
        "/saws/06/sharpen, DARK,  Mapped before",
        "/faults,          LIGHT, Faults",
        "/faults/new?saw=14, DARK, Take a complaint",
        "/saws/11/oiling,  LIGHT, Oiling",
    })
    void hasNoSeriousFault(String path, ColorScheme scheme, String heading, Screens.Opener screens) {
        Page page = screens.open(path, 1280, 800, scheme);
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName(heading).setExact(true)))
                .isVisible();
        if (path.endsWith("tension")) {
            page.getByLabel("Pull-down at mid-bar").fill("20");
            Screens.button(page, "All six hold").click();
            assertThat(page.getByText("Do not run the saw")).isVisible();
        }
        List<String> serious = new AxeBuilder(page)
                        // No page has frames, which the other mode gathers through a page of its own.
                        .setLegacyMode(true)
                        .options(violationsOnly())
                        .analyze()
                        .getViolations()
                        .stream()
                        .filter(rule -> List.of("serious", "critical").contains(rule.getImpact()))
                        .map(AccessibilityTest::said)
                        .toList();
        Assertions.assertThat(serious).isEmpty();
    }

    private static String said(Rule rule) {
        return rule.getId() + ": " + rule.getHelp() + " at "
                + rule.getNodes().stream()
                        .map(node -> node.getTarget() + " " + node.getHtml())
                        .toList();
    }
}
