package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Takes the pictures of {@code docs/screenshots} from demo data. */
public final class Screenshots {

    private final Application application;
    private final Browser browser;
    private final Path folder;

    private Screenshots(Application application, Browser browser, Path folder) {
        this.application = application;
        this.browser = browser;
        this.folder = folder;
    }

    public static void main(String[] args) throws IOException {
        try (Application application = Application.start(
                        Files.createTempDirectory("yellow-tally-screenshots"), "--yellowtally.caliper.interval=120ms");
                Playwright playwright = Playwright.create();
                Browser browser = Lane.launch(playwright)) {
            new Screenshots(application, browser, Path.of(args[0])).takeAll();
        }
        System.exit(0);
    }

    private void takeAll() {
        shareTheTablet();
        take("board", "/", ColorScheme.LIGHT, 1280, 800, "Work waiting", AS_IT_IS);
        String visit = "/bench/" + first(application.get("/api/board"), "\"visitId\":\"([^\"]+)\"");
        take("bench", visit, ColorScheme.LIGHT, 1280, 800, "Dress rails", Screenshots::findAtTheChain);
        take("bench-dim", visit, ColorScheme.DARK, 1280, 800, "Dress rails", Screenshots::failTheBrake);
        take("bench-phone", visit, ColorScheme.LIGHT, 390, 844, "Dress rails", Screenshots::fileTheEdge);
        take("out-and-back", "/crews", ColorScheme.LIGHT, 1280, 800, "Out now", Screenshots::takeTwoBack);
        take("plan", "/plan", ColorScheme.LIGHT, 1280, 800, "Tunnel gang", AS_IT_IS);
        take("saw", "/saws/15", ColorScheme.LIGHT, 1280, 800, "Schedule", AS_IT_IS);
        take("saws", "/saws", ColorScheme.LIGHT, 1280, 800, "Cutters left", AS_IT_IS);
        take("tension", "/saws/06/tension", ColorScheme.LIGHT, 1280, 800, "Tension check", Screenshots::read);
        take("faults", "/faults", ColorScheme.LIGHT, 1280, 800, "Recurring", AS_IT_IS);
        take(
                "finder",
                fault("runs-dry", "12"),
                ColorScheme.LIGHT,
                1280,
                800,
                "Chain runs dry",
                Screenshots::answerTwice);
        take("stores", "/stores", ColorScheme.LIGHT, 1280, 800, "To order", AS_IT_IS);
        take(
                "bring-in",
                "/records/bring-in",
                ColorScheme.LIGHT,
                1280,
                800,
                "Empty sheets to fill in",
                Screenshots::tryTheSheet);
        take(
                "vice",
                "/saws/15/sharpen",
                ColorScheme.LIGHT,
                1280,
                800,
                "Mark the start cutter",
                Screenshots::mapTheLoop);
        take(
                "add-saw",
                "/saws/new?like=03&used=1",
                ColorScheme.LIGHT,
                1280,
                800,
                "What is known of its past",
                Screenshots::tellItsPast);
        take(
                "log",
                "/log?saw=02&kinds=BACK",
                ColorScheme.LIGHT,
                1280,
                800,
                "The point was not typed",
                Screenshots::putRight);
        take("settings", "/settings", ColorScheme.LIGHT, 1280, 800, "Seasons", AS_IT_IS);
        take("people", "/people", ColorScheme.LIGHT, 1280, 800, "What changed", AS_IT_IS);
        take("sign-in", "/saws/13", ColorScheme.LIGHT, 1280, 800, "Cutting set", Screenshots::changeOver);
    }

    private static final Consumer<Page> AS_IT_IS = page -> {};

    /** Last: it signs out. */
    private static void changeOver(Page page) {
        page.getByText("Change over").click();
        page.getByText("Wyn Darrow").click();
        page.keyboard().type("258");
    }

    private static void read(Page page) {
        page.getByLabel("Pull-down at mid-bar").fill("11");
        page.keyboard().press("f");
        page.getByText("Adjusted, read again").waitFor();
    }

    private static void tryTheSheet(Page page) {
        page.locator("input[type=file]").setInputFiles(Path.of("docs", "samples", "lineside-gang.xlsx"));
        page.getByLabel("What Thickness is").selectOption("gauge");
        page.getByText("Try every line").click();
        page.getByText("5 lines can come in.").waitFor();
    }

    private static void tellItsPast(Page page) {
        for (String[] typed : new String[][] {
            {"Groove and oil holes: last done", "3 w"},
            {"Groove and oil holes: sharpenings since", "1"},
            {"Groove and oil holes: groove depth, mm", "7.1"},
            {"Sharpen: last done", "10 d"},
            {"Sharpen: tanks since", "2"},
            {"Sharpen: shortest after filing, mm", "7.4"},
            {"Plug: last done", "5 w"},
            {"Plug: tanks since", "21"},
            {"Air filter: last done", "3 w"},
            {"Tanks, caps, hoses, pick-ups: last done", "mar 2026"},
        }) {
            page.getByLabel(typed[0]).fill(typed[1]);
        }
        page.getByText("at most 21 tanks since").waitFor();
        page.getByText("Cutting set").scrollIntoViewIfNeeded();
        page.evaluate(
                "window.scrollBy(0, document.querySelector('[data-column=day]').getBoundingClientRect().top - 190)");
    }

    private static void putRight(Page page) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Put right"))
                .first()
                .click();
        page.getByText("Saw 02").first().waitFor();
    }

    private static void toStep(Page page, String title) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(title))
                .click();
    }

    private static void findAtTheChain(Page page) {
        toStep(page, "Chain: cutters");
        page.keyboard().press("2");
        page.getByLabel("Struck ground or metal").check();
        page.getByText("Also needed: sharpen.").waitFor();
        page.evaluate("window.scrollTo(0, 0)");
    }

    private static void failTheBrake(Page page) {
        toStep(page, "Brake stops the chain");
        page.keyboard().press("3");
        page.getByLabel("Chain does not stop").check();
        page.getByText("This holds the saw.").waitFor();
        page.evaluate("window.scrollTo(0, 0)");
    }

    private static void fileTheEdge(Page page) {
        toStep(page, "Sharpen");
        page.getByLabel("Strokes left").fill("3");
        page.getByLabel("Strokes right").fill("3");
    }

    private static void takeTwoBack(Page page) {
        page.getByLabel("Saws that came back").fill("01 05");
        page.getByLabel("Hard").check();
        page.getByLabel("Rain").check();
        page.getByLabel("Saws that go out").fill("07 06 10");
    }

    private String fault(String complaint, String tag) {
        return new Fleet(application).complained(tag, complaint);
    }

    private static void answerTwice(Page page) {
        Locator question = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Next check"))
                .getByRole(AriaRole.HEADING);
        for (int i = 0; i < 2; i++) {
            String answered = question.innerText();
            page.keyboard().press("1");
            assertThat(question).not().hasText(answered);
        }
    }

    private static void mapTheLoop(Page page) {
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Stand-in caliper"))
                .click();
        page.getByText("All measured").waitFor();
        page.getByText("File", new Page.GetByTextOptions().setExact(true)).click();
        page.getByText("strokes on cutter").waitFor();
    }

    private void shareTheTablet() {
        String device = first(application.get("/api/sign-in"), "\"device\":\\{\"id\":\"([^\"]+)\"");
        application.send(
                "PUT",
                "/api/devices/" + device,
                "{\"id\":\"%s\",\"name\":\"Bench tablet\",\"shared\":true}".formatted(UUID.randomUUID()));
    }

    private static String first(String text, String pattern) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        if (!matcher.find()) {
            throw new IllegalStateException(pattern + " not found");
        }
        return matcher.group(1);
    }

    private void take(
            String name, String path, ColorScheme scheme, int width, int height, String seen, Consumer<Page> done) {
        Page page = browser.newPage(
                new Browser.NewPageOptions().setViewportSize(width, height).setColorScheme(scheme));
        // One device takes them all, so that no picture tells of another at the same visit.
        Screens.signIn(page.context(), application.session());
        page.navigate(application.address() + path);
        page.getByText(seen).first().waitFor();
        done.accept(page);
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
        page.close();
    }
}
