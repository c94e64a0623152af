package grintel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import grintel.formats.demo.UntidyStudy;
import grintel.formats.docx.DocxFile;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Tables and appendices made for a paper, from what a program printed to the pages of the paper. */
@ExtendWith(Application.class)
class MakersTest {
    private static final String PRINTED = """
            Group Statistics
            \tSignal\tN\tMean\tStd. Deviation\tStd. Error Mean
            Interval\tBell\t30\t4.31\t.92\t.168
            \tHorn\t28\t3.78\t.81\t.153

            Independent Samples Test
            \t\tLevene's Test\t\tt-test for Equality of Means
            \t\tF\tSig.\tt\tdf\tSig. (2-tailed)
            Interval\tEqual variances assumed\t.412\t.524\t2.321\t56\t.024
            \tEqual variances not assumed\t\t\t2.332\t55.8\t.023
            """;
    /** A dot. */
    private static final String DOT =
            "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==";

    private static final String EXPORT = """
            Start of Block: Sleep in the Harbour
            Please say how far each sentence is true of you.
            Q1 The fog bell wakes me at night.
            ○ Never (1)
            ○ Always (2)
            Q2 I sleep through any signal.
            ○ Never (1)
            ○ Always (2)
            Display this question if the bell is heard
            End of Block: Sleep in the Harbour
            """;

    private static Desk study() {
        return Desk.signUp().bring("study.docx", UntidyStudy.write(), "APA 7, student paper");
    }

    private static void isAccessible(Page page) {
        assertThat(new AxeBuilder(page).analyze().getViolations()).isEmpty();
    }

    private static Locator link(Page page, String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    /** Goes to something that is reached by the tabulator, and presses it. */
    private static void press(Locator what) {
        what.focus();
        what.press("Enter");
    }

    @Test
    void printedOutputBecomesATableInThePaperByKeyboardAlone() {
        Desk desk = study().station("Tables");
        Page page = desk.page();
        press(link(page, "Make a table for this paper"));
        Locator field = page.getByLabel("Paste or type the cells");
        field.focus();
        isAccessible(page);
        page.keyboard().insertText(PRINTED);
        press(desk.button("Make a table or a figure of it"));
        Locator grid = page.getByRole(AriaRole.GRID);
        assertThat(grid).isVisible();
        assertThat(page.getByText("Taken for the figures of two groups")).isVisible();
        Locator shown = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Page with the table"));
        assertThat(shown).containsText("Bell (n = 30)");
        assertThat(page.getByText("All that is measured of tables is as the guide asks."))
                .isVisible();
        assertThat(page.locator("[data-report]")).hasText("t(56) = 2.32, p = .024, d = 0.61");
        assertThat(page.getByLabel("Show 95% confidence intervals")).not().isChecked();
        isAccessible(page);

        grid.locator("[data-here]").focus();
        desk.press("ArrowDown", "ArrowDown");
        assertThat(grid.locator("[data-here]")).hasText("Interval");
        desk.press("x", "ControlOrMeta+a");
        page.keyboard().insertText("Gap in minutes");
        desk.press("Tab");
        assertThat(shown).containsText("Gap in minutes");
        assertThat(grid.locator("[data-here]")).hasText("4.31");
        desk.press("ControlOrMeta+z");
        assertThat(grid).not().containsText("Gap in minutes");
        desk.press("ControlOrMeta+Shift+z");
        assertThat(grid).containsText("Gap in minutes");

        Locator bring = desk.button("Bring it in as Table");
        String number = bring.innerText().replaceAll("\\D", "");
        press(bring);
        assertThat(desk.heading("Order of work")).isVisible();
        assertThat(desk.button("Undo"))
                .hasAttribute("title", Pattern.compile("Take back: Table: Comparison of Groups.*"));
        String text = String.join("\n", words(desk));
        assertThat(text).contains("Table " + number, "Gap in minutes", "(see Table " + number + ")");
        desk.press("u");
        assertThat(desk.button("Undo")).isDisabled();
        assertThat(String.join("\n", words(desk))).doesNotContain("Gap in minutes");
    }

    @Test
    void printedOutputBecomesAFigureWithErrorBarsInThePaper() {
        Desk desk = study().station("Figures");
        Page page = desk.page();
        link(page, "Make a figure for this paper").click();
        page.getByLabel("Paste or type the cells").fill(PRINTED);
        desk.button("Make a table or a figure of it").click();
        Locator shown = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Page with the figure"));
        assertThat(shown).containsText("Mean Interval by Signal");
        assertThat(shown).containsText("Error bars show 95% confidence intervals of the means.");
        assertThat(shown.locator("image")).hasAttribute("href", Pattern.compile("data:image/png;base64,.+"));
        assertThat(page.getByText("All that is measured of figures is as the guide asks."))
                .isVisible();
        isAccessible(page);
        String before = shown.locator("image").getAttribute("href");
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Error bars"))
                .selectOption("standard errors");
        assertThat(shown).containsText("Error bars show standard errors of the means.");
        page.getByLabel("Axis up").fill("Minutes Between Signals");
        assertThat(shown.locator("image")).not().hasAttribute("href", before);
        page.getByLabel("Title").fill("Minutes by Signal");
        assertThat(shown).containsText("Minutes by Signal");
        desk.button("Undo").click();
        assertThat(shown).containsText("Mean Interval by Signal");
        desk.button("Redo").click();
        assertThat(shown).containsText("Minutes by Signal");

        page.getByLabel("a table").check();
        assertThat(page.getByRole(AriaRole.GRID)).isVisible();
        page.getByLabel("a figure").last().check();
        assertThat(shown).containsText("Minutes by Signal");

        Locator bring = desk.button("Bring it in as Figure");
        String number = bring.innerText().replaceAll("\\D", "");
        bring.click();
        assertThat(desk.heading("Order of work")).isVisible();
        assertThat(desk.button("Undo")).hasAttribute("title", "Take back: Figure: Minutes by Signal");
        assertThat(String.join("\n", words(desk))).contains("Figure " + number, "(see Figure " + number + ")");
    }

    @Test
    void aTableThatThePaperHasIsASource() {
        Desk desk = study().station("Tables");
        Page page = desk.page();
        link(page, "Make a table for this paper").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Table 1")))
                .first()
                .click();
        assertThat(page.getByRole(AriaRole.GRID)).isVisible();
        desk.button("Other cells").click();
        assertThat(page.getByLabel("Paste or type the cells")).isVisible();
    }

    private static List<String> words(Desk desk) {
        return DocxFile.read(desk.handIn(".docx")).paper().paragraphs().stream()
                .map(paragraph -> paragraph.text())
                .toList();
    }

    @Test
    void anExportedQuestionnaireBecomesAnAppendixAndNothingGoesUnseen() {
        Desk desk = study().station("Appendices");
        Page page = desk.page();
        link(page, "Make an appendix for this paper").click();
        page.getByLabel("Paste or type the questionnaire").fill(EXPORT);
        desk.button("Take it apart").click();
        assertThat(page.getByText("8 lines kept, 2 taken out.")).isVisible();
        Locator shown = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Page 1 of the appendix"));
        assertThat(shown).containsText("1 = Never, 2 = Always");
        assertThat(shown).containsText("1. The fog bell wakes me at night.");
        assertThat(page.getByText("Taken out: rules of display.")).isVisible();
        isAccessible(page);
        page.getByLabel("scored in reverse").last().check();
        assertThat(shown).containsText("I sleep through any signal. (R)");
        assertThat(shown).containsText("(R) marks an item that is scored in reverse.");
        page.getByLabel("Appendix is").selectOption("Scale");
        page.getByLabel("Abbreviation").fill("HSS");
        page.getByLabel("Source of the scale").fill("Adapted from Verholt (2004)");
        assertThat(shown).containsText("Sleep in the Harbour (HSS)");
        assertThat(shown).containsText("Adapted from Verholt (2004).");
        isAccessible(page);
        page.getByLabel("Line 2 is").selectOption("Taken out");
        assertThat(shown).not().containsText("Please say how far");
        desk.button("Bring it into the paper").click();
        assertThat(desk.heading("Order of work")).isVisible();
        assertThat(desk.button("Undo")).hasAttribute("title", "Take back: Appendix");
        assertThat(words(desk)).contains("Sleep in the Harbour (HSS)", "1 = Never, 2 = Always");
    }

    @Test
    void aPictureOfAnExportComesAlongCalledByWhatItShows() {
        String export = "<html><p>Signals</p><p>Look at each.</p><img src='data:image/png;base64," + DOT
                + "' width='300' height='200'></html>";
        Desk desk = study().station("Appendices");
        Page page = desk.page();
        link(page, "Make an appendix for this paper").click();
        page.locator("input[type=file]")
                .setInputFiles(new FilePayload("signals.html", "text/html", export.getBytes(StandardCharsets.UTF_8)));
        Locator shown = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Page 1 of the appendix"));
        assertThat(shown.locator("image")).hasAttribute("href", Pattern.compile("data:image/png;base64,.*"));
        page.getByLabel(Pattern.compile("What it shows")).fill("a fog bell on the pier");
        assertThat(shown).containsText("A Fog Bell on the Pier");
        assertThat(page.getByText("Some pictures could not")).hasCount(0);
        isAccessible(page);
        desk.button("Bring it into the paper").click();
        assertThat(desk.heading("Order of work")).isVisible();
        assertThat(words(desk)).containsSubsequence("Figure A1", "A Fog Bell on the Pier");
    }

    @Test
    void severalAppendicesStandInTheOrderThatIsChosen() {
        Desk desk = study().station("Appendices");
        Page page = desk.page();
        link(page, "Make an appendix for this paper").click();
        page.getByLabel("Paste or type the questionnaire")
                .fill(EXPORT + "Start of Block: Lamps at Sea\nQ3 The lamp leads me home.\n[Picture: A lamp]\n");
        desk.button("Take it apart").click();
        assertThat(page.getByText("2 appendices.")).isVisible();
        assertThat(page.getByText("Some pictures could not come along")).isVisible();
        assertThat(desk.heading("Order")).isVisible();
        Locator first = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Page 1 of the appendix"));
        assertThat(first).containsText("Sleep in the Harbour");
        desk.button("Later: Sleep in the Harbour").click();
        assertThat(first).containsText("Lamps at Sea");
        isAccessible(page);
        desk.button("Bring 2 appendices in").click();
        assertThat(desk.heading("Order of work")).isVisible();
        assertThat(words(desk)).containsSubsequence("Lamps at Sea", "Sleep in the Harbour");
    }
}
