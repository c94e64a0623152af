package grintel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.util.UUID;
import java.util.regex.Pattern;

/** What a person does in the application, by the names they see. */
final class Desk {
    private static final String KIND = "application/vnd.openxmlformats-officedocument.wordprocessingml.document";

    private final Page page;

    private Desk(Page page) {
        this.page = page;
    }

    /** Makes an account and stands before the empty desk. */
    static Desk signUp() {
        Desk desk = new Desk(Application.open());
        desk.page.getByText("Make an account").click();
        desk.page.getByLabel("E-mail address").fill(UUID.randomUUID() + "@brackwater.example");
        desk.page.getByLabel("Password").fill("a long enough word");
        desk.button("Make the account").click();
        assertThat(desk.heading("The desk is clear")).isVisible();
        return desk;
    }

    Page page() {
        return page;
    }

    /** The same person's second window at the same paper. */
    Desk another() {
        Page second = page.context().newPage();
        second.setDefaultTimeout(15_000);
        second.navigate(page.url());
        Desk desk = new Desk(second);
        assertThat(desk.heading("Order of work")).isVisible();
        return desk;
    }

    Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    Locator heading(String name) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name));
    }

    /** Brings a file for a guide and waits for its proof. */
    Desk bring(String name, byte[] bytes, String guide) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bring a paper"))
                .first()
                .click();
        page.getByLabel(guide).check();
        page.getByLabel("The paper’s file").setInputFiles(new FilePayload(name, KIND, bytes));
        assertThat(heading("What was understood")).isVisible();
        button("Measure it").click();
        assertThat(heading("Order of work")).isVisible();
        return this;
    }

    Desk station(String name) {
        Locator station = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Order of work"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name))
                .first();
        station.click();
        assertThat(station).hasAttribute("aria-expanded", "true");
        return this;
    }

    /** Unfolds the row of a cause, whose readings come in sight. */
    Desk unfold(String cause) {
        Locator row = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Order of work"))
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(Pattern.compile(cause + ".* readings")));
        if (row.getAttribute("aria-expanded").equals("false")) {
            row.click();
        }
        assertThat(row).hasAttribute("aria-expanded", "true");
        return this;
    }

    /** A reading's row in the unfolded station. */
    Locator reading(String name) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Order of work"))
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions()
                        .setHas(page.getByText(name, new Page.GetByTextOptions().setExact(true))))
                .last();
    }

    /** Confirms the list of words that would change. */
    Desk confirmWords() {
        button("Put right, with these words").click();
        return this;
    }

    /** Hands the paper in as the kind of file that has this label, and gives back what the browser got. */
    byte[] handIn(String kind) {
        button("Hand in").first().click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByLabel(kind).check();
        Download download = page.waitForDownload(
                () -> dialog.getByText("Make the file and download it").click());
        assertThat(dialog).containsText(download.suggestedFilename());
        button("Back to the desk").click();
        assertThat(dialog).isHidden();
        try {
            return Files.readAllBytes(download.path());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A page of the proof. */
    Locator sheet(int number) {
        return page.getByRole(
                AriaRole.GROUP,
                new Page.GetByRoleOptions().setName("Page " + number).setExact(true));
    }

    /** The marks that are in the document now. */
    Locator marks() {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Mark:")));
    }

    void press(String... keys) {
        for (String key : keys) {
            page.keyboard().press(key);
        }
    }

    /** Puts everything right that is safe, and consents to the words. */
    Desk putAllRight() {
        button("Put right all that is safe").click();
        confirmWords();
        assertThat(button("Put right all that is safe")).isHidden();
        return this;
    }

    /** Answers every open question by putting it right. */
    Desk answerAll() {
        press("q");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        Locator done = button("Back to the desk");
        Locator next = button("Put right here");
        assertThat(next.or(done)).isEnabled();
        while (!done.isVisible()) {
            String left = dialog.getByRole(AriaRole.HEADING).innerText();
            next.click();
            assertThat(dialog.getByRole(AriaRole.HEADING)).not().hasText(left);
            assertThat(next.or(done)).isEnabled();
        }
        done.click();
        return this;
    }
}
