package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.check.Examiner;
import grintel.core.check.PaperFile;
import grintel.core.check.PutRight;
import grintel.core.check.Report;
import grintel.core.check.Verdict;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.HouseRules;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What an instructor asks against the guide is measured, shown in its own unit, and put right. */
class HouseRulesTest {
    private static Brief brief(String rules) {
        Guide guide = Guides.find("mla-9");
        assertThat(guide).isNotNull();
        return Brief.of(guide, HouseRules.parse("house.yaml", "rules: {" + rules + "}"), Facts.of("Solvane", ""));
    }

    private static Report examine(Draft draft, Brief brief) {
        return Examiner.examine(draft.build(), brief, WorkLimits.within(20));
    }

    private static PutRight.Result<PaperFile> putRight(Draft draft, Brief brief) {
        return PutRight.run(new PaperFile(draft.build()), brief, (reading, spot) -> true, WorkLimits.within(20));
    }

    @Test
    void lengthsInCentimetresAreShownInCentimetres() {
        Brief brief = brief("sheet.margins: {left: 3 cm}, sheet.size: {width: 21 cm, height: 29.7 cm}");
        assertThat(examine(Draft.mla(), brief).findings())
                .extracting(finding -> Wording.told(finding.is()) + " | " + Wording.told(finding.asked()))
                .containsExactly("21.59 × 27.94 cm | 21 × 29.7 cm", "2.54 cm | 3 cm");
        Paper after = putRight(Draft.mla(), brief).file().paper();
        assertThat(after.sections().get(0).get(SectionProperties.PAGE_WIDTH)).isEqualTo(11906);
        assertThat(after.sections().get(0).get(SectionProperties.MARGIN_LEFT)).isEqualTo(1701);
    }

    @Test
    void anotherMultipleAndAnotherFace() {
        Brief brief =
                brief("spacing.line: {multiple: 1.5}, type.face: {faces: [Arial]}, type.size: {sizes: {Arial: 11}}");
        Report report = examine(Draft.mla(), brief);
        assertThat(report.verdict("spacing.line").findings())
                .extracting(finding -> Wording.told(finding.asked()))
                .containsExactly("1.5 lines");
        Report after = putRight(Draft.mla(), brief).report();
        assertThat(after.findings()).isEmpty();
        assertThat(after.paper().paragraphs().get(5).format().get(ParagraphProperties.LINE_SPACING))
                .isEqualTo(LineSpacing.multiple(1.5));
    }

    @Test
    void singleSpacingHasRoomUpwards() {
        Brief brief = brief("spacing.line: {multiple: 1}");
        PropertySet roomy = PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.multiple(1.08));
        PropertySet wide = PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.multiple(1.15));
        PropertySet exact =
                PropertySet.of(ParagraphProperties.LINE_SPACING, new LineSpacing(LineSpacing.Rule.EXACTLY, 280));
        assertThat(status(roomy, brief)).isEqualTo(Verdict.Status.MET);
        assertThat(status(exact, brief)).isEqualTo(Verdict.Status.MET);
        assertThat(status(wide, brief)).isEqualTo(Verdict.Status.OFF);
    }

    private static Verdict.Status status(PropertySet normal, Brief brief) {
        return examine(Draft.mla().normal(normal, Draft.type("Times New Roman", 24)), brief)
                .verdict("spacing.line")
                .status();
    }

    @Test
    void noHeaderOnTheFirstPage() {
        Brief brief = brief("running-head.first-page: {first-page: none}");
        assertThat(examine(Draft.mla(), brief).findings())
                .extracting(Reading::rule)
                .containsExactly("running-head.first-page");
        PutRight.Result<PaperFile> result = putRight(Draft.mla(), brief);
        assertThat(result.report().findings()).isEmpty();
        assertThat(result.report().proof().pages().get(0).lines())
                .noneMatch(line -> line.text().contains("Solvane 1"));
        assertThat(result.report().proof().pages().get(1).lines())
                .anyMatch(line -> line.text().equals("Solvane 2"));
    }

    @Test
    void whatIsNotAskedIsSilent() {
        Brief brief = brief("running-head.text: {weight: not-asked}, sheet.margins: {weight: advised}");
        Report report = examine(
                Draft.mla().facts(Facts.NONE).sheet(b -> b.section(SectionProperties.MARGIN_LEFT, 1800)), brief);
        assertThat(report.verdict("running-head.text").status()).isEqualTo(Verdict.Status.NOT_ASKED);
        assertThat(report.verdict("sheet.margins").status()).isEqualTo(Verdict.Status.OFF);
        assertThat(report.hasRequiredFindings()).isFalse();
    }

    @Test
    void aSchoolEssayMayHaveABlankLineAroundItsTitle() {
        Guide guide = Guides.find("school-essay");
        assertThat(guide).isNotNull();
        List<String> off = Examiner.examine(
                        Draft.mla().build(), Brief.of(guide, null, Facts.of("Solvane", "")), WorkLimits.within(20))
                .findings()
                .stream()
                .map(Reading::rule)
                .toList();
        // Of the lines such an essay has, the draft lacks the assignment.
        assertThat(off).containsExactly("opening.heading-block");
    }
}
