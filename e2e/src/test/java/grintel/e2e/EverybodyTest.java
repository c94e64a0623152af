package grintel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import grintel.formats.demo.UntidyEssay;
import grintel.formats.demo.UntidyStudy;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** No view shuts anybody out, as far as a machine can tell. */
@ExtendWith(Application.class)
class EverybodyTest {
    @Test
    void theDeskWithEachStationItsFormsAndDialogues() {
        Desk desk = Desk.signUp();
        findsNothing(desk.page());
        desk.bring("lamps.docx", UntidyEssay.write(), "MLA 9");
        for (String station : List.of("Sheet", "Type", "Spacing", "Running head")) {
            desk.station(station);
            findsNothing(desk.page());
        }
        desk.press("1", "s");
        assertThat(desk.page().getByLabel("Why it stands")).isFocused();
        findsNothing(desk.page());
        desk.page().keyboard().type("as the course sample has it");
        desk.press("Enter");
        assertThat(desk.reading("Right margin")).containsText("stet:");
        desk.press("/");
        desk.page().keyboard().type("lamp");
        findsNothing(desk.page());
        desk.page().emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
        findsNothing(desk.page());
        desk.press("Escape", "h");
        assertThat(desk.page().getByRole(AriaRole.DIALOG)).isVisible();
        findsNothing(desk.page());
        desk.press("Escape");
        desk.page().navigate(desk.page().url().replaceAll("/papers/.*", "/papers"));
        assertThat(desk.heading("Papers")).isVisible();
        findsNothing(desk.page());
    }

    @Test
    void theEndOfTheWorkAndBeforeAndAfter() {
        Desk desk = Desk.signUp().bring("clean.docx", CleanPaper.write(), "MLA 9");
        assertThat(desk.page().getByText("Nothing is open.")).isVisible();
        findsNothing(desk.page());
        desk.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Grintel, back to your papers"))
                .click();
        desk.bring("fog-bells.docx", UntidyStudy.write(), "APA 7, student paper")
                .putAllRight();
        findsNothing(desk.page());
        desk.press("b");
        assertThat(desk.page()
                        .getByLabel("After", new Page.GetByLabelOptions().setExact(true))
                        .first())
                .isVisible();
        findsNothing(desk.page());
        desk.page().getByLabel("one over the other").check();
        assertThat(desk.sheet(1).first()).isVisible();
        findsNothing(desk.page());
    }

    /** Colours are judged once they have stopped changing. */
    private static void findsNothing(Page page) {
        page.waitForFunction("() => document.getAnimations().every(one => !(one instanceof CSSTransition))");
        assertThat(new AxeBuilder(page).analyze().getViolations())
                .extracting(rule -> rule.getId() + ": " + rule.getNodes().get(0).getHtml())
                .isEmpty();
    }
}
