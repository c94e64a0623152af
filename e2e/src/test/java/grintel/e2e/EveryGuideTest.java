package grintel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.check.Examiner;
import grintel.core.guide.Brief;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Paper;
import grintel.core.rule.Reading;
import grintel.core.specimen.Fault;
import grintel.core.specimen.Specimen;
import grintel.formats.docx.DocxFile;
import grintel.formats.docx.DocxWriter;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** An untidy paper of each guide goes from all its faults to none. */
@ExtendWith(Application.class)
class EveryGuideTest {
    private static final List<String> LAID = List.of(
            "left margin of 1.75 in",
            "header at the edge",
            "a display face",
            "underlined words",
            "one and a half lines",
            "a gap after paragraphs",
            "a blank line between paragraphs",
            "hyphenation",
            "sources pushed to a page",
            "a typed number",
            "an underlined title",
            "a date in numbers",
            "a list of sources of another name",
            "sources upside down",
            "entries without hanging indent",
            "titles not slanted");

    static Stream<String> guides() {
        return Guides.all().stream().map(Guide::id);
    }

    @ParameterizedTest
    @MethodSource("guides")
    void fromAllItsFaultsToNone(String id) {
        Specimen specimen = Specimen.of(id, Specimen.Content.HEADINGS);
        Guide guide = specimen.guide();
        List<Fault> laid = Fault.ALL.stream()
                .filter(fault -> LAID.contains(fault.name()))
                .filter(fault -> guide.ask(fault.rule()).isAsked() && fault.appliesTo(guide))
                .toList();
        assertThat(laid).hasSizeGreaterThan(9);
        laid.forEach(fault -> fault.lay().accept(specimen));
        Paper untidy = specimen.build();
        assertThat(findings(untidy, specimen.brief()))
                .extracting(Reading::rule)
                .containsAll(laid.stream().map(Fault::rule).toList());

        Desk desk = Desk.signUp().bring("lamps.docx", DocxWriter.write(untidy), guide.name());
        desk.putAllRight().answerAll();
        Paper back = DocxFile.read(desk.handIn(".docx")).paper();
        assertThat(findings(back, specimen.brief())).isEmpty();
        assertThat(text(back)).isEqualTo(text(untidy));
    }

    private static List<Reading> findings(Paper paper, Brief brief) {
        return Examiner.examine(paper, brief, WorkLimits.within(20)).findings();
    }

    /** The paragraphs of the text proper, which no put-right of these faults touches. */
    private static List<String> text(Paper paper) {
        return paper.paragraphs().stream()
                .map(paragraph -> paragraph.text())
                .filter(text -> text.contains(Specimen.PROSE))
                .toList();
    }
}
