package grintel.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import grintel.bench.lines.Chromium;
import grintel.server.GrintelServer;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The application and a browser, started once for all tests. */
public final class Application implements BeforeAllCallback, AutoCloseable {
    private static final int PATIENCE = 15_000;

    private static Application started;

    private final ConfigurableApplicationContext server;
    private final Playwright playwright;
    private final Browser browser;

    /** Made by the test engine, which needs one without a server; the started one is shared. */
    public Application() {
        this(null, null, null);
    }

    private Application(ConfigurableApplicationContext server, Playwright playwright, Browser browser) {
        this.server = server;
        this.playwright = playwright;
        this.browser = browser;
    }

    @Override
    public void beforeAll(ExtensionContext context) {
        if (started == null) {
            SpringApplication application = new SpringApplication(GrintelServer.class);
            ConfigurableApplicationContext server =
                    application.run("--server.port=0", "--grintel.demo=true", "--spring.main.banner-mode=off");
            Playwright playwright = Chromium.driver();
            Browser browser = Chromium.launch(playwright);
            started = new Application(server, playwright, browser);
            context.getRoot().getStore(ExtensionContext.Namespace.GLOBAL).put(Application.class.getName(), started);
        }
    }

    /** A fresh window of a person of their own, at the first page. */
    static Page open() {
        BrowserContext context = started.browser.newContext(
                new Browser.NewContextOptions().setViewportSize(1280, 800).setAcceptDownloads(true));
        Page page = context.newPage();
        page.setDefaultTimeout(PATIENCE);
        // What is looked for has as long to come as what is pressed: a busy machine is no failure.
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
        page.navigate("http://127.0.0.1:" + started.server.getEnvironment().getProperty("local.server.port") + "/");
        return page;
    }

    @Override
    public void close() {
        browser.close();
        playwright.close();
        server.close();
    }
}
