package grintel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.build.PaperBuilder;
import grintel.formats.demo.UntidyEssay;
import grintel.formats.docx.DocxWriter;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What happens around the work: sessions that end, addresses that lead nowhere, papers that come and go. */
@ExtendWith(Application.class)
class DeskLifeTest {
    @Test
    void whoIsSignedOutSignsInOnTheSpotAndGoesOn() {
        Desk desk = Desk.signUp().bring("lamps.docx", UntidyEssay.write(), "MLA 9");
        Page page = desk.page();
        String address = page.url();
        page.context().clearCookies();
        desk.button("Put this station right").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("You are signed out");
        dialog.getByLabel("Password").fill("a long enough word");
        dialog.getByText("Sign in", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(dialog).isHidden();
        assertThat(page).hasURL(address);
        desk.button("Put this station right").click();
        assertThat(desk.reading("Left margin")).containsText("met");
    }

    @Test
    void aButtonPressedTwiceAsksOnceAndTheUsualKeysUndo() {
        Desk desk = Desk.signUp().bring("lamps.docx", UntidyEssay.write(), "MLA 9");
        Page page = desk.page();
        List<String> asked = new ArrayList<>();
        page.onRequest(request -> {
            if (request.method().equals("POST")) {
                asked.add(request.url());
            }
        });
        desk.button("Put this station right").dblclick();
        assertThat(page.getByText("In the file:")).isVisible();
        assertThat(asked).hasSize(1);
        // The focus goes on with the work, though the button is gone.
        assertThat(page.locator("[data-row]:focus, [aria-label='Pages of the proof']:focus"))
                .hasCount(1);
        desk.press("Control+z");
        assertThat(page.getByText("First proof")).not().containsText("1 step");
        desk.press("Control+Shift+Z");
        assertThat(page.getByText("1 step since it was brought")).isVisible();
    }

    @Test
    void papersAreRenamedFoundDeletedAndTakenBack() {
        Desk desk = Desk.signUp().bring("lamps.docx", UntidyEssay.write(), "MLA 9");
        Page page = desk.page();
        assertThat(page).hasTitle(Pattern.compile("^Lamps on the Low Canal.* · MLA 9 · Grintel$"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Grintel, back to your papers"))
                .click();
        assertThat(page).hasTitle("Papers · Grintel");
        desk.button("Rename").click();
        page.getByLabel("Name in your list").fill("Lamps, second try");
        page.getByRole(AriaRole.DIALOG)
                .getByText("Rename", new Locator.GetByTextOptions().setExact(true))
                .click();
        Locator paper = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Lamps, second try"));
        assertThat(paper).isVisible();
        page.getByPlaceholder("Find a paper").fill("heron");
        assertThat(page.getByText("No paper holds these words.")).isVisible();
        page.getByPlaceholder("Find a paper").fill("second lamps");
        desk.button("Delete").click();
        assertThat(page.getByText("is deleted with all its proofs")).isVisible();
        assertThat(desk.heading("The desk is clear")).isVisible();
        assertThat(desk.button("Take it back")).isFocused();
        desk.press("Enter");
        assertThat(paper).isVisible();
    }

    @Test
    void theGuideIsChangedAfterBringing() {
        Desk desk = Desk.signUp().bring("lamps.docx", UntidyEssay.write(), "MLA 9");
        Page page = desk.page();
        desk.button("MLA 9").click();
        page.getByRole(AriaRole.DIALOG).getByLabel(Pattern.compile("^Guide")).selectOption("sbl-2");
        page.getByLabel("Most words").fill("10");
        desk.button("Measure by these").click();
        assertThat(desk.button("SBL 2")).isVisible();
        desk.station("Hand-in");
        assertThat(desk.reading("Words")).containsText("10 words");
        desk.button("Undo").click();
        assertThat(desk.button("MLA 9")).isVisible();
    }

    @Test
    void addressesThatLeadNowhereSaySo() {
        Desk desk = Desk.signUp();
        Page page = desk.page();
        String origin = page.url().replaceAll("(https?://[^/]+).*", "$1");
        page.navigate(origin + "/nowhere/at/all");
        assertThat(desk.heading("There is nothing here")).isVisible();
        page.getByText("To your papers").click();
        assertThat(desk.heading("The desk is clear")).isVisible();
        page.navigate(origin + "/papers/" + UUID.randomUUID());
        assertThat(page.getByText("There is no such paper.")).isVisible();
        page.getByText("Back to your papers").click();
        assertThat(desk.heading("The desk is clear")).isVisible();
    }

    @Test
    void aForgottenPasswordIsSetAnew() {
        Page page = Application.open();
        String email = UUID.randomUUID() + "@brackwater.example";
        page.getByText("Make an account").click();
        page.getByLabel("E-mail address").fill(email);
        page.getByLabel("Password").fill("a long enough word");
        page.getByText("Make the account").click();
        page.getByText("Sign out").click();
        page.getByText("Forgotten?").click();
        page.getByLabel("E-mail address").fill(email);
        page.getByText("Send a link").click();
        page.getByText("Follow the link").click();
        page.getByLabel("Password").fill("lantern weir fourteen");
        page.getByText("Set it").click();
        assertThat(page.getByText("The new password is set")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sign in"))
                .click();
        page.getByLabel("E-mail address").fill(email);
        page.getByLabel("Password").fill("lantern weir fourteen");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in"))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("The desk is clear")))
                .isVisible();
    }

    @Test
    void thePagesArePrintedAndNothingOfTheDesk() throws IOException {
        Desk desk = Desk.signUp().bring("lamps.docx", UntidyEssay.write(), "MLA 9");
        int pages = desk.page()
                .getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Pages"))
                .getByRole(AriaRole.LISTITEM)
                .count();
        // The browser prints no letter of a face that has not come yet.
        desk.page().evaluate("() => document.fonts.ready.then(() => true)");
        try (PDDocument printed = Loader.loadPDF(desk.page().pdf(new Page.PdfOptions().setPreferCSSPageSize(true)))) {
            assertThat(printed.getNumberOfPages()).isEqualTo(pages);
            assertThat(new PDFTextStripper().getText(printed))
                    .contains("In all three novels the canal is lit")
                    .doesNotContain("Order of work");
        }
    }

    @Test
    void aSheetOnItsSideIsPrintedOnItsSide() throws IOException {
        byte[] file = DocxWriter.write(new PaperBuilder()
                .paragraph("These words stand upright, as all others do.")
                .endSection()
                .paragraph("These lie.")
                .section(SectionProperties.PAGE_WIDTH, 15840)
                .section(SectionProperties.PAGE_HEIGHT, 12240)
                .section(SectionProperties.LANDSCAPE, true)
                .build());
        Desk desk = Desk.signUp().bring("lying.docx", file, "MLA 9");
        assertThat(desk.sheet(2)).isVisible();
        try (PDDocument printed = Loader.loadPDF(desk.page().pdf(new Page.PdfOptions().setPreferCSSPageSize(true)))) {
            assertThat(printed.getPages())
                    .extracting(page -> Math.round(page.getMediaBox().getWidth()))
                    .containsExactly(612, 792);
        }
    }

    @Test
    void aSmallScreenScrollsDownAlone() {
        Desk desk = Desk.signUp().bring("lamps.docx", UntidyEssay.write(), "MLA 9");
        Page page = desk.page();
        page.setViewportSize(390, 800);
        desk.button("Put this station right").click();
        assertThat(page.getByText("readings put right")).isInViewport();
        for (String address : List.of("", "/papers", "/bring", "/settings")) {
            if (!address.isEmpty()) {
                page.navigate(page.url().replaceAll("(https?://[^/]+).*", "$1") + address);
                assertThat(page.getByText("Sign out")).isInViewport();
            }
            assertThat(page.evaluate("document.documentElement.scrollWidth")).isEqualTo(390);
        }
    }
}
