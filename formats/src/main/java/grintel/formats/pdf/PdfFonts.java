package grintel.formats.pdf;

import grintel.core.typeset.FaceCatalogue;
import grintel.core.typeset.FaceMetrics;
import java.io.IOException;
import java.io.InputStream;
import java.util.HashMap;
import java.util.Map;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The faces of one PDF, each embedded once and only with the characters that are used. */
final class PdfFonts {
    private final PDDocument document;
    private final Map<String, PDFont> fonts = new HashMap<>();

    PdfFonts(PDDocument document) {
        this.document = document;
    }

    PDFont get(FaceMetrics face) throws IOException {
        PDFont known = fonts.get(face.file());
        if (known == null) {
            try (InputStream in = FaceCatalogue.open(face.file())) {
                TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(in));
                // Layout sets no ligatures, so the PDF must not either.
                font.setEnableGsub(false);
                document.registerTrueTypeFontForClosing(font);
                known = PDType0Font.load(document, font, true);
            }
            fonts.put(face.file(), known);
        }
        return known;
    }

    /** What is drawn for some characters: lookalikes for what the face lacks, nothing for what has no looks. */
    static String drawn(String text, FaceMetrics face) {
        StringBuilder out = null;
        for (int i = 0; i < text.length(); ) {
            int codePoint = text.codePointAt(i);
            int count = Character.charCount(codePoint);
            int drawn = codePoint < 0x80 ? codePoint : isInvisible(codePoint) ? -1 : face.drawn(codePoint);
            if (drawn != codePoint && out == null) {
                out = new StringBuilder(text.length()).append(text, 0, i);
            }
            if (out != null && drawn >= 0) {
                out.appendCodePoint(drawn);
            }
            i += count;
        }
        return out == null ? text : out.toString();
    }

    private static boolean isInvisible(int codePoint) {
        return codePoint < ' '
                || codePoint == 0x00AD
                || codePoint >= 0x200B && codePoint <= 0x200F
                || codePoint == 0x2060
                || codePoint == 0xFEFF;
    }
}
