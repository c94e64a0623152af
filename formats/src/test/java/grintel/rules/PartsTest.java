package grintel.rules;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
import grintel.core.rule.PaperFacts;
import grintel.core.structure.Parts;
import grintel.core.structure.Role;
import grintel.core.typeset.LayoutLimits;
import grintel.core.typeset.Typesetter;
import grintel.formats.demo.UntidyEssay;
import grintel.formats.demo.UntidyStudy;
import grintel.formats.docx.DocxBuilder;
import grintel.formats.docx.DocxFile;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What each paragraph is taken for, from its words and its looks. */
class PartsTest {
    private static final PropertySet BOLD = PropertySet.of(CharacterProperties.BOLD, true);

    private static DocxBuilder builder() {
        return new DocxBuilder()
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

    private static Parts parts(DocxFile file) {
        return Parts.recognise(file.paper(), Typesetter.typeset(file.paper(), LayoutLimits.within(20)));
    }

    private static List<Role> roles(DocxBuilder builder) {
        DocxFile file = DocxFile.read(builder.build());
        Parts parts = parts(file);
        List<Role> roles = new ArrayList<>();
        for (int i = 0; i < file.paper().paragraphs().size(); i++) {
            roles.add(parts.role(i));
        }
        return roles;
    }

    private static DocxBuilder centred(DocxBuilder builder, String text, boolean bold) {
        return builder.paragraph(line -> line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                .text(text, bold ? BOLD : PropertySet.empty()));
    }

    @Test
    void headingLinesTitleAndText() {
        DocxBuilder out = builder()
                .paragraph("Marit Solvane")
                .paragraph("Dr. Ilse Tamberg")
                .paragraph("9 October 2026");
        centred(out, "Lamps on the Low Canal", false).paragraph(Draft.PROSE);
        assertThat(roles(out))
                .containsExactly(Role.HEADING_BLOCK, Role.HEADING_BLOCK, Role.HEADING_BLOCK, Role.TITLE, Role.TEXT);
    }

    @Test
    void aTitleAtTheMarginIsTheLineAfterTheDate() {
        DocxBuilder out = builder()
                .paragraph("Marit Solvane")
                .paragraph("Dr. Ilse Tamberg")
                .paragraph("9 October 2026")
                .paragraph("Lamps on the Low Canal")
                .paragraph(Draft.PROSE);
        assertThat(roles(out)).element(3).isEqualTo(Role.TITLE);
    }

    @Test
    void aTitlePageWhetherBrokenOffOrPushedOff() {
        for (int blanks : new int[] {0, 6, 40}) {
            DocxBuilder out = builder();
            centred(out, "Fog Bells", true);
            centred(out, "Tobias Ekwall", false);
            centred(out, "Brackwater College", false);
            for (int i = 0; i < blanks; i++) {
                out.paragraph("");
            }
            out.paragraph(title -> title.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                    .set(ParagraphProperties.PAGE_BREAK_BEFORE, blanks == 0)
                    .text("Fog Bells", BOLD));
            out.paragraph(Draft.PROSE);
            List<Role> roles = roles(out);
            assertThat(roles.subList(0, 3)).as("%d blanks", blanks).containsOnly(Role.TITLE_PAGE);
            assertThat(roles.subList(3 + blanks, 5 + blanks))
                    .as("%d blanks", blanks)
                    .containsExactly(Role.TITLE, Role.TEXT);
        }
    }

    @Test
    void anAbstractOnAPageOfItsOwn() {
        DocxBuilder out = builder();
        centred(out, "Fog Bells", true);
        centred(out, "Tobias Ekwall", false);
        out.paragraph(label -> label.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                .set(ParagraphProperties.PAGE_BREAK_BEFORE, true)
                .text("Abstract", BOLD));
        out.paragraph(Draft.PROSE).paragraph("Keywords: bells, birds");
        out.paragraph(title -> title.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                .set(ParagraphProperties.PAGE_BREAK_BEFORE, true)
                .text("Fog Bells", BOLD));
        out.paragraph(Draft.PROSE);
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
        DocxBuilder out =
                builder().paragraph("Marit Solvane").paragraph("9 October 2026").paragraph("A Title");
        out.paragraph(Draft.PROSE)
                .paragraph(heading -> heading.style("H1").text("Method"))
                .paragraph(Draft.PROSE)
                .paragraph(heading -> heading.text("Study Site", BOLD))
                .paragraph(Draft.PROSE)
                .paragraph(sentence -> sentence.text("A bold sentence is no heading.", BOLD))
                .paragraph(Draft.PROSE);
        DocxFile file = DocxFile.read(out.build());
        Parts parts = parts(file);
        assertThat(parts.role(4)).isEqualTo(Role.HEADING);
        assertThat(parts.headingLevel(4)).isEqualTo(1);
        assertThat(parts.role(6)).isEqualTo(Role.HEADING);
        assertThat(parts.headingLevel(6)).isEqualTo(2);
        assertThat(parts.role(8)).isEqualTo(Role.TEXT);
        assertThat(parts.headingLevel(8)).isZero();
    }

    @Test
    void quotationsListsTablesAndCaptions() {
        DocxBuilder out =
                builder().paragraph("Marit Solvane").paragraph("9 October 2026").paragraph("A Title");
        out.paragraph(Draft.PROSE)
                .paragraph(quotation ->
                        quotation.set(ParagraphProperties.INDENT_LEFT, 720).text(Draft.PROSE))
                .paragraph("and so it goes on, after the quotation, for a while. " + Draft.PROSE)
                .paragraph("• a typed bullet")
                .paragraph("Table 1")
                .paragraph("Lamps and Sums")
                .table(List.of(4000), List.of(List.of("cell")), PropertySet.empty())
                .paragraph("Note. Counted by hand.")
                .paragraph(Draft.PROSE);
        DocxFile file = DocxFile.read(out.build());
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
        assertThat(parts(file).continues(5)).isTrue();
        assertThat(parts(file).continues(11)).isFalse();
    }

    @Test
    void backMatterFromItsLabelsOn() {
        DocxBuilder out =
                builder().paragraph("Marit Solvane").paragraph("9 October 2026").paragraph("A Title");
        out.paragraph(Draft.PROSE);
        centred(out, "References", true)
                .paragraph("Keel, J. R. (2016). Bells of the northern harbours. Tidewrack Press.")
                .paragraph("");
        centred(out, "Appendix A", true);
        centred(out, "Questions for Harbour Keepers", true).paragraph(Draft.PROSE);
        assertThat(roles(out).subList(4, 10))
                .containsExactly(
                        Role.SOURCES_LABEL,
                        Role.ENTRY,
                        Role.BLANK,
                        Role.APPENDIX_LABEL,
                        Role.APPENDIX_TITLE,
                        Role.APPENDIX_TEXT);
    }

    @Test
    void theSamplePapersAreTakenForWhatTheyAre() {
        DocxFile essay = DocxFile.read(UntidyEssay.write());
        DocxFile study = DocxFile.read(UntidyStudy.write());
        assertThat(parts(essay).of(Role.HEADING_BLOCK)).hasSize(4);
        assertThat(parts(essay).of(Role.BLOCK_QUOTATION)).hasSize(1);
        assertThat(parts(essay).of(Role.ENTRY)).hasSize(4);
        assertThat(parts(essay).of(Role.TABLE_CELL)).hasSize(16);
        assertThat(parts(study).of(Role.TITLE_PAGE)).hasSize(6);
        assertThat(parts(study).of(Role.HEADING)).hasSize(5);
        assertThat(parts(study).of(Role.ENTRY)).hasSize(6);
    }

    @Test
    void factsAreReadOffTheOpening() {
        DocxFile essay = DocxFile.read(UntidyEssay.write());
        DocxFile study = DocxFile.read(UntidyStudy.write());
        PaperFacts ofEssay = PaperFacts.read(essay.paper(), parts(essay));
        PaperFacts ofStudy = PaperFacts.read(study.paper(), parts(study));
        assertThat(ofEssay.surname()).isEqualTo("Solvane");
        assertThat(ofEssay.title()).startsWith("Lamps on the Low Canal");
        assertThat(ofStudy.surname()).isEqualTo("Ekwall");
        assertThat(ofStudy.title()).startsWith("Fog Bells");
    }
}
