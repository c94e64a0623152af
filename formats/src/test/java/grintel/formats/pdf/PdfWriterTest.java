package grintel.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.limit.WorkLimits;
import grintel.core.structure.Parts;
import grintel.core.typeset.Proof;
import grintel.core.typeset.Typesetter;
import grintel.formats.demo.UntidyEssay;
import grintel.formats.demo.UntidyStudy;
import grintel.formats.docx.DocxFile;
import java.io.IOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureNode;
import org.apache.pdfbox.pdmodel.interactive.action.PDAction;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionGoTo;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionURI;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotation;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageDestination;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.verapdf.pdfa.flavours.PDFAFlavour;

/** PDFs as strangers see them: an independent validator, and a reader of text. */
class PdfWriterTest {
    static Stream<Arguments> papers() {
        return Stream.concat(demoPapers(), Stream.of(Arguments.of("one of everything", TaggedPaper.write())));
    }

    static Stream<Arguments> demoPapers() {
        return Stream.of(Arguments.of("essay", UntidyEssay.write()), Arguments.of("study", UntidyStudy.write()));
    }

    private static byte[] pdf(DocxFile file, Proof proof) {
        Parts parts = Parts.recognise(file.paper(), proof);
        return PdfWriter.write(
                file,
                proof,
                parts,
                PdfDetails.of(file.paper(), parts, "paper.docx", Instant.parse("2026-10-09T20:00:00Z")));
    }

    private static Proof proof(DocxFile file) {
        return Typesetter.typeset(file.paper(), WorkLimits.within(20));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("papers")
    void passesTheValidatorForArchivesAndForReadersWhoCannotSee(String name, byte[] file) throws Exception {
        DocxFile paper = DocxFile.read(file);
        byte[] pdf = pdf(paper, proof(paper));
        assertThat(Validator.failures(pdf, PDFAFlavour.PDFA_2_U)).isEmpty();
        assertThat(Validator.failures(pdf, PDFAFlavour.PDFUA_1)).isEmpty();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("demoPapers")
    void givesBackEveryWordInOrder(String name, byte[] file) throws IOException {
        DocxFile paper = DocxFile.read(file);
        Proof proof = proof(paper);
        StringBuilder expected = new StringBuilder();
        proof.pages()
                .forEach(page -> page.lines()
                        .forEach(line -> expected.append(line.text()).append('\n')));
        try (PDDocument document = Loader.loadPDF(pdf(paper, proof))) {
            assertThat(words(new PDFTextStripper().getText(document))).isEqualTo(words(expected.toString()));
            assertThat(document.getNumberOfPages()).isEqualTo(proof.pages().size());
        }
    }

    @Test
    void tellsApartWhatAReaderMust() throws IOException {
        DocxFile paper = DocxFile.read(TaggedPaper.write());
        Proof proof = proof(paper);
        try (PDDocument document = Loader.loadPDF(pdf(paper, proof))) {
            List<String> types = new ArrayList<>();
            collect(document.getDocumentCatalog().getStructureTreeRoot(), types);
            assertThat(types)
                    .startsWith("Document", "H1", "H2", "P", "Note", "P", "L", "LI", "Lbl", "LBody", "P", "L")
                    .contains("Link", "Span", "Table", "TH", "TD")
                    .doesNotContain("H3");
            assertThat(document.getDocumentCatalog().getLanguage()).isEqualTo("en-GB");
            assertThat(document.getDocumentCatalog()
                            .getDocumentOutline()
                            .getFirstChild()
                            .getTitle())
                    .isEqualTo("The tolls");
        }
    }

    @Test
    void linksLeadOutToAddressesAndInToBookmarks() throws IOException {
        DocxFile paper = DocxFile.read(TaggedPaper.write());
        try (PDDocument document = Loader.loadPDF(pdf(paper, proof(paper)))) {
            List<PDAction> actions = new ArrayList<>();
            for (PDAnnotation annotation : document.getPage(0).getAnnotations()) {
                actions.add(((PDAnnotationLink) annotation).getAction());
            }
            assertThat(actions).hasSize(2);
            assertThat(((PDActionURI) actions.get(0)).getURI()).isEqualTo("https://archive.example/bells");
            PDPageDestination to = (PDPageDestination) ((PDActionGoTo) actions.get(1)).getDestination();
            assertThat(to.retrievePageNumber()).isEqualTo(1);
        }
    }

    private static void collect(PDStructureNode node, List<String> types) {
        for (Object kid : node.getKids()) {
            if (kid instanceof PDStructureElement element) {
                types.add(element.getStructureType());
                collect(element, types);
            }
        }
    }

    private static List<String> words(String text) {
        return Stream.of(text.replace("\uFFFC", "").split("\\s+", -1))
                .filter(word -> !word.isEmpty())
                .toList();
    }
}
