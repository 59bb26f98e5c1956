package yellowtally.browser;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.Cookie;
import java.io.IOException;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import yellowtally.Session;

/** One application for all tests that write, one for those that walk, a browser for each thread, a fresh page for each test. */
public final class Screens implements ParameterResolver {

    /** How many times slower than this machine the browser reckons; {@code -Dyellowtally.browser.slowdown=6}. */
    private static final int SLOWDOWN = Integer.getInteger("yellowtally.browser.slowdown", 1);

    /** Patience with a busy machine; what never comes still fails. */
    private static final double PATIENCE_MS = 30_000;

    private static final String HERE = "127.0.0.1";

    private static final Namespace OWN = Namespace.create(Screens.class);

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    }

    private static Application shared;
    private static Application untouched;

    /**
     * The demo fleet as it begins, for a walk over its screens: what it meets is the same in every run, whatever other tests write
     * at that moment. Who takes it saves nothing.
     */
    @Target(ElementType.PARAMETER)
    @Retention(RetentionPolicy.RUNTIME)
    @interface Untouched {}

    /** Opens pages of a running application and closes them when the test is over. */
    public static final class Opener implements AutoCloseable {

        private final Application application;
        private final List<BrowserContext> contexts = new ArrayList<>();

        Opener(Application application) {
            this.application = application;
        }

        /** Opens an address at the size of a bench screen. */
        public Page open(String path) {
            return open(path, 1280, 800, ColorScheme.LIGHT);
        }

        public Page open(String path, int width, int height, ColorScheme scheme) {
            return open(path, width, height, scheme, context -> signIn(context, application.session()));
        }

        /** The same for somebody else of the demo fleet, on a device of their own. */
        public Page openAs(String signInName, String path, int width, int height) {
            Session who = Session.of(application.address(), signInName);
            return open(path, width, height, ColorScheme.LIGHT, context -> signIn(context, who));
        }

        /** The same for nobody yet. */
        public Page openSignedOut(String path, int width, int height) {
            return open(path, width, height, ColorScheme.LIGHT, context -> {});
        }

        private Page open(String path, int width, int height, ColorScheme scheme, Consumer<BrowserContext> begin) {
            BrowserContext context = Lane.browser()
                    .newContext(new Browser.NewContextOptions()
                            .setViewportSize(width, height)
                            .setColorScheme(scheme));
            contexts.add(context);
            begin.accept(context);
            Page page = context.newPage();
            slowDown(page);
            page.navigate(application.address() + path);
            return page;
        }

        /** A screen on a slow machine shows what a fast one hides: what is pressed before the last press was drawn. */
        private static void slowDown(Page page) {
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

        @Override
        public void close() {
            contexts.forEach(BrowserContext::close);
        }
    }

    /** A context of somebody who is signed in. */
    public static void signIn(BrowserContext context, Session who) {
        for (String host : List.of(HERE, Lane.LAN_NAME)) {
            context.addCookies(who.cookies().entrySet().stream()
                    .map(cookie -> new Cookie(cookie.getKey(), cookie.getValue())
                            .setDomain(host)
                            .setPath("/"))
                    .toList());
        }
    }

    static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    /** A part of the page by its name. */
    static Locator region(Page page, String name) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** A rail of the board, by its title. */
    static Locator rail(Page page, String title) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(title));
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        return parameter.getParameter().getType() == Opener.class;
    }

    /** The store of the test closes what it holds when the test is over. */
    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        boolean asItBegins = parameter.isAnnotated(Untouched.class);
        return context.getStore(OWN)
                .getOrComputeIfAbsent(
                        asItBegins ? Untouched.class : Opener.class,
                        type -> new Opener(asItBegins ? untouched() : shared()),
                        Opener.class);
    }

    private static synchronized Application shared() {
        if (shared == null) {
            shared = start();
        }
        return shared;
    }

    private static synchronized Application untouched() {
        if (untouched == null) {
            untouched = start();
        }
        return untouched;
    }

    private static Application start() {
        try {
            // The stand-in caliper has a quick hand here; what the disk keeps is proved in DurabilityTest.
            Application application = Application.start(
                    Files.createTempDirectory("yellow-tally-browser"),
                    "--yellowtally.caliper.interval=120ms",
                    "--yellowtally.names=" + Lane.LAN_NAME,
                    Application.IN_MEMORY);
            Runtime.getRuntime().addShutdownHook(new Thread(application::kill));
            return application;
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }
}
