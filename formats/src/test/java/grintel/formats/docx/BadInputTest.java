package grintel.formats.docx;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import grintel.core.check.PutRight;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guides;
import grintel.core.guide.demand.FixClass;
import grintel.core.limit.WorkLimits;
import grintel.core.typeset.Typesetter;
import grintel.formats.UnreadableFileException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What strangers may send: each is refused in a sentence, or read within bounds. */
class BadInputTest {
    private static final String TEXT = "<w:p><w:r><w:t>text</w:t></w:r></w:p>";

    private static void refused(byte[] bytes, String words) {
        assertThatThrownBy(() -> DocxFile.read(bytes))
                .isInstanceOf(UnreadableFileException.class)
                .hasMessageContaining(words);
    }

    @Test
    void whatIsNoDocx() {
        refused(new byte[0], "empty");
        refused("Dear Dr. Tamberg".getBytes(StandardCharsets.UTF_8), "no .docx");
        refused("<?xml version=\"1.0\"?><a/>".getBytes(StandardCharsets.UTF_8), "single XML file");
        refused(new byte[] {(byte) 0xD0, (byte) 0xCF, 0x11, (byte) 0xE0, 0, 0}, "encrypted");
        refused(RawDocx.zip(Map.of("a.txt", new byte[10])), "no .docx");
    }

    @Test
    void aDamagedOne() {
        byte[] good = RawDocx.transitional().body(TEXT.repeat(50)).build();
        refused(Arrays.copyOf(good, good.length / 2), "damaged");
        refused(RawDocx.transitional().body("<w:p>").build(), "damaged");
    }

    @Test
    void noTextAtAll() {
        refused(
                RawDocx.transitional()
                        .body("<w:p/><w:p><w:r><w:t> </w:t></w:r></w:p>")
                        .build(),
                "no text");
    }

    @Test
    void aDocumentTypeWithEntities() {
        Map<String, byte[]> parts = new LinkedHashMap<>();
        String types =
                "<!DOCTYPE x [<!ENTITY a \"aaaa\"><!ENTITY b \"&a;&a;\">]><Types xmlns=\"" + Ns.CONTENT_TYPES + "\"/>";
        parts.put("[Content_Types].xml", types.getBytes(StandardCharsets.UTF_8));
        parts.put("_rels/.rels", types.getBytes(StandardCharsets.UTF_8));
        refused(RawDocx.zip(parts), "document type");
    }

    @Test
    void nestingBeyondTheBound() {
        String deep = "<w:sdt><w:sdtContent>".repeat(200) + TEXT + "</w:sdtContent></w:sdt>".repeat(200);
        refused(RawDocx.transitional().body(deep).build(), "256 levels");
    }

    @Test
    void aZipBomb() {
        refused(
                RawDocx.transitional()
                        .body("<w:p><w:r><w:t>" + " ".repeat(80_000_000) + "x</w:t></w:r></w:p>")
                        .build(),
                "200 times");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<w:sectPr><w:pgSz w:w=\"0\" w:h=\"0\"/><w:pgMar w:left=\"-99999999\" w:right=\"99999999\" w:top=\"-5\"/></w:sectPr>",
                "<w:sectPr><w:pgSz w:w=\"x\" w:h=\"1e300\"/><w:cols w:num=\"-4\"/></w:sectPr>",
                "<w:p><w:pPr><w:spacing w:line=\"-240\" w:before=\"99999999999\"/><w:ind w:left=\"999999999\"/></w:pPr>"
                        + "<w:r><w:rPr><w:sz w:val=\"0\"/><w:spacing w:val=\"-9999\"/></w:rPr><w:t>odd numbers</w:t></w:r></w:p>",
                "<w:tbl><w:tblGrid><w:gridCol w:w=\"-3\"/></w:tblGrid><w:tr><w:tc><w:tcPr><w:gridSpan w:val=\"99999\"/></w:tcPr>"
                        + "<w:p><w:r><w:t>cell</w:t></w:r></w:p></w:tc></w:tr></w:tbl>"
            })
    void absurdNumbersAreReadWithinBounds(String xml) {
        DocxFile file = DocxFile.read(RawDocx.transitional().body(TEXT + xml).build());
        assertThat(Typesetter.typeset(file.paper(), WorkLimits.within(5)).pages())
                .isNotEmpty();
    }

    @Test
    void tablesNestedFiftyDeepKeepTheirWords() {
        String deep = "<w:tbl><w:tr><w:tc>".repeat(50) + TEXT + "</w:tc></w:tr></w:tbl>".repeat(50);
        DocxFile file = DocxFile.read(RawDocx.transitional().body(deep).build());
        assertThat(Typesetter.typeset(file.paper(), WorkLimits.within(5))
                        .pages()
                        .get(0)
                        .lines())
                .anyMatch(line -> line.text().equals("t") || line.text().startsWith("te"));
    }

    @Test
    void aParagraphWithoutEnd() {
        refused(
                RawDocx.transitional()
                        .body("<w:p><w:r><w:t>" + "The keepers ring. ".repeat(30_000) + "</w:t></w:r></w:p>")
                        .build(),
                "500,000 characters");
    }

    /** What takes long only where every character is looked at anew for every other; that would not end here. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "<w:r><w:t>a</w:t></w:r>",
                "<w:r><w:t>a-</w:t></w:r>",
                "<w:r><w:t>\u0301</w:t></w:r>",
                "<w:r><w:tab/></w:r>",
                "<w:hyperlink w:anchor=\"x\"><w:r><w:t xml:space=\"preserve\">quay </w:t></w:r></w:hyperlink>",
            })
    void longParagraphsAreSetAndPutRight(String piece) {
        byte[] bytes = RawDocx.transitional()
                .body("<w:p><w:r><w:t>a</w:t></w:r>" + piece.repeat(40_000) + "</w:p>")
                .build();
        Brief brief = Brief.of(Objects.requireNonNull(Guides.find("mla-9")), null, Facts.NONE);
        PutRight.Result<DocxFile> result =
                PutRight.run(DocxFile.read(bytes), brief, PutRight.Choice.upTo(FixClass.LOOKS), WorkLimits.within(60));
        assertThat(result.done()).isNotEmpty();
        assertThat(result.file().paper().paragraphs().get(0).text())
                .isEqualTo(DocxFile.read(bytes).paper().paragraphs().get(0).text());
    }

    @Test
    void commentsInTheMarkUpAreNoBomb() {
        byte[] bytes = RawDocx.transitional()
                .body("<!-- nothing to see -->".repeat(900_000) + TEXT)
                .build();
        assertThat(DocxFile.read(bytes).paper().paragraphs()).hasSize(1);
    }

    @Test
    void anEncodingNobodyKnows() {
        Map<String, byte[]> parts = new LinkedHashMap<>();
        String types = "<?xml version=\"1.0\" encoding=\"QUAY-8\"?><Types xmlns=\"" + Ns.CONTENT_TYPES + "\"/>";
        parts.put("[Content_Types].xml", types.getBytes(StandardCharsets.UTF_8));
        parts.put("_rels/.rels", types.getBytes(StandardCharsets.UTF_8));
        refused(RawDocx.zip(parts), "QUAY-8");
    }

    @Test
    void aCircleOfStylesAndAMissingPart() {
        DocxFile circle = DocxFile.read(RawDocx.transitional()
                .styles("<w:style w:type=\"paragraph\" w:styleId=\"A\"><w:basedOn w:val=\"B\"/></w:style>"
                        + "<w:style w:type=\"paragraph\" w:styleId=\"B\"><w:basedOn w:val=\"A\"/></w:style>")
                .body("<w:p><w:pPr><w:pStyle w:val=\"A\"/></w:pPr><w:r><w:t>x</w:t></w:r></w:p>")
                .build());
        assertThat(circle.paper().paragraphs()).hasSize(1);
        DocxFile missing = DocxFile.read(RawDocx.transitional()
                .body(TEXT + "<w:sectPr><w:headerReference w:type=\"default\" r:id=\"rId99\"/></w:sectPr>")
                .build());
        assertThat(missing.paper().sections().get(0).headers().stories()).isEmpty();
    }

    /** Bytes flipped at random: whatever comes of it is a paper or a sentence, never anything else. */
    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14, 15, 16})
    void flippedBytes(long seed) {
        Random random = new Random(seed);
        byte[] good = RawDocx.transitional()
                .styles("<w:docDefaults/>")
                .body(TEXT.repeat(30))
                .build();
        for (int round = 0; round < 60; round++) {
            byte[] bad = good.clone();
            for (int i = 0; i < 4; i++) {
                bad[random.nextInt(bad.length)] = (byte) random.nextInt(256);
            }
            try {
                assertThat(DocxFile.read(bad).paper().paragraphs()).isNotEmpty();
            } catch (UnreadableFileException e) {
                assertThat(e.getMessage()).as("seed %d", seed).isNotBlank().doesNotContain("Exception");
            }
        }
    }
}
