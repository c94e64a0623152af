package grintel.formats.pdf;

import grintel.core.paper.Paper;
import grintel.core.structure.Parts;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofPage;
import grintel.formats.docx.DocxFile;
import grintel.formats.docx.DocxPictures;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Writes the pages of a proof as a PDF: the same lines at the same places. */
public final class PdfWriter {
    private static final float PER_POINT = 1000;

    private PdfWriter() {}

    /**
     * The PDF of a paper.
     *
     * @param file the paper, from which its pictures come; for one that is missing, damaged or too large a frame
     *     stands that says so
     * @param proof the paper laid out
     * @param parts the paper's parts, from which headings and the outline are known
     */
    public static byte[] write(DocxFile file, Proof proof, Parts parts, PdfDetails details) {
        Paper paper = file.paper();
        Map<String, DocxPictures.Picture> pictures = DocxPictures.findAll(file.bytes(), pictures(proof));
        try (PDDocument document = new PDDocument()) {
            PdfMetadata.set(document, details);
            PdfFonts fonts = new PdfFonts(document);
            PdfPictures images = new PdfPictures(document, proof, pictures);
            StructureTree structure = new StructureTree(document, paper, proof, parts);
            PdfOutline outline = new PdfOutline(paper, parts);
            PdfLinks links = new PdfLinks(paper, proof);
            for (ProofPage page : proof.pages()) {
                PDPage sheet = new PDPage(new PDRectangle(page.width() / PER_POINT, page.height() / PER_POINT));
                document.addPage(sheet);
                new PagePainter(document, sheet, page, fonts, images, structure, links).paint();
                links.visit(sheet);
                outline.visit(page, sheet);
            }
            fonts.finish();
            structure.finish();
            links.finish();
            outline.finish(document);
            ByteArrayOutputStream out = new ByteArrayOutputStream(64 * 1024);
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("The PDF cannot be written", e);
        }
    }

    private static Set<String> pictures(Proof proof) {
        Set<String> parts = new LinkedHashSet<>();
        proof.pages().forEach(page -> page.pictures().forEach(picture -> parts.add(picture.target())));
        return parts;
    }
}
