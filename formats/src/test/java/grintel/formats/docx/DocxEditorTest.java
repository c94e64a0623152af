package grintel.formats.docx;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import grintel.core.edit.Edit;
import grintel.core.edit.EditRefusedException;
import grintel.core.edit.MarginalContent;
import grintel.core.edit.Piece;
import grintel.core.edit.Target;
import grintel.core.paper.Comment;
import grintel.core.paper.Inline;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Marginals;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import grintel.core.paper.TextRange;
import grintel.formats.archive.Archive;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Edits change what they name and not a byte more. */
class DocxEditorTest {
    private static final MarginalContent SURNAME = new MarginalContent(
            List.of(),
            List.of(),
            List.of(new Piece.Words("Solvane "), new Piece.Value(Inline.Field.Kind.PAGE)),
            9360,
            "Times New Roman",
            24);

    private static List<List<Edit>> one(Edit... edits) {
        return List.of(List.of(edits));
    }

    private static String part(DocxFile file, String name) {
        try (Archive archive = Archive.open(file.bytes())) {
            byte[] bytes = archive.get(name);
            assertThat(bytes).as(name).isNotNull();
            return new String(bytes, StandardCharsets.UTF_8);
        }
    }

    @Test
    void unknownMarkUpStandsUntouchedBesideAnEdit() {
        String odd =
                "<w:p w:rsidR='00A1'><!-- kept --><w:pPr><w:odd x='1'/></w:pPr><w:r><w:t>a &amp; b</w:t></w:r></w:p>";
        DocxFile file = DocxFile.read(RawDocx.transitional()
                .body(odd + "<w:p><w:r><w:t>two</w:t></w:r></w:p>")
                .build());
        DocxFile after = file.with(one(new Edit.SetProperty(
                new Target.OfParagraph(ParagraphAddress.text(1)),
                ParagraphProperties.LINE_SPACING,
                LineSpacing.DOUBLE)));
        assertThat(part(after, "word/document.xml"))
                .isEqualTo(part(file, "word/document.xml")
                        .replace(
                                "<w:p><w:r><w:t>two",
                                "<w:p><w:pPr><w:spacing w:line=\"480\" w:lineRule=\"auto\"/></w:pPr><w:r><w:t>two"));
    }

    @Test
    void aHeaderIsWrittenWithALiveNumberInEitherForm() {
        for (RawDocx docx : List.of(RawDocx.transitional(), RawDocx.strict())) {
            DocxFile file = DocxFile.read(
                    docx.body("<w:p><w:r><w:t>text</w:t></w:r></w:p>").build());
            DocxFile after = file.with(one(
                    new Edit.WriteMarginal(0, Story.Kind.HEADER, Marginals.Variant.DEFAULT, SURNAME),
                    new Edit.SetProperty(new Target.OfSection(0), SectionProperties.MARGIN_LEFT, 1440)));
            Marginals.Marginal header =
                    after.paper().sections().get(0).headers().get(Marginals.Variant.DEFAULT);
            assertThat(header).isNotNull();
            assertThat(header.paragraphs().get(0).inlines())
                    .anyMatch(inline -> inline instanceof Inline.Field field && field.kind() == Inline.Field.Kind.PAGE);
            assertThat(header.paragraphs().get(0).format().get(ParagraphProperties.ALIGNMENT))
                    .isEqualTo(Alignment.RIGHT);
            assertThat(part(after, "[Content_Types].xml")).contains("/word/header1.xml");
        }
    }

    @Test
    void aHeaderTwoSectionsShareIsSplitWhenOneIsWritten() {
        String reference = "<w:headerReference w:type=\"default\" r:id=\"rId1\"/>";
        DocxFile file = DocxFile.read(RawDocx.transitional()
                .header("<w:p><w:r><w:t>shared</w:t></w:r></w:p>")
                .body("<w:p><w:pPr><w:sectPr>" + reference + "</w:sectPr></w:pPr><w:r><w:t>a</w:t></w:r></w:p>"
                        + "<w:p><w:r><w:t>b</w:t></w:r></w:p><w:sectPr>" + reference + "</w:sectPr>")
                .build());
        DocxFile after =
                file.with(one(new Edit.WriteMarginal(1, Story.Kind.HEADER, Marginals.Variant.DEFAULT, SURNAME)));
        assertThat(after.paper().sections())
                .extracting(section -> section.headers()
                        .get(Marginals.Variant.DEFAULT)
                        .paragraphs()
                        .get(0)
                        .text()
                        .strip())
                .containsExactly("shared", "Solvane \uFFFC");
    }

    @Test
    void bookmarksOfABlankParagraphGoOnInTheNext() {
        DocxFile file = DocxFile.read(RawDocx.transitional()
                .body("<w:p><w:r><w:t>one</w:t></w:r></w:p><w:p><w:bookmarkStart w:id=\"1\" w:name=\"mark\"/></w:p>"
                        + "<w:p><w:r><w:t>two</w:t></w:r></w:p>")
                .build());
        DocxFile after = file.with(one(new Edit.RemoveParagraph(ParagraphAddress.text(1))));
        assertThat(after.paper().paragraphs()).hasSize(2);
        assertThat(part(after, "word/document.xml"))
                .contains("<w:p><w:bookmarkStart w:id=\"1\" w:name=\"mark\"/><w:r><w:t>two");
    }

    @Test
    void charactersGoAndComeInsideTheElementsThatAreThere() {
        DocxFile file = DocxFile.read(RawDocx.transitional()
                .body("<w:p><w:r><w:tab/><w:t>  word</w:t></w:r><w:r><w:rPr><w:b/></w:rPr><w:t>bold</w:t></w:r></w:p>")
                .build());
        ParagraphAddress address = ParagraphAddress.text(0);
        DocxFile shorter = file.with(one(Edit.ReplaceText.words(new TextRange(address, 0, 3), "")));
        assertThat(part(shorter, "word/document.xml")).contains("<w:p><w:r><w:t>word</w:t></w:r><w:r><w:rPr>");
        DocxFile across = file.with(one(Edit.ReplaceText.words(new TextRange(address, 5, 9), "-")));
        assertThat(part(across, "word/document.xml"))
                .contains("  wo-</w:t></w:r><w:r><w:rPr><w:b/></w:rPr><w:t>ld</w:t></w:r></w:p>");
    }

    @Test
    void aPictureIsNotReplacedWithTheWordsRoundIt() {
        DocxFile file = DocxFile.read(RawDocx.transitional()
                .body("<w:p><w:r><w:t>a</w:t></w:r><w:r><w:footnoteReference w:id=\"1\"/></w:r></w:p>")
                .build());
        assertThatThrownBy(() ->
                        file.with(one(Edit.ReplaceText.words(new TextRange(ParagraphAddress.text(0), 0, 2), "b"))))
                .isInstanceOf(EditRefusedException.class);
    }

    @Test
    void changesOfEveryKindAreSettledAsTheyAreRead() {
        String tracked = " w:id='1' w:author='Ilse' w:date='2026-10-09T12:00:00Z'";
        String body =
                "<w:p><w:pPr><w:jc w:val=\"left\"/><w:rPr><w:ins@/></w:rPr><w:pPrChange@><w:pPr/></w:pPrChange></w:pPr>"
                        + "<w:r><w:t>a</w:t></w:r><w:ins@><w:r><w:t>b</w:t></w:r>"
                        + "<w:del@><w:r><w:delText>x</w:delText></w:r></w:del></w:ins>"
                        + "<w:del@><w:bookmarkStart w:id=\"7\" w:name=\"lamp\"/><w:r><w:delText>y</w:delText></w:r></w:del>"
                        + "<w:bookmarkEnd w:id=\"7\"/>"
                        + "<w:hyperlink w:anchor=\"lamp\"><w:ins@><w:r><w:t>c</w:t></w:r></w:ins></w:hyperlink>"
                        + "<w:moveFromRangeStart w:id='2' w:name='m'/><w:moveFrom@><w:r><w:t>z</w:t></w:r></w:moveFrom>"
                        + "<w:moveFromRangeEnd w:id='2'/><w:moveTo@><w:r><w:rPr><w:b/><w:rPrChange@><w:rPr/></w:rPrChange></w:rPr>"
                        + "<w:t>d</w:t></w:r></w:moveTo></w:p><w:p><w:ins@><w:r><w:t>other</w:t></w:r></w:ins></w:p>";
        DocxFile file = DocxFile.read(
                RawDocx.transitional().body(body.replace("@", tracked)).build());
        DocxFile after = file.with(one(new Edit.SettleChanges(ParagraphAddress.text(0))));
        assertThat(part(after, "word/document.xml"))
                .contains("<w:p><w:pPr><w:jc w:val=\"left\"/></w:pPr><w:r><w:t>a</w:t></w:r><w:r><w:t>b</w:t></w:r>"
                        + "<w:bookmarkStart w:id=\"7\" w:name=\"lamp\"/><w:bookmarkEnd w:id=\"7\"/>"
                        + "<w:hyperlink w:anchor=\"lamp\"><w:r><w:t>c</w:t></w:r></w:hyperlink>"
                        + "<w:r><w:rPr><w:b/></w:rPr><w:t>d</w:t></w:r></w:p><w:p><w:ins");
        assertThat(after.paper().paragraphs().get(0).text())
                .isEqualTo(file.paper().paragraphs().get(0).text());
        assertThat(after.paper().paragraphs().get(0).isRevised()).isFalse();
        assertThat(after.paper().paragraphs().get(1).isRevised()).isTrue();
    }

    @Test
    void aCommentGoesWithItsMarksAndAnotherStays() {
        DocxFile file = DocxFile.read(RawDocx.transitional()
                .comments("<w:comment w:id=\"3\" w:author=\"Ilse\"><w:p><w:r><w:t>Really?</w:t></w:r></w:p></w:comment>"
                        + "<w:comment w:id=\"4\" w:author=\"Ilse\"><w:p><w:r><w:t>Good.</w:t></w:r></w:p></w:comment>")
                .body(
                        "<w:p><w:commentRangeStart w:id=\"3\"/><w:commentRangeStart w:id=\"4\"/><w:r><w:t>words</w:t></w:r>"
                                + "<w:commentRangeEnd w:id=\"3\"/><w:r><w:rPr><w:b/></w:rPr><w:commentReference w:id=\"3\"/></w:r>"
                                + "<w:commentRangeEnd w:id=\"4\"/><w:r><w:commentReference w:id=\"4\"/></w:r></w:p>")
                .build());
        DocxFile after = file.with(one(new Edit.RemoveComment("3")));
        assertThat(after.paper().comments()).extracting(Comment::id).containsExactly("4");
        assertThat(part(after, "word/document.xml"))
                .contains(
                        "<w:p><w:commentRangeStart w:id=\"4\"/><w:r><w:t>words</w:t></w:r><w:commentRangeEnd w:id=\"4\"/>"
                                + "<w:r><w:commentReference w:id=\"4\"/></w:r></w:p>");
        assertThatThrownBy(() -> file.with(one(new Edit.RemoveComment("9"))))
                .isInstanceOf(EditRefusedException.class)
                .hasMessage("The file has no such comment.");
    }
}
