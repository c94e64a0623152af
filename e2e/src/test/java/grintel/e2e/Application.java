package grintel.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import grintel.bench.lines.Chromium;
import grintel.server.GrintelServer;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The application, started once for all tests, and a browser for each thread that runs some. */
public final class Application implements BeforeAllCallback, AutoCloseable {
    private static final int PATIENCE = 15_000;

    private static Application started;

    private final ConfigurableApplicationContext server;
    private final List<Window> windows = new ArrayList<>();
    private final ThreadLocal<Window> window = ThreadLocal.withInitial(this::start);

    /** Made by the test engine, which needs one without a server; the started one is shared. */
    public Application() {
        this(null);
    }

    private Application(ConfigurableApplicationContext server) {
        this.server = server;
    }

    /** A driver and its browser, which only one thread may speak to. */
    private record Window(Playwright playwright, Browser browser) {}

    private Window start() {
        Playwright playwright = Chromium.driver();
        Window made = new Window(playwright, Chromium.launch(playwright));
        synchronized (windows) {
            windows.add(made);
        }
        return made;
    }

    @Override
    public void beforeAll(ExtensionContext context) {
        synchronized (Application.class) {
            if (started == null) {
                SpringApplication application = new SpringApplication(GrintelServer.class);
                started = new Application(
                        application.run("--server.port=0", "--grintel.demo=true", "--spring.main.banner-mode=off"));
                // What is looked for has as long to come as what is pressed: a busy machine is no failure.
                PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
                context.getRoot().getStore(ExtensionContext.Namespace.GLOBAL).put(Application.class.getName(), started);
            }
        }
    }

    /** A fresh window of a person of their own, at the first page. */
    static Page open() {
        BrowserContext context = started.window
                .get()
                .browser
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(1280, 800)
                        .setAcceptDownloads(true));
        Page page = context.newPage();
        page.setDefaultTimeout(PATIENCE);
        page.navigate("http://127.0.0.1:" + started.server.getEnvironment().getProperty("local.server.port") + "/");
        return page;
    }

    @Override
    public void close() {
        // Each driver is a process of its own, which ends whichever thread says so.
        windows.forEach(each -> each.playwright.close());
        server.close();
    }
}
