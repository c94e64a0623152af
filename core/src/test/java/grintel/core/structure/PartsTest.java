package grintel.core.structure;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.typeset.LayoutLimits;
import grintel.core.typeset.Typesetter;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What each paragraph is taken for, from its words and its looks. */
class PartsTest {
    private static final PropertySet BOLD = PropertySet.of(CharacterProperties.BOLD, true);

    private static final String PROSE =
            "In all three novels the canal is lit before it is named, and the reader learns the hour, the"
                    + " weather and the price of oil before anyone has spoken a word about the town or the people in it at all.";

    private static PaperBuilder builder() {
        return new PaperBuilder()
                .style(
                        "Normal",
                        "Normal",
                        Style.Kind.PARAGRAPH,
                        null,
                        PropertySet.empty(),
                        PropertySet.of(CharacterProperties.SIZE, 24))
                .style(
                        "H1",
                        "heading 1",
                        Style.Kind.PARAGRAPH,
                        "Normal",
                        PropertySet.of(ParagraphProperties.OUTLINE_LEVEL, 0),
                        BOLD);
    }

    private static Parts parts(Paper paper) {
        return Parts.recognise(paper, Typesetter.typeset(paper, LayoutLimits.within(20)));
    }

    private static List<Role> roles(PaperBuilder builder) {
        Paper paper = builder.build();
        Parts parts = parts(paper);
        List<Role> roles = new ArrayList<>();
        for (int i = 0; i < paper.paragraphs().size(); i++) {
            roles.add(parts.role(i));
        }
        return roles;
    }

    private static PaperBuilder centred(PaperBuilder builder, String text, boolean bold) {
        return builder.paragraph(line -> line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                .text(text, bold ? BOLD : PropertySet.empty()));
    }

    @Test
    void headingLinesTitleAndText() {
        PaperBuilder out = builder()
                .paragraph("Marit Solvane")
                .paragraph("Dr. Ilse Tamberg")
                .paragraph("9 October 2026");
        centred(out, "Lamps on the Low Canal", false).paragraph(PROSE);
        assertThat(roles(out))
                .containsExactly(Role.HEADING_BLOCK, Role.HEADING_BLOCK, Role.HEADING_BLOCK, Role.TITLE, Role.TEXT);
    }

    @Test
    void aTitleAtTheMarginIsTheLineAfterTheDate() {
        PaperBuilder out = builder()
                .paragraph("Marit Solvane")
                .paragraph("Dr. Ilse Tamberg")
                .paragraph("9 October 2026")
                .paragraph("Lamps on the Low Canal")
                .paragraph(PROSE);
        assertThat(roles(out)).element(3).isEqualTo(Role.TITLE);
    }

    @Test
    void aTitlePageWhetherBrokenOffOrPushedOff() {
        for (int blanks : new int[] {0, 6, 40}) {
            PaperBuilder out = builder();
            centred(out, "Fog Bells", true);
            centred(out, "Tobias Ekwall", false);
            centred(out, "Brackwater College", false);
            for (int i = 0; i < blanks; i++) {
                out.paragraph("");
            }
            out.paragraph(title -> title.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                    .set(ParagraphProperties.PAGE_BREAK_BEFORE, blanks == 0)
                    .text("Fog Bells", BOLD));
            out.paragraph(PROSE);
            List<Role> roles = roles(out);
            assertThat(roles.subList(0, 3)).as("%d blanks", blanks).containsOnly(Role.TITLE_PAGE);
            assertThat(roles.subList(3 + blanks, 5 + blanks))
                    .as("%d blanks", blanks)
                    .containsExactly(Role.TITLE, Role.TEXT);
        }
    }

    @Test
    void anAbstractOnAPageOfItsOwn() {
        PaperBuilder out = builder();
        centred(out, "Fog Bells", true);
        centred(out, "Tobias Ekwall", false);
        out.paragraph(label -> label.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                .set(ParagraphProperties.PAGE_BREAK_BEFORE, true)
                .text("Abstract", BOLD));
        out.paragraph(PROSE).paragraph("Keywords: bells, birds");
        out.paragraph(title -> title.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                .set(ParagraphProperties.PAGE_BREAK_BEFORE, true)
                .text("Fog Bells", BOLD));
        out.paragraph(PROSE);
        assertThat(roles(out))
                .containsExactly(
                        Role.TITLE_PAGE,
                        Role.TITLE_PAGE,
                        Role.ABSTRACT_LABEL,
                        Role.ABSTRACT,
                        Role.KEYWORDS,
                        Role.TITLE,
                        Role.TEXT);
    }

    @Test
    void headingsByStyleAndByLook() {
        PaperBuilder out =
                builder().paragraph("Marit Solvane").paragraph("9 October 2026").paragraph("A Title");
        out.paragraph(PROSE)
                .paragraph(heading -> heading.style("H1").text("Method"))
                .paragraph(PROSE)
                .paragraph(heading -> heading.text("Study Site", BOLD))
                .paragraph(PROSE)
                .paragraph(sentence -> sentence.text("A bold sentence is no heading.", BOLD))
                .paragraph(PROSE);
        Paper paper = out.build();
        Parts parts = parts(paper);
        assertThat(parts.role(4)).isEqualTo(Role.HEADING);
        assertThat(parts.headingLevel(4)).isEqualTo(1);
        assertThat(parts.role(6)).isEqualTo(Role.HEADING);
        assertThat(parts.headingLevel(6)).isEqualTo(2);
        assertThat(parts.role(8)).isEqualTo(Role.TEXT);
        assertThat(parts.headingLevel(8)).isZero();
    }

    @Test
    void quotationsListsTablesAndCaptions() {
        PaperBuilder out =
                builder().paragraph("Marit Solvane").paragraph("9 October 2026").paragraph("A Title");
        out.paragraph(PROSE)
                .paragraph(quotation ->
                        quotation.set(ParagraphProperties.INDENT_LEFT, 720).text(PROSE))
                .paragraph("and so it goes on, after the quotation, for a while. " + PROSE)
                .paragraph("• a typed bullet")
                .paragraph("Table 1")
                .paragraph("Lamps and Sums")
                .table(List.of(4000), List.of(List.of("cell")), PropertySet.empty())
                .paragraph("Note. Counted by hand.")
                .paragraph(PROSE);
        Paper paper = out.build();
        assertThat(roles(out).subList(3, 12))
                .containsExactly(
                        Role.TEXT,
                        Role.BLOCK_QUOTATION,
                        Role.TEXT,
                        Role.LIST_ITEM,
                        Role.CAPTION,
                        Role.CAPTION,
                        Role.TABLE_CELL,
                        Role.TABLE_NOTE,
                        Role.TEXT);
        assertThat(parts(paper).continues(5)).isTrue();
        assertThat(parts(paper).continues(11)).isFalse();
    }

    @Test
    void backMatterFromItsLabelsOn() {
        PaperBuilder out =
                builder().paragraph("Marit Solvane").paragraph("9 October 2026").paragraph("A Title");
        out.paragraph(PROSE);
        centred(out, "References", true)
                .paragraph("Keel, J. R. (2016). Bells of the northern harbours. Tidewrack Press.")
                .paragraph("");
        centred(out, "Appendix A", true);
        centred(out, "Questions for Harbour Keepers", true).paragraph(PROSE);
        assertThat(roles(out).subList(4, 10))
                .containsExactly(
                        Role.SOURCES_LABEL,
                        Role.ENTRY,
                        Role.BLANK,
                        Role.APPENDIX_LABEL,
                        Role.APPENDIX_TITLE,
                        Role.APPENDIX_TEXT);
    }
}
