package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * On a phone no screen hangs over its edge: who must push it sideways does not see what stands there. The phone comes over plain
 * http by the name of the machine, where a browser lacks what it has under https.
 */
@ExtendWith(Screens.class)
class NarrowScreenBrowserTest {

    /** A screen, and words of its data: they are there once it is drawn. */
    private static final Map<String, String> SCREENS = new TreeMap<>(Map.ofEntries(
            Map.entry("/", "May go out"),
            Map.entry("/saws", "Harrowgill Sixty"),
            Map.entry("/saws/07", "Spark arrestor"),
            Map.entry("/saws/new", "Cutting set"),
            Map.entry("/saws/08/edit", "Usual work"),
            Map.entry("/saws/10/tension", "Pull-down at mid-bar"),
            Map.entry("/saws/11/oiling", "Card tests"),
            Map.entry("/saws/15/record", "Record one task"),
            Map.entry("/parts/YC-12", "Where it has been"),
            Map.entry("/parts/YC-37", "Something new was said"),
            Map.entry("/plan", "Footplate at the north portal"),
            Map.entry("/reminders", "No mail server is connected"),
            Map.entry("/packs", "First-aid kit"),
            Map.entry("/lay-out", "Gangs that leave"),
            Map.entry("/bench", "Start visit"),
            Map.entry("/crews", "Cutting gang"),
            Map.entry("/faults", "Recurring"),
            Map.entry("/faults/new?saw=14", "Report it, find the cause"),
            Map.entry("/stores", "a month"),
            Map.entry("/log", "Ida Marsh"),
            Map.entry("/settings", "Turning the bar over"),
            Map.entry("/records", "Proof, backups, files"),
            Map.entry("/people", "Add somebody"),
            Map.entry("/account", "PIN for shared devices"),
            Map.entry("/handbook", "Handbook of the job"),
            Map.entry("/handbook/3", "What a set has been through"),
            Map.entry("/handbook/12", "How an officer adds a cause")));

    private static final Pattern PUT_RIGHT = Pattern.compile("^Put (\\w+ )?right$");

    private static final Locator.FilterOptions VISIBLE = new Locator.FilterOptions().setVisible(true);

    @Test
    void nothingHangsOverTheEdge(@Screens.Untouched Screens.Opener screens) {
        SoftAssertions over = new SoftAssertions();
        Page page = screens.open("/", 390, 844, ColorScheme.LIGHT);
        String address = screens.application().address().replace("127.0.0.1", Lane.LAN_NAME);
        List<String> complaints = new ArrayList<>();
        page.onConsoleMessage(message -> {
            if (message.type().equals("error")) {
                complaints.add(page.url() + " " + message.text());
            }
        });
        SCREENS.forEach((path, words) -> {
            page.navigate(address + path);
            assertThat(page.getByText(words).filter(VISIBLE).first()).isVisible();
            over.assertThat(page.evaluate(
                            "document.documentElement.scrollWidth - document.documentElement.clientWidth"))
                    .as(path)
                    .isEqualTo(0);
        });
        over.assertThat(page.evaluate("window.isSecureContext"))
                .as("over plain http")
                .isEqualTo(false);
        over.assertThat(complaints).as("what the browser complains of").isEmpty();
        over.assertAll();
    }

    /** Nor does what is opened in a line of it. */
    @Test
    void norDoesWhatPutsARecordRight(@Screens.Untouched Screens.Opener screens) {
        SoftAssertions over = new SoftAssertions();
        Page page = screens.open("/", 390, 844, ColorScheme.LIGHT);
        List.of("/log?kinds=BACK", "/crews", "/log?kinds=VISIT_ENDED").forEach(path -> {
            page.navigate(screens.application().address() + path);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(PUT_RIGHT))
                    .first()
                    .click();
            assertThat(page.getByText("What was wrong")).isVisible();
            assertThat(page.getByText("Why it was wrong")).isVisible();
            over.assertThat(page.evaluate(
                            "document.documentElement.scrollWidth - document.documentElement.clientWidth"))
                    .as(path)
                    .isEqualTo(0);
        });
        over.assertAll();
    }
}
