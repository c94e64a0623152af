package grintel.server.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import grintel.core.check.Examiner;
import grintel.core.check.Report;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guides;
import grintel.core.limit.WorkLimits;
import grintel.formats.docx.DocxFile;
import grintel.server.LongPaper;
import grintel.server.problem.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

class LayoutViewTest {
    private static Report report;

    @BeforeAll
    static void examine() {
        Brief brief = Brief.of(Objects.requireNonNull(Guides.find("mla-9")), null, Facts.NONE);
        report = Examiner.examine(DocxFile.read(LongPaper.write(230)).paper(), brief, WorkLimits.within(20));
    }

    @Test
    void viewsOfPagesAreMadeWhenTheyAreWrittenAndNotKept() {
        LayoutView layout = LayoutView.of(report, "state", 1);
        LayoutView.PageView first = layout.pages().get(0);
        assertThat(first.lines()).isNotEmpty();
        assertThat(layout.pages().get(0)).isEqualTo(first).isNotSameAs(first);
    }

    @Test
    void anAnswerHoldsAHundredPagesAtMost() {
        List<Integer> sizes = new ArrayList<>();
        List<Integer> numbers = new ArrayList<>();
        while (numbers.size() < 230) {
            LayoutView layout = LayoutView.of(report, "state", numbers.size() + 1);
            assertThat(layout.pageCount()).isEqualTo(230);
            sizes.add(layout.pages().size());
            layout.pages().forEach(page -> numbers.add(page.number()));
        }
        assertThat(sizes).containsExactly(100, 100, 30);
        assertThat(numbers)
                .containsExactlyElementsOf(IntStream.rangeClosed(1, 230).boxed().toList());
    }

    @Test
    void aPageThatIsNotThereIsNotGiven() {
        for (int from : new int[] {-1, 0, 231}) {
            assertThatThrownBy(() -> LayoutView.of(report, "state", from)).isInstanceOf(Problem.class);
        }
    }
}
