package yellowtally.browser;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/** One application and one browser for all tests; a fresh page for each. */
public final class Screens implements ParameterResolver, AfterEachCallback {

    /** How many times slower than this machine the browser reckons; {@code -Dyellowtally.browser.slowdown=6}. */
    private static final int SLOWDOWN = Integer.getInteger("yellowtally.browser.slowdown", 1);

    private static final double PATIENCE_MS = 30_000;

    private static Application application;
    private static Browser browser;

    private final List<BrowserContext> contexts = new ArrayList<>();

    /** Opens pages of the running application. */
    public final class Opener {

        /** Opens an address at the size of a bench screen. */
        public Page open(String path) {
            return open(path, 1280, 800, ColorScheme.LIGHT);
        }

        public Page open(String path, int width, int height, ColorScheme scheme) {
            BrowserContext context = browser.newContext(new Browser.NewContextOptions()
                    .setViewportSize(width, height)
                    .setColorScheme(scheme));
            contexts.add(context);
            Page page = context.newPage();
            slowDown(page);
            page.navigate(application.address() + path);
            return page;
        }

        /** A screen on a slow machine shows what a fast one hides: what is pressed before the last press was drawn. */
        private void slowDown(Page page) {
            if (SLOWDOWN > 1) {
                JsonObject rate = new JsonObject();
                rate.addProperty("rate", SLOWDOWN);
                page.context().newCDPSession(page).send("Emulation.setCPUThrottlingRate", rate);
            }
        }

        /** The application behind the screens, for what somebody else does meanwhile. */
        Application application() {
            return application;
        }
    }

    /** Chromium as Debian packages it; nothing is downloaded. */
    public static Browser launch(Playwright playwright) {
        return playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync")));
    }

    static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    /** A rail of the board, by its title. */
    static Locator rail(Page page, String title) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(title));
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        return parameter.getParameter().getType() == Opener.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        start();
        return new Opener();
    }

    @Override
    public void afterEach(ExtensionContext context) {
        contexts.forEach(BrowserContext::close);
        contexts.clear();
    }

    private static synchronized void start() {
        if (application != null) {
            return;
        }
        try {
            // The stand-in caliper has a quick hand here.
            application = Application.start(
                    Files.createTempDirectory("yellow-tally-browser"), "--yellowtally.caliper.interval=120ms");
            Runtime.getRuntime().addShutdownHook(new Thread(application::kill));
            Playwright playwright = Playwright.create();
            browser = launch(playwright);
            // Patience with a busy machine; what never comes still fails.
            PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }
}
