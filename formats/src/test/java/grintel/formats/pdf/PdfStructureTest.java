package grintel.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.limit.WorkLimits;
import grintel.core.structure.Parts;
import grintel.core.typeset.Proof;
import grintel.core.typeset.Typesetter;
import grintel.formats.archive.Archive;
import grintel.formats.demo.UntidyStudy;
import grintel.formats.docx.DocxFile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDAttributeObject;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureNode;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDMarkedContent;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.PDTableAttributeObject;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineNode;
import org.apache.pdfbox.text.PDFMarkedContentExtractor;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;

/** What a PDF says of itself to those who do not look at it. */
class PdfStructureTest {
    private static PDDocument of(byte[] docx) throws IOException {
        DocxFile file = DocxFile.read(docx);
        Proof proof = Typesetter.typeset(file.paper(), WorkLimits.within(20));
        Parts parts = Parts.recognise(file.paper(), proof);
        return Loader.loadPDF(
                PdfWriter.write(file, proof, parts, PdfDetails.of(file.paper(), parts, "paper.docx", Instant.EPOCH)));
    }

    private static List<PDStructureElement> elements(PDDocument document, String type) {
        List<PDStructureElement> out = new ArrayList<>();
        collect(document.getDocumentCatalog().getStructureTreeRoot(), type, out);
        return out;
    }

    private static void collect(PDStructureNode node, String type, List<PDStructureElement> out) {
        for (Object kid : node.getKids()) {
            if (kid instanceof PDStructureElement element) {
                if (element.getStructureType().equals(type)) {
                    out.add(element);
                }
                collect(element, type, out);
            }
        }
    }

    private static PDTableAttributeObject ofTable(PDStructureElement cell) {
        for (int i = 0; i < cell.getAttributes().size(); i++) {
            PDAttributeObject each = cell.getAttributes().getObject(i);
            if (each instanceof PDTableAttributeObject found) {
                return found;
            }
        }
        throw new AssertionError("The cell has no attributes of a table");
    }

    @Test
    void headsOfTablesSayWhichCellsTheyAreFor() throws IOException {
        try (PDDocument document = of(TaggedPaper.write())) {
            List<PDStructureElement> heads = elements(document, "TH");
            assertThat(heads)
                    .hasSize(2)
                    .allSatisfy(head ->
                            assertThat(ofTable(head).getScope()).isEqualTo(PDTableAttributeObject.SCOPE_COLUMN));
        }
    }

    @Test
    void mergedCellsSayHowFarTheyReach() throws IOException {
        try (PDDocument document = of(TaggedPaper.write())) {
            List<PDStructureElement> merged = elements(document, "TD").stream()
                    .filter(cell -> cell.getAttributes().size() > 0)
                    .toList();
            assertThat(merged)
                    .extracting(cell ->
                            List.of(ofTable(cell).getRowSpan(), ofTable(cell).getColSpan()))
                    .contains(List.of(2, 1), List.of(1, 2));
        }
    }

    @Test
    void listsNestAsTheirLevelsDo() throws IOException {
        try (PDDocument document = of(TaggedPaper.write())) {
            List<PDStructureElement> lists = elements(document, "L");
            assertThat(lists).hasSize(2);
            assertThat(elements(document, "LI")).hasSize(3);
            PDStructureElement inner = lists.get(1);
            assertThat(((PDStructureElement) inner.getParent()).getStructureType())
                    .isEqualTo("LBody");
        }
    }

    @Test
    void figuresHaveTheirAlternativesAndKeepEveryPixel() throws IOException {
        byte[] docx = UntidyStudy.write();
        List<BufferedImage> sources = new ArrayList<>();
        try (Archive archive = Archive.open(docx)) {
            for (String part : archive.names()) {
                if (part.startsWith("word/media/")) {
                    sources.add(ImageIO.read(new ByteArrayInputStream(Objects.requireNonNull(archive.get(part)))));
                }
            }
        }
        try (PDDocument document = of(docx)) {
            assertThat(elements(document, "Figure"))
                    .hasSameSizeAs(sources)
                    .allSatisfy(figure ->
                            assertThat(figure.getAlternateDescription()).isNotBlank());
            List<int[]> sizes = new ArrayList<>();
            for (PDPage page : document.getPages()) {
                for (COSName name : page.getResources().getXObjectNames()) {
                    if (page.getResources().getXObject(name) instanceof PDImageXObject image) {
                        sizes.add(new int[] {image.getWidth(), image.getHeight()});
                    }
                }
            }
            assertThat(sizes)
                    .containsExactlyElementsOf(sources.stream()
                            .map(source -> new int[] {source.getWidth(), source.getHeight()})
                            .toList());
        }
    }

    @Test
    void headersAreNoPartOfWhatIsRead() throws IOException {
        try (PDDocument document = of(UntidyStudy.write())) {
            PDFMarkedContentExtractor extractor = new PDFMarkedContentExtractor();
            extractor.processPage(document.getPage(1));
            StringBuilder artifacts = new StringBuilder();
            StringBuilder content = new StringBuilder();
            for (PDMarkedContent each : extractor.getMarkedContents()) {
                StringBuilder into = "Artifact".equals(each.getTag()) ? artifacts : content;
                for (Object inside : each.getContents()) {
                    if (inside instanceof TextPosition letter) {
                        into.append(letter.getUnicode());
                    }
                }
            }
            assertThat(artifacts.toString()).contains("Running head: FOG BELLS");
            assertThat(content.toString())
                    .contains("Wading birds on tidal flats")
                    .doesNotContain("Running head");
        }
    }

    @Test
    void theOutlineNestsTheHeadings() throws IOException {
        try (PDDocument document = of(UntidyStudy.write())) {
            List<String> titles = new ArrayList<>();
            collect(document.getDocumentCatalog().getDocumentOutline(), "", titles);
            assertThat(titles)
                    .containsSubsequence(
                            "Fog Bells and the Evening Feeding of Wading Birds",
                            "- Method",
                            "-- Study Site and Birds",
                            "- Results",
                            "- References");
        }
    }

    private static void collect(PDOutlineNode node, String level, List<String> out) {
        for (PDOutlineItem item : node.children()) {
            out.add((level.isEmpty() ? "" : level + " ") + item.getTitle());
            collect(item, level + "-", out);
        }
    }

    @Test
    void theDocumentSaysItsTitleAuthorAndLanguage() throws IOException {
        try (PDDocument document = of(UntidyStudy.write())) {
            assertThat(document.getDocumentInformation().getTitle())
                    .isEqualTo("Fog Bells and the Evening Feeding of Wading Birds");
            assertThat(document.getDocumentInformation().getAuthor()).isEqualTo("Tobias Ekwall");
            assertThat(document.getDocumentCatalog().getLanguage()).startsWith("en");
            assertThat(document.getDocumentCatalog().getViewerPreferences().displayDocTitle())
                    .isTrue();
        }
    }
}
