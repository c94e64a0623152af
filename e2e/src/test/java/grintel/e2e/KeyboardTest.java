package grintel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import grintel.formats.demo.UntidyEssay;
import grintel.formats.docx.DocxFile;
import java.io.IOException;
import java.nio.file.Files;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The job without a pointer. */
@ExtendWith(Application.class)
class KeyboardTest {
    private static final int MOST_TABS = 80;
    /** The name of what has the focus, as a person hears it, near enough. */
    private static final String FOCUSED = """
            () => {
              const at = document.activeElement
              return [at.getAttribute('aria-label'), at.labels?.[0]?.textContent, at.textContent].find((name) => name) ?? ''
            }""";

    @Test
    void aPaperIsBroughtPutRightAndHandedInByKeysAlone() throws IOException {
        Page page = Application.open();
        assertThat(page.getByText("Make an account")).isVisible();
        tabTo(page, "Make an account");
        page.keyboard().press("Enter");
        tabTo(page, "E-mail address");
        page.keyboard().type(UUID.randomUUID() + "@brackwater.example");
        page.keyboard().press("Tab");
        page.keyboard().type("a long enough word");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("The desk is clear")))
                .isVisible();
        tabTo(page, "Bring a paper");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Bring a paper")))
                .isVisible();
        FileChooser chooser = page.waitForFileChooser(() -> {
            tabTo(page, "Choose the file");
            page.keyboard().press("Enter");
        });
        chooser.setFiles(new FilePayload("lamps.docx", "application/octet-stream", UntidyEssay.write()));
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("What was understood")))
                .isVisible();
        tabTo(page, "Measure it");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Order of work")))
                .isVisible();

        page.keyboard().press("a");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Words would change");
        tabTo(page, "Put right, with these words");
        page.keyboard().press("Enter");
        assertThat(page.getByText("In the file:")).isVisible();
        page.keyboard().press("h");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        tabTo(page, "Make the file and download it");
        Download download = page.waitForDownload(() -> page.keyboard().press("Enter"));
        assertThat(download.suggestedFilename()).isEqualTo("lamps.docx");
        assertThat(DocxFile.read(Files.readAllBytes(download.path())).paper().paragraphs())
                .isNotEmpty();
    }

    @Test
    void theKeysOfTheDeskDoWhatTheySay() {
        Desk desk = Desk.signUp().bring("lamps.docx", UntidyEssay.write(), "MLA 9");
        Page page = desk.page();
        desk.press("3");
        assertThat(desk.reading("Alignment")).isVisible();
        desk.press("1", "p");
        assertThat(desk.reading("Right margin")).containsText("met");
        desk.press("u");
        assertThat(desk.reading("Right margin")).containsText("+0.25");
        desk.press("a");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        desk.press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        desk.press("j", "j");
        assertThat(desk.reading("Header to edge")).containsText("the guide asks for");
        desk.press("k");
        assertThat(desk.reading("Left margin")).containsText("the guide asks for");
        desk.press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("next mark");
        desk.press("Escape", "g");
        page.keyboard().type("3");
        desk.press("Enter");
        assertThat(page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Pages"))
                        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Page 3"))))
                .hasAttribute("aria-current", "page");
        // Focus goes to a mark and Enter chooses it, as a click does.
        desk.press("1");
        desk.marks().first().focus();
        desk.press("Enter");
        assertThat(desk.marks().first()).hasAttribute("aria-current", "true");
    }

    private static void tabTo(Page page, String name) {
        for (int i = 0; i < MOST_TABS; i++) {
            if (page.evaluate(FOCUSED).toString().strip().startsWith(name)) {
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("The Tab key does not lead to “" + name + "”");
    }
}
