package grintel.formats.pdf;

import grintel.core.typeset.FaceMetrics;
import grintel.core.typeset.GlyphRun;
import grintel.core.typeset.Type;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDResources;
import org.jspecify.annotations.Nullable;

/** Shows runs of characters of one page exactly where layout put them. */
final class TextPainter {
    /** Words are moved back where the rounded widths of a PDF's fonts add up to this, in points; less shows nowhere. */
    private static final double LARGEST_DRIFT = 0.05;

    private final ContentStream out;
    private final PdfFonts fonts;
    private final PDResources resources;
    private final int height;
    private @Nullable FaceMetrics metrics;
    private @Nullable PdfFace face;

    TextPainter(ContentStream out, PdfFonts fonts, PDResources resources, int height) {
        this.out = out;
        this.fonts = fonts;
        this.resources = resources;
        this.height = height;
    }

    /**
     * Shows a run; a text object must be open.
     *
     * @param y its baseline, in millipoints from the sheet's top
     * @param spaced whether a space follows it that only readers of the text see
     */
    void show(GlyphRun run, int y, boolean spaced) throws IOException {
        Type type = run.type();
        PdfFace with = face(type.face());
        out.font(with.name(), (int) Math.round(type.points() * 1000));
        if (type.spacing() != 0) {
            out.characterSpacing(type.spacing());
        }
        if (type.scale() != 100) {
            out.horizontalScaling(type.scale());
        }
        out.moveTo(run.x(), height - y + type.rise());
        characters(run.text(), with, type, spaced);
        if (type.spacing() != 0) {
            out.characterSpacing(0);
        }
        if (type.scale() != 100) {
            out.horizontalScaling(100);
        }
    }

    @SuppressWarnings("ReferenceEquality") // each shipped face is loaded once
    private PdfFace face(FaceMetrics wanted) throws IOException {
        if (face == null || metrics != wanted) {
            face = fonts.get(wanted, resources);
            metrics = wanted;
        }
        return face;
    }

    private void characters(String text, PdfFace with, Type type, boolean spaced) {
        double largest = LARGEST_DRIFT * 1000 / type.points();
        double drift = 0;
        out.beginCharacters(text.length() + 1);
        for (int i = 0; i < text.length(); ) {
            int codePoint = text.codePointAt(i);
            PdfFace.Glyph glyph = with.glyph(codePoint);
            out.character(glyph.code());
            drift += glyph.drift();
            i += Character.charCount(codePoint);
            if (codePoint == ' ' && Math.abs(drift) > largest) {
                out.moveBack(drift);
                drift = 0;
            }
        }
        if (spaced) {
            out.character(with.glyph(' ').code());
        }
        out.endCharacters();
    }
}
