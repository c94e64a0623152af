package grintel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import grintel.bench.BenchPapers;
import grintel.formats.demo.UntidyEssay;
import grintel.formats.docx.DocxFile;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The proof with its marks and measures, as a person works with it. */
@ExtendWith(Application.class)
class ProofViewTest {
    private static final String PAGES = "[aria-label='Pages of the proof']";

    @ParameterizedTest
    @CsvSource({
        "Sheet, Left margin, true",
        "Type, Stray type, false",
        "Spacing, Line spacing, true",
        "Running head, Place of the number, true"
    })
    void markReadingAndDimensionLineAreTied(String station, String name, boolean measured) {
        Desk desk =
                Desk.signUp().bring("lamps.docx", UntidyEssay.write(), "MLA 9").station(station);
        String key = markOf(desk, name).first().getAttribute("data-reading");
        Locator row = desk.page().locator("li[data-reading='" + key + "']");
        assertThat(row).containsText(name);

        // From the mark: its row, its dimension lines and its other places, and nothing else.
        markOf(desk, name).first().focus();
        assertThat(row).hasAttribute("data-lit", "true");
        assertThat(desk.page().locator("li[data-lit]")).hasCount(1);
        assertThat(desk.page().locator("svg [data-lit]"))
                .hasCount(tied(desk, key).count());
        assertThat(tied(desk, key).and(desk.page().locator("[data-lit]")))
                .hasCount(tied(desk, key).count());
        Locator lines = desk.page().locator(PAGES + " [aria-hidden] [data-reading='" + key + "']");
        assertThat(lines.count() > 0).isEqualTo(measured);

        // From the row, and from the dimension line.
        desk.heading("Order of work").hover();
        row.getByRole(AriaRole.BUTTON).first().hover();
        assertThat(markOf(desk, name).first()).hasAttribute("data-lit", "true");
        if (measured) {
            desk.heading("Order of work").hover();
            lines.first().locator("text").hover();
            assertThat(row).hasAttribute("data-lit", "true");
        }
    }

    @Test
    void whatIsPutRightIsSaidAndListed() {
        Desk desk =
                Desk.signUp().bring("lamps.docx", UntidyEssay.write(), "MLA 9").station("Sheet");
        Locator line = desk.sheet(1).locator(".sheet-line").nth(6);
        line.evaluate("(line) => { line.dataset.was = line.style.transform }");
        desk.press("p");
        assertThat(desk.page().getByText("In the file: 1 section: right margin set"))
                .isVisible();
        assertThat(row(desk, "Right margin")).containsText("met");
        // The lines are the same ones, on their way to their new places; at rest where the system asks for no motion.
        String motion = "(line) => getComputedStyle(line).transitionDuration";
        assertThat(line).hasAttribute("data-was", Pattern.compile("translate.+"));
        assertThat(line.evaluate(motion)).isEqualTo("0.22s");
        desk.page().emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
        assertThat(line.evaluate(motion)).isEqualTo("0s");
        filter(desk, "1 put right");
        assertThat(desk.reading("Right margin: 1.25 in → 1 in")).isVisible();
        filter(desk, "all");
        desk.page().getByText("Take it back").click();
        assertThat(row(desk, "Right margin")).containsText("+0.25");
        assertThat(desk.page().getByText("In the file:")).isHidden();
    }

    @Test
    void aFindingStandsForAReasonUntilThatIsLifted() {
        Desk desk =
                Desk.signUp().bring("lamps.docx", UntidyEssay.write(), "MLA 9").station("Sheet");
        row(desk, "Header to edge").getByRole(AriaRole.BUTTON).first().click();
        desk.press("s");
        desk.page().keyboard().type("as the course sample has it");
        desk.press("Enter");
        assertThat(row(desk, "Header to edge")).containsText("stet: “as the course sample has it”");
        assertThat(markOf(desk, "Header to edge").first()).hasAttribute("aria-label", "Mark: Header to edge: stet");
        filter(desk, "1 stet");
        assertThat(row(desk, "Left margin")).isHidden();
        filter(desk, "all");
        // All that is safe leaves alone what stands.
        desk.putAllRight();
        assertThat(row(desk, "Header to edge")).containsText("0.4 in");
        desk.press("s");
        assertThat(row(desk, "Header to edge")).not().containsText("stet:");
        assertThat(row(desk, "Header to edge")).containsText("−0.1");
    }

    @Test
    void theEndOfTheWorkLeadsToAPdf() throws IOException {
        byte[] clean = CleanPaper.write();
        Desk desk = Desk.signUp().bring("clean.docx", clean, "MLA 9");
        Locator end = desk.page().getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Order of work"));
        assertThat(end).containsText("Nothing is open.");
        end.getByText("Hand in").last().click();
        Locator dialog = desk.page().getByRole(AriaRole.DIALOG);
        dialog.getByLabel("PDF").check();
        assertThat(dialog).containsText("Times New Roman");
        assertThat(dialog).containsText("Liberation Serif");
        desk.press("Escape");
        try (PDDocument pdf = Loader.loadPDF(desk.handIn("PDF"))) {
            assertThat(pdf.getDocumentInformation().getTitle()).isNotBlank();
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains(DocxFile.read(clean).paper().paragraphs().get(0).text());
        }
    }

    @Test
    void twoProofsAreComparedSideBySideAndLaidOverEachOther() {
        Desk desk =
                Desk.signUp().bring("lamps.docx", UntidyEssay.write(), "MLA 9").putAllRight();
        desk.press("b");
        Page page = desk.page();
        Locator before = region(desk, "Before");
        Locator after = region(desk, "After");
        String words = "The second novel is louder";
        assertThat(before.locator("svg").first()).isVisible();
        after.evaluate("(desk) => { desk.scrollTop = 900 }");
        // The same words stand at the same height on both sides, though lines and pages end elsewhere.
        assertThat(after.getByText(words)).isVisible();
        assertThat(before.getByText(words)).isVisible();
        after.evaluate(
                "(desk, words) => { const line = [...desk.querySelectorAll('.sheet-line')].find((each) =>"
                        + " each.textContent.includes(words)); desk.scrollTop += line.getBoundingClientRect().top -"
                        + " desk.getBoundingClientRect().top - 3 }",
                words);
        page.waitForCondition(() -> Math.abs(heightOf(before, words) - heightOf(after, words)) < 4);
        assertThat(heightOf(after, words)).isCloseTo(3, within(12.0));

        page.getByLabel("one over the other").check();
        Locator slider = page.getByLabel("How much of the page shows the proof before");
        slider.fill("100");
        Locator laid = region(desk, "Pages laid over each other");
        assertThat(laid.getByText("Dr. Ilse Tamberg")).hasCount(2);
        assertThat(laid.locator("[style*='inset(0px 0% 0px 0px)']").first()).isVisible();
        slider.fill("25");
        assertThat(laid.locator("[style*='inset(0px 75% 0px 0px)']").first()).isVisible();
        // No key acts on a reading that is out of sight.
        desk.press("u");
        desk.press("Escape");
        assertThat(desk.heading("Order of work")).isVisible();
        assertThat(desk.button("Redo")).isDisabled();
    }

    @Test
    void wordsAreFoundAndShown() {
        Desk desk = Desk.signUp().bring("lamps.docx", UntidyEssay.write(), "MLA 9");
        desk.press("/");
        desk.page().keyboard().type("A LANTERN for the lockman");
        Locator find = desk.page().getByRole(AriaRole.SEARCH);
        assertThat(find.getByRole(AriaRole.STATUS)).hasText("1 of 3");
        assertThat(desk.page().getByText("A Lantern for the Lockman").first()).isVisible();
        desk.press("Enter");
        assertThat(find.getByRole(AriaRole.STATUS)).hasText("2 of 3");
        desk.page().keyboard().type("xyz");
        assertThat(find.getByRole(AriaRole.STATUS)).hasText("nowhere");
        desk.press("Escape");
        assertThat(find).isHidden();
    }

    @Test
    void pagesAreShownInThreeSizes() {
        Desk desk = Desk.signUp().bring("lamps.docx", UntidyEssay.write(), "MLA 9");
        double desktop = desk.page().locator(PAGES).boundingBox().width;
        assertThat(desk.sheet(1).boundingBox().width).isBetween(desktop * 0.9, desktop);
        desk.press("z");
        assertThat(desk.page().getByText("fit page")).isVisible();
        assertThat(desk.sheet(1).boundingBox().height)
                .isLessThan(desk.page().locator(PAGES).boundingBox().height);
        desk.press("z");
        assertThat(desk.page().getByText("actual size")).isVisible();
        assertThat(desk.sheet(1).boundingBox().width).isCloseTo(816, within(0.5));
    }

    @Test
    void thePagesInSightComeFirstAndTheOthersWhereSomebodyLooks() {
        Desk desk = Desk.signUp().bring("long.docx", BenchPapers.plain(150), "MLA 9");
        Page page = desk.page();
        Locator pages = page.locator(PAGES);
        assertThat(pages).hasAttribute("aria-busy", "false");
        List<Route> held = new ArrayList<>();
        List<String> asked = new ArrayList<>();
        page.onRequest(request -> {
            if (request.url().contains("/layout?")) {
                asked.add(request.url().replaceAll(".*from=", ""));
            }
        });
        page.route(Pattern.compile(".*/layout\\?from=9&.*"), held::add);
        page.reload();
        assertThat(desk.sheet(1).locator(".sheet-line").first()).isVisible();
        assertThat(pages).hasAttribute("aria-busy", "true");
        page.keyboard().press("g");
        page.getByLabel(Pattern.compile("^Page, 1 to")).fill("120");
        page.keyboard().press("Enter");
        assertThat(desk.sheet(120)).hasAttribute("aria-busy", "true");
        held.forEach(Route::resume);
        assertThat(pages).hasAttribute("aria-busy", "false");
        assertThat(desk.sheet(120).locator(".sheet-line").first()).isVisible();
        assertThat(asked).startsWith("1&most=8", "9&most=50", "118&most=33");
    }

    @Test
    void aPaperOfFourHundredPagesScrollsWithoutBlankOnes() {
        Desk desk = Desk.signUp().bring("long.docx", BenchPapers.plain(430), "MLA 9");
        Locator pages = desk.page().locator(PAGES);
        assertThat(desk.sheet(1)).isVisible();
        assertThat(desk.page().getByText("MLA 9 · ")).containsText(Pattern.compile("4\\d\\d pages"));
        assertThat(pages).hasAttribute("aria-busy", "false");
        // Two frames after each jump the window is full of pages that hold their text.
        List<?> seen = (List<?>) pages.evaluate("""
                async (desk) => {
                  const frame = () => new Promise(requestAnimationFrame)
                  const out = []
                  for (const part of [0, 0.11, 0.37, 0.371, 0.5, 0.93, 0.999, 0.2]) {
                    desk.scrollTop = part * desk.scrollHeight
                    await frame()
                    await frame()
                    const view = desk.getBoundingClientRect()
                    let covered = 0
                    let lines = 0
                    for (const sheet of desk.querySelectorAll('svg[role=group]')) {
                      const box = sheet.getBoundingClientRect()
                      covered += Math.max(0, Math.min(box.bottom, view.bottom) - Math.max(box.top, view.top))
                      lines += Math.min(sheet.querySelectorAll('.sheet-line').length, 10)
                    }
                    out.push({ covered: covered / view.height, lines, sheets: desk.querySelectorAll('svg').length })
                  }
                  return out
                }""");
        assertThat(seen).hasSize(8).allSatisfy(each -> {
            Map<?, ?> window = (Map<?, ?>) each;
            assertThat(((Number) window.get("covered")).doubleValue()).isGreaterThan(0.9);
            assertThat(((Number) window.get("lines")).intValue()).isGreaterThanOrEqualTo(10);
            assertThat(((Number) window.get("sheets")).intValue()).isLessThan(12);
        });
    }

    private static Locator row(Desk desk, String name) {
        return desk.reading(name);
    }

    private static Locator region(Desk desk, String name) {
        return desk.page()
                .getByRole(
                        AriaRole.REGION,
                        new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** The marks of a reading. */
    private static Locator markOf(Desk desk, String name) {
        return desk.page().getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Mark: " + name + ":"));
    }

    /** All on the pages that belongs to a reading. */
    private static Locator tied(Desk desk, String key) {
        return desk.page().locator(PAGES + " [data-reading='" + key + "']");
    }

    private static void filter(Desk desk, String name) {
        desk.page().getByText(name, new Page.GetByTextOptions().setExact(true)).click();
    }

    /** How far below its region's upper edge a line stands, in pixels. */
    private static double heightOf(Locator region, String words) {
        return region.getByText(words).first().boundingBox().y - region.boundingBox().y;
    }
}
