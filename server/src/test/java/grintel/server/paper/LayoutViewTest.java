package grintel.server.paper;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.check.Examiner;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guides;
import grintel.core.typeset.LayoutLimits;
import grintel.formats.demo.UntidyEssay;
import grintel.formats.docx.DocxFile;
import java.util.Objects;
import org.junit.jupiter.api.Test;

class LayoutViewTest {
    @Test
    void viewsOfPagesAreMadeWhenTheyAreWrittenAndNotKept() {
        Brief brief = Brief.of(Objects.requireNonNull(Guides.find("mla-9")), null, Facts.NONE);
        LayoutView layout = LayoutView.of(
                Examiner.examine(DocxFile.read(UntidyEssay.write()).paper(), brief, LayoutLimits.within(20)));
        LayoutView.PageView first = layout.pages().get(0);
        assertThat(first.lines()).isNotEmpty();
        assertThat(layout.pages().get(0)).isEqualTo(first).isNotSameAs(first);
    }
}
