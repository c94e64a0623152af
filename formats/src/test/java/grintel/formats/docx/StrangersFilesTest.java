package grintel.formats.docx;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.check.Examiner;
import grintel.core.check.PutRight;
import grintel.core.check.Report;
import grintel.core.edit.WordChange;
import grintel.core.edit.WordLedger;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guides;
import grintel.core.guide.demand.FixClass;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Inline;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Place;
import grintel.core.rule.Reading;
import grintel.core.typeset.PagePart;
import grintel.core.typeset.PlacedPicture;
import grintel.core.typeset.ProofLine;
import grintel.formats.archive.Archive;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What papers written by other programs, and by people in a hurry, hold. */
class StrangersFilesTest {
    private static final String PROSE = "The keepers ring for the boats, and the birds have already gone to the far"
            + " side of the canal to wait for them to finish, as they do on every evening of the year. ";
    private static final String PAGE_FIELD = "<w:r><w:fldChar w:fldCharType='begin'/></w:r><w:r><w:instrText> PAGE"
            + " </w:instrText></w:r><w:r><w:fldChar w:fldCharType='separate'/></w:r><w:r><w:t>1</w:t></w:r><w:r>"
            + "<w:fldChar w:fldCharType='end'/></w:r>";
    private static final String SHEET =
            "<w:pgSz w:w='12240' w:h='15840'/><w:pgMar w:top='1440' w:right='1440' w:bottom='1440' w:left='1440'"
                    + " w:header='720' w:footer='720' w:gutter='0'/>";
    private static final String STYLES = "<w:docDefaults><w:rPrDefault><w:rPr><w:rFonts w:ascii='Times New Roman'"
            + " w:hAnsi='Times New Roman'/><w:sz w:val='24'/></w:rPr></w:rPrDefault></w:docDefaults>"
            + "<w:style w:type='paragraph' w:default='1' w:styleId='Normal'><w:name w:val='Normal'/>"
            + "<w:pPr><w:spacing w:line='480' w:lineRule='auto'/></w:pPr></w:style>";
    private static final String DRAWING_ENDS = "</a:graphicData></a:graphic></wp:inline></w:drawing></w:r>";

    private static String p(String text) {
        return p("", run(text));
    }

    private static String p(String properties, String content) {
        return "<w:p><w:pPr>" + properties + "</w:pPr>" + content + "</w:p>";
    }

    private static String run(String text) {
        return run("", text);
    }

    private static String run(String properties, String text) {
        return "<w:r><w:rPr>" + properties + "</w:rPr><w:t xml:space='preserve'>" + text + "</w:t></w:r>";
    }

    private static String prose(int paragraphs) {
        return IntStream.range(0, paragraphs)
                .mapToObj(each -> p("<w:ind w:firstLine='720'/>", run(PROSE.repeat(4))))
                .collect(Collectors.joining());
    }

    /** The lines of a first page, then text of several pages. */
    private static String essay(String more) {
        return p("Ida Solvane")
                + p("Dr. Tamberg")
                + p("English 214")
                + p("9 October 2026")
                + p("<w:jc w:val='center'/>", run("Lamps on the Low Canal"))
                + prose(2)
                + more
                + prose(12);
    }

    private static String sheet(String references) {
        return "<w:sectPr>" + references + SHEET + "</w:sectPr>";
    }

    private static byte[] withHeader(String header) {
        return RawDocx.transitional()
                .header(header)
                .styles(STYLES)
                .body(essay("") + sheet("<w:headerReference w:type='default' r:id='rId1'/>"))
                .build();
    }

    private static byte[] paper(String body) {
        return RawDocx.transitional().styles(STYLES).body(body + sheet("")).build();
    }

    private static String picture(String content) {
        return "<w:r><w:drawing xmlns:wp='" + Ns.WP + "' xmlns:a='" + Ns.A + "'><wp:inline>"
                + "<wp:extent cx='1828800' cy='914400'/><wp:docPr id='1' name='p' descr='Soundings'/><a:graphic>"
                + content + DRAWING_ENDS;
    }

    private static Brief brief(String guide) {
        return Brief.of(Objects.requireNonNull(Guides.find(guide)), null, Facts.of("Solvane", "Lamps"));
    }

    private static Report examined(byte[] bytes, String guide) {
        return Examiner.examine(DocxFile.read(bytes).paper(), brief(guide), WorkLimits.within(20));
    }

    private static PutRight.Result<DocxFile> fixed(byte[] bytes, String guide, FixClass upTo) {
        PutRight.Result<DocxFile> result =
                PutRight.run(DocxFile.read(bytes), brief(guide), PutRight.Choice.upTo(upTo), WorkLimits.within(20));
        Paper after = DocxFile.read(result.file().bytes()).paper();
        WordLedger declared = WordLedger.of(DocxFile.read(bytes).paper());
        if (result.words().isEmpty()) {
            assertThat(declared.hasSameTextAs(WordLedger.of(after))).isTrue();
        }
        return result;
    }

    private static String headers(Paper paper) {
        return paper.marginalParagraphs().stream().map(Paragraph::text).collect(Collectors.joining("\n"));
    }

    private static List<Reading> off(Report report, String rule) {
        return report.findings().stream()
                .filter(each -> each.rule().equals(rule))
                .toList();
    }

    private static Stream<String> quotes(List<Reading> readings) {
        return readings.stream().flatMap(each -> each.places().stream()).map(Place::quote);
    }

    private static String documentOf(byte[] file) {
        try (Archive archive = Archive.open(file)) {
            return new String(Objects.requireNonNull(archive.get("word/document.xml")), StandardCharsets.UTF_8);
        }
    }

    // ---- headers and footers

    @ParameterizedTest
    @ValueSource(strings = {"English 101", "Period 3", "9 October 26", "12. session"})
    void digitsInAHeaderAreNoPageNumber(String words) {
        byte[] bytes = withHeader(p(words));
        PutRight.Result<DocxFile> looks = fixed(bytes, "mla-9", FixClass.LOOKS);
        assertThat(headers(looks.file().paper())).contains(words);
        assertThat(off(examined(bytes, "mla-9"), "running-head.number-live")).isEmpty();
        PutRight.Result<DocxFile> all = fixed(bytes, "mla-9", FixClass.APPARATUS);
        assertThat(all.words()).extracting(WordChange::before).anyMatch(before -> before.contains(words));
    }

    @Test
    void aNumberOfPagesStaysOrGoesWithItsNumber() {
        String of = PAGE_FIELD.replace("PAGE ", "NUMPAGES ").replace("<w:t>1<", "<w:t>14<");
        byte[] bytes = withHeader(p("<w:jc w:val='right'/>", run("Page ") + PAGE_FIELD + run(" of ") + of));
        PutRight.Result<DocxFile> all = fixed(bytes, "mla-9", FixClass.APPARATUS);
        assertThat(headers(all.file().paper())).doesNotContain(" of");
        assertThat(all.words()).anySatisfy(change -> assertThat(change.before()).startsWith("Page "));
        assertThat(fixed(bytes, "mla-9", FixClass.LOOKS).words()).isEmpty();
    }

    @Test
    void aHeaderOfPicturesIsAHeaderAndItsPicturesStay() {
        String two = picture("<a:graphicData uri='urn:c'>") + picture("<a:graphicData uri='urn:c'>");
        byte[] bytes = RawDocx.transitional()
                .header(p("", two))
                .styles(STYLES)
                .body(essay("") + sheet("<w:headerReference w:type='first' r:id='rId1'/><w:titlePg/>"))
                .build();
        PutRight.Result<DocxFile> all = fixed(bytes, "mla-9", FixClass.APPARATUS);
        long pictures = all.file().paper().marginalParagraphs().stream()
                .flatMap(paragraph -> paragraph.inlines().stream())
                .filter(Inline.Picture.class::isInstance)
                .count();
        assertThat(pictures).isEqualTo(2);
    }

    @Test
    void aHeaderOfPicturesAndTabsComesToAnEnd() {
        byte[] bytes =
                withHeader(p("", "<w:r><w:tab/></w:r>" + picture("<a:graphicData uri='urn:c'>") + "<w:r><w:tab/></w:r>")
                        + p("")
                        + p(""));
        PutRight.Result<DocxFile> all = fixed(bytes, "mla-9", FixClass.APPARATUS);
        assertThat(fixed(all.file().bytes(), "mla-9", FixClass.APPARATUS).done())
                .isEmpty();
    }

    @Test
    void aBlankSecondLineOfAHeaderIsPadding() {
        byte[] bytes = withHeader(p("<w:jc w:val='right'/>", run("Solvane ") + PAGE_FIELD) + p(""));
        assertThat(off(examined(bytes, "mla-9"), "running-head.padding")).isNotEmpty();
        assertThat(fixed(bytes, "mla-9", FixClass.LOOKS).report().findings())
                .noneMatch(each -> each.rule().equals("running-head.padding"));
    }

    @Test
    void aPageNumberInAFrameIsJudgedWhereItStandsAndKept() {
        String frame = "<w:framePr w:wrap='around' w:vAnchor='text' w:hAnchor='margin' w:xAlign='right' w:y='1'/>";
        byte[] bytes = withHeader(p(frame, run("Solvane ") + PAGE_FIELD) + p(""));
        Report report = examined(bytes, "mla-9");
        assertThat(off(report, "running-head.number")).isEmpty();
        assertThat(off(report, "running-head.number-live")).isEmpty();
        assertThat(off(report, "running-head.number-place")).isEmpty();
        assertThat(headers(fixed(bytes, "mla-9", FixClass.APPARATUS).file().paper()))
                .contains("Solvane");
    }

    @Test
    void aNumberAfterAPositionalTabStandsAtTheRight() {
        String tab = "<w:r><w:ptab w:relativeTo='margin' w:alignment='right' w:leader='none'/></w:r>";
        byte[] bytes = withHeader(p("", tab + run("Solvane ") + PAGE_FIELD));
        assertThat(off(examined(bytes, "mla-9"), "running-head.number-place")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Windows User", "Your Name", "Harbour Trust Ltd.", "I. S.", "admin"})
    void theFilesPropertiesNameNobody(String creator) {
        byte[] bytes = RawDocx.transitional()
                .styles(STYLES)
                .part(
                        "docProps/core.xml",
                        "<cp:coreProperties xmlns:cp='http://schemas.openxmlformats.org/package/2006/metadata/core-properties'"
                                + " xmlns:dc='http://purl.org/dc/elements/1.1/'><dc:creator>" + creator
                                + "</dc:creator></cp:coreProperties>")
                .body(p("<w:jc w:val='center'/>", run("Lamps on the Low Canal")) + prose(12) + sheet(""))
                .build();
        Report report = Examiner.examine(
                DocxFile.read(bytes).paper(),
                Brief.of(Objects.requireNonNull(Guides.find("mla-9")), null, Facts.NONE),
                WorkLimits.within(20));
        assertThat(report.parts().facts().surname()).isNull();
    }

    // ---- the text

    @Test
    void hiddenWordsAreNoBlankParagraph() {
        byte[] bytes = paper(essay(p("<w:rPr><w:vanish/></w:rPr>", run("<w:vanish/>", "Ask Dr. Tamberg about this."))));
        PutRight.Result<DocxFile> all = fixed(bytes, "mla-9", FixClass.APPARATUS);
        assertThat(documentOf(all.file().bytes())).contains("Ask Dr. Tamberg about this.");
        assertThat(all.leftOut()).isEmpty();
    }

    @Test
    void oneAwkwardSpotDoesNotKeepTheRestFromBeingPutRight() {
        byte[] bytes = paper(
                essay(p("<w:ind w:firstLine='720'/>", run("These") + "<w:r><w:br/></w:r>" + run("words are parted.")))
                        .replace("w:w='12240'", "w:w='11906'"));
        PutRight.Result<DocxFile> all = fixed(bytes, "mla-9", FixClass.APPARATUS);
        assertThat(all.done()).isNotEmpty();
        String text =
                all.file().paper().paragraphs().stream().map(Paragraph::text).collect(Collectors.joining(" "));
        assertThat(text.replaceAll("\\s+", " ")).contains("These words are parted.");
    }

    @Test
    void aPaperThatLiesInTablesIsSaidToBeChangedOnlyWhereItIs() {
        String cell = IntStream.range(0, 12)
                .mapToObj(each -> p("", run("<w:sz w:val='28'/>", PROSE.repeat(4))))
                .collect(Collectors.joining());
        byte[] bytes = paper("<w:tbl><w:tblPr/><w:tblGrid><w:gridCol w:w='9360'/></w:tblGrid><w:tr><w:tc>"
                + "<w:tcPr><w:tcW w:w='9360' w:type='dxa'/></w:tcPr>" + cell + "</w:tc></w:tr></w:tbl>" + p(""));
        PutRight.Result<DocxFile> all = fixed(bytes, "mla-9", FixClass.APPARATUS);
        List<String> claimed = all.done().stream()
                .map(taken -> taken.finding().rule())
                .filter(rule -> rule.startsWith("type."))
                .toList();
        assertThat(claimed).doesNotHaveDuplicates();
        for (String rule : claimed) {
            assertThat(off(all.report(), rule)).as(rule).isEmpty();
        }
    }

    @Test
    void codeIsLeftAsItIs() {
        String face = "<w:rFonts w:ascii='Courier New' w:hAnsi='Courier New'/><w:sz w:val='18'/>";
        String code = IntStream.range(0, 40)
                .mapToObj(each ->
                        p("<w:spacing w:line='240' w:lineRule='auto'/>", run(face, "    ring(bell, " + each + ");")))
                .collect(Collectors.joining());
        byte[] bytes = paper(essay(code));
        PutRight.Result<DocxFile> all = fixed(bytes, "mla-9", FixClass.APPARATUS);
        Paper after = all.file().paper();
        List<Paragraph> lines = after.paragraphs().stream()
                .filter(paragraph -> paragraph.text().contains("ring(bell"))
                .toList();
        assertThat(lines).hasSize(40).allMatch(paragraph -> paragraph.text().startsWith("    ring"));
        assertThat(documentOf(all.file().bytes()).split("Courier New", -1)).hasSizeGreaterThan(40);
        assertThat(off(all.report(), "type.face")).isEmpty();
    }

    @Test
    void linesUnderTheTitleVerseAndEpigraphStayInTheMiddle() {
        String centred = "<w:jc w:val='center'/>";
        String body = p("Ida Solvane")
                + p("Dr. Tamberg")
                + p("English 214")
                + p("9 October 2026")
                + p(centred, run("Lamps on the Low Canal"))
                + p(centred, run("A study in two parts"))
                + p(centred, run("“No bell without its boat”"))
                + prose(3)
                + p(centred, run("The lamp goes out,"))
                + p(centred, run("the boat comes in,"))
                + p(centred, run("the bell is still."))
                + prose(8);
        PutRight.Result<DocxFile> all = fixed(paper(body), "mla-9", FixClass.APPARATUS);
        assertThat(all.file().paper().paragraphs().stream()
                        .filter(each -> each.format().get(ParagraphProperties.ALIGNMENT)
                                == ParagraphProperties.Alignment.CENTRE)
                        .map(Paragraph::text))
                .contains(
                        "Lamps on the Low Canal",
                        "A study in two parts",
                        "“No bell without its boat”",
                        "The lamp goes out,",
                        "the boat comes in,",
                        "the bell is still.");
    }

    @Test
    void theNumberAndTitleOfATableAreNoText() {
        String table = p("TABLE I") + p("Bells of the Low Canal by quay")
                + "<w:tbl><w:tblPr/><w:tblGrid><w:gridCol w:w='4000'/>" + "</w:tblGrid><w:tr><w:tc><w:tcPr/>" + p("12")
                + "</w:tc></w:tr></w:tbl>";
        Report report = examined(paper(essay(table)), "mla-9");
        assertThat(quotes(off(report, "spacing.first-line")))
                .noneMatch(quote -> quote.startsWith("TABLE") || quote.startsWith("Bells"));
    }

    @Test
    void aRunInHeadingThatAStyleSeparatorEndsHasNoFirstLineOfItsOwn() {
        String heading = "<w:p><w:pPr><w:ind w:firstLine='720'/><w:rPr><w:vanish/><w:specVanish/></w:rPr></w:pPr>"
                + run("<w:b/>", "The keepers.") + "</w:p>"
                + p("<w:ind w:firstLine='720'/>", run(" " + PROSE.repeat(3)));
        Report report = examined(paper(essay(heading)), "apa-7-student");
        System.out.println(
                "DBG " + off(report, "spacing.first-line") + report.parts().root());
        assertThat(quotes(off(report, "spacing.first-line")))
                .noneMatch(quote -> quote.startsWith("The keepers ring") || quote.contains("The keepers."));
    }

    @Test
    void rejectingATrackedChangeFindsWhatItNeeds() {
        String change = "<w:sz w:val='20'/><w:rPrChange w:id='7' w:author='D. Tamberg' w:date='2026-10-09T09:00:00Z'>"
                + "<w:rPr><w:sz w:val='40'/></w:rPr></w:rPrChange>";
        byte[] bytes = paper(essay(p("<w:ind w:firstLine='720'/>", run(change, PROSE))));
        String after =
                documentOf(fixed(bytes, "mla-9", FixClass.APPARATUS).file().bytes());
        assertThat(after).contains("rPrChange").containsPattern("w:val=.40.").contains("D. Tamberg");
    }

    // ---- content of other kinds

    @Test
    void whatIsNotDrawnIsALabelledBoxAndSaid() {
        String chart = picture("<a:graphicData uri='http://schemas.openxmlformats.org/drawingml/2006/chart'>");
        Report report = examined(paper(essay(p("", chart))), "mla-9");
        List<PlacedPicture> pictures = report.proof().pages().stream()
                .flatMap(page -> page.pictures().stream())
                .toList();
        assertThat(pictures).singleElement().satisfies(picture -> {
            assertThat(picture.standIn()).isEqualTo("Chart");
            assertThat(picture.label()).isNotNull();
        });
        assertThat(report.proof().remarks()).anyMatch(remark -> remark.contains("labelled box (page "));
    }

    @Test
    void theFallbackPictureIsTaken() {
        String fallback = "<w:r><mc:AlternateContent><mc:Choice Requires='wpc'>" + p("") + "</mc:Choice><mc:Fallback>"
                + picture("<a:graphicData uri='urn:p'><a:blip r:embed='rId9'/>").replaceAll("^<w:r>|</w:r>$", "")
                + "</mc:Fallback></mc:AlternateContent></w:r>";
        byte[] bytes = RawDocx.transitional()
                .styles(STYLES)
                .part(
                        "word/_rels/document.xml.rels",
                        "<Relationships xmlns='" + Ns.RELATIONSHIPS + "'><Relationship Id='rId9' Type='"
                                + "http://schemas.openxmlformats.org/officeDocument/2006/relationships/image'"
                                + " Target='media/image1.png'/></Relationships>")
                .body(essay("<w:p>" + fallback + "</w:p>") + sheet(""))
                .build();
        assertThat(DocxFile.read(bytes).paper().paragraphs().stream()
                        .flatMap(each -> each.inlines().stream())
                        .filter(Inline.Picture.class::isInstance)
                        .map(each -> ((Inline.Picture) each).target()))
                .containsExactly("word/media/image1.png");
    }

    @Test
    void formulasAndFormFieldsAreReadAsText() {
        String formula =
                "<m:oMath xmlns:m='http://schemas.openxmlformats.org/officeDocument/2006/math'><m:f><m:num><m:r>"
                        + "<m:t>a</m:t></m:r></m:num><m:den><m:r><m:t>b</m:t></m:r></m:den></m:f></m:oMath>";
        String form = "<w:sdt><w:sdtContent>" + run("chosen words") + "</w:sdtContent></w:sdt>";
        Paper paper = DocxFile.read(paper(p("", formula + form))).paper();
        assertThat(paper.paragraphs().get(0).text()).contains("a").contains("b").contains("chosen words");
    }

    private static byte[] embedding(String name, String piece, String body) {
        return RawDocx.transitional()
                .styles(STYLES)
                .part(
                        "word/_rels/document.xml.rels",
                        "<Relationships xmlns='" + Ns.RELATIONSHIPS + "'><Relationship Id='rId9' Type='"
                                + "http://schemas.openxmlformats.org/officeDocument/2006/relationships/aFChunk'"
                                + " Target='" + name + "'/></Relationships>")
                .part("word/" + name, piece)
                .body(body + "<w:altChunk r:id='rId9'/>" + sheet(""))
                .build();
    }

    private static List<String> linesOf(Report report) {
        return report.proof().pages().stream()
                .flatMap(page -> page.lines().stream())
                .map(ProofLine::text)
                .toList();
    }

    @Test
    void wordsOfAnEmbeddedPageAreReadSetAndKept() {
        byte[] bytes = embedding(
                "piece.html",
                "<html><head><title>no</title><style>p {}</style></head><body><h1>The quays</h1>"
                        + "<p>Bells &amp; <b>boats</b></p><ul><li>one</li><li>two</li></ul><script>no()</script></body></html>",
                essay(""));
        Paper paper = DocxFile.read(bytes).paper();
        assertThat(paper.embedded())
                .singleElement()
                .satisfies(piece -> assertThat(piece.paragraphs())
                        .extracting(Paragraph::text)
                        .containsExactly("The quays", "Bells & boats", "one", "two"));
        assertThat(linesOf(examined(bytes, "mla-9"))).contains("The quays", "Bells & boats");
        assertThat(paper.embedded().get(0).paragraphs())
                .allMatch(each -> PagePart.of(each.address().story()) == PagePart.BOX);
        assertThat(paper.oddities()).anyMatch(each -> each.contains("not measured"));
        PutRight.Result<DocxFile> all = fixed(bytes, "mla-9", FixClass.APPARATUS);
        assertThat(all.done()).isNotEmpty();
        assertThat(all.file().paper().embedded()).hasSize(1);
    }

    @Test
    void aFileWhoseOnlyTextIsInAWebArchiveIsNotWithoutText() {
        String archive =
                "MIME-Version: 1.0\r\nContent-Type: multipart/related; boundary=\"b\"; type=\"text/html\"\r\n\r\n"
                        + "--b\r\nContent-Type: text/html; charset=\"utf-8\"\r\nContent-Transfer-Encoding: quoted-printable\r\n\r\n"
                        + "<html><body><p>L=C3=A4mps on the=\r\n low canal</p></body></html>\r\n--b--\r\n";
        byte[] bytes = embedding("piece.mht", archive, p(""));
        assertThat(linesOf(examined(bytes, "mla-9"))).contains("Lämps on the low canal");
        assertThat(DocxFile.read(bytes).paper().words()).isEqualTo(5);
    }

    @Test
    void anEmbeddedPieceOfAnotherKindIsCarriedAlong() {
        byte[] bytes = embedding("piece.rtf", "{\\rtf1 words}", essay(""));
        assertThat(DocxFile.read(bytes).paper().oddities()).anyMatch(each -> each.contains("carried along unread"));
    }
}
