package grintel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.specimen.Fault;
import grintel.core.specimen.Specimen;
import grintel.formats.docx.DocxWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Notes, labels and dimension lines find room: none over another, over words or beyond the sheet, at any size. */
@ExtendWith(Application.class)
@Order(1) // the longest, so that others run beside it
class RoomTest {
    private static final List<String> STATIONS =
            List.of("sheet", "spacing", "running-head", "opening", "headings", "sources");
    private static final List<Specimen.Content> CONTENTS =
            List.of(Specimen.Content.HEADINGS, Specimen.Content.QUOTATIONS, Specimen.Content.NOTHING);
    /** Faults that change the sheet itself so much that no other shows any more. */
    private static final List<String> LEFT_OUT = List.of("two columns", "sheet on its side");

    /** What of a page's labels, notes and lines stands where it may not, in words. */
    private static final String COLLISIONS = """
            () => {
              const out = []
              let seen = 0
              const boxOf = (element, above = 0, below = 0) => {
                const { left, top, right, bottom, height } = element.getBoundingClientRect()
                return { left, right, top: top + height * above, bottom: bottom - height * below, element }
              }
              const meet = (one, other, by = 0.6) =>
                one.left + by < other.right && other.left + by < one.right &&
                one.top + by < other.bottom && other.top + by < one.bottom
              const told = ({ element }) => element.textContent.slice(0, 30) || element.tagName
              for (const sheet of document.querySelectorAll('svg[role=group]')) {
                const all = (selector, ...trim) =>
                  [...sheet.querySelectorAll(selector)].map((each) => boxOf(each, ...trim))
                const edge = boxOf(sheet)
                const words = all('.sheet-text tspan:not([aria-hidden])', 0.2, 0.2).filter(
                  ({ element }) => element.textContent.trim() !== '',
                )
                const said = [...all('[data-label]', 0.12, 0.16), ...all('[data-note]', 0.12, 0.16)]
                seen += said.length
                said.forEach((one, index) => {
                  if (one.left < edge.left || one.right > edge.right || one.top < edge.top || one.bottom > edge.bottom) {
                    out.push(`${told(one)} beyond the sheet`)
                  }
                  said.slice(index + 1).filter((other) => meet(one, other)).forEach((other) =>
                    out.push(`${told(one)} over ${told(other)}`))
                  words.filter((other) => meet(one, other)).forEach((other) =>
                    out.push(`${told(one)} over the words ${told(other)}`))
                  const size = Number(one.element.getAttribute('font-size') ?? 99)
                  const pixels = size * sheet.getBoundingClientRect().width / sheet.viewBox.baseVal.width
                  if (pixels < 11) {
                    out.push(`${told(one)} of ${pixels} pixels`)
                  }
                })
                for (const line of all('[data-stroke]')) {
                  const others = said.filter(({ element }) => element.parentElement !== line.element.parentElement)
                  others.filter((other) => meet(line, other, 0.3)).forEach((other) =>
                    out.push(`a line through ${told(other)}`))
                  // A first line may start right where the line that measures it ends.
                  words.filter((other) => meet(line, other, 2)).forEach((other) =>
                    out.push(`a line through the words ${told(other)}`))
                }
              }
              return { seen, collisions: [...new Set(out)] }
            }""";

    @Test
    void onTwentyUntidyPapersAtEachSize() {
        Desk desk = Desk.signUp();
        Page page = desk.page();
        List<String> collisions = new ArrayList<>();
        int papers = 0;
        int seen = 0;
        for (Specimen.Content content : CONTENTS) {
            for (Guide guide : Guides.all()) {
                page.setViewportSize(1280, 800);
                desk.bring("lamps.docx", untidy(guide, content), guide.name());
                papers++;
                for (String size : List.of("fit width", "fit page", "actual size", "1024")) {
                    if (size.equals("1024")) {
                        page.setViewportSize(1024, 768);
                    }
                    for (String station : STATIONS) {
                        page.locator("[data-station='" + station + "']").click();
                        assertThat(pages(page)).hasAttribute("aria-busy", "false");
                        // Words are as wide as the layout has them once their faces are there.
                        page.waitForFunction("() => document.fonts.status === 'loaded'");
                        Map<?, ?> found = (Map<?, ?>) page.evaluate(COLLISIONS);
                        seen += ((Number) found.get("seen")).intValue();
                        String where = guide.id() + ", " + content + ", " + size + ", " + station + ": ";
                        ((List<?>) found.get("collisions")).forEach(each -> collisions.add(where + each));
                    }
                    if (!size.equals("1024")) {
                        desk.press("z");
                    }
                }
                page.navigate(page.url().replaceAll("/papers/.*", "/papers"));
            }
        }
        assertThat(papers).isGreaterThanOrEqualTo(20);
        assertThat(seen).isGreaterThan(5000);
        assertThat(collisions).isEmpty();
    }

    private static Locator pages(Page page) {
        return page.locator("[aria-label='Pages of the proof']");
    }

    /** A paper with most faults there are. */
    private static byte[] untidy(Guide guide, Specimen.Content content) {
        Specimen specimen = Specimen.of(guide.id(), content);
        Random random = new Random(guide.id().hashCode() + content.ordinal());
        Fault.ALL.stream()
                .filter(fault -> guide.ask(fault.rule()).isAsked() && fault.appliesTo(guide))
                .filter(fault -> !LEFT_OUT.contains(fault.name()) && random.nextInt(10) > 0)
                .forEach(fault -> fault.lay().accept(specimen));
        return DocxWriter.write(specimen.build());
    }
}
