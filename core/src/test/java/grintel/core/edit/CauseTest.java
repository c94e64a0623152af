package grintel.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
import grintel.core.paper.build.PaperBuilder;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Where a value is changed so that it changes where it is wanted and nowhere else. */
class CauseTest {
    private static final PropertySet DOUBLE = PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE);

    private static PaperBuilder builder(PropertySet normal) {
        return new PaperBuilder()
                .style("Normal", "Normal", Style.Kind.PARAGRAPH, null, normal, PropertySet.empty())
                .style("Body", "Body Text", Style.Kind.PARAGRAPH, "Normal", PropertySet.empty(), PropertySet.empty());
    }

    private static Paper paper(PaperBuilder builder) {
        return builder.build();
    }

    private static List<Edit> makeDouble(Paper paper, List<Paragraph> wanted) {
        return new Cause(paper).set(Cause.paragraphs(wanted), ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE);
    }

    private static Edit set(Target target, LineSpacing spacing) {
        return new Edit.SetProperty(target, ParagraphProperties.LINE_SPACING, spacing);
    }

    private static Target paragraph(int index) {
        return new Target.OfParagraph(ParagraphAddress.text(index));
    }

    @Test
    void whatIsRightIsLeftAlone() {
        Paper paper = paper(builder(DOUBLE).paragraph("a").paragraph("b"));
        assertThat(makeDouble(paper, paper.paragraphs())).isEmpty();
    }

    @Test
    void oneStyleIsChangedForAllThatDrawFromIt() {
        Paper paper =
                paper(builder(PropertySet.empty()).paragraph("a").paragraph("b").paragraph("c"));
        assertThat(makeDouble(paper, paper.paragraphs()))
                .containsExactly(set(new Target.OfStyle("Normal"), LineSpacing.DOUBLE));
    }

    @Test
    void theStyleThatSaysTheWrongThingIsTheOneThatIsChanged() {
        PropertySet single = PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE);
        PaperBuilder out = new PaperBuilder()
                .style("Normal", "Normal", Style.Kind.PARAGRAPH, null, DOUBLE, PropertySet.empty())
                .style("Body", "Body Text", Style.Kind.PARAGRAPH, "Normal", single, PropertySet.empty());
        Paper paper = paper(out.paragraph(p -> p.style("Body").text("a"))
                .paragraph(p -> p.style("Body").text("b"))
                .paragraph("c"));
        assertThat(makeDouble(paper, paper.paragraphs()))
                .containsExactly(set(new Target.OfStyle("Body"), LineSpacing.DOUBLE));
    }

    @Test
    void directFormattingGoesWhereTheStyleIsRight() {
        Paper paper = paper(builder(DOUBLE)
                .paragraph(p -> p.set(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE)
                        .text("a"))
                .paragraph("b"));
        assertThat(makeDouble(paper, paper.paragraphs())).containsExactly(set(paragraph(0), null));
    }

    @Test
    void othersThatDrawTheOldValueKeepItByThemselves() {
        Paper paper = paper(builder(PropertySet.empty())
                .paragraph("a")
                .paragraph("b")
                .paragraph("c")
                .paragraph("keep"));
        assertThat(makeDouble(paper, paper.paragraphs().subList(0, 3)))
                .containsExactly(
                        set(new Target.OfStyle("Normal"), LineSpacing.DOUBLE), set(paragraph(3), LineSpacing.SINGLE));
    }

    @Test
    void othersThatMayGainItTooAreNotHeldBack() {
        Paper paper =
                paper(builder(PropertySet.empty()).paragraph("a").paragraph("b").paragraph("welcome"));
        List<Edit> edits = new Cause(paper)
                .set(
                        Cause.paragraphs(paper.paragraphs().subList(0, 2)),
                        ParagraphProperties.LINE_SPACING,
                        LineSpacing.DOUBLE,
                        holder -> true);
        assertThat(edits).containsExactly(set(new Target.OfStyle("Normal"), LineSpacing.DOUBLE));
    }

    @Test
    void aFewAmongManyAreChangedDirectly() {
        PaperBuilder out = builder(PropertySet.empty());
        for (int i = 0; i < 12; i++) {
            out.paragraph("paragraph " + i);
        }
        Paper paper = paper(out);
        assertThat(makeDouble(paper, paper.paragraphs().subList(0, 2)))
                .containsExactly(set(paragraph(0), LineSpacing.DOUBLE), set(paragraph(1), LineSpacing.DOUBLE));
    }

    @Test
    void aValueOfAStyleBelowIsNotChangedForThoseThatSayItAbove() {
        PaperBuilder out = new PaperBuilder()
                .style("Normal", "Normal", Style.Kind.PARAGRAPH, null, PropertySet.empty(), PropertySet.empty())
                .style("Head", "heading 1", Style.Kind.PARAGRAPH, "Normal", DOUBLE, PropertySet.empty());
        Paper paper = paper(
                out.paragraph("a").paragraph("b").paragraph(p -> p.style("Head").text("said above")));
        assertThat(makeDouble(paper, paper.paragraphs().subList(0, 2)))
                .containsExactly(set(new Target.OfStyle("Normal"), LineSpacing.DOUBLE));
    }

    @Test
    void runsAreChangedInTheStyleOfTheirParagraph() {
        Paper paper = paper(builder(PropertySet.empty()).paragraph("a").paragraph("b"));
        List<Holder> runs = paper.paragraphs().stream()
                .flatMap(each -> Holder.ofCharacters(each).stream())
                .toList();
        assertThat(new Cause(paper).set(runs, CharacterProperties.SIZE, 24))
                .containsExactly(new Edit.SetProperty(new Target.OfStyle("Normal"), CharacterProperties.SIZE, 24));
    }
}
