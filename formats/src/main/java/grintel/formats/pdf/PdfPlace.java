package grintel.formats.pdf;

import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageXYZDestination;

/** Places that links and the outline lead to. */
final class PdfPlace {
    private static final float PER_POINT = 1000;

    private PdfPlace() {}

    /** The upper edge of a line. */
    static PDPageXYZDestination of(PDPage sheet, ProofPage page, ProofLine line) {
        PDPageXYZDestination to = new PDPageXYZDestination();
        to.setPage(sheet);
        to.setLeft(0);
        to.setTop(Math.round((page.height() - line.top()) / PER_POINT));
        return to;
    }
}
