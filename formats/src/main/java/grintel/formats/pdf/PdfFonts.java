package grintel.formats.pdf;

import grintel.core.typeset.FaceMetrics;
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDResources;

/** The faces of one PDF, each embedded once. */
final class PdfFonts {
    private final PDDocument document;
    private final Map<String, PdfFace> faces = new HashMap<>();

    PdfFonts(PDDocument document) {
        this.document = document;
    }

    /** The face, which a page's resources name from then on. */
    PdfFace get(FaceMetrics metrics, PDResources page) throws IOException {
        PdfFace face = faces.get(metrics.file());
        if (face == null) {
            face = new PdfFace(document, "F" + (faces.size() + 1), metrics);
            faces.put(metrics.file(), face);
        }
        COSName name = COSName.getPDFName(face.name());
        if (page.getCOSObject().getCOSDictionary(COSName.FONT) == null
                || !page.getCOSObject().getCOSDictionary(COSName.FONT).containsKey(name)) {
            page.put(name, face.font());
        }
        return face;
    }

    /** Embeds what is used of each face; nothing may be drawn afterwards. */
    void finish() throws IOException {
        for (PdfFace face : faces.values()) {
            face.finish();
        }
    }
}
