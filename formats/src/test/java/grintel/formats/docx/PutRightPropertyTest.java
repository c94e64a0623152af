package grintel.formats.docx;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import grintel.core.check.PutRight;
import grintel.core.edit.WordChange;
import grintel.core.edit.WordLedger;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.demand.FixClass;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Marginals;
import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Style;
import grintel.core.paper.build.PaperBuilder;
import grintel.formats.archive.Archive;
import grintel.formats.demo.UntidyEssay;
import grintel.formats.demo.UntidyStudy;
import java.io.ByteArrayInputStream;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds of putting any paper right: the words stay, it comes to an end, and a stranger can open the result. */
class PutRightPropertyTest {
    private static final int CASES = 25;
    private static final PutRight.Choice SAFE = PutRight.Choice.upTo(FixClass.APPARATUS);
    private static final String PROSE =
            "The keepers ring for the boats, and the birds have already gone to the far side to wait for them to finish. ";

    static Stream<Arguments> papers() {
        Stream<Arguments> demo = Stream.of(
                Arguments.of("essay", "mla-9", UntidyEssay.write()),
                Arguments.of("essay", "school-essay", UntidyEssay.write()),
                Arguments.of("study", "apa-7-student", UntidyStudy.write()),
                Arguments.of("study", "mla-9", UntidyStudy.write()));
        List<String> guides = Guides.all().stream().map(Guide::id).toList();
        Stream<Arguments> random = Stream.iterate(1, seed -> seed + 1)
                .limit(CASES)
                .map(seed ->
                        Arguments.of("seed " + seed, guides.get(seed % guides.size()), randomPaper(new Random(seed))));
        return Stream.concat(demo, random);
    }

    @ParameterizedTest(name = "{0}, {1}")
    @MethodSource("papers")
    void wordsStayAndASecondTimeHasNothingToDo(String name, String guide, byte[] bytes) throws Exception {
        Guide found = Guides.find(guide);
        assertThat(found).isNotNull();
        Brief brief = Brief.of(found, null, Facts.of("Solvane", "Fog Bells"));
        DocxFile before = DocxFile.read(bytes);
        PutRight.Result<DocxFile> result = PutRight.run(before, brief, SAFE, WorkLimits.within(20));
        assertThat(result.leftOut()).as(name).isEmpty();
        DocxFile after = DocxFile.read(result.file().bytes());
        Map<Integer, Integer> expected = letters(before.paper());
        for (WordChange change : result.words()) {
            if (!change.where().isMarginal() && change.kind() == WordChange.Kind.CHANGED) {
                count(change.before(), -1, expected);
                count(change.after(), 1, expected);
            }
        }
        assertThat(letters(after.paper())).as(name).isEqualTo(expected);
        assertThat(result.report().findings())
                .as(name)
                .noneMatch(finding -> finding.spots().stream().anyMatch(spot -> SAFE.takes(finding, spot)));
        PutRight.Result<DocxFile> again = PutRight.run(after, brief, SAFE, WorkLimits.within(20));
        assertThat(again.done()).as(name).isEmpty();
        assertThat(again.file().bytes()).isEqualTo(after.bytes());
        otherPartsAreTheSameBytes(bytes, after.bytes());
        assertThatCode(() -> new XWPFDocument(new ByteArrayInputStream(after.bytes())).close())
                .doesNotThrowAnyException();
    }

    @ParameterizedTest(name = "{0}, {1}")
    @MethodSource("papers")
    void looksAlonePutRightLeaveEveryWord(String name, String guide, byte[] bytes) {
        Guide found = Guides.find(guide);
        assertThat(found).isNotNull();
        Brief brief = Brief.of(found, null, Facts.of("Solvane", "Fog Bells"));
        DocxFile before = DocxFile.read(bytes);
        PutRight.Choice looks = PutRight.Choice.upTo(FixClass.LOOKS);
        PutRight.Result<DocxFile> result = PutRight.run(before, brief, looks, WorkLimits.within(20));
        assertThat(result.leftOut()).as(name).isEmpty();
        assertThat(WordLedger.of(result.file().paper()).isSameAs(WordLedger.of(before.paper())))
                .as(name)
                .isTrue();
    }

    /** How often each letter and digit stands in text and notes. */
    private static Map<Integer, Integer> letters(Paper paper) {
        Map<Integer, Integer> out = new TreeMap<>();
        paper.paragraphs().forEach(each -> count(each.text(), 1, out));
        paper.noteParagraphs().forEach(each -> count(each.text(), 1, out));
        return out;
    }

    private static void count(String text, int by, Map<Integer, Integer> counts) {
        text.codePoints()
                .filter(Character::isLetterOrDigit)
                .forEach(letter -> counts.merge(letter, by, (was, more) -> was + more == 0 ? null : was + more));
    }

    private static void otherPartsAreTheSameBytes(byte[] before, byte[] after) {
        Set<String> mayChange = Set.of(
                "word/document.xml",
                "word/styles.xml",
                "word/settings.xml",
                "word/_rels/document.xml.rels",
                "docProps/core.xml",
                "_rels/.rels",
                "[Content_Types].xml");
        try (Archive was = Archive.open(before);
                Archive is = Archive.open(after)) {
            for (String name : was.names()) {
                if (!mayChange.contains(name) && !name.contains("header") && !name.contains("footer")) {
                    assertThat(is.get(name)).as(name).isEqualTo(was.get(name));
                }
            }
        }
    }

    /** A paper with faults of every kind, drawn by chance. */
    private static byte[] randomPaper(Random random) {
        PaperBuilder out = new PaperBuilder();
        out.defaults(randomParagraph(random), randomType(random));
        out.style("Normal", "Normal", Style.Kind.PARAGRAPH, null, randomParagraph(random), randomType(random));
        out.style("Body", "Body Text", Style.Kind.PARAGRAPH, "Normal", randomParagraph(random), PropertySet.empty());
        out.section(SectionProperties.MARGIN_LEFT, 800 + random.nextInt(1500))
                .section(SectionProperties.FIRST_PAGE_DIFFERS, random.nextBoolean())
                .section(SectionProperties.COLUMNS, 1 + random.nextInt(2));
        if (random.nextBoolean()) {
            out.header(
                    Marginals.Variant.DEFAULT,
                    header -> header.text("Solvane").tab().tab().text("p. 3"));
        }
        if (random.nextBoolean()) {
            out.footer(Marginals.Variant.DEFAULT, footer -> footer.pageNumber(randomType(random)));
        }
        for (String line :
                List.of("Marit Solvane", "Dr. Ilse Tamberg", "Literature 214", "9 October 2026", "A Title")) {
            out.paragraph(line);
        }
        for (int i = 0; i < 12; i++) {
            addRandomBlock(out, random);
        }
        for (int i = random.nextInt(5); i > 0; i--) {
            out.paragraph("");
        }
        out.paragraph("Works Cited").paragraph("Verholt, Ansa. The Weir Ledger. Low Water Press, 2004.");
        return DocxWriter.write(out.build());
    }

    private static void addRandomBlock(PaperBuilder out, Random random) {
        switch (random.nextInt(6)) {
            case 0 -> out.paragraph("");
            case 1 ->
                out.table(List.of(3000, 3000), List.of(List.of("a", "b"), List.of("1", "2")), randomParagraph(random));
            case 2 -> {
                if (random.nextInt(4) == 0) {
                    out.paragraph(PROSE).endSection().section(SectionProperties.MARGIN_TOP, random.nextInt(2000));
                }
            }
            default ->
                out.paragraph(paragraph -> {
                    if (random.nextBoolean()) {
                        paragraph.style("Body");
                    }
                    if (random.nextBoolean()) {
                        paragraph.set(ParagraphProperties.INDENT_FIRST_LINE, random.nextInt(1000) - 200);
                    }
                    if (random.nextInt(3) == 0) {
                        paragraph.set(ParagraphProperties.ALIGNMENT, Alignment.values()[random.nextInt(4)]);
                    }
                    if (random.nextInt(3) == 0) {
                        paragraph.tab();
                    }
                    paragraph.text(" ".repeat(random.nextInt(8)));
                    paragraph.text(PROSE.repeat(1 + random.nextInt(3)).strip() + "  ", randomType(random));
                    paragraph.text(PROSE);
                });
        }
    }

    private static PropertySet randomParagraph(Random random) {
        PropertySet.Builder out = new PropertySet.Builder();
        if (random.nextBoolean()) {
            LineSpacing.Rule rule = LineSpacing.Rule.values()[random.nextInt(3)];
            out.set(ParagraphProperties.LINE_SPACING, new LineSpacing(rule, 200 + random.nextInt(400)));
        }
        if (random.nextBoolean()) {
            out.set(ParagraphProperties.SPACE_AFTER, random.nextInt(300));
        }
        if (random.nextInt(3) == 0) {
            out.set(ParagraphProperties.SPACE_BEFORE_AUTO, random.nextBoolean());
        }
        if (random.nextInt(4) == 0) {
            out.set(ParagraphProperties.SAME_STYLE_SUPPRESSION, true);
        }
        return out.build();
    }

    private static PropertySet randomType(Random random) {
        String face =
                List.of("Calibri", "Times New Roman", "Arial", "Comic Sans MS").get(random.nextInt(4));
        PropertySet.Builder out = new PropertySet.Builder();
        if (random.nextBoolean()) {
            out.set(CharacterProperties.FACE, face).set(CharacterProperties.FACE_HIGH_ANSI, face);
        }
        if (random.nextBoolean()) {
            out.set(CharacterProperties.SIZE, 18 + random.nextInt(12));
        }
        return out.build();
    }
}
