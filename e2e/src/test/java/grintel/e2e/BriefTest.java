package grintel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import grintel.core.check.Examiner;
import grintel.core.check.Report;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guides;
import grintel.core.limit.WorkLimits;
import grintel.formats.demo.UntidyEssay;
import grintel.formats.docx.DocxFile;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.Objects;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Knowing what is asked before there is a paper: brief, house rules, specimen, and papers made from them. */
@ExtendWith(Application.class)
class BriefTest {
    private static final String KIND = "text/markdown";
    private static final String TEXT = """
            Marit Solvane

            Dr. Ilse Tamberg

            LIT 214: Novels of the Canals

            9 October 2026

            # Lamps on the Low Canal

            In all three novels the canal is lit before it is named, and the reader learns the hour, the weather and
            the price of oil before anyone has spoken a word about the town or the people in it at all.

            ## The Lamps at Night

            The *Weir Ledger* begins with a column of figures and ends with one, and its narrator counts oil in pints.

            ## The Lamps by Day

            By day the lamps are only iron, and nobody in the three books looks at them twice.

            ## Works Cited

            Keel, Jonna R. *Bells of the Northern Harbours*. Tidewrack Press, 2016.

            Verholt, Ansel. *The Weir Ledger*. Tidewrack Press, 2004.
            """;

    private static Desk atTheBrief() {
        Desk desk = Desk.signUp();
        desk.page()
                .getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Brief").setExact(true))
                .click();
        assertThat(specimen(desk, 1)).isVisible();
        return desk;
    }

    private static Locator specimen(Desk desk, int page) {
        return desk.page()
                .getByRole(
                        AriaRole.GROUP,
                        new Page.GetByRoleOptions()
                                .setName("Specimen page " + page)
                                .setExact(true));
    }

    private static void say(Desk desk, String words, String offer) {
        Locator field =
                desk.page().getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Say what differs"));
        field.fill(words);
        assertThat(desk.page()
                        .getByRole(AriaRole.LISTBOX)
                        .getByRole(AriaRole.OPTION)
                        .first())
                .hasText(offer);
        field.press("Enter");
    }

    private static Locator differences(Desk desk) {
        return desk.page()
                .getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Differences from the guide"))
                .getByRole(AriaRole.LISTITEM);
    }

    @Test
    void theSpecimenFollowsTheBriefAndANewPaperOfItIsClean() throws IOException {
        Desk desk = atTheBrief();
        Page page = desk.page();
        page.getByLabel("Guide").selectOption("apa-7-student");
        page.getByLabel("Title", new Page.GetByLabelOptions().setExact(true)).fill("Fog Bells at Evening");
        page.getByLabel("Given name").fill("Tobias");
        page.getByLabel("Surname").fill("Ekwall");
        assertThat(specimen(desk, 1)).containsText("Fog Bells at Evening");
        assertThat(specimen(desk, 1)).containsText("Tobias Ekwall");
        say(desk, "one and a half", "Lines one and a half apart");
        assertThat(differences(desk)).hasCount(1);
        assertThat(differences(desk).first()).containsText("1.5");
        assertThat(differences(desk).first()).containsText("the guide: 2");
        assertThat(page.getByText("Lines one and a half", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(differences(desk)).hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Redo"))
                .click();
        assertThat(differences(desk)).hasCount(1);
        assertThat(page.getByText("Kept.")).isVisible();
        page.reload();
        assertThat(page.getByLabel("Given name")).hasValue("Tobias");
        assertThat(differences(desk)).hasCount(1);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Line spacing · multiple as in the guide"))
                .click();
        assertThat(differences(desk)).hasCount(0);

        desk.button("Set up a paper").click();
        Download download = page.waitForDownload(() -> desk.button("Download").click());
        assertThat(download.suggestedFilename()).isEqualTo("Ekwall-paper.docx");
        Report report = Examiner.examine(
                DocxFile.read(Files.readAllBytes(download.path())).paper(),
                Brief.of(Objects.requireNonNull(Guides.find("apa-7-student")), null, Facts.NONE),
                WorkLimits.within(20));
        assertThat(report.findings())
                .isNotEmpty()
                .allMatch(finding -> finding.rule().equals("hand-in.placeholders"));
    }

    @Test
    void theSpecimenIsPrintedWithItsMeasuresAndMadeAPdf() throws IOException {
        Desk desk = atTheBrief();
        int pages = desk.page()
                .getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(Pattern.compile("^Specimen page")))
                .count();
        assertThat(pages).isGreaterThan(4);
        // The browser prints no letter of a face that has not come yet.
        desk.page().evaluate("() => document.fonts.ready.then(() => true)");
        byte[] chart = desk.page().pdf(new Page.PdfOptions().setPreferCSSPageSize(true));
        try (PDDocument printed = Loader.loadPDF(chart)) {
            assertThat(printed.getNumberOfPages()).isEqualTo(pages);
            assertThat(new PDFTextStripper().getText(printed))
                    .contains("A Heading of Level 1", "8.5 in")
                    .doesNotContain("House rules");
        }
        Download download = desk.page().waitForDownload(() -> desk.button("PDF").click());
        try (PDDocument specimen = Loader.loadPDF(Files.readAllBytes(download.path()))) {
            assertThat(specimen.getNumberOfPages()).isEqualTo(pages);
        }
    }

    @Test
    void houseRulesAreHandedOnByALinkAndAPaperIsJudgedByThem() {
        Desk owner = atTheBrief();
        say(owner, "one and a half", "Lines one and a half apart");
        owner.page().getByLabel("Called").fill("Letters 214");
        owner.button("Keep in the library").click();
        owner.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Library"))
                .click();
        owner.button("Share by a link").click();
        String link = owner.page().getByLabel("Link to Letters 214").inputValue();

        Desk other = Desk.signUp();
        other.page().navigate(link);
        assertThat(other.heading("Letters 214")).isVisible();
        other.button("Take a copy into my library").click();
        assertThat(other.page().getByText(Pattern.compile("copied from “Letters 214”")))
                .isVisible();
        owner.button("End sharing").click();
        assertThat(owner.button("Share by a link")).isVisible();

        other.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bring a paper"))
                .first()
                .click();
        other.page().getByLabel("House rules").selectOption("Letters 214");
        other.bring("lamps.docx", UntidyEssay.write(), "MLA 9");
        other.station("Spacing");
        other.reading("Line spacing").getByRole(AriaRole.BUTTON).first().click();
        assertThat(other.page().getByText("Asked by your house rules; the guide itself: multiple 2."))
                .isVisible();
    }

    @Test
    void theSpecimenStandsBesideTheProof() {
        Desk desk = Desk.signUp().bring("lamps.docx", UntidyEssay.write(), "MLA 9");
        desk.press("m");
        assertThat(desk.sheet(1)).containsText("Marit Solvane");
        Locator beside = desk.page()
                .getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("As it should be, beside page 1"));
        assertThat(beside).containsText("Lamps on the Low Canal");
        assertThat(beside).containsText("1 in");
        assertThat(new AxeBuilder(desk.page()).analyze().getViolations()).isEmpty();
        desk.press("m");
        assertThat(desk.heading("Order of work")).isVisible();
    }

    @Test
    void bareTextBecomesACleanPaperAndAPatternForTheNext() {
        Desk desk = atTheBrief();
        Page page = desk.page();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("From text"))
                .click();
        page.getByLabel("Choose a file")
                .setInputFiles(new FilePayload("lamps.md", KIND, TEXT.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByLabel("Paragraph 5 is")).hasValue("title");
        assertThat(page.getByLabel("Paragraph 7 is")).hasValue("heading-1");
        assertThat(new AxeBuilder(page).analyze().getViolations()).isEmpty();
        assertThat(page.reload().status()).isEqualTo(200);
        page.getByLabel("Choose a file")
                .setInputFiles(new FilePayload("lamps.md", KIND, TEXT.getBytes(StandardCharsets.UTF_8)));
        desk.button("Set it as a paper").click();
        assertThat(page.getByText("Nothing is open.")).isVisible();
        assertThat(desk.sheet(1)).containsText("Solvane 1");

        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Grintel, back to your papers"))
                .click();
        desk.button("Use again").click();
        page.getByLabel("Name of the pattern").fill("Letters essay");
        desk.button("Keep as a pattern").click();
        for (int i = 0; i < 2; i++) {
            desk.button("New paper").click();
            assertThat(desk.heading("Order of work")).isVisible();
            assertThat(desk.sheet(1)).containsText("[Title of the Paper]");
            assertThat(desk.sheet(1)).containsText("Marit Solvane");
            assertThat(desk.sheet(1)).not().containsText("the canal is lit");
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Grintel, back to your papers"))
                    .click();
        }
        assertThat(desk.button("New paper")).hasCount(1);
        assertThat(desk.button("Use again")).hasCount(3);
    }

    @Test
    void whatCannotBeReadIsRefusedWithItsLineAndTheViewsShutNobodyOut() {
        Desk desk = atTheBrief();
        Page page = desk.page();
        page.getByLabel("Guide").selectOption("apa-7-professional");
        page.getByLabel("Short title, for the header")
                .fill("Fog Bells and the Evening Feeding of Wading Birds at Low Water");
        assertThat(page.getByText("62 characters, 12 more than the 50 that fit"))
                .isVisible();
        say(desk, "only the number", "Only the number in the header, no words");
        assertThat(page.getByLabel("Short title, for the header")).isHidden();
        differences(desk)
                .filter(new Locator.FilterOptions().setHasText("Length of the short title"))
                .getByText("as in the guide")
                .click();
        assertThat(page.getByText("These two do not go together.")).isVisible();
        assertThat(new AxeBuilder(page).analyze().getViolations()).isEmpty();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Library"))
                .click();
        page.getByLabel("Read a file")
                .setInputFiles(new FilePayload(
                        "rules.yaml",
                        "text/yaml",
                        "rules:\n  sheet.margins: {left: wide}\n".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("rules.yaml, line 2")).isVisible();
        assertThat(new AxeBuilder(page).analyze().getViolations()).isEmpty();
    }
}
