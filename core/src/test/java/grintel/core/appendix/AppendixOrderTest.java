package grintel.core.appendix;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.appendix.AppendixContent.Heading;
import grintel.core.appendix.AppendixContent.Item;
import grintel.core.appendix.AppendixOrder.Mentioned;
import grintel.core.check.Examiner;
import grintel.core.check.Report;
import grintel.core.limit.WorkLimits;
import grintel.core.specimen.Specimen;
import grintel.core.specimen.Specimen.Content;
import java.util.List;
import org.junit.jupiter.api.Test;

class AppendixOrderTest {
    private static AppendixContent appendix(String title, String heading) {
        return new AppendixContent(
                0,
                Material.of(MaterialKind.OTHER),
                "",
                title,
                false,
                List.of(new Heading(heading), new Item(1, "The lamp keeps me awake.", false, false, List.of())));
    }

    private static final List<AppendixContent> THREE = List.of(
            appendix("Sleep in the Harbour", "Nights"),
            appendix("Keepers and Their Boats", "Hulls"),
            appendix("About You", ""));

    private static List<Mentioned> order(String... paragraphs) {
        Specimen specimen = Specimen.of("apa-7-student", Content.NOTHING);
        specimen.between = paper -> {
            for (String words : paragraphs) {
                paper.paragraph(line -> line.text(words));
            }
        };
        Report report = Examiner.examine(specimen.build(), specimen.brief(), WorkLimits.within(20));
        return AppendixOrder.of(report.examination(), THREE);
    }

    @Test
    void theyStandAsTheSentencesThatAreAboutThemDo() {
        List<Mentioned> order = order(
                "Boats were drawn first. The keepers told of their boats (see Appendix B). Nothing else was asked.",
                "Sleeping was asked of too; the questions are in Appendix A.");
        assertThat(order).extracting(Mentioned::index).containsExactly(1, 0, 2);
        assertThat(order.get(0).sentence()).isEqualTo("The keepers told of their boats (see Appendix B).");
        assertThat(order.get(1).at())
                .isNotNull()
                .satisfies(at -> assertThat(at.text()).startsWith("Sleeping"));
        assertThat(order.get(2).at()).isNull();
    }

    @Test
    void aHeadingTellsWhatAnAppendixIsAboutAsItsTitleDoes() {
        assertThat(order("All hulls are drawn in Appendix C.", "What the harbour sleeps through is in Appendix A."))
                .extracting(Mentioned::index)
                .containsExactly(1, 0, 2);
    }

    @Test
    void withoutAMentionTheyStandAsTheyWereGiven() {
        assertThat(order("The boats are asleep, and nobody says where that is shown."))
                .extracting(Mentioned::index)
                .containsExactly(0, 1, 2);
    }
}
