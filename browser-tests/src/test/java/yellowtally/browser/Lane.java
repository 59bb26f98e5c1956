package yellowtally.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** A browser that belongs to one thread, as Playwright asks for; started when the thread needs it first. */
public final class Lane {

    private static final Path SHELL = Path.of("/usr/bin/chromium-headless-shell");
    private static final Path CHROMIUM = Path.of("/usr/bin/chromium");

    /** A name for the machine, as its neighbours in the network call it. */
    static final String LAN_NAME = "saws.lan";

    private static final ThreadLocal<Browser> OWN = ThreadLocal.withInitial(() -> launch(Playwright.create()));

    private Lane() {}

    /** The browser of this thread; it ends with the process. */
    static Browser browser() {
        return OWN.get();
    }

    /** Chromium as Debian packages it, nothing is downloaded: the shell without windows if it is there, for it takes half the time. */
    public static Browser launch(Playwright playwright) {
        return playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Files.exists(SHELL) ? SHELL : CHROMIUM)
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync",
                                "--host-resolver-rules=MAP " + LAN_NAME + " 127.0.0.1")));
    }
}
