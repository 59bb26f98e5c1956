package yellowtally.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

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
        try (Application application = Application.start(Files.createTempDirectory("yellow-tally-screenshots"));
                Playwright playwright = Playwright.create();
                Browser browser = Screens.launch(playwright)) {
            new Screenshots(application, browser, Path.of(args[0])).takeAll();
        }
        System.exit(0);
    }

    private void takeAll() {
        take("board", "/", ColorScheme.LIGHT, 1280, 800, "Work waiting", false);
        take("board-dim", "/", ColorScheme.DARK, 1280, 800, "Work waiting", false);
        take("saw", "/saws/07", ColorScheme.LIGHT, 1280, 800, "History", false);
        take("saw-held-dim", "/saws/10", ColorScheme.DARK, 1280, 800, "History", false);
        take("tension", "/saws/06/tension", ColorScheme.LIGHT, 1280, 800, "Tension check", true);
        take("tension-dim", "/saws/06/tension", ColorScheme.DARK, 1280, 800, "Tension check", true);
        take("tension-phone", "/saws/06/tension", ColorScheme.LIGHT, 390, 844, "Tension check", true);
        take("add-saw", "/saws/new", ColorScheme.LIGHT, 1280, 800, "Cutting set", false);
        take("settings", "/settings", ColorScheme.LIGHT, 1280, 800, "Target pull-down", false);
    }

    private void take(String name, String path, ColorScheme scheme, int width, int height, String seen, boolean read) {
        Page page = browser.newPage(
                new Browser.NewPageOptions().setViewportSize(width, height).setColorScheme(scheme));
        page.navigate(application.address() + path);
        page.getByText(seen).first().waitFor();
        if (read) {
            page.getByLabel("Pull-down at mid-bar").fill("11");
            page.keyboard().press("f");
            page.getByText("Adjusted, read again").waitFor();
        }
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
        page.close();
    }
}
