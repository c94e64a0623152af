package grintel.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.edit.Edit;
import grintel.core.edit.PaperEditor;
import grintel.core.edit.WordLedger;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.demand.FixClass;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Paper;
import grintel.core.rule.Fix;
import grintel.core.rule.Reading;
import grintel.core.rule.Spot;
import grintel.core.specimen.Fault;
import grintel.core.specimen.Specimen;
import grintel.core.specimen.Specimen.Content;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Every guide on specimens of every kind: correct ones are silent, faults are found, named rightly and put right. */
class GuideMatrixTest {
    static Stream<Arguments> specimens() {
        return Guides.all().stream()
                .map(Guide::id)
                .flatMap(guide -> Arrays.stream(Content.values()).map(content -> Arguments.of(guide, content)));
    }

    static Stream<Arguments> faults() {
        return Guides.all().stream()
                .flatMap(guide -> Fault.ALL.stream()
                        .filter(fault -> guide.ask(fault.rule()).isAsked() && fault.appliesTo(guide))
                        .map(fault -> Arguments.of(guide.id(), fault.name(), fault)));
    }

    private static Report examine(Specimen specimen, Paper paper) {
        return Examiner.examine(paper, specimen.brief(), WorkLimits.within(20));
    }

    @ParameterizedTest(name = "{0}, {1}")
    @MethodSource("specimens")
    void aCorrectPaperIsSilent(String guide, Content content) {
        Specimen specimen = Specimen.of(guide, content);
        Report report = examine(specimen, specimen.build());
        assertThat(report.findings()).isEmpty();
        assertThat(report.verdict("spacing.line").status()).isEqualTo(Verdict.Status.MET);
        assertThat(report.verdict("running-head.number").status()).isEqualTo(Verdict.Status.MET);
    }

    @ParameterizedTest(name = "{0}, {1}")
    @MethodSource("faults")
    void aFaultIsFoundAndPutRightAndNoWordIsTouchedUndeclared(String guide, String name, Fault fault) {
        for (Content content : List.of(Content.NOTHING, Content.OBJECTS, Content.SECTIONS)) {
            Specimen specimen = Specimen.of(guide, content);
            if (specimen.parted() && content == Content.SECTIONS) {
                continue; // A header for each width of sheet would make several faults of one.
            }
            fault.lay().accept(specimen);
            Paper paper = specimen.build();
            Report report = examine(specimen, paper);
            assertThat(report.findings())
                    .as("%s", content)
                    .isNotEmpty()
                    .extracting(Reading::rule)
                    .contains(fault.rule())
                    .isSubsetOf(withConsequences(fault, specimen));
            assertThat(report.findings()).extracting(Reading::key).doesNotHaveDuplicates();
            report.findings().forEach(finding -> everyFixChangesWhatItDeclares(paper, finding));
            PutRight.Result<PaperFile> result = PutRight.run(
                    new PaperFile(paper), specimen.brief(), (finding, spot) -> true, WorkLimits.within(20));
            assertThat(result.report().findings())
                    .as("%s, put right", content)
                    .noneMatch(finding -> finding.fixClass() != FixClass.NONE);
            assertThat(result.leftOut()).isEmpty();
        }
    }

    /** What the same cause puts off as well: of a header on another sheet, and of entries in the style of the text. */
    private static Set<String> withConsequences(Fault fault, Specimen specimen) {
        Set<String> out = new HashSet<>(Set.of(fault.rule()));
        if (specimen.parted() && fault.rule().startsWith("sheet.")) {
            out.addAll(Set.of("running-head.number-place", "running-head.padding"));
        }
        if (fault.rule().equals("spacing.paragraph-gap")) {
            out.add("sources.spacing");
        }
        return out;
    }

    private static void everyFixChangesWhatItDeclares(Paper paper, Reading finding) {
        List<Fix> fixes = new ArrayList<>(List.of(finding.fix()));
        for (Spot spot : finding.spots()) {
            fixes.add(finding.fix(List.of(spot)));
        }
        WordLedger before = WordLedger.of(paper);
        for (Fix fix : fixes) {
            List<Edit> edits = fix.edits();
            WordLedger after = WordLedger.of(PaperEditor.apply(paper, edits));
            assertThat(before.after(edits).isSameAs(after)).as("%s", finding).isTrue();
            assertThat(fix.words().isEmpty()).as("%s", finding).isEqualTo(before.isSameAs(after));
            if (fix.fixClass() == FixClass.LOOKS) {
                assertThat(fix.words()).as("%s", finding).isEmpty();
            }
        }
    }
}
