package grintel.formats.pdf;

import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.structure.Parts;
import grintel.core.typeset.PagePart;
import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageXYZDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineNode;

/** The outline: title, headings and the labels of the paper's parts, nested by their level. */
final class PdfOutline {
    private final Headings headings;
    private final List<Paragraph> paragraphs;
    private final List<Entry> entries = new ArrayList<>();

    PdfOutline(Paper paper, Parts parts) {
        this.headings = new Headings(paper, parts);
        this.paragraphs = paper.paragraphs();
    }

    /** Notes the headings of a page. */
    void visit(ProofPage page, PDPage sheet) {
        for (ProofLine line : page.lines()) {
            if (line.part() != PagePart.TEXT || line.repeated() || line.lineInParagraph() > 0) {
                continue;
            }
            int index = line.paragraph().index();
            int level = headings.level(index);
            if (level > 0) {
                String title = paragraphs
                        .get(index)
                        .text()
                        .replaceAll("[\\s\\uFFFC]+", " ")
                        .strip();
                entries.add(new Entry(level, title, PdfPlace.of(sheet, page, line)));
            }
        }
    }

    void finish(PDDocument document) {
        if (entries.isEmpty()) {
            return;
        }
        PDDocumentOutline outline = new PDDocumentOutline();
        document.getDocumentCatalog().setDocumentOutline(outline);
        List<PDOutlineNode> open = new ArrayList<>(List.of(outline));
        for (Entry entry : entries) {
            while (open.size() > entry.level) {
                open.remove(open.size() - 1);
            }
            PDOutlineItem item = new PDOutlineItem();
            item.setTitle(entry.title);
            item.setDestination(entry.to);
            open.get(open.size() - 1).addLast(item);
            open.add(item);
        }
        outline.openNode();
    }

    private record Entry(int level, String title, PDPageXYZDestination to) {}
}
