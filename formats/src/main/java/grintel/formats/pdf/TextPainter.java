package grintel.formats.pdf;

import grintel.core.typeset.GlyphRun;
import grintel.core.typeset.Type;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.util.Matrix;

/** Shows runs of characters exactly where layout put them. */
final class TextPainter {
    private static final float PER_POINT = 1000;
    /** Fonts in a PDF have widths in whole thousandths of the size; words are moved back where that adds up to this. */
    private static final double LARGEST_DRIFT = 0.01;

    private final PDPageContentStream out;
    private final PdfFonts fonts;
    private final int height;

    TextPainter(PDPageContentStream out, PdfFonts fonts, int height) {
        this.out = out;
        this.fonts = fonts;
        this.height = height;
    }

    /**
     * Shows a run.
     *
     * @param y its baseline, in millipoints from the sheet's top
     * @param spaced whether a space follows it that only readers of the text see
     */
    void show(GlyphRun run, int y, boolean spaced) throws IOException {
        Type type = run.type();
        String text = PdfFonts.drawn(run.text(), type.face()) + (spaced ? " " : "");
        if (text.isEmpty()) {
            return;
        }
        PDFont font = fonts.get(type.face());
        float size = (float) type.points();
        out.beginText();
        out.setFont(font, size);
        if (type.spacing() != 0) {
            out.setCharacterSpacing(type.spacing() / PER_POINT);
        }
        if (type.scale() != 100) {
            out.setHorizontalScaling(type.scale());
        }
        out.setTextMatrix(Matrix.getTranslateInstance(run.x() / PER_POINT, (height - y + type.rise()) / PER_POINT));
        out.showTextWithPositioning(placed(text, type));
        if (type.spacing() != 0) {
            out.setCharacterSpacing(0);
        }
        if (type.scale() != 100) {
            out.setHorizontalScaling(100);
        }
        out.endText();
    }

    /** Words, and between them the thousandths of the size to move back. */
    private static Object[] placed(String text, Type type) {
        List<Object> out = new ArrayList<>();
        double exact = 0;
        double drawn = 0;
        int from = 0;
        int unitsPerEm = type.face().unitsPerEm();
        for (int i = 0; i < text.length(); ) {
            int codePoint = text.codePointAt(i);
            double advance = type.face().advance(codePoint) * 1000.0 / unitsPerEm;
            exact += advance;
            drawn += Math.round(advance);
            i += Character.charCount(codePoint);
            double drift = drawn - exact;
            if (codePoint == ' ' && i < text.length() && Math.abs(drift) * type.points() / 1000 > LARGEST_DRIFT) {
                out.add(text.substring(from, i));
                out.add((float) drift);
                drawn = exact;
                from = i;
            }
        }
        out.add(text.substring(from));
        return out.toArray();
    }
}
