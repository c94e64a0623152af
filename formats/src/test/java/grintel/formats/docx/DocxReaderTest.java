package grintel.formats.docx;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.Formatting;
import grintel.core.paper.Inline;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Origin;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Table;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The same look written in different ways is read as the same. */
class DocxReaderTest {
    private static Paragraph first(RawDocx docx) {
        return DocxReader.read(docx.build()).paragraphs().get(0);
    }

    private static Paragraph paragraph(String properties) {
        return first(
                RawDocx.transitional().body("<w:p><w:pPr>" + properties + "</w:pPr><w:r><w:t>x</w:t></w:r></w:p>"));
    }

    private static Formatting run(String properties) {
        return first(RawDocx.transitional().body("<w:p><w:r><w:rPr>" + properties + "</w:rPr><w:t>x</w:t></w:r></w:p>"))
                .texts()
                .get(0)
                .format();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<w:ind w:left=\"720\" w:hanging=\"720\"/>",
                "<w:ind w:start=\"720\" w:hanging=\"720\"/>",
                "<w:ind w:start=\"0.5in\" w:hanging=\"36pt\"/>",
                "<w:ind w:left=\"1.27cm\" w:firstLine=\"99\" w:hanging=\"12.7mm\"/>"
            })
    void hangingIndents(String ind) {
        assertThat(paragraph(ind).leftIndent()).isEqualTo(720);
        assertThat(paragraph(ind).firstLineIndent()).isEqualTo(-720);
    }

    @Test
    void indentsInCharactersFollowTheSizeOfTheType() {
        Paragraph paragraph =
                paragraph("<w:ind w:firstLineChars=\"200\" w:firstLine=\"1\"/><w:rPr><w:sz w:val=\"24\"/></w:rPr>");
        assertThat(paragraph.firstLineIndent()).isEqualTo(480);
    }

    @Test
    void lineSpacingOfAllRules() {
        assertThat(paragraph("<w:spacing w:line=\"480\" w:lineRule=\"auto\"/>")
                        .format()
                        .get(ParagraphProperties.LINE_SPACING))
                .isEqualTo(LineSpacing.DOUBLE);
        assertThat(paragraph("<w:spacing w:line=\"480\"/>").format().get(ParagraphProperties.LINE_SPACING))
                .isEqualTo(LineSpacing.DOUBLE);
        assertThat(paragraph("<w:spacing w:line=\"24pt\" w:lineRule=\"exact\"/>")
                        .format()
                        .get(ParagraphProperties.LINE_SPACING))
                .isEqualTo(new LineSpacing(LineSpacing.Rule.EXACTLY, 480));
        assertThat(paragraph("<w:spacing w:line=\"300\" w:lineRule=\"atLeast\"/>")
                        .format()
                        .get(ParagraphProperties.LINE_SPACING))
                .isEqualTo(new LineSpacing(LineSpacing.Rule.AT_LEAST, 300));
    }

    @ParameterizedTest
    @ValueSource(strings = {"both", "distribute"})
    void justified(String value) {
        assertThat(paragraph("<w:jc w:val=\"" + value + "\"/>").format().get(ParagraphProperties.ALIGNMENT))
                .isEqualTo(Alignment.JUSTIFIED);
    }

    @ParameterizedTest
    @ValueSource(strings = {"<w:b/>", "<w:b w:val=\"1\"/>", "<w:b w:val=\"true\"/>", "<w:b w:val=\"on\"/>"})
    void switchesThatAreOn(String bold) {
        assertThat(run(bold).get(CharacterProperties.BOLD)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"<w:b w:val=\"0\"/>", "<w:b w:val=\"false\"/>", "<w:b w:val=\"off\"/>"})
    void switchesThatAreOff(String bold) {
        assertThat(run(bold).get(CharacterProperties.BOLD)).isFalse();
        assertThat(run(bold).origin(CharacterProperties.BOLD)).isEqualTo(Origin.DIRECT);
    }

    @Test
    void sizesColoursAndFaces() {
        assertThat(run("<w:sz w:val=\"25\"/>").get(CharacterProperties.SIZE)).isEqualTo(25);
        assertThat(run("<w:sz w:val=\"12pt\"/>").get(CharacterProperties.SIZE)).isEqualTo(24);
        assertThat(run("<w:color w:val=\"1F4FB0\"/>").get(CharacterProperties.COLOUR))
                .isEqualTo(new Colour(0x1F4FB0));
        Formatting slots = run("<w:rFonts w:ascii=\"Arial\" w:eastAsia=\"MS Gothic\"/>");
        assertThat(slots.get(CharacterProperties.FACE)).isEqualTo("Arial");
        assertThat(slots.get(CharacterProperties.FACE_EAST_ASIA)).isEqualTo("MS Gothic");
        assertThat(slots.get(CharacterProperties.FACE_HIGH_ANSI)).isEqualTo("Times New Roman");
    }

    @Test
    void aThemesNameStandsForItsFace() {
        Paragraph paragraph = first(
                RawDocx.transitional()
                        .theme(
                                "<a:themeElements><a:fontScheme><a:minorFont><a:latin typeface=\"Cambria\"/></a:minorFont>"
                                        + "</a:fontScheme></a:themeElements>")
                        .body(
                                "<w:p><w:r><w:rPr><w:rFonts w:ascii=\"Arial\" w:asciiTheme=\"minorAscii\"/></w:rPr><w:t>x</w:t></w:r></w:p>"));
        assertThat(paragraph.texts().get(0).format().get(CharacterProperties.FACE))
                .isEqualTo("Cambria");
    }

    @Test
    void stylesBuildOnEachOtherAndEveryValueKnowsItsOrigin() {
        Paragraph paragraph = first(RawDocx.transitional()
                .styles(
                        "<w:docDefaults><w:pPrDefault><w:pPr><w:spacing w:after=\"160\"/></w:pPr></w:pPrDefault></w:docDefaults>"
                                + "<w:style w:type=\"paragraph\" w:default=\"1\" w:styleId=\"N\"><w:name w:val=\"Normal\"/>"
                                + "<w:pPr><w:jc w:val=\"center\"/></w:pPr></w:style>"
                                + "<w:style w:type=\"paragraph\" w:styleId=\"B\"><w:basedOn w:val=\"N\"/><w:rPr><w:i/></w:rPr></w:style>")
                .body("<w:p><w:pPr><w:pStyle w:val=\"B\"/></w:pPr><w:r><w:t>x</w:t></w:r></w:p>"));
        assertThat(paragraph.format().origin(ParagraphProperties.SPACE_AFTER)).isEqualTo(Origin.DOCUMENT_DEFAULT);
        assertThat(paragraph.format().origin(ParagraphProperties.ALIGNMENT)).isEqualTo(new Origin.OfStyle("N"));
        assertThat(paragraph.texts().get(0).format().origin(CharacterProperties.ITALIC))
                .isEqualTo(new Origin.OfStyle("B"));
    }

    @Test
    void listsCountAndBringTheirOwnIndents() {
        Paper paper = DocxReader.read(RawDocx.transitional()
                .numbering("<w:abstractNum w:abstractNumId=\"3\"><w:lvl w:ilvl=\"0\"><w:start w:val=\"2\"/><w:numFmt"
                        + " w:val=\"lowerRoman\"/><w:lvlText w:val=\"(%1)\"/><w:pPr><w:ind w:left=\"700\" w:hanging=\"300\"/></w:pPr>"
                        + "</w:lvl></w:abstractNum><w:num w:numId=\"7\"><w:abstractNumId w:val=\"3\"/></w:num>")
                .body(
                        ("<w:p><w:pPr><w:numPr><w:ilvl w:val=\"0\"/><w:numId w:val=\"7\"/></w:numPr></w:pPr><w:r><w:t>x</w:t></w:r></w:p>")
                                .repeat(2))
                .build());
        assertThat(paper.paragraphs()).extracting(each -> each.label().text()).containsExactly("(ii)", "(iii)");
        assertThat(paper.paragraphs().get(0).leftIndent()).isEqualTo(700);
    }

    @Test
    void fieldsSimpleComplexAndNestedAreReadForWhatTheyShow() {
        String complex = "<w:r><w:fldChar w:fldCharType=\"begin\"/></w:r><w:r><w:instrText> IF </w:instrText></w:r>"
                + "<w:r><w:fldChar w:fldCharType=\"begin\"/></w:r><w:r><w:instrText>PAGE</w:instrText></w:r>"
                + "<w:r><w:fldChar w:fldCharType=\"separate\"/></w:r><w:r><w:t>inner</w:t></w:r>"
                + "<w:r><w:fldChar w:fldCharType=\"end\"/></w:r><w:r><w:fldChar w:fldCharType=\"separate\"/></w:r>"
                + "<w:r><w:t>shown</w:t></w:r><w:r><w:fldChar w:fldCharType=\"end\"/></w:r>";
        Paragraph paragraph = first(RawDocx.transitional()
                .body("<w:p>" + complex
                        + "<w:fldSimple w:instr=\" PAGE \"><w:r><w:t>4</w:t></w:r></w:fldSimple></w:p>"));
        assertThat(paragraph.texts()).extracting(Inline.Text::text).containsExactly("shown");
        assertThat(paragraph.inlines()).last().isInstanceOf(Inline.Field.class);
    }

    @Test
    void trackedChangesReadAsAcceptedAndAreRemembered() {
        Paper paper = DocxReader.read(RawDocx.transitional()
                .body("<w:p><w:r><w:t>a</w:t></w:r><w:del><w:r><w:delText>b</w:delText></w:r></w:del>"
                        + "<w:ins><w:r><w:t>c</w:t></w:r></w:ins></w:p>")
                .build());
        assertThat(paper.paragraphs().get(0).text()).isEqualTo("ac");
        assertThat(paper.trackedChanges()).isEqualTo(2);
        assertThat(paper.paragraphs().get(0).inlines())
                .filteredOn(Inline.Deleted.class::isInstance)
                .extracting(inline -> ((Inline.Deleted) inline).text())
                .containsExactly("b");
    }

    @Test
    void wrappersAlternateContentAndTablesKeepParagraphsInOrder() {
        Paper paper = DocxReader.read(RawDocx.transitional()
                .body("<w:sdt><w:sdtContent><w:p><w:r><w:t>one</w:t></w:r></w:p></w:sdtContent></w:sdt>"
                        + "<w:tbl><w:tr><w:tc><w:p><w:hyperlink><w:r><w:t>two</w:t></w:r></w:hyperlink></w:p></w:tc></w:tr></w:tbl>"
                        + "<mc:AlternateContent><mc:Choice Requires=\"unheard\"><w:p><w:r><w:t>no</w:t></w:r></w:p></mc:Choice>"
                        + "<mc:Fallback><w:p><w:r><w:t>three</w:t></w:r></w:p></mc:Fallback></mc:AlternateContent>")
                .build());
        assertThat(paper.paragraphs()).extracting(Paragraph::text).containsExactly("one", "two", "three");
        assertThat(paper.paragraphs())
                .extracting(each -> each.address().index())
                .containsExactly(0, 1, 2);
        assertThat(paper.sections().get(0).blocks().get(1)).isInstanceOf(Table.class);
        assertThat(paper.paragraphs().get(1).texts().get(0).linked()).isTrue();
    }

    @Test
    void notesAreCountedInOrderOfReference() {
        Paper paper = DocxReader.read(RawDocx.transitional()
                .footnotes("<w:footnote w:id=\"0\" w:type=\"separator\"><w:p/></w:footnote>"
                        + "<w:footnote w:id=\"5\"><w:p><w:r><w:footnoteRef/></w:r><w:r><w:t>first</w:t></w:r></w:p></w:footnote>"
                        + "<w:footnote w:id=\"2\"><w:p><w:r><w:t>second</w:t></w:r></w:p></w:footnote>")
                .body("<w:p><w:r><w:t>a</w:t></w:r><w:r><w:footnoteReference w:id=\"5\"/></w:r>"
                        + "<w:r><w:footnoteReference w:id=\"2\"/></w:r></w:p>")
                .build());
        assertThat(paper.notes())
                .extracting(note ->
                        note.sign() + note.paragraphs().get(0).texts().get(0).text())
                .containsExactly("1first", "2second");
    }

    @Test
    void aSectionInheritsTheHeaderOfTheOneBefore() {
        String reference = "<w:headerReference w:type=\"default\" r:id=\"rId1\"/>";
        Paper paper = DocxReader.read(RawDocx.transitional()
                .header("<w:p><w:r><w:t>Solvane</w:t></w:r></w:p>")
                .body("<w:p><w:pPr><w:sectPr>" + reference
                        + "<w:pgMar w:left=\"1800\"/></w:sectPr></w:pPr><w:r><w:t>a</w:t></w:r></w:p>"
                        + "<w:p><w:r><w:t>b</w:t></w:r></w:p><w:sectPr/>")
                .build());
        assertThat(paper.sections()).hasSize(2);
        assertThat(paper.sections().get(0).get(SectionProperties.MARGIN_LEFT)).isEqualTo(1800);
        assertThat(paper.sections().get(1).headers().stories().values())
                .singleElement()
                .satisfies(header -> assertThat(header.inherited()).isTrue());
    }

    @Test
    void theStrictFormAndOtherEncodingsReadTheSame() {
        String body =
                "<w:p><w:pPr><w:ind w:start=\"720\"/><w:jc w:val=\"end\"/></w:pPr><w:r><w:t>Ilse Tambérg</w:t></w:r></w:p>";
        for (byte[] bytes : List.of(
                RawDocx.transitional().body(body).build(),
                RawDocx.strict().body(body).build(),
                RawDocx.strict().body(body).encoding(StandardCharsets.UTF_16).build(),
                RawDocx.transitional()
                        .body(body)
                        .encoding(StandardCharsets.ISO_8859_1)
                        .build())) {
            Paragraph paragraph = DocxReader.read(bytes).paragraphs().get(0);
            assertThat(paragraph.text()).isEqualTo("Ilse Tambérg");
            assertThat(paragraph.leftIndent()).isEqualTo(720);
            assertThat(paragraph.format().get(ParagraphProperties.ALIGNMENT)).isEqualTo(Alignment.RIGHT);
        }
    }

    @Test
    void hiddenTextSymbolsAndSpecialCharacters() {
        Paragraph paragraph = first(RawDocx.transitional()
                .body(
                        "<w:p><w:r><w:rPr><w:vanish/></w:rPr><w:t>hidden</w:t></w:r><w:r><w:noBreakHyphen/><w:softHyphen/>"
                                + "<w:sym w:font=\"Symbol\" w:char=\"F0B7\"/><w:tab/></w:r></w:p>"));
        assertThat(paragraph.text()).isEqualTo("\u2011\u00AD\u2022\t");
    }
}
