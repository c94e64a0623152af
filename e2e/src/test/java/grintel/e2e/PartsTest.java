package grintel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import grintel.formats.demo.UntidyEssay;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Parts said right by the writer, and a paper of one guide set in the form of another. */
@ExtendWith(Application.class)
class PartsTest {
    private static Locator row(Desk desk, String words) {
        return desk.page()
                .getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText(words))
                .first();
    }

    @Test
    void aPartSaidRightChangesTheFindingsAndSurvivesANewerFile() {
        Desk desk = Desk.signUp().bring("lamps.docx", UntidyEssay.write(), "MLA 9");
        Page page = desk.page();
        desk.button("Parts T").click();
        row(desk, "In all three novels").click();
        assertThat(page.getByText("it runs over lines as prose does")).isVisible();
        page.getByLabel("It is").selectOption("heading");
        page.getByLabel("Level").selectOption("1");
        desk.button("Take it for this").click();
        assertThat(row(desk, "In all three novels")).containsText("Heading, level 1");
        assertThat(row(desk, "In all three novels")).containsText("said by you");

        page.getByLabel("bring a newer file")
                .setInputFiles(new FilePayload("newer.docx", "application/octet-stream", UntidyEssay.write()));
        assertThat(page.getByText("Second proof")).isVisible();
        assertThat(row(desk, "In all three novels")).containsText("said by you");

        desk.button("Back to the marks").click();
        desk.station("Headings").unfold("Look of headings");
        assertThat(desk.reading("Weight of headings")).containsText("plain at level 1");
    }

    @Test
    void severalPartsAreSaidByKeysAlone() {
        Desk desk = Desk.signUp().bring("lamps.docx", UntidyEssay.write(), "MLA 9");
        Page page = desk.page();
        desk.press("t");
        Locator list = page.getByRole(AriaRole.LISTBOX);
        list.focus();
        desk.press("End", "Shift+ArrowUp", "Enter");
        assertThat(page.getByLabel("It is")).isFocused();
        page.getByLabel("It is").selectOption("paragraph");
        page.getByLabel("It is").press("Tab");
        desk.press("Enter");
        assertThat(page.getByText("2 said by you")).isVisible();
        desk.press("Escape");
        desk.button("Undo").click();
        desk.press("t");
        assertThat(page.getByText("0 said by you")).isVisible();
    }

    @Test
    void anEssayInTheFormOfOneGuideIsSetInThatOfAnother() {
        Desk desk = Desk.signUp().bring("lamps.docx", UntidyEssay.write(), "APA 7, student paper");
        desk.station("Opening");
        desk.reading("Title page").getByRole(AriaRole.BUTTON).first().click();
        desk.reading("Title page").getByText("Put right here").click();
        desk.confirmWords();
        assertThat(desk.reading("Title page")).containsText("met");
        desk.putAllRight();
        assertThat(desk.sheet(1)).containsText("Marit Solvane");
        assertThat(desk.sheet(1)).containsText("October 9, 2026");
        desk.station("Sources");
        assertThat(desk.reading("Words of the label")).containsText("“References”");
        // What only the writer can do stays: how sources are cited and written.
        desk.station("Opening");
        assertThat(desk.reading("Lines asked for").first()).containsText("is missing");
    }
}
