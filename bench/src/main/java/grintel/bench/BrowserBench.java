package grintel.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import grintel.bench.Stopwatch.Timing;
import grintel.bench.lines.Chromium;
import java.io.PrintStream;
import java.util.Locale;
import java.util.UUID;

/** How soon a long paper stands on the desk of the running application, and how it scrolls. */
final class BrowserBench {
    private static final int PAGES = 400;
    private static final String SHOWN = "() => document.querySelectorAll('svg[role=group] .sheet-line').length > 10";
    /** Milliseconds from a jump to the frame in which the window is full of text again, the longest of some jumps. */
    private static final String JUMPS = """
            async () => {
              const desk = document.querySelector("[aria-label='Pages of the proof']")
              let longest = 0
              for (let i = 1; i <= 40; i++) {
                desk.scrollTop = ((i * 37) % 100) / 100 * desk.scrollHeight
                const start = performance.now()
                for (;;) {
                  await new Promise(requestAnimationFrame)
                  const view = desk.getBoundingClientRect()
                  let covered = 0
                  for (const sheet of desk.querySelectorAll('svg[role=group]')) {
                    const box = sheet.getBoundingClientRect()
                    if (sheet.querySelector('.sheet-line')) {
                      covered += Math.max(0, Math.min(box.bottom, view.bottom) - Math.max(box.top, view.top))
                    }
                  }
                  if (covered > view.height * 0.9) break
                }
                longest = Math.max(longest, performance.now() - start)
              }
              return longest
            }""";

    private BrowserBench() {}

    static void run(PrintStream out, String address) {
        try (Playwright driver = Chromium.driver();
                Browser browser = Chromium.launch(driver)) {
            Page page = browser.newPage(new Browser.NewPageOptions().setViewportSize(1280, 800));
            page.setDefaultTimeout(60_000);
            page.navigate(address);
            signUp(page);
            bring(page);
            page.waitForFunction(SHOWN);
            Timing opened = Stopwatch.warm(
                    () -> {
                        page.reload();
                        page.waitForFunction(SHOWN);
                    },
                    2);
            double longest = ((Number) page.evaluate(JUMPS)).doubleValue();
            out.printf(
                    Locale.ROOT,
                    "a checked paper of %s: %.0f ms (%.0f to %.0f) until it stands on the desk in Chromium;"
                            + " the longest of 40 jumps through it %.0f ms%n",
                    page.getByText(" pages").first().textContent().replaceAll(".*?(\\d+ pages).*", "$1"),
                    opened.median(),
                    opened.least(),
                    opened.most(),
                    longest);
        }
    }

    private static void signUp(Page page) {
        page.getByText("Make an account").click();
        page.getByLabel("E-mail address").fill(UUID.randomUUID() + "@brackwater.example");
        page.getByLabel("Password").fill("a long enough word");
        page.getByText("Make the account").click();
    }

    private static void bring(Page page) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bring a paper"))
                .first()
                .click();
        page.getByLabel("The paper’s file")
                .setInputFiles(new FilePayload("long.docx", "application/octet-stream", BenchPapers.plain(PAGES)));
        page.getByText("Measure it").click();
    }
}
